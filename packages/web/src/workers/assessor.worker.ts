import {
  createAssessor,
  heightMap,
  linesPart,
  planPart,
  savings,
  seatGuests,
  type BareFinding,
  type Figures,
  type HeightMap,
  type Look,
  type Remedy,
  type Saving,
  type Seating,
  type SightLines
} from '@hestiad/core'
import { expose } from 'comlink'
import { deltaOf, withDelta, type Delta } from './delta.js'

export interface Measurement {
  readonly figures: Figures
  readonly findings: readonly BareFinding[]
}

const assessor = createAssessor()
const heightMaps = new WeakMap<SightLines, HeightMap>()
let look: Look | undefined
let answered: Measurement | undefined

/** Runs the core away from the page, on its own copy of the look. Remedies are asked for one finding at a time, so that newer looks never wait long. */
const service = {
  /** Brings the copy up to date; every other call is about what it is then. */
  take(delta: Delta | undefined): void {
    look = withDelta(look, delta) as Look
  },
  /** What changed of the figures and findings since the last answer. */
  measure(): { delta: Delta | undefined; tookMs: number } {
    const start = performance.now()
    const { figures, findings } = assessor.measure(look!)
    const tookMs = performance.now() - start
    const delta = deltaOf(answered, { figures, findings })
    answered = { figures, findings }
    return { delta, tookMs }
  },
  remedies(finding: BareFinding): Remedy[] {
    return assessor.remediesFor(look!, finding)
  },
  savings(): Saving[] {
    return savings(assessor, look!)
  },
  heights(): HeightMap {
    const { get } = assessor.measure(look!)
    const lines = get(linesPart)
    const known = heightMaps.get(lines) ?? heightMap(get(planPart).outline, lines)
    heightMaps.set(lines, known)
    return known
  },
  seat(): Seating {
    return seatGuests(look!)
  }
}

export type AssessorService = typeof service

expose(service)
