import {
  clearHeightMm,
  createAssessor,
  fromFrame,
  guestEyes,
  seatPlan,
  sightLines,
  splitOnBox,
  standings,
  tableSight,
  type Guest,
  type Look
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { eyeAboveSeatMm } from '../src/reference/bodies.js'
import { generateLook } from './support/generateLook.js'
import { demoLook, guests, longTable, ovalTable } from './support/looks.js'

const demo = demoLook()
const planOf = (table: Look['table'], count: number) => seatPlan({ table, guests: guests(count), school: demo.school })

describe('seats', () => {
  it('are numbered counter-clockwise from the +x end, so that neighbors in number are neighbors at the table', () => {
    for (const table of [longTable(110, 44), ovalTable(110, 46)]) {
      const { places } = planOf(table, 10)
      expect(places.map((place) => place.number)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10])
      const angles = places.map((place) => (Math.atan2(place.y, place.x) + 2 * Math.PI) % (2 * Math.PI))
      expect(angles).toEqual([...angles].sort((a, b) => a - b))
    }
  })

  it('are shared by both sides, one more on the first when the count is odd, ends first when they are taken', () => {
    expect(splitOnBox(9, 'closed')).toEqual({ headEast: 0, north: 5, headWest: 0, south: 4 })
    expect(splitOnBox(9, 'open')).toEqual({ headEast: 1, north: 4, headWest: 1, south: 3 })
    expect(splitOnBox(1, 'open')).toEqual({ headEast: 1, north: 0, headWest: 0, south: 0 })
    expect(splitOnBox(0, 'open')).toEqual({ headEast: 0, north: 0, headWest: 0, south: 0 })
  })

  it('mirror each other across the table when the count is even', () => {
    const { places } = planOf(longTable(110, 44, 'closed'), 8)
    for (const place of places) expect(places.some((other) => Math.abs(other.x - place.x) < 1e-6 && Math.abs(other.y + place.y) < 1e-6)).toBe(true)
  })

  it('put each guest’s eyes behind the edge at their own height; a booster lifts a child by itself', () => {
    const child = (boosterMm: number): Guest => ({ ...guests(1)[0]!, body: { kind: 'child', ageYears: 7, boosterMm } })
    const plan = { ...planOf(longTable(90, 44), 2), guests: [child(0), child(80)] }
    const [low, high] = guestEyes(plan, { seatHeightMm: 450, heightMm: 740 })
    expect(high!.z - low!.z).toBe(80)
    expect(low).toMatchObject(fromFrame(plan.places[0]!, { x: 0, y: -100 }))
  })

  it('children grow: eyes rise with age and stay under a tall adult’s', () => {
    const eyes = [1, 2, 3, 5, 7, 9, 12, 15, 17].map((ageYears) => eyeAboveSeatMm({ kind: 'child', ageYears, boosterMm: 0 }))
    expect(eyes).toEqual([...eyes].sort((a, b) => a - b))
    expect(Math.max(...eyes)).toBeLessThan(eyeAboveSeatMm({ kind: 'adult', build: 'man', stature: 'tall' }))
  })
})

describe('sight figures', () => {
  const { figures } = createAssessor().measure(demo)
  const { sight } = figures

  it('add up: pairs, seen pairs and what each guest sees', () => {
    expect(sight.pairs).toBe(10 * 9)
    expect(sight.seenBy.reduce((a, b) => a + b, 0)).toBe(sight.seen)
    expect(sight.hidden.flat().filter((share) => share > sight.limit)).toHaveLength(sight.pairs - sight.seen)
    expect(sight.hidden.every((row, i) => row[i] === 0)).toBe(true)
  })

  it('lay every lost view to one piece, dearest first', () => {
    const blamed = sight.costs.flatMap((cost) => cost.blames)
    expect(new Set(blamed.map((view) => `${view.from} ${view.to}`)).size).toBe(blamed.length)
    expect(blamed).toHaveLength(sight.pairs - sight.seen)
    const faces = sight.costs.map((cost) => cost.faces)
    expect(faces).toEqual([...faces].sort((a, b) => b - a))
    expect(sight.costs[0]!.placedId).toBe('jug')
  })

  it('a piece’s cost is what the table would see again without it', () => {
    for (let seed = 1; seed <= 8; seed++) {
      const look = generateLook(seed, { guests: 6, pieces: 6, manner: 'wild' })
      const lines = sightLines(guestEyes(seatPlan(look), look.table))
      const all = standings(look)
      const whole = tableSight(lines, all, 0.2)
      for (const cost of whole.costs) {
        const without = tableSight(
          lines,
          all.filter((s) => s.placed.id !== cost.placedId),
          0.2
        )
        expect((whole.meanHidden - without.meanHidden) * whole.pairs).toBeCloseTo(cost.faces, 6)
      }
    }
  })

  it('cut to the height told, the piece hides nobody; a finger taller it does', () => {
    const lines = sightLines(guestEyes(seatPlan(demo), demo.table))
    const jug = standings(demo).find((s) => s.placed.id === 'jug')!
    const clear = clearHeightMm(jug, lines, 0)
    expect(sight.clearHeights.find((c) => c.placedId === 'jug')!.clearMm).toBe(clear)
    const cutTo = (mm: number) =>
      tableSight(lines, [{ ...jug, solids: jug.solids.map((s) => ({ ...s, z0Mm: (s.z0Mm * mm) / jug.topMm, z1Mm: (s.z1Mm * mm) / jug.topMm })) }], 0.2)
        .meanHidden
    expect(cutTo(clear)).toBe(0)
    expect(cutTo(clear + 20)).toBeGreaterThan(0)
  })

  it('taller flowers never show more', () => {
    let before = -1
    for (const riseMm of [60, 120, 180, 240, 300, 360]) {
      const look = { ...demo, centerpiece: demo.centerpiece.map((p) => (p.id === 'jug' ? { ...p, arrangement: { ...p.arrangement!, riseMm } } : p)) }
      const { meanHidden } = createAssessor().measure(look).figures.sight
      expect(meanHidden).toBeGreaterThanOrEqual(before)
      before = meanHidden
    }
  })
})
