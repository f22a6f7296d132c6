import { distanceMm, guestEyes, newGuest, plainTable, seatPlan, shareWidths, type Guest, type Table, type TableShape } from '@hestiad/core'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoLook, guests, measured } from './support/looks.js'

const inch = 25.4
const school = { ...demoLook().school, comfort: 'usual' as const }
const tableOf = (shape: TableShape, more: Partial<Table> = {}): Table => ({
  ...demoLook().table,
  ...plainTable,
  shape,
  leaves: { owned: 0, in: 0, eachMm: 450 },
  support: { kind: 'pedestal' },
  heads: 'open',
  ...more
})
const withOne = (count: number, at: number, part: Partial<Guest>): Guest[] => guests(count).map((guest, i) => (i === at ? { ...guest, ...part } : guest))
const shapes: readonly [TableShape, number][] = [
  [{ kind: 'oval', lengthMm: 2700, widthMm: 1200 }, 10],
  [{ kind: 'round', diameterMm: 1830 }, 8],
  [{ kind: 'racetrack', lengthMm: 2600, widthMm: 1100 }, 9],
  [{ kind: 'rectangle', lengthMm: 2500, widthMm: 1100 }, 8],
  [{ kind: 'boat', lengthMm: 2700, widthMm: 1250, endMm: 900 }, 8],
  [{ kind: 'joined', form: 'L', lengthMm: 1830, widthMm: 760, along: 2, across: 1 }, 10]
]

// 2010 ADA Standards 306.3.3: 30 in of clear width (recalled)
describe('a place that has to be wider than its neighbors', () => {
  it.each(shapes)('on a %o a wheelchair has its 30 in and the others one width no less than tight', (shape, count) => {
    for (let at = 0; at < count; at++) {
      const { places, guests: seated } = seatPlan({ table: tableOf(shape), guests: withOne(count, at, { wheelchair: true }), school })
      const plain = seatPlan({ table: tableOf(shape), guests: guests(count), school })
      expect(places[at]!.widthMm).toBeGreaterThanOrEqual(30 * inch - 0.1)
      expect(seated[at]!.wheelchair).toBe(true)
      places.forEach((place, i) => {
        expect(place.widthMm).toBeGreaterThanOrEqual(22 * inch - 0.5)
        if (i !== at && place.side !== 'head') expect(place.widthMm).toBeLessThanOrEqual(Math.max(plain.places[i]!.widthMm, 24 * inch) + 30)
      })
    }
  })

  it('round a curve the chords add up to the whole edge again: the last ends where the first begins', () => {
    const shape: TableShape = { kind: 'round', diameterMm: 1830 }
    const { places } = seatPlan({ table: tableOf(shape), guests: withOne(8, 3, { wheelchair: true }), school })
    const angles = places.map((place) => 2 * Math.asin(place.widthMm / 1830))
    expect(angles.reduce((sum, angle) => sum + angle, 0)).toBeCloseTo(2 * Math.PI, 3)
    const others = places.filter((_, i) => i !== 3).map((place) => place.widthMm)
    expect(Math.max(...others) - Math.min(...others)).toBeLessThan(0.1)
  })

  it('a run is filled, nobody gets less than equal parts would be or tight, whichever is less, and who asks for nothing has no more than who does', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 300, max: 9000, noNaN: true }),
        fc.array(fc.constantFrom(0, 0, 660, 762), { minLength: 1, maxLength: 12 }),
        (total, asked) => {
          const widths = shareWidths(total, asked)
          const equal = total / asked.length
          expect(widths.reduce((sum, width) => sum + width, 0)).toBeCloseTo(total, 3)
          for (const [i, width] of widths.entries()) {
            expect(width).toBeGreaterThan(Math.min(equal, 22 * inch) - 1e-3)
            expect(width).toBeLessThanOrEqual(Math.max(equal, asked[i]!) + 1e-6)
          }
        }
      ),
      { seed: 4 }
    )
  })

  it('where the others would sit below tight it gets what is left, and the finding says so', () => {
    const shape: TableShape = { kind: 'round', diameterMm: 60 * inch }
    const look = { ...demoLook(), table: tableOf(shape), guests: withOne(8, 2, { wheelchair: true }) }
    const { places } = seatPlan(look)
    expect(places[2]!.widthMm).toBeLessThan(30 * inch)
    expect(places.filter((_, i) => i !== 2).every((place) => Math.abs(place.widthMm - 22 * inch) < 1)).toBe(true)
    expect(measured(look).findings.map((finding) => finding.code)).toContain('wheelchair.width')
  })
})

it('a high chair brings a small child up to the table by its own seat, and is noted for one too old for it', () => {
  const child = (ageYears: number, chair: Guest['chair']): Guest => ({ ...newGuest(1), body: { kind: 'child', ageYears, boosterMm: 0 }, chair })
  const table = tableOf({ kind: 'round', diameterMm: 1200 })
  const eyes = (guest: Guest) => guestEyes(seatPlan({ table, guests: [guest, newGuest(2)], school }), table)[0]!.z
  expect(eyes(child(2, 'high-chair')) - eyes(child(2, null))).toBe(520 - table.seatHeightMm)
  const codes = (age: number) => measured({ ...demoLook(), table, guests: [child(age, 'high-chair'), newGuest(2)] }).findings.map((one) => one.code)
  expect(codes(2)).not.toContain('high-chair.age')
  expect(codes(6)).toContain('high-chair.age')
})

it.each([...shapes, [{ kind: 'half-round', diameterMm: 2400 }, 6] as const])('four at one end of a %o sit together at that end at their comfort', (shape) => {
  const whole = seatPlan({ table: tableOf(shape), guests: guests(4), school }).places
  const end = seatPlan({ table: tableOf(shape, { set: 'one-end' }), guests: guests(4), school }).places
  const spread = (places: typeof whole) => Math.max(...places.flatMap((a) => places.map((b) => distanceMm(a, b))))
  const meanX = (places: typeof whole) => places.reduce((sum, place) => sum + place.x, 0) / places.length
  expect(Math.min(...end.map((place) => place.widthMm))).toBeGreaterThan(24 * inch - 1)
  expect(meanX(end)).toBeGreaterThan(meanX(whole) + 100)
  expect(spread(end)).toBeLessThanOrEqual(spread(whole))
  expect(end.map((place) => place.number)).toEqual([1, 2, 3, 4])
})
