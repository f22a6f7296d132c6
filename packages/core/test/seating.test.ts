import { capacity, perimeterMm, placeWidthMm, seatPlan, tableOutline, type Comfort, type Table } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook, guests, longTable, ovalTable, roundTable } from './support/looks.js'

const inch = 25.4
const planOf = (table: Table, count: number, comfort: Comfort = 'tight') =>
  seatPlan({ table, guests: guests(count), school: { ...demoLook().school, comfort } })

describe('capacity', () => {
  // Handbook section 1, derived: places of 24 in of chord at the edge, n <= pi / asin(24 / d); at 48 in that is a hexagon, exactly 6.
  it.each([
    [48, 6],
    [54, 6],
    [60, 7],
    [66, 8],
    [72, 9]
  ])('a round table of %i in seats %i by chord, not arc, at the usual width', (diameter, count) => {
    expect(capacity(roundTable(diameter), 'usual')).toBe(count)
  })

  // Published trade capacities (recalled): round 60 in for 8, round 72 in for 10; rectangles 30 x 72 in for 6 or 8 with ends, 30 x 96 for 8 or 10.
  it.each([
    ['round 60 in', roundTable(60), 8],
    ['round 72 in', roundTable(72), 10],
    ['30 x 72 in with ends', longTable(72, 30), 8],
    ['30 x 96 in with ends', longTable(96, 30), 10]
  ])('the published count for a table %s is reached, and only tight', (_, table, count) => {
    expect(capacity(table, 'tight')).toBe(count)
    expect(capacity(table, 'usual')).toBeLessThan(count)
  })

  it.each([
    [72, 6],
    [96, 8]
  ])('a table of 30 x %i in seats %i along its sides at the usual width', (length, count) => {
    expect(capacity(longTable(length, 30, 'closed'), 'usual')).toBe(count)
  })

  it('never falls as a leaf goes in, and never rises as places widen', () => {
    for (const shape of [
      longTable(60, 40).shape,
      ovalTable(60, 42).shape,
      roundTable(54).shape,
      { kind: 'racetrack', lengthMm: 1800, widthMm: 1000 } as const
    ]) {
      let before = 0
      for (const leavesIn of [0, 1, 2]) {
        const table: Table = { ...roundTable(48), shape, leaves: { owned: 2, in: leavesIn, eachMm: 450 } }
        const [tight, usual, roomy] = (['tight', 'usual', 'roomy'] as const).map((comfort) => capacity(table, comfort))
        expect(tight).toBeGreaterThanOrEqual(usual!)
        expect(usual).toBeGreaterThanOrEqual(roomy!)
        expect(usual).toBeGreaterThanOrEqual(before)
        before = usual!
      }
    }
  })
})

describe('places', () => {
  it('on a circle each guest has the chord d sin(pi / n): 8 at 60 in have 22.96, not the arc of 23.56', () => {
    const { places } = planOf(roundTable(60), 8)
    for (const place of places) expect(place.widthMm / inch).toBeCloseTo(60 * Math.sin(Math.PI / 8), 3)
  })

  it('on an oval all guests have the same width, and the first sits at the tip when the ends are taken', () => {
    const { places } = planOf(ovalTable(100, 46), 9)
    const widths = places.map((place) => place.widthMm)
    expect(Math.max(...widths) - Math.min(...widths)).toBeLessThan(0.2)
    expect(places[0]).toMatchObject({ x: expect.closeTo(50 * inch, 1) as number, y: expect.closeTo(0, 1) as number })
  })

  it('face inward: one step along the normal is on the table, and the plates’ line is narrower on curves only', () => {
    const round = planOf(roundTable(60), 7).places[2]!
    expect(Math.hypot(round.x + 100 * -Math.sin(round.turnRad), round.y + 100 * Math.cos(round.turnRad))).toBeLessThan(30 * inch)
    expect(round.plateLineWidthMm).toBeLessThan(round.widthMm)
    const long = planOf(longTable(96, 44, 'closed'), 8).places[0]!
    expect(long.plateLineWidthMm).toBe(long.widthMm)
  })

  it('the sides of a 30 x 96 in table give up their corners to taken ends at the usual width, and share them only at a pinch', () => {
    expect(Math.min(...planOf(longTable(96, 30), 10, 'usual').places.map((p) => p.widthMm))).toBeLessThan(placeWidthMm.tight)
    expect(Math.min(...planOf(longTable(96, 30), 10, 'tight').places.map((p) => p.widthMm))).toBeCloseTo(24 * inch, 0)
  })

  it('a leg before a chair is told by the place’s number, and a side keeps its places clear of corner legs', () => {
    const support = { kind: 'legs', legMm: 80, insetMm: 100 } as const
    expect(planOf({ ...roundTable(54), support }, 6).kneesAtLeg.length).toBeGreaterThan(0)
    expect(planOf({ ...longTable(96, 42, 'closed'), support }, 6).kneesAtLeg).toEqual([])
  })
})

it('the ellipse and the stadium have their published perimeters', () => {
  // Ellipse 42 x 84 in: 203.4574 in (references, section 3, by quadrature). Stadium: 2 s + 2 pi r, exact.
  expect(perimeterMm(tableOutline(ovalTable(84, 42))) / inch).toBeCloseTo(203.4574, 2)
  const racetrack = tableOutline({ ...roundTable(48), shape: { kind: 'racetrack', lengthMm: 2000, widthMm: 1000 } })
  expect(perimeterMm(racetrack)).toBeCloseTo(2 * 1000 + 2 * Math.PI * 500, 1)
})
