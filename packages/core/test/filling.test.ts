import { describe, expect, it } from 'vitest'
import {
  applyEdit,
  assess,
  createAssessor,
  fillingCount,
  fillingDepthMm,
  fillings,
  freshDays,
  inverseOf,
  layFilling,
  needs,
  newPlaced,
  pieceIndex,
  standings,
  takeFilling,
  type Look,
  type Piece,
  type StandingPiece
} from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import { CUP_MM3 } from '../src/reference/fillings.js'
import { shellMm } from '../src/reference/materials.js'
import { massOf } from '../src/stability/massOf.js'
import { fillingRoomMm3 } from '../src/centerpiece/filling.js'
import { bareLook, put } from './support/looks.js'

const bare = bareLook()
const index = pieceIndex(bare)
const of = (id: string) => index.get(id) as StandingPiece
const codes = (look: Look) =>
  createAssessor()
    .measure(look)
    .findings.map((finding) => finding.code)

/** The room in a bowl of straight walls, added up in thin slices. */
function sliced(piece: Piece & { kind: 'vessel' }, heightMm: number): number {
  const wall = shellMm[piece.material]
  const [foot, mouth] = [piece.baseMm / 2 - wall, piece.mouthMm / 2 - wall]
  const steps = 20_000
  let mm3 = 0
  for (let i = 0; i < steps; i++) {
    const z = ((i + 0.5) / steps) * heightMm
    mm3 += (Math.PI * (foot + ((mouth - foot) * z) / piece.depthMm) ** 2 * heightMm) / steps
  }
  return mm3
}

describe('what lies loose in a thing', () => {
  it('is as many cups as its room takes, as added up in thin slices; a box by its floor', () => {
    for (const id of ['low-bowl-oyster', 'salad-bowl', 'glass-cylinder']) {
      const piece = index.get(id) as Piece & { kind: 'vessel' }
      for (const share of [0.2, 0.6, 1]) expect(fillingRoomMm3(piece, share * piece.depthMm) / sliced(piece, share * piece.depthMm)).toBeCloseTo(1, 4)
      const count = fillingCount(piece, index.get('cranberries')!, piece.depthMm / 2)!
      expect(count * CUP_MM3).toBeGreaterThanOrEqual(sliced(piece, piece.depthMm / 2) - 1)
      expect((count - 1) * CUP_MM3).toBeLessThan(sliced(piece, piece.depthMm / 2))
    }
    const lantern = index.get('lantern-iron') as Piece & { kind: 'vessel' }
    expect(fillingRoomMm3(lantern, 50)).toBe(lantern.baseMm ** 2 * 50)
    // beyond the rim there is no room, and none where there is no wall
    expect(fillingRoomMm3(of('low-bowl-oyster'), 5000)).toBe(fillingRoomMm3(of('low-bowl-oyster'), fillingDepthMm(of('low-bowl-oyster'))!))
    for (const id of ['cloche-glass', 'riser-oak', 'persimmons']) expect(fillingDepthMm(of(id)), id).toBeNull()
    expect(fillingCount(of('basket-willow'), index.get('charger-brass')!, 40)).toBeNull()
  })

  it('raises what stands in there by its height, is needed in its number, is checked with the look, and is taken out again', () => {
    const look: Look = { ...bare, centerpiece: [put('in', 'basket-willow'), { ...newPlaced('bowl', 'nest-small'), on: 'in' }] }
    const footOf = (one: Look) => standings(one).find((standing) => standing.placed.id === 'bowl')!.footMm
    const edit = layFilling(look, 'in', 'napkin-smoke', 30)
    const filled = applyEdit(look, edit)
    expect(footOf(filled)).toBeCloseTo(footOf(look) + 30, 6)
    const { count } = filled.centerpiece[0]!.filling!
    const needed = (one: Look) => needs(one).find((need) => need.piece.id === 'napkin-smoke')?.needed ?? 0
    expect(needed(filled)).toBeGreaterThanOrEqual(needed(look) + count)
    expect(validateLook(filled).ok).toBe(true)
    expect(applyEdit(filled, inverseOf(edit))).toEqual(look)
    expect(applyEdit(filled, takeFilling(filled, 'in')).centerpiece[0]!.filling).toBeNull()
    expect(layFilling(look, 'bowl', 'charger-brass', 30).patches).toEqual([])
    expect(fillings(look, 'in').every(({ piece }) => piece.of === null)).toBe(true)
  })

  it('is no higher than the rim, is free only beside what lies in other things, and weighs what it is, whatever else stands in there', () => {
    const look: Look = { ...bare, centerpiece: [put('in', 'basket-willow'), put('other', 'lantern-iron', { xMm: 600 })] }
    const deep = fillingDepthMm(of('basket-willow'))!
    const heaped = applyEdit(look, layFilling(look, 'in', 'acorns', 900)).centerpiece[0]!.filling!
    expect(heaped).toEqual({ pieceId: 'acorns', count: fillingCount(of('basket-willow'), index.get('acorns')!, deep), heightMm: deep })
    const free = (one: Look) => fillings(one, 'in').find(({ piece }) => piece.id === 'cranberries')!.free
    const lit = applyEdit(look, layFilling(look, 'other', 'cranberries', 30))
    expect(free(lit)).toBe(free(look) - lit.centerpiece[1]!.filling!.count)
    expect(free(applyEdit(look, layFilling(look, 'in', 'cranberries', 30)))).toBe(free(look))

    const mass = (one: Look, id: string) =>
      massOf(
        standings(one).find((standing) => standing.placed.id === id)!,
        pieceIndex(one)
      )
    const room = fillingRoomMm3(of('basket-willow'), 40)
    const grams = mass(applyEdit(look, layFilling(look, 'in', 'cranberries', 40)), 'in').grams - mass(look, 'in').grams
    // loosely poured berries weigh half a kilogram a liter or so: common practice, no source
    expect(grams / (room / 1e6)).toBeGreaterThan(400)
    expect(grams / (room / 1e6)).toBeLessThan(800)
    // flowers above a filling weigh as high up as without it
    const stems = [{ stemId: 'rose-garden', count: 9 }]
    const bowl: Look = { ...bare, centerpiece: [put('in', 'low-bowl-oyster', { arrangement: { stems, riseMm: 200, spreadMm: 200, mechanics: null } })] }
    const filled = applyEdit(bowl, layFilling(bowl, 'in', 'snow-grainy', 20))
    const [before, after] = [mass(bowl, 'in'), mass(filled, 'in')]
    const added = after.grams - before.grams
    const low = (after.grams * after.centerMm - before.grams * before.centerMm) / added
    expect(low).toBeGreaterThan(0)
    expect(low).toBeLessThan(40)
  })

  it('of cloth is offered for what is lost in a basket, in a number the house has, and then it shows', () => {
    const look: Look = {
      ...bare,
      centerpiece: [put('in', 'basket-willow'), { ...newPlaced('low', 'persimmon-one'), on: 'in' }, { ...newPlaced('jar', 'spool-jar', 120), on: 'in' }]
    }
    const short = { ...look, pieces: look.pieces.map((piece) => (piece.id === 'spool-jar' ? ({ ...piece, heightMm: 60 } as Piece) : piece)) }
    const finding = assess(short).findings.find((one) => one.code === 'piece.sunk')!
    const lifts = finding.remedies.filter((remedy) => remedy.code === 'lay-filling')
    expect(lifts.length).toBeGreaterThan(0)
    for (const { edit, params } of lifts) {
      const { free } = fillings(short, 'in').find(({ piece }) => piece.id === params.pieceId)!
      expect(params.count).toBeLessThanOrEqual(free)
      expect(codes(applyEdit(short, edit))).not.toContain('piece.sunk')
    }
    // where a candle burns in there nothing that burns is put below it
    const lit = {
      ...short,
      centerpiece: [...short.centerpiece, { ...newPlaced('tea', 'tealight-smoke', -120), on: 'in', candle: { candleId: 'tealight-8', lightAtMin: 1200 } }]
    }
    const told = assess(lit).findings.filter((one) => one.code === 'piece.sunk')
    expect(told.flatMap((one) => one.remedies).filter((remedy) => remedy.code === 'lay-filling')).toEqual([])
  })

  it('that burns is told below a flame, in a box or a lantern; berries and what keeps off the flame are not', () => {
    const candle = { candleId: 'pillar-ivory', lightAtMin: 1110 }
    const pillar = bare.pieces.find((piece) => piece.kind === 'candle' && piece.form === 'votive')!
    const holder =
      bare.pieces.find((piece) => piece.kind === 'holder' && piece.takes === 'votive' && !piece.chimney) ??
      bare.pieces.find((piece) => piece.id === 'tealight-smoke')!
    const lightIn = (inId: string, pieceId: string | null) => {
      const holds = holder.kind === 'holder' && holder.takes === 'votive' ? pillar.id : 'tealight-8'
      const look: Look = { ...bare, centerpiece: [put('in', inId), { ...newPlaced('light', holder.id), on: 'in', candle: { ...candle, candleId: holds } }] }
      return codes(pieceId ? applyEdit(look, layFilling(look, 'in', pieceId, 20)) : look)
    }
    for (const inId of ['lantern-iron', 'basket-willow']) expect(lightIn(inId, 'acorns'), inId).toContain('flame.near')
    expect(lightIn('lantern-iron', 'napkin-smoke')).toContain('flame.near')
    expect(lightIn('lantern-iron', 'cranberries').filter((code) => code === 'flame.near')).toEqual(
      lightIn('lantern-iron', null).filter((code) => code === 'flame.near')
    )
  })

  it('looks fresh for days where it is berries or moss; what is dry keeps', () => {
    expect([freshDays('fruit'), freshDays('plant'), freshDays('dried'), freshDays('resin')]).toEqual([7, 3, null, null])
  })
})
