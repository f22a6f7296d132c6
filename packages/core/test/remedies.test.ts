import { applyEdit, createAssessor, findingCodes, findingKey, inverseOf, type FindingCode } from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import { expect, it } from 'vitest'
import { generateLook } from './support/generateLook.js'
import { demoLook } from './support/looks.js'
import { complaintOf } from './support/remedyDoes.js'

const SEEDS = 60
/** Findings of one code that are followed up. */
const EACH = 2

it('every finding on generated looks has a remedy, every remedy does what it says, clears its finding and leaves a sound look, and its inverse takes it back', () => {
  const met = new Map<FindingCode, number>()
  for (let seed = 1; seed <= SEEDS; seed++) {
    const look = generateLook(1000 + seed, { guests: 3 + (seed % 8), pieces: 3 + (seed % 6), manner: 'wild' })
    expect(validateLook(look), `seed ${seed}`).toMatchObject({ ok: true })
    const assessor = createAssessor()
    for (const finding of assessor.measure(look).findings) {
      const times = met.get(finding.code) ?? 0
      met.set(finding.code, times + 1)
      if (times >= EACH) continue
      const remedies = assessor.remediesFor(look, finding)
      const where = `seed ${seed}: ${findingKey(finding)}`
      expect(remedies.length, where).toBeGreaterThan(0)
      for (const remedy of remedies) {
        const mended = applyEdit(look, JSON.parse(JSON.stringify(remedy.edit)) as typeof remedy.edit)
        const still = assessor.measure(mended).findings.some((other) => findingKey(other) === findingKey(finding))
        expect(still, `${where} after ${remedy.code}`).toBe(false)
        expect(complaintOf(remedy, look, mended), where).toBeUndefined()
        expect(validateLook(mended), `${where} after ${remedy.code}`).toMatchObject({ ok: true })
        expect(applyEdit(mended, inverseOf(remedy.edit)), `${where} undo ${remedy.code}`).toEqual(look)
      }
    }
  }
  expect(findingCodes.filter((code) => !met.has(code))).toEqual([])
})

it('a remedy’s predicted effect is what comes of it', () => {
  const look = demoLook()
  for (const finding of createAssessor().assess(look).findings) {
    for (const remedy of finding.remedies) {
      const after = createAssessor().measure(applyEdit(look, remedy.edit)).figures
      for (const { figure, after: told } of remedy.effect) {
        if (figure === 'seenPairs') expect(after.sight.seen).toBe(told)
        if (figure === 'leftCents') expect(after.money.leftCents).toBe(told)
        if (figure === 'narrowestMm') expect(after.seats.narrowestMm).toBe(told)
      }
    }
  }
})

it('the demo opens with something to mend and can be mended by its first remedies alone', () => {
  let look = demoLook()
  expect(
    createAssessor()
      .measure(look)
      .findings.filter((f) => f.severity !== 'note').length
  ).toBeGreaterThan(3)
  for (let step = 0; step < 12; step++) {
    const open = createAssessor()
      .assess(look)
      .findings.find((f) => f.severity !== 'note')
    if (!open) return
    look = applyEdit(look, open.remedies[0]!.edit)
  }
  expect.unreachable('not mended in twelve steps')
})

it('assessing writes nothing, and a remembering assessor answers as a fresh one', () => {
  const assessor = createAssessor()
  for (let seed = 1; seed <= 12; seed++) {
    const look = generateLook(2000 + (seed % 4), { guests: 6, pieces: 12, manner: 'wild' })
    const before = JSON.stringify(look)
    const moved = { ...look, centerpiece: look.centerpiece.map((p, i) => (i === seed % 3 ? { ...p, xMm: p.xMm + seed } : p)) }
    for (const state of [look, moved, look]) expect(assessor.measure(state).figures).toEqual(createAssessor().measure(structuredClone(state)).figures)
    expect(JSON.stringify(look)).toBe(before)
  }
})
