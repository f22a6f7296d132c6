import { createAssessor, formatFood, type Look, type Piece } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { matGapMm } from '../src/linens/matGap.js'
import { seatPlan, narrowestInsideMm } from '../src/seating/seatPlan.js'
import { bareLook, demoLook, guests, longTable, roundTable } from './support/looks.js'

const inch = 25.4
const demo = demoLook()
const table = (lengthIn: number, widthIn: number, count: number): Look => ({
  ...demo,
  centerpiece: [],
  table: longTable(lengthIn, widthIn),
  guests: guests(count)
})
const widths = (look: Look) => seatPlan(look).places.map((place) => place.widthMm / inch)
const told = (look: Look, code: string) =>
  createAssessor()
    .measure(look)
    .findings.find((one) => one.code === code)

describe('places at a corner follow what is really laid', () => {
  it('eight with ends at 72 x 36 in have their 24 in each, and what touches at the corners is told', () => {
    const look = table(72, 36, 8)
    expect(Math.min(...widths(look))).toBeCloseTo(24, 1)
    expect(told(look, 'places.too-narrow')).toBeUndefined()
    expect(told(look, 'setting.crowded')).toMatchObject({ because: 'corner' })
  })

  it('where there is room the side places keep clear of the ends, evenly on both sides', () => {
    const look = table(84, 42, 8)
    expect(told(look, 'setting.crowded')).toBeUndefined()
    const side = seatPlan(look).places.filter((place) => place.side === 'long')
    expect(new Set(side.map((place) => Math.round(place.widthMm))).size).toBe(1)
    expect(side.map((place) => place.x).reduce((sum, x) => sum + x, 0)).toBeCloseTo(0, 3)
    expect(side[0]!.widthMm * 3).toBeLessThan(84 * inch)
  })

  it('over capacity they are spread evenly over the whole side and told as too narrow', () => {
    const look = table(72, 36, 10)
    expect(Math.min(...widths(look))).toBeCloseTo(18, 1)
    expect(told(look, 'places.too-narrow')).toMatchObject({ severity: 'stop' })
  })

  it('smaller settings keep less: a bare plate lets the places use the side to its ends', () => {
    const look = table(96, 42, 10)
    const bare: Look = { ...look, setting: { ...look.setting, plateIds: ['dinner-oyster'], flatwareIds: [], glassIds: [], napkin: null } }
    expect(told(look, 'setting.crowded')).toBeDefined()
    expect(told(bare, 'setting.crowded')).toBeUndefined()
  })
})

describe('a round table narrows toward its middle', () => {
  // Chord 2 r sin(pi / n) at the line of the plates; derived.
  const eight = seatPlan({ table: roundTable(60), guests: guests(8), school: demo.school }).places

  it('twelve-inch chargers for eight at 60 in have 17.6 in', () => {
    expect(narrowestInsideMm(eight, 7 * inch) / inch).toBeCloseTo(2 * 23 * Math.sin(Math.PI / 8), 2)
  })

  it('mats of 16 x 12 in there overlap at their inner corners by 1.8 in, round ones by their middles', () => {
    const mat = (extent: object) => ({ ...demo.pieces.find((piece) => piece.id === 'mat-felt')!, extent }) as Piece & { kind: 'mat' }
    expect(matGapMm(mat({ kind: 'rectangle', lengthMm: 16 * inch, widthMm: 12 * inch }), eight)! / inch).toBeCloseTo(-1.76, 2)
    expect(matGapMm(mat({ kind: 'round', diameterMm: 12 * inch }), eight)! / inch).toBeCloseTo(2 * (23 + 1 - 25 / inch) * Math.sin(Math.PI / 8) - 12, 2)
  })
})

describe('sizes in a stack', () => {
  const stack = (...plateIds: string[]) => told({ ...bareLook(), setting: { ...demo.setting, plateIds, napkin: null, starId: null } }, 'stack.sizes')
  it.each([
    [['charger-brass', 'dinner-oyster', 'salad-smoke'], undefined],
    [['salad-smoke', 'dinner-oyster'], 'overhangs'],
    [['bread-oyster', 'bowl-oyster'], 'bowl-overhangs'],
    [['dinner-slate', 'dinner-oyster'], undefined]
  ])('%s: %s', (plateIds, because) => expect(stack(...plateIds)?.because).toBe(because))
})

it('food is told in ounces, pounds and pints beside inches, in grams and liters beside centimeters', () => {
  expect([formatFood(1600, 'g', 'cm'), formatFood(200, 'g', 'cm'), formatFood(1500, 'ml', 'cm')]).toEqual(['1.6 kg', '200 g', '1.5 l'])
  expect([formatFood(1814.4, 'g', 'in'), formatFood(200, 'g', 'in'), formatFood(946.35, 'ml', 'in'), formatFood(240, 'ml', 'in')]).toEqual([
    '4 lb',
    '7 oz',
    '2 pt',
    '8 fl oz'
  ])
})

describe('tables joined follow what is laid at their corners as one table does', () => {
  const joined = (form: 'straight' | 'L' | 'U', count: number): Look => ({
    ...table(96, 42, count),
    table: { ...longTable(96, 42), shape: { kind: 'joined', form, lengthMm: 1830, widthMm: 1067, along: 2, across: 1 } }
  })

  it('two end to end are laid as one of their length', () => {
    const one = { ...joined('straight', 12), table: { ...longTable(96, 42), shape: { kind: 'rectangle' as const, lengthMm: 3660, widthMm: 1067 } } }
    const at = (look: Look) => seatPlan(look).places.map(({ x, y }) => `${Math.round(x / 20)} ${Math.round(y / 20)}`).sort() // prettier-ignore
    expect(at(joined('straight', 12))).toEqual(at(one))
  })

  it('at an L nothing laid touches round an outer corner where there is room to keep clear of it', () => {
    expect(told(joined('L', 10), 'setting.crowded')).toBeUndefined()
    expect(told(joined('U', 12), 'setting.crowded')).toBeUndefined()
  })
})
