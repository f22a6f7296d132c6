import { readFileSync } from 'node:fs'
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
  type Look,
  type Remedy,
  type StandingPiece
} from '@hestiad/core'

export const demo = JSON.parse(readFileSync(new URL('../../../../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8')) as Look

/** Remedies of a look are looked for once: most tests open the same ones. */
const remediesKnown = new Map<string, Remedy[]>()

/** In place of `workers/assessor.js`: the assessor without a thread, which has only what it was told. */
export const assessorHere = {
  startAssessor: () => {
    const assessor = createAssessor()
    let told = demo
    return {
      open: (look: Look) => (told = structuredClone(look)),
      edit: ({ patches }: Edit) => (told = applyEdit(told, structuredClone({ patches }))),
      measure: (held?: Edit) => Promise.resolve({ ...assessor.measure(held ? applyEdit(told, held) : told), tookMs: 0 }),
      remedies: (finding: BareFinding) => {
        const key = JSON.stringify([told, finding])
        const found = remediesKnown.get(key) ?? assessor.remediesFor(told, finding)
        remediesKnown.set(key, found)
        return Promise.resolve(found)
      },
      spot: (piece: StandingPiece) => Promise.resolve(putNear(told, piece, { x: 0, y: 0 }, assessor.measure(told).get(surroundingsPart))),
      savings: () => Promise.resolve(savings(assessor, told)),
      gaps: () => Promise.resolve(gapsOf(told)),
      makingDo: () => Promise.resolve(makingDo(assessor, told)),
      heights: () => Promise.resolve(heightMap(assessor.measure(told).get(planPart).outline, assessor.measure(told).get(linesPart))),
      seat: () => Promise.resolve(seatGuests(told))
    }
  }
}
