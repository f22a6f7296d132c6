import { centerpieceSubject } from '../centerpiece/subject.js'
import { compositionSubject } from '../composition/subject.js'
import type { FindingCode } from '../design/finding.js'
import { floralsSubject } from '../florals/subject.js'
import { intentSubject } from '../intent/subject.js'
import { lightSubject } from '../light/subject.js'
import { linensSubject } from '../linens/subject.js'
import { menuSubject } from '../menu/subject.js'
import { moneySubject } from '../money/subject.js'
import { roomSubject } from '../room/subject.js'
import { seatingSubject } from '../seating/subject.js'
import { settingsSubject } from '../settings/subject.js'
import { sightSubject } from '../sight/subject.js'
import { stabilitySubject } from '../stability/subject.js'
import type { Part } from '../subject/part.js'
import { wallSubject } from '../wall/subject.js'

/** Every subject, in the order in which findings are told. */
export const subjects = [
  seatingSubject,
  roomSubject,
  settingsSubject,
  menuSubject,
  linensSubject,
  centerpieceSubject,
  compositionSubject,
  stabilitySubject,
  wallSubject,
  sightSubject,
  lightSubject,
  floralsSubject,
  moneySubject,
  intentSubject
] as const

type Subjects = (typeof subjects)[number]
export type SubjectName = Subjects['name']
type KeysOf<T> = T extends unknown ? keyof T : never
type Intersection<U> = (U extends unknown ? (one: U) => void : never) extends (all: infer All) => void ? All : never

/** Everything the ledger line and the panels show; lengths in mm, times in minutes, money in minor units. */
export type Figures = {
  readonly [Name in KeysOf<Subjects['figures']>]: Intersection<Subjects['figures']>[Name] extends Part<infer Result> ? Result : never
}

/** Fails to compile when a finding has no subject that proposes for it. */
type Unproposed = Exclude<FindingCode, KeysOf<Subjects['proposals']>>
const everyFindingHasProposals: [Unproposed] extends [never] ? true : Unproposed = true
/** Codes of all findings. */
export const findingCodes: readonly FindingCode[] = everyFindingHasProposals && subjects.flatMap((one) => Object.keys(one.proposals) as FindingCode[])
