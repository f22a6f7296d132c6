import { readFileSync } from 'node:fs'
import { applyEdit, createAssessor, heightMap, linesPart, makingDo, planPart, savings, seatGuests, type BareFinding, type Edit, type Look } from '@hestiad/core'

export const demo = JSON.parse(readFileSync(new URL('../../../../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8')) as Look

/** In place of `workers/assessor.js`: the assessor without a thread, which has only what it was told. */
export const assessorHere = {
  startAssessor: () => {
    const assessor = createAssessor()
    let told = demo
    return {
      open: (look: Look) => (told = structuredClone(look)),
      edit: ({ patches }: Edit) => (told = applyEdit(told, structuredClone({ patches }))),
      measure: (held?: Edit) => Promise.resolve({ ...assessor.measure(held ? applyEdit(told, held) : told), tookMs: 0 }),
      remedies: (finding: BareFinding) => Promise.resolve(assessor.remediesFor(told, finding)),
      savings: () => Promise.resolve(savings(assessor, told)),
      makingDo: () => Promise.resolve(makingDo(assessor, told)),
      heights: () => Promise.resolve(heightMap(assessor.measure(told).get(planPart).outline, assessor.measure(told).get(linesPart))),
      seat: () => Promise.resolve(seatGuests(told))
    }
  }
}
