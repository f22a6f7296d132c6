import {
  layoutPart,
  planPart,
  standingPart,
  applyEdit,
  assess,
  clothDrop,
  coverSpots,
  createAssessor,
  foldedSize,
  halfLengthMm,
  joinedExtent,
  layRow,
  needs,
  newGuest,
  plainLinens,
  runnerLay,
  seatPlan,
  tableOutline,
  textilesAsRunner,
  topperHang,
  type Extent,
  type Look,
  type Piece
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook, guests, longTable, measured, roundTable } from './support/looks.js'

const inch = 25.4
const rect = (lengthIn: number, widthIn: number): Extent => ({ kind: 'rectangle', lengthMm: lengthIn * inch, widthMm: widthIn * inch })
const square = (sideIn: number): Extent => ({ kind: 'square', sideMm: sideIn * inch })
const whole = { length: 1, width: 1 } as const
const bare: Look['linens'] = { clothId: null, runner: null, matId: null, ...plainLinens }
const lookWith = (linens: Partial<Look['linens']>, more: Partial<Look> = {}): Look => ({ ...demoLook(), linens: { ...bare, ...linens }, ...more })
const codes = (look: Look) => measured(look).findings.map((finding) => finding.code)

describe('toppers and joined cloths', () => {
  it('a square topper turned over a round table hangs by half its diagonal less the radius, and a straight one by half its side', () => {
    const round = tableOutline(roundTable(48))
    const turned = topperHang(square(54), true, round)
    expect(turned.mostMm / inch).toBeCloseTo(27 * Math.SQRT2 - 24, 1)
    expect(turned.leastMm / inch).toBeCloseTo(27 - 24, 1)
    const straight = topperHang(square(54), false, tableOutline(longTable(48, 48)))
    expect(straight.leastMm / inch).toBeCloseTo(3, 6)
    expect(straight.mostMm / inch).toBeCloseTo(3 * Math.SQRT2, 6)
  })

  it('two cloths of 70 in lapped by 12 hang as one of 128, and two are needed', () => {
    expect(joinedExtent(rect(70, 60), 12 * inch)).toEqual(rect(128, 60))
    expect(clothDrop(joinedExtent(rect(70, 60), 12 * inch), tableOutline(longTable(108, 42))).endDropMm / inch).toBeCloseTo(10, 9)
    const look = lookWith({ clothId: 'cloth-long', lapMm: 300 })
    expect(needs(look).find((need) => need.piece.id === 'cloth-long')!.needed).toBe(2)
  })

  it('their seam is a finding until a runner lies across it', () => {
    const base = lookWith({ clothId: 'cloth-long', lapMm: 300 }, { table: longTable(120, 42), centerpiece: [], guests: [newGuest(1), newGuest(2)] })
    expect(codes(base)).toContain('cloth.seam')
    expect(codes({ ...base, linens: { ...base.linens, runner: { pieceId: 'runner-smoke', lay: 'across', folded: whole } } })).not.toContain('cloth.seam')
  })
})

describe('runners', () => {
  it('a 54 by 54 cloth folded in three is 54 by 18', () => {
    expect(foldedSize({ lengthMm: 54 * inch, widthMm: 54 * inch }, { length: 1, width: 3 })).toEqual({ lengthMm: 54 * inch, widthMm: 18 * inch })
  })

  it('one lies across the table at each pair face to face, and none for a guest with nobody opposite', () => {
    const table = longTable(96, 42, 'closed')
    for (const [count, pairs] of [
      [6, 3],
      [8, 4]
    ] as const) {
      const { outline, places } = seatPlan({ table, guests: guests(count), school: demoLook().school })
      const lay = runnerLay({ lengthMm: 1300, widthMm: 350 }, 'each-pair', { outline, places, shape: table.shape })
      expect(lay.strips).toHaveLength(pairs)
      for (const strip of lay.strips) expect(places.filter((place) => Math.abs(place.x - strip.x) < 1)).toHaveLength(2)
    }
  })

  it('on tables joined to a U there is one along the row and one down each arm, all on the tables', () => {
    const shape = { kind: 'joined', form: 'U', lengthMm: 1800, widthMm: 750, along: 3, across: 2 } as const
    const outline = tableOutline({ shape, leaves: { owned: 0, in: 0, eachMm: 0 } })
    const { strips } = runnerLay({ lengthMm: 3400, widthMm: 300 }, 'along', { outline, shape, places: [] })
    expect(strips).toHaveLength(3)
    expect(strips.filter((strip) => strip.halfYMm > strip.halfXMm).map((strip) => Math.abs(strip.x))).toEqual([2325, 2325])
  })

  it('of the textiles in the house the first of the list lies best, and none proposed reaches a lap', () => {
    const outline = tableOutline(demoLook().table)
    const ways = textilesAsRunner(demoLook(), outline)
    expect(ways.length).toBeGreaterThan(1)
    ways.slice(1).forEach((way, i) => expect(way.off).toBeGreaterThanOrEqual(ways[i]!.off))
    for (const way of ways) expect(way.lengthMm / 2 - halfLengthMm(outline)).toBeLessThanOrEqual(15 * inch)
  })

  it('things laid in a row stand apart as asked, on the table, and never on what stands there already', () => {
    const look = lookWith({}, { centerpiece: demoLook().centerpiece.slice(0, 1) })
    const row = applyEdit(look, layRow(look, 'tealight-smoke', 40, seatPlan(look).outline)).centerpiece.slice(1)
    expect(row.length).toBeGreaterThan(8)
    const xs = row.map((placed) => placed.xMm)
    const widthMm = Math.min(...xs.slice(1).map((x, i) => x - xs[i]!))
    expect(widthMm).toBeGreaterThan(40)
    expect(Math.max(...xs.map(Math.abs))).toBeLessThan(halfLengthMm(seatPlan(look).outline))
    expect(codes({ ...look, centerpiece: [...look.centerpiece, ...row] })).not.toContain('piece.piece')
  })
})

describe('the hem of a runner that ends on the table', () => {
  /** Towels across at each pair of a table for four, so long. */
  const hems = (lengthMm: number) => {
    const base = demoLook()
    const towel: Piece = { ...base.pieces.find((piece) => piece.kind === 'runner')!, id: 'towel', lengthMm, widthMm: 400, owned: 4 } as Piece
    const look: Look = {
      ...lookWith(
        { runner: { pieceId: 'towel', lay: 'each-pair', folded: whole } },
        { table: longTable(96, 42, 'closed'), guests: guests(4), centerpiece: [] }
      ),
      pieces: [...base.pieces, towel]
    }
    const { figures, get } = createAssessor().measure(look)
    const lowest = get(layoutPart).laid.map((items) => items.find(({ isPlate }) => isPlate)!)
    return { tucked: figures.linens.hems, lowest }
  }

  it('is tucked at every place whose lowest plate it runs under; one that stops short of it or hangs over is not', () => {
    const { lowest } = hems(400)
    const [far, half] = [Math.max(...lowest.map(({ shape }) => Math.abs(shape.y))), lowest[0]!.reachMm]
    expect(hems(2 * far).tucked).toEqual([1, 2, 3, 4])
    expect(hems(2 * (far - half) + 30).tucked).toEqual([1, 2, 3, 4])
    expect(hems(2 * (far - half) - 30).tucked).toEqual([])
    expect(hems(42 * inch + 200).tucked).toEqual([])
  })
})

describe('a stain, a hole or a slit', () => {
  const flawed = (more: Partial<Look> = {}) =>
    lookWith({ runner: { pieceId: 'runner-flax', lay: 'along', folded: whole } }, { menu: { ...demoLook().menu, dishes: [] }, ...more })
  const at = { xMm: -450, yMm: 40 }
  const jug = { ...demoLook().centerpiece.find((one) => one.on === null)!, atMeal: true }

  it('is a finding until something of the meal stands on it; what is cleared first does not count', () => {
    expect(codes(flawed({ centerpiece: [] }))).toContain('linen.flaw')
    expect(codes(flawed({ centerpiece: [{ ...jug, ...at }] }))).not.toContain('linen.flaw')
    expect(codes(flawed({ centerpiece: [{ ...jug, ...at, atMeal: false }] }))).toContain('linen.flaw')
  })

  it('turns with the runner, and lies inside when that is folded', () => {
    const spotsOf = (look: Look) => {
      const { get } = createAssessor().measure(look)
      return coverSpots(look, get(planPart), get(layoutPart).laid, get(standingPart)).map(({ x, y }) => [x, y])
    }
    const runner = flawed().linens.runner!
    expect(spotsOf(flawed({ centerpiece: [] }))).toEqual([[-450, 40]])
    expect(spotsOf(flawed({ centerpiece: [], linens: { ...bare, runner: { ...runner, lay: 'across' } } }))).toEqual([[-40, -450]])
    expect(spotsOf(flawed({ centerpiece: [], linens: { ...bare, runner: { ...runner, folded: { length: 1, width: 2 } } } }))).toEqual([])
  })

  it('one click stands a piece on it', () => {
    const look = flawed({ centerpiece: [{ ...jug, xMm: 0, yMm: 0 }] })
    const remedy = assess(look)
      .findings.find((finding) => finding.code === 'linen.flaw')!
      .remedies.find((one) => one.code === 'cover-spot')!
    expect(codes(applyEdit(look, remedy.edit))).not.toContain('linen.flaw')
  })
})
