import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { piecesOverlapMm } from '../src/centerpiece/collisions.js'
import { restsAboveFloorMm } from '../src/centerpiece/nest.js'
import { standings } from '../src/centerpiece/standing.js'
import { composeMiddles } from '../src/composer/compose.js'
import { pieceIndex } from '../src/design/find.js'
import { newPlaced } from '../src/design/newLook.js'
import { longerMm, type Vessel } from '../src/design/piece.js'
import { arrangementNeeds, domeMm2 } from '../src/florals/arrangementNeeds.js'
import { mechanicsOf } from '../src/florals/mechanics.js'
import { stemsThrough, stemsThroughMouth } from '../src/florals/stemsThroughMouth.js'
import { foodMl } from '../src/menu/dishes.js'
import { pieceSolids } from '../src/solids/pieceSolids.js'
import { createAssessor } from '../src/assess/assess.js'
import { demoLook } from './support/looks.js'

const look = demoLook()
const index = pieceIndex(look)
const oak = index.get('trough-oak') as Vessel
const troughs = fc
  .record({ wide: fc.integer({ min: 60, max: 220 }), more: fc.integer({ min: 40, max: 700 }), high: fc.integer({ min: 50, max: 160 }) })
  .map(({ wide, more, high }): Vessel => ({
    ...oak,
    baseMm: wide - 12,
    widestMm: wide,
    lengthMm: wide + more,
    mouthMm: wide - 16,
    heightMm: high,
    depthMm: high - 12
  }))

describe('a trough', () => {
  it('takes as many stems as rows of them, and never more than circles can be packed at all', () => {
    fc.assert(
      fc.property(troughs, fc.integer({ min: 2, max: 14 }), (piece, thickMm) => {
        const most = stemsThrough(piece, thickMm)
        const longMm = piece.mouthMm + longerMm(piece)
        expect(most).toBeGreaterThanOrEqual(Math.floor(piece.mouthMm / thickMm) * Math.floor(longMm / thickMm))
        // A. Thue 1910: no packing of like circles is denser than pi / sqrt(12); centers keep half a stem off the walls (Groemer 1960, recalled)
        const room = (2 / Math.sqrt(3)) * (longMm / thickMm - 1) * (piece.mouthMm / thickMm - 1) + (longMm + piece.mouthMm) / thickMm - 1
        expect(most).toBeLessThanOrEqual(room + 1e-6)
        expect(most).toBeGreaterThan(stemsThroughMouth(piece.mouthMm, thickMm))
      }),
      { seed: 4, numRuns: 200 }
    )
    expect(stemsThrough({ ...oak, mouthMm: 5 }, 6)).toBe(0)
    expect(() => stemsThrough(oak, 0)).toThrow(RangeError)
  })

  it('has a dome that is the one of a round bowl drawn out, as added up in small steps', () => {
    const stepped = (spreadMm: number, riseMm: number, stretchMm: number) => {
      const r = spreadMm / 2
      const h = Math.min(riseMm, r)
      const round = (r * r + h * h) / (2 * h)
      const heightAt = (y: number) => Math.sqrt(Math.max(0, round * round - y * y)) - (round - h)
      const steps = 200_000
      let arcMm = 0
      for (let i = 0; i < steps; i++) {
        const [a, b] = [-r + (2 * r * i) / steps, -r + (2 * r * (i + 1)) / steps]
        arcMm += Math.hypot(b - a, heightAt(b) - heightAt(a))
      }
      return domeMm2({ spreadMm, riseMm }) + stretchMm * arcMm
    }
    for (const [spread, rise, stretch] of [
      [200, 60, 300],
      [240, 120, 480],
      [150, 200, 90]
    ] as const)
      expect(domeMm2({ spreadMm: spread, riseMm: rise }, stretch) / stepped(spread, rise, stretch)).toBeCloseTo(1, 4)
  })

  it('of flowers that do not rise above the rim has the area of its top', () => {
    expect(domeMm2({ spreadMm: 200, riseMm: 0 }, 300)).toBeCloseTo(Math.PI * 100 ** 2 + 300 * 200, 6)
  })

  it('stands as long as it is measured, its flowers over all of it, and is run into only where it is', () => {
    const flowers = { stems: [{ stemId: look.pieces.find((piece) => piece.kind === 'stem')!.id, count: 9 }], riseMm: 120, spreadMm: 200, mechanics: null }
    const solids = pieceSolids(oak, { candle: null, arrangement: flowers, part: 1 }, index)
    const half = (axis: 'halfXMm' | 'halfYMm', ofFlowers: boolean) =>
      Math.max(...solids.flatMap((solid) => (solid.kind === 'box' && (solid.part === 'heads') === ofFlowers && solid.part !== 'stems' ? [solid[axis]] : [])))
    expect([2 * half('halfXMm', false), 2 * half('halfYMm', false)]).toEqual([oak.lengthMm, oak.widestMm])
    expect([2 * half('halfXMm', true), 2 * half('halfYMm', true)]).toEqual([200 + longerMm(oak), 200])
    const beside = (turnDeg: number) => {
      const [one, other] = standings({
        centerpiece: [{ ...newPlaced('trough', oak.id, 0, 0), turnDeg }, newPlaced('bowl', 'bowl-oyster-small', 0, oak.widestMm / 2 + 80)],
        pieces: look.pieces
      })
      return piecesOverlapMm(one!, other!)
    }
    expect(beside(0)).toBe(0)
    expect(beside(90)).toBeGreaterThan(0)
  })

  it('holds what is narrower than it anywhere along, holds its stems in foam, and its water and food by its whole length', () => {
    const ball = [{ kind: 'frustum', part: 'body', z0Mm: 0, z1Mm: 40, r0Mm: 30, r1Mm: 30, opacity: 1 }] as const
    expect(restsAboveFloorMm(oak, ball, { x: longerMm(oak) / 2, y: 0 })).toBe(0)
    expect(restsAboveFloorMm(oak, ball, { x: oak.lengthMm! / 2, y: 0 })).toBe(oak.depthMm)
    expect(restsAboveFloorMm(oak, ball, { x: 0, y: oak.widestMm / 2 })).toBe(oak.depthMm)
    expect(mechanicsOf(oak, { stems: [], riseMm: 90, spreadMm: 160, mechanics: null })).toBe('foam')
    const long = foodMl({ ...oak, lengthMm: oak.widestMm + 500 })!
    const short = foodMl({ ...oak, lengthMm: oak.widestMm + 250 })!
    const square = foodMl({ ...oak, lengthMm: oak.widestMm })!
    expect((long - square) / (short - square)).toBeCloseTo(2, 1)
  })

  it('leads a middle along a long table, inside what is free, and is not laid in a ring', () => {
    const others = look.pieces.filter(
      (piece) => (piece.kind === 'vessel' && piece.form !== 'trough' && piece.mouthMm > 40) || (piece.kind === 'ornament' && piece.form === 'compote')
    )
    const options = { patterns: ['one-focus'], want: 2, seed: 1, from: 'few-new', without: others.map((piece) => piece.id) } as const
    const bare = { ...look, centerpiece: [], menu: { ...look.menu, dishes: [] } }
    const { ideas } = composeMiddles(bare, options)
    expect(ideas.length).toBeGreaterThan(0)
    for (const { centerpiece } of ideas) {
      const hero = centerpiece.find((placed) => index.get(placed.pieceId)?.kind === 'vessel')!
      const vessel = index.get(hero.pieceId) as Vessel
      expect(vessel.form).toBe('trough')
      expect([hero.xMm, hero.yMm]).toEqual([0, 0])
      const needs = arrangementNeeds(vessel, hero.arrangement!, look.school.fullness, index)
      expect(needs.cover).toBeGreaterThanOrEqual(needs.coverWanted)
      expect(needs.stems).toBeLessThanOrEqual(needs.mouthMost)
      const codes = createAssessor()
        .measure({ ...bare, centerpiece })
        .findings.map((finding) => finding.code)
      for (const code of ['piece.piece', 'piece.setting', 'piece.off', 'flame.near', 'sight.hidden'] as const) expect(codes).not.toContain(code)
    }
    const round = { ...bare, table: { ...bare.table, shape: { kind: 'round', diameterMm: 1500 }, leaves: { ...bare.table.leaves, in: 0 } } } as typeof bare
    const found = composeMiddles(round, options)
    for (const idea of found.ideas) for (const { pieceId } of idea.centerpiece) expect(pieceId).not.toMatch(/^trough/)
  })
})
