import {
  applyEdit,
  createAssessor,
  dropOnto,
  fillSpots,
  fillWith,
  isStanding,
  massOf,
  newPlaced,
  panelOf,
  pieceIndex,
  reachMm,
  seededRandom,
  standings,
  tilts,
  type Look,
  type Piece,
  type Placed,
  type Random,
  type Standing,
  type WorldSolid
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { offSupportMm } from '../src/centerpiece/collisions.js'
import { floorExtent, isSupport, standHeightMm } from '../src/solids/pieceSolids.js'
import { bareLook, demoLook, longTable } from './support/looks.js'
import { many } from './support/many.js'
import { wildMiddle } from './support/wildMiddle.js'

const demo = demoLook()
const bare: Look = { ...bareLook(), table: longTable(110, 48, 'closed'), household: demo.household, menu: { ...demo.menu, dishes: [] } }
const between = (random: Random, low: number, high: number) => low + (high - low) * random()
/** A middle in which everything leans, hangs, goes round, stands below and above. */
function middleOf(seed: number): Look {
  const random = seededRandom(seed)
  const base: Placed[] = [
    { ...newPlaced('tall', 'jug-sky', 0, 0), arrangement: { stems: [{ stemId: 'lisianthus', count: 6 }], riseMm: 120, spreadMm: 160, mechanics: null } },
    { ...newPlaced('bowl', 'dough-bowl', -300, 120), turnDeg: Math.round(between(random, 0, 90)) }
  ]
  return { ...bare, centerpiece: [...base, ...wildMiddle(random)] }
}
const SEEDS = Array.from({ length: many(20) }, (_, i) => 500 + i)

/** The corners that bound a solid in the table's frame. */
function reachOf(solids: readonly WorldSolid[]): number[] {
  const half = (solid: WorldSolid) => {
    if (solid.kind === 'frustum') return [Math.max(solid.r0Mm, solid.r1Mm), Math.max(solid.r0Mm, solid.r1Mm)] as const
    const [cos, sin] = [Math.abs(Math.cos(solid.turnRad)), Math.abs(Math.sin(solid.turnRad))]
    return [solid.halfXMm * cos + solid.halfYMm * sin, solid.halfXMm * sin + solid.halfYMm * cos] as const
  }
  return [
    Math.min(...solids.map((solid) => solid.x - half(solid)[0])),
    Math.max(...solids.map((solid) => solid.x + half(solid)[0])),
    Math.min(...solids.map((solid) => solid.y - half(solid)[1])),
    Math.max(...solids.map((solid) => solid.y + half(solid)[1])),
    Math.min(...solids.map((solid) => solid.z0Mm)),
    Math.max(...solids.map((solid) => solid.z1Mm))
  ]
}

describe('on forty seeded middles', () => {
  it('a half turn of everything changes no finding, no weight and no figure but where things are', () => {
    for (const seed of SEEDS) {
      const look = middleOf(seed)
      const turned: Look = {
        ...look,
        centerpiece: look.centerpiece.map((placed) =>
          placed.on === null ? { ...placed, xMm: -placed.xMm, yMm: -placed.yMm, turnDeg: placed.turnDeg + 180 } : placed
        )
      }
      const told = (one: Look) =>
        createAssessor()
          .measure(one)
          .findings.filter(({ code }) => /^(piece|cover|cord)\./.test(code) && code !== 'piece.setting')
          .map(({ code, at, because }) => `${code} ${at.kind === 'piece' ? at.placedId : ''} ${because}`)
          .sort()
      expect(told(turned), `seed ${seed}`).toEqual(told(look))
      const [one, other] = [standings(look), standings(turned)]
      one.forEach((standing, i) => {
        expect(other[i]!.footMm).toBeCloseTo(standing.footMm, 6)
        expect(other[i]!.topMm).toBeCloseTo(standing.topMm, 6)
        expect([other[i]!.pose.x, other[i]!.pose.y]).toEqual([expect.closeTo(-standing.pose.x, 6), expect.closeTo(-standing.pose.y, 6)])
      })
    }
  })

  it('nothing hangs below the ground it shares, leans over what bears it, or reaches farther than is said', () => {
    for (const seed of SEEDS)
      for (const one of standings(middleOf(seed))) {
        const [x0, x1, y0, y1, z0, z1] = reachOf(one.solids)
        expect(z0, `seed ${seed} ${one.placed.id}`).toBeGreaterThanOrEqual(-1e-6)
        expect(z0!).toBeCloseTo(one.footMm, 6)
        expect(z1!).toBeCloseTo(one.topMm, 6)
        for (const [low, high, at] of [
          [x0!, x1!, one.pose.x],
          [y0!, y1!, one.pose.y]
        ] as const) {
          expect(at - low).toBeLessThanOrEqual(one.reachMm + 1e-6)
          expect(high - at).toBeLessThanOrEqual(one.reachMm + 1e-6)
        }
        expect(reachMm(one.spread)).toBeLessThanOrEqual(2 * one.reachMm + 1e-6)
      }
  })

  it('all weights rest on the table once: what stands on the table itself carries the sum', () => {
    for (const seed of SEEDS) {
      const look = middleOf(seed)
      const all = standings(look)
      const index = pieceIndex(look)
      const whole = all.reduce((sum, one) => sum + massOf(one, index).grams, 0)
      const onTable = tilts(all, index).reduce((sum, tilt, i) => sum + (all[i]!.carrierId === null ? tilt.grams : 0), 0)
      expect(onTable, `seed ${seed}`).toBeCloseTo(whole, 3)
      for (const tilt of tilts(all, index)) expect(tilt.carriedG).toBeGreaterThanOrEqual(-1e-6)
    }
  })
})

it('a thing weighs the same standing, leaning, hanging or lying round', () => {
  const index = pieceIndex(bare)
  for (const piece of bare.pieces.filter(isStanding)) {
    const grams = (how: Placed['how']) => {
      const look = {
        ...bare,
        centerpiece: [newPlaced('jug', 'glass-cylinder'), { ...newPlaced('x', piece.id, 0, -120), on: how === 'standing' ? null : 'jug', how }]
      }
      return massOf(standings(look)[1]!, index).grams
    }
    if (panelOf(piece) && piece.kind === 'ornament') expect(grams('leaning'), piece.id).toBeCloseTo(grams('standing'), 6)
    if (piece.kind === 'ornament' && ['beads', 'garland', 'greens', 'throw', 'lights'].includes(piece.form))
      for (const how of ['draped', 'around'] as const) expect(grams(how), `${piece.id} ${how}`).toBeCloseTo(grams('standing'), 6)
  }
})

describe('boards against turned boxes', () => {
  it('stop where a search in thousandths of a radian first finds a point of the board inside the box, on forty seeded pairs', () => {
    const random = seededRandom(91)
    let met = 0
    for (let k = 0; k < 40; k++) {
      const box = { lengthMm: between(random, 60, 300), widthMm: between(random, 60, 300), heightMm: between(random, 60, 350) }
      const up = between(random, 80, 300)
      const wall = { ...demo.pieces.find((piece) => piece.id === 'spool-jar')!, id: 'box', kind: 'ornament', form: 'figure', cordMm: null } as Piece
      const pieces: Piece[] = [
        { ...wall, extent: { kind: 'rectangle', lengthMm: box.lengthMm, widthMm: box.widthMm }, heightMm: box.heightMm } as Piece,
        {
          ...demo.pieces.find((piece) => piece.id === 'board-walnut')!,
          id: 'panel',
          extent: { kind: 'rectangle', lengthMm: 0.4, widthMm: up },
          floorMm: 2,
          rimMm: 2
        } as Piece
      ]
      const turnDeg = between(random, 0, 360)
      const away = Math.hypot(box.lengthMm, box.widthMm) / 2 + between(random, 2, 60)
      const turn = (turnDeg * Math.PI) / 180
      const look: Look = {
        ...bare,
        pieces: [...bare.pieces, ...pieces],
        centerpiece: [
          newPlaced('box', 'box'),
          { ...newPlaced('p', 'panel', away * Math.sin(turn), -away * Math.cos(turn)), turnDeg, on: 'box', how: 'leaning' }
        ]
      }
      const { manner, pose } = standings(look)[1]!
      if (manner?.kind !== 'leaning' || manner.touchMm === 0) continue
      met++
      // the middle line of a board hardly wider than that
      const inside = (angle: number) =>
        Array.from({ length: 300 }, (_, i) => (up * (i + 1)) / 300).some((s) => {
          const [z, back] = [s * Math.cos(angle), s * Math.sin(angle) + 1]
          const [x, y] = [pose.x - back * Math.sin(turn), pose.y + back * Math.cos(turn)]
          return z > 1 && z < box.heightMm && Math.abs(x) < box.lengthMm / 2 && Math.abs(y) < box.widthMm / 2
        })
      let angle = 0
      while (angle < 1.6 && !inside(angle)) angle += 0.002
      expect(Math.abs(angle - manner.angleRad), `pair ${k}`).toBeLessThan(0.02)
    }
    expect(met).toBeGreaterThan(16)
  })
})

describe('filled and dropped', () => {
  const supports = bare.pieces.filter((piece) => isStanding(piece) && isSupport(piece))
  const things = ['pods-poppy', 'persimmons', 'bud-bottle'].slice(0, many(2))

  it('a filled thing holds all that was put wholly on its floor, apart from each other', () => {
    let filled = 0
    for (const support of supports)
      for (const thing of things) {
        const look: Look = {
          ...bare,
          pieces: bare.pieces.map((piece) => (piece.id === thing ? { ...piece, owned: 40 } : piece)),
          centerpiece: [newPlaced('s', support.id)]
        }
        const levels = support.kind === 'tray' ? support.upper.length : 0
        for (let level = 0; level <= levels; level++) {
          const spots = fillSpots(look, 's', thing, level)!
          if (spots.length === 0) continue
          filled++
          const after = standings(applyEdit(look, fillWith(look, 's', thing, spots.length, level)))
          const put = after.slice(1)
          expect(put).toHaveLength(spots.length)
          for (const one of put) {
            expect(offSupportMm(one, after[0]), `${thing} in ${support.id}`).toBe(0)
            expect(one.footMm).toBeGreaterThanOrEqual(standHeightMm(after[0]!.piece, level) - 1e-6)
          }
          const radius = (one: Standing) => (one.foot.kind === 'disc' ? one.foot.radiusMm : reachMm(one.foot))
          put.forEach((a, i) =>
            put
              .slice(0, i)
              .forEach((b) =>
                expect(Math.hypot(a.pose.x - b.pose.x, a.pose.y - b.pose.y) > radius(a) + radius(b) - 3 || Math.abs(a.footMm - b.footMm) > 10, thing).toBe(true)
              )
          )
        }
      }
    expect(filled).toBeGreaterThan(25)
  })

  it('let go anywhere over a thing a piece comes to stand on a floor that holds it, the highest there is, or on the table', () => {
    const random = seededRandom(17)
    let onto = 0
    for (const support of supports) {
      const look: Look = { ...bare, centerpiece: [{ ...newPlaced('s', support.id, 40, -30), turnDeg: 25 }, newPlaced('x', 'pods-poppy', 900, 0)] }
      const [below, self] = standings(look) as [Standing, Standing]
      if (!isSupport(below.piece)) continue
      for (let k = 0; k < 40; k++) {
        const at = { x: 40 + between(random, -320, 320), y: -30 + between(random, -200, 200) }
        const found = dropOnto(at, self, [below, self])
        const there = (level: number) => ({ ...self, placed: { ...self.placed, level }, foot: { ...self.foot, ...at } })
        const levels = below.piece.kind === 'tray' ? below.piece.upper.length : 0
        // wholly on a floor: no part of its foot is over the rim, and its middle is within
        const holds = Array.from({ length: levels + 1 }, (_, level) => level).filter((level) => {
          const floor = floorExtent(below.piece as Parameters<typeof floorExtent>[0], level)
          return offSupportMm(there(level), below) === 0 && 'kind' in floor
        })
        if (found) {
          onto++
          expect(holds).toContain(found.level)
          expect(found.level).toBe(Math.max(...holds))
        } else expect(holds).toEqual([])
      }
    }
    expect(onto).toBeGreaterThan(40)
  })
})
