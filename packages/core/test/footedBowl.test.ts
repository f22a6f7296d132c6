import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { restsAboveFloorMm } from '../src/centerpiece/nest.js'
import { piecesOverlapMm } from '../src/centerpiece/collisions.js'
import { standings } from '../src/centerpiece/standing.js'
import { pieceIndex } from '../src/design/find.js'
import { newPlaced } from '../src/design/newLook.js'
import type { Vessel } from '../src/design/piece.js'
import { footedBowl, pieceSolids } from '../src/solids/pieceSolids.js'
import { solidReachMm } from '../src/solids/solid.js'
import { massOf } from '../src/stability/massOf.js'
import { demoLook } from './support/looks.js'

const look = demoLook()
const index = pieceIndex(look)
const vessel = (id: string) => {
  const piece = index.get(id)
  if (piece?.kind !== 'vessel') throw new Error(`${id} is no vessel`)
  return piece
}
const solidsOf = (piece: Vessel) => pieceSolids(piece, { candle: null, arrangement: null, part: 1 }, index)
const compotes = fc
  .record({
    baseMm: fc.integer({ min: 60, max: 140 }),
    widestMm: fc.integer({ min: 140, max: 320 }),
    heightMm: fc.integer({ min: 90, max: 260 }),
    share: fc.double({ min: 0.26, max: 0.8, noNaN: true })
  })
  .map(({ baseMm, widestMm, heightMm, share }): Vessel => ({
    ...vessel('footed-brass'),
    baseMm,
    widestMm,
    mouthMm: widestMm - 10,
    heightMm,
    depthMm: heightMm * (1 - share)
  }))

describe('a bowl on a foot', () => {
  it('is what has its floor clear of the table: the demo’s compotes and urns, no bowl that stands on its floor, and no jug', () => {
    const footed = look.pieces.filter((piece) => piece.kind === 'vessel' && footedBowl(piece)).map((piece) => piece.id)
    expect(footed.sort()).toEqual(['bowl-pewter-footed', 'compote-brass-wide', 'compote-glass', 'compote-white', 'footed-brass', 'footed-oyster', 'urn-stone'])
    expect(footedBowl({ ...vessel('footed-brass'), form: 'jug' })).toBeNull()
  })

  it('reaches as high, as wide and as far down as it is measured, and is slender between foot and bowl', () => {
    fc.assert(
      fc.property(compotes, (piece) => {
        const solids = solidsOf(piece)
        expect(Math.min(...solids.map((solid) => solid.z0Mm))).toBe(0)
        expect(Math.max(...solids.map((solid) => solid.z1Mm))).toBe(piece.heightMm)
        expect(Math.max(...solids.map(solidReachMm))).toBeCloseTo(piece.widestMm / 2, 6)
        const [foot, bowl] = solids
        expect(foot!.z1Mm).toBeCloseTo(piece.heightMm - piece.depthMm, 6)
        expect(bowl!.z0Mm).toBe(foot!.z1Mm)
        if (foot!.kind !== 'frustum' || bowl!.kind !== 'frustum') throw new Error('no frusta')
        expect(foot!.r0Mm).toBe(piece.baseMm / 2)
        expect(foot!.r1Mm).toBeLessThan(foot!.r0Mm / 2)
        expect(bowl!.r0Mm).toBeLessThanOrEqual(piece.mouthMm / 2)
      }),
      { seed: 15, numRuns: 100 }
    )
  })

  it('lets small things stand under its rim beside the foot, where a bowl on its floor would run into them', () => {
    const beside = (pieceId: string) => {
      const at = vessel(pieceId)
      const tealight = newPlaced('light', 'nest-small', at.baseMm / 2 + 20, 0)
      const small: Vessel = { ...vessel('nest-small'), baseMm: 30, widestMm: 30, mouthMm: 28, heightMm: 25, depthMm: 20 }
      const pieces = look.pieces.map((piece) => (piece.id === 'nest-small' ? small : piece))
      const [one, other] = standings({ centerpiece: [newPlaced('bowl', pieceId, 0, 0), tealight], pieces })
      return piecesOverlapMm(one!, other!)
    }
    expect(beside('footed-brass')).toBe(0)
    expect(beside('salad-bowl')).toBeGreaterThan(0)
  })

  it('holds what is put in it on the floor of its bowl, and on the rim what is wider than its mouth', () => {
    const piece = vessel('footed-brass')
    const { floorRadiusMm } = footedBowl(piece)!
    const ball = (radiusMm: number) => [{ kind: 'frustum', part: 'body', z0Mm: 0, z1Mm: 40, r0Mm: radiusMm, r1Mm: radiusMm, opacity: 1 }] as const
    expect(restsAboveFloorMm(piece, ball(floorRadiusMm - 8), { x: 0, y: 0 })).toBe(0)
    expect(restsAboveFloorMm(piece, ball(piece.mouthMm / 2 + 10), { x: 0, y: 0 })).toBe(piece.depthMm)
    const between = restsAboveFloorMm(piece, ball((floorRadiusMm + piece.mouthMm / 2) / 2), { x: 0, y: 0 })
    expect(between).toBeGreaterThan(0)
    expect(between).toBeLessThan(piece.depthMm)
  })

  it('weighs less than the same measures filled out to the table, and bears its weight higher', () => {
    const of = (piece: Vessel) => {
      const [standing] = standings({ centerpiece: [newPlaced('bowl', piece.id, 0, 0)], pieces: [piece] })
      return massOf(standing!, pieceIndex({ pieces: [piece] }))
    }
    const footed = of(vessel('footed-brass'))
    const stout = of({ ...vessel('footed-brass'), depthMm: vessel('footed-brass').heightMm - 15 })
    expect(footed.grams).toBeLessThan(stout.grams)
    expect(footed.centerMm).toBeGreaterThan(0.4 * vessel('footed-brass').heightMm)
  })
})
