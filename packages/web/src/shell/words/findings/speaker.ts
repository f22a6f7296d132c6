import type { FindingCode, FindingOf } from '@hestiad/core'
import type { Step } from '../../steps.js'

/** What the words are told with: names as people gave them, measures in the units they chose. */
export interface Speaker {
  readonly length: (lengthMm: number) => string
  readonly weight: (grams: number) => string
  readonly amount: (cents: number) => string
  readonly duration: (minutes: number) => string
  readonly clock: (minute: number) => string
  readonly percent: (share: number) => string
  readonly degrees: (deg: number) => string
  /** Names in a row, as a sentence has them. */
  readonly list: (names: readonly string[]) => string
  readonly piece: (pieceId: string) => string
  readonly placed: (placedId: string) => string
  /** Who sits at a place, from 1. */
  readonly seat: (number: number) => string
  readonly seats: (numbers: readonly number[]) => string
  readonly guest: (guestId: string) => string
  readonly dish: (dishId: string) => string
  /** What a dish is served in. */
  readonly vessel: (dishId: string) => string
}

/** How a finding of one code is told: in which step it is mended, what was measured against what, and why it matters. */
export interface FindingWords<Code extends FindingCode> {
  readonly step: Step
  readonly title: (finding: FindingOf<Code>, say: Speaker) => string
  readonly is: (finding: FindingOf<Code>, say: Speaker) => string
  readonly limit: (finding: FindingOf<Code>, say: Speaker) => string
  readonly because: Readonly<Record<FindingOf<Code>['because'], string>>
}

/** Words of some codes. */
export type WordsOf<Codes extends FindingCode> = { readonly [Code in Codes]: FindingWords<Code> }

const plural = new Intl.PluralRules('en')

/** A count with its noun: `3 places`, `1 place`. */
export function some(count: number, one: string, other: string): string {
  return `${count} ${plural.select(count) === 'one' ? one : other}`
}

/** Where the noun a name turns on ends: `Jar of spools` is one jar, `Bay garland, 2 ft` one garland. */
const afterNoun = /,|\s(?:of|with|in|for|from|on)\s/

/** A name and its verb: `Poppy pods are`, `Bay garland, 2 ft, is`. */
export function agree(name: string, one: string, many: string): string {
  const noun = name.split(afterNoun)[0]!.trim()
  const isMany = /[^sui]s$/i.test(noun)
  return `${name}${name.includes(',') ? ',' : ''} ${isMany ? many : one}`
}
