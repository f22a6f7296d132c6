import {
  areaMm2,
  capacity,
  halfLengthMm,
  kneeHeightMm,
  newGuest,
  overlapMm,
  perimeterMm,
  plainRoom,
  plainTable,
  seatPlan,
  tableOutline,
  tableSeams,
  type BareFinding,
  type Footprint,
  type Look,
  type Table,
  type TableShape
} from '@hestiad/core'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoLook, guests, measured } from './support/looks.js'

const inch = 25.4
const tableOf = (shape: TableShape, more: Partial<Table> = {}): Table => ({
  ...demoLook().table,
  ...plainTable,
  shape,
  leaves: { owned: 0, in: 0, eachMm: 450 },
  support: { kind: 'pedestal' },
  heads: 'open',
  ...more
})
const planOf = (table: Table, count: number, comfort: 'tight' | 'usual' = 'tight') =>
  seatPlan({ table, guests: guests(count), school: { ...demoLook().school, comfort } })
const joined = (form: 'straight' | 'L' | 'T' | 'U', along = 2, across = 1): TableShape => ({
  kind: 'joined',
  form,
  lengthMm: 1830,
  widthMm: 760,
  along,
  across
})

const shapes = fc.oneof<fc.Arbitrary<TableShape>[]>(
  fc.record({
    kind: fc.constant('boat' as const),
    lengthMm: fc.integer({ min: 1500, max: 4000 }),
    widthMm: fc.integer({ min: 1000, max: 1500 }),
    endMm: fc.integer({ min: 700, max: 1000 })
  }),
  fc.record({ kind: fc.constant('half-round' as const), diameterMm: fc.integer({ min: 1000, max: 2600 }) }),
  fc.record({
    kind: fc.constant('joined' as const),
    form: fc.constantFrom('L' as const, 'T' as const, 'U' as const),
    lengthMm: fc.integer({ min: 1500, max: 2400 }),
    widthMm: fc.integer({ min: 700, max: 1000 }),
    along: fc.integer({ min: 2, max: 4 }),
    across: fc.integer({ min: 1, max: 3 })
  })
)

describe('edges of every form', () => {
  it('a half round has half a circle’s area and edge, tables joined have the area of their tables', () => {
    const half = tableOutline(tableOf({ kind: 'half-round', diameterMm: 1500 }))
    expect(areaMm2(half) / ((Math.PI * 750 ** 2) / 2)).toBeCloseTo(1, 3)
    expect(perimeterMm(half) / (Math.PI * 750 + 1500)).toBeCloseTo(1, 3)
    for (const form of ['L', 'T'] as const) expect(areaMm2(tableOutline(tableOf(joined(form))))).toBeCloseTo(3 * 1830 * 760, 3)
    expect(areaMm2(tableOutline(tableOf(joined('U'))))).toBeCloseTo(4 * 1830 * 760, 3)
    expect(['straight', 'L', 'T', 'U'].map((form) => tableSeams(joined(form as 'L')).length)).toEqual([1, 2, 2, 3])
  })

  // a circular segment of sagitta s over a chord c: r = c^2 / 8 s + s / 2, area r^2 / 2 (theta - sin theta), from any handbook of mensuration
  it('a boat is a rectangle between its ends and two segments of a circle', () => {
    const [c, s] = [2400, 150]
    const r = c ** 2 / (8 * s) + s / 2
    const theta = 2 * Math.asin(c / (2 * r))
    const boat = tableOutline(tableOf({ kind: 'boat', lengthMm: c, widthMm: 1200, endMm: 900 }))
    expect(areaMm2(boat) / (c * 900 + r ** 2 * (theta - Math.sin(theta)))).toBeCloseTo(1, 4)
    expect(perimeterMm(boat) / (2 * r * theta + 2 * 900)).toBeCloseTo(1, 4)
  })

  // Ramanujan 1914, second approximation of an ellipse's perimeter (recalled), good to 1e-9 at this flattening
  it('an oval’s edge is as long as Ramanujan’s ellipse; a racetrack’s area is a stadium’s', () => {
    const [a, b] = [1000, 600]
    const h = ((a - b) / (a + b)) ** 2
    const published = Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)))
    expect(perimeterMm(tableOutline(tableOf({ kind: 'oval', lengthMm: 2 * a, widthMm: 2 * b }))) / published).toBeCloseTo(1, 4)
    expect(areaMm2(tableOutline(tableOf({ kind: 'racetrack', lengthMm: 2500, widthMm: 1000 }))) / (1500 * 1000 + Math.PI * 500 ** 2)).toBeCloseTo(1, 6)
  })
})

describe('places on every form', () => {
  it('one guest fewer never makes another’s place narrower than the narrowest was, and plates never meet', () => {
    fc.assert(
      fc.property(shapes, fc.integer({ min: 2, max: 16 }), (shape, count) => {
        const table = tableOf(shape)
        const narrowest = (n: number) => Math.min(...planOf(table, n, 'usual').places.map((place) => place.widthMm))
        expect(narrowest(count - 1)).toBeGreaterThanOrEqual(narrowest(count) - 0.5)
        const fits = Math.min(count, capacity(table, 'usual'))
        const plates = planOf(table, fits, 'usual').places.map((place): Footprint => ({
          kind: 'disc',
          x: place.x - Math.sin(place.turnRad) * 160,
          y: place.y + Math.cos(place.turnRad) * 160,
          radiusMm: 133
        }))
        plates.forEach((a, i) => plates.slice(i + 1).forEach((b) => expect(overlapMm(a, b)).toBeLessThan(3)))
      }),
      { seed: 21, numRuns: 60 }
    )
  })

  it('a leaf never lowers the capacity of a boat, and chairs round a hollow corner never meet', () => {
    const boat = { kind: 'boat', lengthMm: 1800, widthMm: 1150, endMm: 900 } as const
    const counts = [0, 1, 2].map((leavesIn) => capacity(tableOf(boat, { leaves: { owned: 2, in: leavesIn, eachMm: 450 } }), 'usual'))
    expect([...counts].sort((a, b) => a - b)).toEqual(counts)
    for (const form of ['L', 'T', 'U'] as const) {
      const { places } = planOf(tableOf(joined(form)), capacity(tableOf(joined(form)), 'tight'))
      const chairs = places.map((place): Footprint => {
        const [sin, cos] = [Math.sin(place.turnRad), Math.cos(place.turnRad)]
        return { kind: 'rect', x: place.x + sin * 225, y: place.y - cos * 225, turnRad: place.turnRad, halfXMm: 250, halfYMm: 225 }
      })
      chairs.forEach((a, i) => chairs.slice(i + 1).forEach((b) => expect(overlapMm(a, b), form).toBeLessThan(3)))
    }
  })

  it('two or four at one end of a long table sit together at their comfort, and too many for it spread over the whole', () => {
    const long = (set: 'whole' | 'one-end') => tableOf({ kind: 'rectangle', lengthMm: 3000, widthMm: 1000 }, { set })
    for (const count of [2, 3, 4, 6]) {
      const { places } = planOf(long('one-end'), count, 'usual')
      expect(Math.min(...places.map((place) => place.x)), `${count}`).toBeGreaterThan(1500 - 355 - Math.ceil(count / 2) * 700)
      expect(Math.min(...places.map((place) => place.widthMm))).toBeGreaterThanOrEqual(24 * inch - 1)
    }
    expect(planOf(long('one-end'), 14, 'usual').places).toEqual(planOf(long('whole'), 14, 'usual').places)
  })

  it('nobody sits at the wall of a half round, and closed heads stay free', () => {
    const half = planOf(tableOf({ kind: 'half-round', diameterMm: 1800 }), 5)
    expect(half.places.every((place) => place.y > -half.outline.halfWidthMm + 1)).toBe(true)
    expect(planOf(tableOf(joined('L'), { heads: 'closed' }), 8).places.some((place) => place.side === 'head')).toBe(false)
    expect(halfLengthMm(planOf(tableOf(joined('L')), 4).outline)).toBeCloseTo(1830)
  })

  it('knees meet trestles and panels that stand in their way', () => {
    const table = { kind: 'rectangle', lengthMm: 1830, widthMm: 760 } as const
    expect(planOf(tableOf(table, { support: { kind: 'trestle', insetMm: 300, footMm: 80 } }), 8).kneesAtLeg.length).toBeGreaterThan(0)
    expect(planOf(tableOf(table, { support: { kind: 'panel', insetMm: 100 } }), 4).kneesAtLeg.length).toBeGreaterThan(0)
    expect(planOf(tableOf(table, { support: { kind: 'trestle', insetMm: 300, footMm: 80 }, heads: 'closed' }), 2).kneesAtLeg).toEqual([])
  })
})

describe('the room', () => {
  const look = (change: Partial<Look>): Look => ({ ...demoLook(), ...change })
  const codes = (l: Look): BareFinding['code'][] => measured(l).findings.map((finding) => finding.code)
  const withWheels = (heightIn: number, apronIn: number | null): Look => ({
    ...demoLook(),
    guests: [{ ...newGuest(1), wheelchair: true }],
    table: { ...demoLook().table, heightMm: heightIn * inch, apronMm: apronIn === null ? null : apronIn * inch }
  })

  // 2010 ADA Standards 306.3.1 and 902.3 (values from memory): knee clearance 27 in at least, surface 28 to 34 in
  it('27.0 in for the knees of a wheelchair user pass, 26.99 do not; a surface of 34 passes, 34.01 does not; unmeasured is unknown', () => {
    expect(codes(withWheels(29, 2))).not.toContain('wheelchair.knees')
    expect(codes(withWheels(29, 2.01))).toContain('wheelchair.knees')
    expect(codes(withWheels(34, 3))).not.toContain('wheelchair.knees')
    expect(codes(withWheels(34.01, 3))).toContain('wheelchair.knees')
    expect(kneeHeightMm(withWheels(29, null).table)).toBeNull()
    expect(codes(withWheels(29, null))).not.toContain('wheelchair.knees')
  })

  // Panero & Zelnik 1979 (values from memory): 30 in to a wall behind a seated guest, 48 in to walk past
  it('30 in behind a chair pass and 29.9 do not; where people pass it is 48', () => {
    const near = (clearIn: number, pass: boolean) =>
      look({ guests: guests(10), room: { ...plainRoom, clearMm: { ...plainRoom.clearMm, north: clearIn * inch }, pass } })
    const behind = (l: Look) => codes(l).includes('room.behind')
    expect([behind(near(30, false)), behind(near(29.9, false)), behind(near(48, true)), behind(near(47.9, true))]).toEqual([false, true, false, true])
  })

  it('armchairs need their width, and a lamp its air above the tallest piece', () => {
    const arms = (widthMm: number) => codes(look({ table: { ...demoLook().table, chair: { kind: 'arm', widthMm } } })).includes('chair.wide')
    expect([arms(560), arms(700)]).toEqual([false, true])
    const lamp = (bottomMm: number) =>
      codes(look({ guests: guests(10), room: { ...plainRoom, fixture: { bottomMm, widthMm: 500, greens: null } } })).includes('fixture.low')
    expect([lamp(2200), lamp(1200)]).toEqual([false, true])
  })
})
