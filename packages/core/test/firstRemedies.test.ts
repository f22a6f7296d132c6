import { applyEdit, createAssessor, findingKey, standings, type Assessor, type BareFinding, type Look, type Placed } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { generateLook } from './support/generateLook.js'
import { demoLook } from './support/looks.js'
import { many } from './support/many.js'

const MOST_STEPS = 40

/** The piece everybody sees first: the largest silhouette of the middle. */
function heroOf(look: Look): string | undefined {
  const size = (placed: Placed) => {
    const one = standings(look).find((standing) => standing.placed.id === placed.id)
    return one ? (one.topMm - one.footMm) * one.reachMm : 0
  }
  return [...look.centerpiece].sort((a, b) => size(b) - size(a))[0]?.id
}

/** Takes the first remedy of the gravest finding until none is left that has one; complains of the first step that makes the table worse. */
function takeFirstRemedies(assessor: Assessor, start: Look): { readonly look: Look; readonly complaint: string | null } {
  const gravest = { stop: 0, warn: 1, note: 2 }
  let look = start
  const done = new Set<string>()
  for (let step = 0; step < MOST_STEPS; step++) {
    const { findings } = assessor.measure(look)
    const open: BareFinding | undefined = [...findings].sort((a, b) => gravest[a.severity] - gravest[b.severity]).find((one) => !done.has(findingKey(one)))
    if (!open) break
    done.add(findingKey(open))
    const remedy = assessor.remediesFor(look, open)[0]
    if (!remedy) continue
    const next = applyEdit(look, remedy.edit)
    const after = assessor.measure(next).findings
    const more = after.length - findings.length
    if (more > 0) return { look, complaint: `${findingKey(open)} by ${remedy.code}: ${findings.length} to ${after.length}` }
    look = next
  }
  return { look, complaint: null }
}

/** Faults put into a table that is laid soundly. */
function withFaults(look: Look, seed: number): Look {
  const faults: readonly ((look: Look) => Look)[] = [
    (one) => ({ ...one, setting: { ...one.setting, glassIds: [] }, menu: { ...one.menu, drinks: ['water', 'white'] } }),
    (one) => ({
      ...one,
      centerpiece: one.centerpiece.map((placed) => (placed.arrangement ? { ...placed, arrangement: { ...placed.arrangement, riseMm: 330 } } : placed))
    }),
    (one) => ({ ...one, occasion: { ...one.occasion, endMin: one.occasion.endMin + 120 } }),
    (one) => ({ ...one, money: { ...one.money, totalCents: Math.round(one.money.totalCents / 4) } }),
    (one) => ({ ...one, household: { cats: true, dogs: false, toddlers: true } }),
    (one) => ({ ...one, centerpiece: one.centerpiece.map((placed, i) => (i === 3 ? { ...placed, xMm: placed.xMm + 90 } : placed)) })
  ]
  return [0, 1, 2].reduce((one, k) => faults[(seed + k * 2) % faults.length]!(one), look)
}

function expectKept(start: Look, end: Look, where: string): void {
  expect(
    end.guests.map((guest) => guest.id),
    `${where}: guests`
  ).toEqual(start.guests.map((guest) => guest.id))
  expect(end.occasion.courses, `${where}: courses`).toEqual(start.occasion.courses)
  expect(
    start.menu.dishes.map((dish) => dish.id).filter((id) => !end.menu.dishes.some((dish) => dish.id === id)),
    `${where}: dishes`
  ).toEqual([])
  const hero = heroOf(start)
  if (hero)
    expect(
      end.centerpiece.map((placed) => placed.id),
      `${where}: the hero`
    ).toContain(hero)
}

describe('taking every first remedy', () => {
  it.each(['pearl-anniversary', 'ferry-crew', 'mending-circle', 'ordinary-week'])(
    'on the demo’s %s keeps hero, menu and guests, and never adds a finding',
    (name) => {
      const start = demoLook(name)
      const { look, complaint } = takeFirstRemedies(createAssessor(), start)
      expect(complaint).toBeNull()
      expectKept(start, look, name)
    }
  )

  it('on laid tables of twenty pieces with faults put in keeps hero, menu and guests, and never adds a finding', () => {
    const complaints: string[] = []
    for (let seed = 1; seed <= many(10); seed++) {
      const start = withFaults(generateLook(500 + seed, { guests: 6 + (seed % 5), pieces: 20, manner: 'laid' }), seed)
      const { look, complaint } = takeFirstRemedies(createAssessor(), start)
      if (complaint) complaints.push(`seed ${seed}: ${complaint}`)
      else expectKept(start, look, `seed ${seed}`)
    }
    expect(complaints).toEqual([])
  })
})
