import {
  applyEdit,
  createAssessor,
  gapsOf,
  heightMap,
  linesPart,
  makingDo,
  planPart,
  putNear,
  savings,
  seatGuests,
  surroundingsPart,
  type BareFinding,
  type Edit,
  type Figures,
  type Gaps,
  type HeightMap,
  type Look,
  type MakingDo,
  type Measured,
  type Remedy,
  type Saving,
  type Seating,
  type SightLines,
  type StandingPiece
} from '@hestiad/core'
import { expose } from 'comlink'

type Patches = Pick<Edit, 'patches'>

const assessor = createAssessor()
const heightMaps = new WeakMap<SightLines, HeightMap>()
let look: Look
let told: Pick<Measured, 'figures' | 'findingsOf'> | undefined

/** What of one table of results is not the same as in another. */
function changedOf<T extends object>(before: T | undefined, after: T): Partial<T> {
  const names = Object.keys(after) as (keyof T)[]
  return Object.fromEntries(names.filter((name) => before?.[name] !== after[name]).map((name) => [name, after[name]])) as Partial<T>
}

/** Runs the core away from the page, on its own copy of the look. Remedies are asked for one finding at a time, so that newer looks never wait long. */
const service = {
  open(whole: Look): void {
    look = whole
  },
  /** Brings the copy up to date; every other call is about what it is then. */
  edit(edit: Patches): void {
    look = applyEdit(look, edit)
  },
  /** Figures and findings, by name and subject, that changed since the last answer. */
  measure(held: Patches | undefined): { figures: Partial<Figures>; findings: Partial<Measured['findingsOf']>; tookMs: number } {
    const start = performance.now()
    const { figures, findingsOf } = assessor.measure(held ? applyEdit(look, held) : look)
    const tookMs = performance.now() - start
    const changed = { figures: changedOf(told?.figures, figures), findings: changedOf(told?.findingsOf, findingsOf), tookMs }
    told = { figures, findingsOf }
    return changed
  },
  remedies(finding: BareFinding): Remedy[] {
    return assessor.remediesFor(look, finding)
  },
  /** A piece put where there is room nearest to the middle. */
  spot(piece: StandingPiece): ReturnType<typeof putNear> {
    return putNear(look, piece, { x: 0, y: 0 }, assessor.measure(look).get(surroundingsPart))
  },
  savings(): Saving[] {
    return savings(assessor, look)
  },
  /** The gaps of the middle, and what fills them. */
  gaps(): Gaps {
    return gapsOf(look)
  },
  makingDo(): MakingDo[] {
    return makingDo(assessor, look)
  },
  heights(): HeightMap {
    const { get } = assessor.measure(look)
    const lines = get(linesPart)
    const known = heightMaps.get(lines) ?? heightMap(get(planPart).outline, lines)
    heightMaps.set(lines, known)
    return known
  },
  seat(): Seating {
    return seatGuests(look)
  }
}

export type AssessorService = typeof service

expose(service)
