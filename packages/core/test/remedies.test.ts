import { applyEdit, createAssessor, findingCodes, findingKey, inverseOf, remedyRank, type FindingCode, type Look } from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import { expect, it } from 'vitest'
import { generateLook } from './support/generateLook.js'
import { many } from './support/many.js'
import { bareLook, demoLook, put } from './support/looks.js'
import { complaintOf } from './support/remedyDoes.js'

const SEEDS = 60
/** Findings of one code that are followed up. */
const EACH = many(1)

/** What tables laid by chance hardly come to: three low things of one height and one color that nothing else has, and a pewter stick among brass. */
function byHand(): Look[] {
  const look = bareLook()
  return [
    [put('a', 'lemons', { xMm: -500 }), put('b', 'shells'), put('c', 'shells', { xMm: 500 })],
    [put('a', 'stick-brass-mid', { xMm: -300 }), put('b', 'stick-brass-high'), put('c', 'stick-pewter-mid', { xMm: 300 })]
  ].map((centerpiece) => ({ ...look, centerpiece }))
}

it('findings on generated looks have remedies, every remedy does what it says, clears its finding and leaves a sound look, and its inverse takes it back', () => {
  const met = new Map<FindingCode, number>()
  const without: string[] = []
  let followed = 0
  const wild = Array.from({ length: SEEDS }, (_, i) => generateLook(1001 + i, { guests: 3 + ((i + 1) % 8), pieces: 3 + ((i + 1) % 6), manner: 'wild' }))
  for (const [seed, look] of [...wild, ...byHand()].entries()) {
    expect(validateLook(look), `seed ${seed}`).toMatchObject({ ok: true })
    const assessor = createAssessor()
    for (const finding of assessor.measure(look).findings) {
      const times = met.get(finding.code) ?? 0
      met.set(finding.code, times + 1)
      if (times >= EACH) continue
      const remedies = assessor.remediesFor(look, finding)
      const where = `seed ${seed}: ${findingKey(finding)}`
      followed++
      if (remedies.length === 0) without.push(where)
      for (const remedy of remedies) {
        const mended = applyEdit(look, JSON.parse(JSON.stringify(remedy.edit)) as typeof remedy.edit)
        const still = assessor.measure(mended).each.some((other) => findingKey(other) === findingKey(finding))
        expect(still, `${where} after ${remedy.code}`).toBe(false)
        if (remedy.mends === 1) expect(complaintOf(remedy, look, mended), where).toBeUndefined()
        const places = remedy.mends > 1 ? (finding.also ?? []).map((id) => `${finding.code}@${id}`) : []
        expect(
          assessor.measure(mended).each.filter((other) => places.includes(findingKey(other))),
          `${where} for all after ${remedy.code}`
        ).toEqual([])
        expect(validateLook(mended), `${where} after ${remedy.code}`).toMatchObject({ ok: true })
        expect(applyEdit(mended, inverseOf(remedy.edit)), `${where} undo ${remedy.code}`).toEqual(look)
      }
    }
  }
  expect(findingCodes.filter((code) => !met.has(code))).toEqual([])
  // on tables laid without any sense what mends one thing may only make more trouble, and is then not offered
  expect(without.length / followed, without.join('; ')).toBeLessThan(0.15)
})

it('a remedy never brings a stop, tells by name all it brings, trades only where nothing better is left, and “it is meant so” comes last', () => {
  const counts = { remedies: 0, trades: 0 }
  const gravity = { note: 0, warn: 1, stop: 2 }
  for (let seed = 1; seed <= many(6); seed++) {
    const look = generateLook(7000 + seed, { guests: 3 + (seed % 8), pieces: 4 + (seed % 7), manner: 'wild' })
    const assessor = createAssessor()
    const { each, findings } = assessor.measure(look)
    const had = new Map(each.map((one) => [findingKey(one), gravity[one.severity]]))
    for (const finding of findings.slice(0, 8)) {
      const where = `seed ${seed}: ${findingKey(finding)}`
      const remedies = assessor.remediesFor(look, finding)
      const trades = remedies.map((remedy) => {
        const after = assessor.measure(applyEdit(look, remedy.edit)).each
        const worse = after.filter((one) => gravity[one.severity] > (had.get(findingKey(one)) ?? -1))
        expect(remedy.brings.map(findingKey), `${where} by ${remedy.code}`).toEqual(worse.map(findingKey))
        expect(
          worse.some((one) => one.severity === 'stop'),
          `${where} by ${remedy.code}`
        ).toBe(false)
        return worse.some((one) => one.code === finding.code || (one.severity === 'warn' && finding.severity !== 'stop'))
      })
      const others = remedies.map((remedy, i) => ({ code: remedy.code, trade: trades[i]! })).filter((one) => one.code !== 'meant')
      expect(others.every((one) => one.trade) || !others.some((one) => one.trade), where).toBe(true)
      const meant = remedies.findIndex((remedy) => remedy.code === 'meant')
      expect(meant === -1 || meant === remedies.length - 1, where).toBe(true)
      const ranks = remedies.filter((remedy) => remedy.mends === 1).map((remedy) => remedyRank(remedy.code))
      expect(ranks, where).toEqual([...ranks].sort((a, b) => a - b))
      counts.remedies += trades.length
      counts.trades += trades.filter(Boolean).length
    }
  }
  expect(counts.remedies).toBeGreaterThan(40)
  expect(counts.trades).toBeLessThan(counts.remedies / 4)
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
  for (let seed = 1; seed <= many(8); seed++) {
    const look = generateLook(2000 + (seed % 4), { guests: 6, pieces: 12, manner: 'wild' })
    const before = JSON.stringify(look)
    const moved = { ...look, centerpiece: look.centerpiece.map((p, i) => (i === seed % 3 ? { ...p, xMm: p.xMm + seed } : p)) }
    for (const state of [look, moved, look]) expect(assessor.measure(state).figures).toEqual(createAssessor().measure(structuredClone(state)).figures)
    expect(JSON.stringify(look)).toBe(before)
  }
})
