import { createAssessor, reserveCents, type FindingCode, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook, guests, longTable, roundTable, put, tidyLook, withPiece } from './support/looks.js'

const inch = 25.4
const demo = demoLook()
const plain = tidyLook()
const codes = (look: Look): FindingCode[] =>
  createAssessor()
    .measure(look)
    .findings.map((finding) => finding.code)

it('the plain table has nothing to mend', () => expect(codes(plain)).toEqual([]))

/** A cloth whose drop is `ends` and `sides` inches on the plain table. */
const cloth = (ends: number, sides: number, drop: Look['school']['drop']): Look =>
  withPiece({ ...plain, school: { ...plain.school, drop }, linens: { ...plain.linens, clothId: 'cloth-long' } }, 'cloth-long', {
    extent: { kind: 'rectangle', lengthMm: (90 + 2 * ends) * inch, widthMm: (44 + 2 * sides) * inch }
  })
const floorIn = 740 / inch
const lapIn = 290 / inch

const runner = (overhangIn: number, widthIn: number): Look =>
  withPiece({ ...plain, linens: { ...plain.linens, runner: { pieceId: 'runner-flax', lay: 'along', folded: { length: 1, width: 1 } } } }, 'runner-flax', {
    lengthMm: (90 + 2 * overhangIn) * inch,
    widthMm: widthIn * inch
  })
const freeIn = 44 - 2 * (25 / inch + 10.5)

const mats = (widthIn: number): Look =>
  withPiece({ ...plain, linens: { ...plain.linens, matId: 'mat-felt' } }, 'mat-felt', { extent: { kind: 'rectangle', lengthMm: widthIn * inch, widthMm: 300 } })

const jug = (stems: { stemId: string; count: number }[], more: Partial<Look> = {}): Look => ({
  ...plain,
  ...more,
  school: { ...plain.school, fullness: 'sparse' },
  centerpiece: [put('v', 'jug-sky', { arrangement: { stems, riseMm: 60, spreadMm: 150, mechanics: null } })]
})
const burning = (candleId: string, lightAtMin: number, more: Partial<Look> = {}): Look => ({
  ...plain,
  ...more,
  centerpiece: [put('h', 'holder-brass-low', { candle: { candleId, lightAtMin } })]
})
const shortOfIvory = demo.occasion.endMin

describe('a finding comes just past its limit and not at it', () => {
  it.each<[string, FindingCode, Look, Look]>([
    ['a casual cloth under 6 in', 'cloth.short', cloth(6, 6, 'casual'), cloth(5.9, 5.9, 'casual')],
    ['a casual cloth over 10 in', 'cloth.long', cloth(10, 10, 'casual'), cloth(10.1, 10.1, 'casual')],
    ['a dressy cloth under 10 in', 'cloth.short', cloth(10, 10, 'dressy'), cloth(9.9, 9.9, 'dressy')],
    ['a drop deeper than from table to seat', 'cloth.lap', cloth(lapIn, lapIn, 'dressy'), cloth(lapIn + 0.1, lapIn + 0.1, 'dressy')],
    [
      'a corner that reaches the floor',
      'cloth.floor',
      cloth(floorIn / Math.SQRT2, floorIn / Math.SQRT2, 'formal'),
      cloth(floorIn / 1.4, floorIn / 1.4, 'formal')
    ],
    ['ends and sides more than 2 in apart', 'cloth.uneven', cloth(8, 6, 'casual'), cloth(8.2, 6, 'casual')],
    ['a runner wider than the free middle', 'runner.places', runner(-4, freeIn), runner(-4, freeIn + 0.1)],
    ['a runner barely over the end', 'runner.overhang', runner(0, 12), runner(0.5, 12)],
    ['a runner far over the end', 'runner.overhang', runner(15, 12), runner(15.2, 12)],
    ['mats under an inch apart', 'mats.gap', mats(29), mats(29.2)],
    ['places narrower than wanted', 'places.narrow', { ...plain, table: longTable(72, 44, 'closed') }, { ...plain, table: longTable(71.5, 44, 'closed') }],
    ['places under the tightest', 'places.too-narrow', { ...plain, table: longTable(66, 44, 'closed') }, { ...plain, table: longTable(65.5, 44, 'closed') }],
    ['more stems than pass the mouth', 'stems.mouth', jug([{ stemId: 'lisianthus', count: 236 }]), jug([{ stemId: 'lisianthus', count: 240 }])],
    ['a candle that goes out before the end', 'candle.short', burning('taper-ivory-8', shortOfIvory - 418), burning('taper-ivory-8', shortOfIvory - 421)],
    ['a flame over four hours', 'candle.long-burn', burning('taper-ivory-8', shortOfIvory - 240), burning('taper-ivory-8', shortOfIvory - 242)]
  ])('%s (%s)', (_, code, at, past) => {
    expect(codes(at)).not.toContain(code)
    expect(codes(past)).toContain(code)
  })

  it('spending the working budget to the cent is within it, one cent less to work with is over', () => {
    const napkins = withPiece(plain, 'napkin-persimmon', { owned: 2 })
    expect(reserveCents(4000, 20)).toBe(800)
    const within = { ...napkins, money: { ...plain.money, totalCents: 4000, reservePercent: 20 } }
    expect(codes(within)).not.toContain('money.over')
    expect(codes({ ...within, money: { ...within.money, totalCents: 3998 } })).toContain('money.over')
  })
})

describe('who lives in the house', () => {
  const lily = (look: Look) => withPiece(look, 'lisianthus', { genus: 'Lilium' })
  const cats = { cats: true, dogs: false, toddlers: false }
  const dogs = { cats: false, dogs: true, toddlers: false }
  const stems = [{ stemId: 'lisianthus', count: 12 }]

  it('lilies stop a look where cats live, are unknown where dogs live, and nothing is said without animals', () => {
    const found = (household: Look['household']) =>
      createAssessor()
        .measure(lily(jug(stems, { household })))
        .findings.filter((f) => f.code.startsWith('stems.pets'))
    expect(found(cats)).toMatchObject([{ code: 'stems.pets', severity: 'stop', because: 'lilies-cats' }])
    expect(found(dogs)).toMatchObject([{ code: 'stems.pets-unknown' }])
    expect(found(plain.household)).toEqual([])
  })

  it('a stem on no list is told as unknown, and a faux one is not asked about', () => {
    const unknown = (look: Look) => withPiece(look, 'lisianthus', { genus: 'Anemone' })
    expect(codes(unknown(jug(stems, { household: cats })))).toContain('stems.pets-unknown')
    expect(codes(withPiece(unknown(jug(stems, { household: cats })), 'lisianthus', { genus: 'Anemone', material: 'faux' }))).not.toContain('stems.pets-unknown')
  })

  it('an open flame is noted with small children or animals, a flameless one never', () => {
    const toddlers = { household: { cats: false, dogs: false, toddlers: true } }
    expect(codes(burning('taper-ivory-8', shortOfIvory - 100, toddlers))).toContain('flame.household')
    expect(codes(burning('taper-flameless', shortOfIvory - 100, toddlers))).not.toContain('flame.household')
    expect(codes(burning('taper-ivory-8', shortOfIvory - 100))).not.toContain('flame.household')
  })
})

describe('figures', () => {
  it('nobody at the table, or one alone, is a table without views and without a fault', () => {
    for (const count of [0, 1]) {
      const { figures, findings } = createAssessor().measure({ ...plain, guests: guests(count) })
      expect(figures.sight).toMatchObject({ pairs: 0, seen: 0, meanHidden: 0 })
      expect(figures.seats.narrowestMm === null).toBe(count === 0)
      expect(findings).toEqual([])
      expect(JSON.stringify(figures)).not.toMatch(/NaN|Infinity/)
    }
  })

  it('are plain JSON without a NaN on every kind of table', () => {
    for (const table of [
      roundTable(30),
      longTable(20, 12),
      { ...roundTable(60), shape: { kind: 'square', sideMm: 900 } as const },
      { ...roundTable(60), shape: { kind: 'racetrack', lengthMm: 900, widthMm: 1200 } as const }
    ]) {
      const { figures } = createAssessor().measure({ ...demo, table })
      const walk = (value: unknown): void => {
        if (typeof value === 'number') expect(Number.isFinite(value)).toBe(true)
        else if (typeof value === 'object' && value !== null) Object.values(value).forEach(walk)
      }
      walk(figures)
    }
  })
})
