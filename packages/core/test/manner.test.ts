import {
  dropOnto,
  insides,
  massOf,
  newPlaced,
  panelOf,
  pieceIndex,
  standings,
  tilts,
  type FindingCode,
  type Look,
  type Piece,
  type Placed,
  type Standing
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { leanAgainst } from '../src/stability/holdProposals.js'
import { bareLook, changed, firstOf } from './support/looks.js'

const bare = bareLook()
const withPieces = (pieces: readonly Piece[], ...centerpiece: Placed[]): Look => ({
  ...bare,
  pieces: [...bare.pieces.filter((old) => pieces.every((piece) => piece.id !== old.id)), ...pieces],
  centerpiece
})
const on = (below: string, placed: Placed, more: Partial<Placed> = {}): Placed => ({ ...placed, on: below, ...more })
const find = firstOf
const because = (look: Look, code: FindingCode) => find(look, code)?.because
const byId = (look: Look, id: string): Standing => standings(look).find((one) => one.placed.id === id)!
const degrees = (rad: number) => (rad * 180) / Math.PI

/** A block of stone 300 high and 200 square, a board 200 long and 10 thick. */
const wall = changed('spool-jar', {
  id: 'wall',
  kind: 'ornament',
  form: 'figure',
  material: 'stone',
  extent: { kind: 'rectangle', lengthMm: 200, widthMm: 200 },
  heightMm: 300
})
const low = changed('spool-jar', {
  id: 'low',
  kind: 'ornament',
  form: 'figure',
  material: 'stone',
  extent: { kind: 'rectangle', lengthMm: 200, widthMm: 200 },
  heightMm: 60
})
const board = (upMm = 200) => changed('board-walnut', { id: 'panel', extent: { kind: 'rectangle', lengthMm: 260, widthMm: upMm }, floorMm: 10, rimMm: 10 })
const leaning = (behindMm: number, upMm = 200, against = 'wall') =>
  withPieces([wall, low, board(upMm)], newPlaced('w', against), on('w', newPlaced('p', 'panel', 0, -100 - 5 - behindMm), { how: 'leaning' }))

describe('what leans', () => {
  it.each([10, 40, 68, 100])('its top touches the face %i mm behind its foot: the sine of the lean is that over its length', (behindMm) => {
    const panel = byId(leaning(behindMm), 'p')
    expect(panel.manner).toMatchObject({ kind: 'leaning', touchMm: 200 })
    const { angleRad } = panel.manner as { angleRad: number }
    expect(Math.sin(angleRad)).toBeCloseTo(behindMm / 200, 9)
    expect(panel.topMm).toBeCloseTo(200 * Math.cos(angleRad), 6)
    const top = panel.solids[panel.solids.length - 1]!
    expect(top.y).toBeCloseTo(-105 - behindMm + (11 / 12) * behindMm, 0)
  })

  it('slips once half the tangent of its lean passes the friction of its foot, as a ladder on a smooth wall does (statics; friction 0.3)', () => {
    const atDeg = (deg: number) => because(leaning(200 * Math.sin((deg * Math.PI) / 180)), 'piece.leans')
    const limit = degrees(Math.atan(0.6))
    expect(limit).toBeCloseTo(30.96, 2)
    expect(atDeg(limit - 0.5)).toBeUndefined()
    expect(atDeg(limit + 0.5)).toBe('slides')
  })

  it('falls forward below ten degrees of lean, below fifteen where animals or toddlers live', () => {
    const at = (deg: number, dogs: boolean) =>
      because({ ...leaning(200 * Math.sin((deg * Math.PI) / 180)), household: { ...bare.household, dogs } }, 'piece.leans')
    expect([at(9, false), at(11, false), at(14, true), at(16, true)]).toEqual(['falls-forward', undefined, 'falls-forward', undefined])
  })

  it('over the edge of something lower its back touches at the edge, and with the edge below its middle it topples', () => {
    const over = byId(leaning(30, 110, 'low'), 'p')
    expect(Math.tan((over.manner as { angleRad: number }).angleRad)).toBeCloseTo(30 / 60, 9)
    expect(over.manner).toMatchObject({ touchHeightMm: 60 })
    expect(because(leaning(30, 200, 'low'), 'piece.leans')).toBe('too-low')
  })

  it('against a vase that narrows upward it rests where a search in hundredths of a degree first meets the profile', () => {
    const vase = changed('jug-sky', { id: 'vase', form: 'bottle', baseMm: 90, widestMm: 160, mouthMm: 40, heightMm: 300, depthMm: 290 })
    for (const behindMm of [5, 30, 60, 90, 120]) {
      const look = withPieces([vase, board(240)], newPlaced('w', 'vase'), on('w', newPlaced('p', 'panel', 0, -80 - 5 - behindMm), { how: 'leaning' }))
      const body = byId(look, 'w').solids.slice(0, 2)
      const radius = (z: number) => {
        const solid = body.find((one) => z >= one.z0Mm && z <= one.z1Mm)
        return solid?.kind === 'frustum' ? solid.r0Mm + ((solid.r1Mm - solid.r0Mm) * (z - solid.z0Mm)) / (solid.z1Mm - solid.z0Mm) : 0
      }
      const inside = (angle: number) =>
        Array.from({ length: 481 }, (_, k) => (240 * k) / 480).some((s) => {
          const [z, y] = [s * Math.cos(angle), s * Math.sin(angle) - 80 - behindMm]
          return z > 1 && z <= 300 && y > -radius(z) + 0.02
        })
      let angle = 0
      while (!inside(angle)) angle += 0.0001
      expect(Math.abs((byId(look, 'p').manner as { angleRad: number }).angleRad - angle), `${behindMm}`).toBeLessThan(0.004)
    }
  })

  it('pushes over what is too light for it, and holds against the same filled with water', () => {
    const vase = changed('jug-sky', { id: 'vase', material: 'paper', baseMm: 60, widestMm: 60, mouthMm: 60, heightMm: 320, depthMm: 310 })
    const heavy = changed('board-walnut', {
      id: 'panel',
      material: 'stone',
      extent: { kind: 'rectangle', lengthMm: 260, widthMm: 200 },
      floorMm: 12,
      rimMm: 12
    })
    const placed = (stems: number): Look =>
      withPieces(
        [vase, heavy],
        {
          ...newPlaced('w', 'vase'),
          arrangement: stems > 0 ? { stems: [{ stemId: 'lisianthus', count: stems }], riseMm: 60, spreadMm: 80, mechanics: null } : null
        },
        on('w', newPlaced('p', 'panel', 0, -30 - 6 - 70), { how: 'leaning' })
      )
    expect(because(placed(0), 'piece.leans')).toBe('pushes-over')
    const light = changed('board-walnut', { id: 'panel', material: 'paper', extent: { kind: 'rectangle', lengthMm: 260, widthMm: 200 }, floorMm: 3, rimMm: 3 })
    expect(because({ ...placed(3), pieces: [...placed(3).pieces.filter((piece) => piece.id !== 'panel'), light] }, 'piece.leans')).toBeUndefined()
  })

  it('with nothing behind it, or round where it should be flat, it does not lean; and beside the thing it only passes it', () => {
    expect(because(withPieces([board()], { ...newPlaced('p', 'panel'), how: 'leaning' }), 'piece.leans')).toBe('nothing-behind')
    expect(because(withPieces([wall], newPlaced('w', 'wall'), on('w', newPlaced('p', 'pods-poppy', 0, -160), { how: 'leaning' })), 'piece.leans')).toBe(
      'not-flat'
    )
    const beside = withPieces([wall, board()], newPlaced('w', 'wall'), on('w', newPlaced('p', 'panel', 400, -150), { how: 'leaning' }))
    expect(because(beside, 'piece.leans')).toBe('nothing-behind')
  })

  it('stood to lean at an angle it leans at that angle, on every side, against a tall thing and over a low one', () => {
    for (const turnDeg of [0, 90, 180, 37])
      for (const [against, upMm] of [
        ['wall', 200],
        ['low', 110]
      ] as const) {
        const look = leaning(50, upMm, against)
        const self = byId(look, 'p')
        const spot = leanAgainst({ ...self, placed: { ...self.placed, turnDeg } }, byId(look, 'w'), panelOf(self.piece)!, 20)
        const leant = byId({ ...look, centerpiece: [look.centerpiece[0]!, { ...look.centerpiece[1]!, ...spot }] }, 'p')
        expect(degrees((leant.manner as { angleRad: number }).angleRad)).toBeCloseTo(20, 0)
      }
  })

  it('it weighs on what carries both, not on what it leans against, and goes where that goes', () => {
    const look = withPieces(
      [wall, board()],
      newPlaced('t', 'tray-oak-handled'),
      on('t', newPlaced('w', 'wall')),
      on('w', newPlaced('p', 'panel', 0, -150), { how: 'leaning' })
    )
    const all = standings(look)
    const index = pieceIndex(look)
    const own = new Map(all.map((one) => [one.placed.id, massOf(one, index).grams]))
    const by = new Map(tilts(all, index).map((tilt) => [tilt.placedId, tilt]))
    expect(by.get('w')!.carriedG).toBeCloseTo(0, 9)
    expect(by.get('t')!.carriedG).toBeCloseTo(own.get('w')! + own.get('p')!, 6)
    expect(byId(look, 'p')).toMatchObject({ carrierId: 't', rootId: 't', footMm: byId(look, 'w').footMm })
    // walnut, 260 x 200 x 10, at 0.65 g a cubic centimeter
    expect(own.get('p')).toBeCloseTo(26 * 20 * 1 * 0.65, 6)
  })
})

describe('what hangs and what goes round', () => {
  const scarf = (lengthMm: number) => changed('throw-linen', { id: 'scarf', extent: { kind: 'rectangle', lengthMm, widthMm: 150 } })
  const over = (lengthMm: number, piece = scarf(lengthMm)) =>
    withPieces([wall, piece], newPlaced('w', 'wall'), on('w', newPlaced('s', piece.id), { how: 'draped' }))

  it('hangs down each side by half of what its length has over the breadth below, to the ground at the most', () => {
    const hung = byId(over(500), 's')
    expect(hung.manner).toMatchObject({ kind: 'draped', hangMm: 150 })
    expect(hung.footMm).toBeCloseTo(150, 6)
    expect(byId(over(2000), 's')).toMatchObject({ footMm: 0 })
    expect(find(over(260), 'piece.drape')).toMatchObject({ because: 'slips-off', measured: { hangMm: 30 } })
    expect(because(over(500, wall), 'piece.drape')).toBe('not-pliant')
  })

  it('over the table’s edge it hangs by its own length and stands in nobody’s way above', () => {
    const look = withPieces([], { ...newPlaced('g', 'garland-ruscus', 1400, 0), how: 'draped', part: 0.1 })
    const hung = byId(look, 'g')
    expect(hung.footMm).toBeCloseTo(-182.9, 1)
    expect(find(look, 'piece.off')).toBeUndefined()
  })

  it('beads close round a foot when they are as long as the circle through their middle; a wreath when its hole is as wide as the foot', () => {
    const pot = changed('jug-sky', { id: 'pot', baseMm: 100, widestMm: 100, mouthMm: 100, heightMm: 150, depthMm: 140 })
    const round = (piece: Piece) => withPieces([pot, piece], newPlaced('w', 'pot'), on('w', newPlaced('r', piece.id), { how: 'around' }))
    const beads = (lengthMm: number) => changed('beads-wood', { id: 'beads', extent: { kind: 'rectangle', lengthMm, widthMm: 20 } })
    expect(byId(round(beads(377)), 'r').manner).toMatchObject({ needMm: Math.PI * 120, haveMm: 377, outerMm: 140 })
    expect(because(round(beads(376)), 'piece.around')).toBe('does-not-close')
    expect(because(round(beads(378)), 'piece.around')).toBeUndefined()
    const wreath = (diameterMm: number) => changed('wreath-bay', { id: 'wreath', extent: { kind: 'round', diameterMm }, heightMm: 50 })
    expect(because(round(wreath(199)), 'piece.around')).toBe('ring-small')
    expect(because(round(wreath(201)), 'piece.around')).toBeUndefined()
    expect(find(round(wreath(240)), 'piece.piece')).toBeUndefined()
  })
})

/** A bowl of walls so thin that they do not count, base 60, mouth 160, 100 deep on a foot of 10. */
const bowlOf = (id: string, base: number, mouth: number, depth: number) =>
  changed('low-bowl-oyster', { id, material: 'silver', form: 'bowl', baseMm: base, widestMm: mouth, mouthMm: mouth, heightMm: depth + 10, depthMm: depth })

describe('what stands in and on', () => {
  it('a bowl in a bowl sinks until walls touch: lowered in hundredths of a millimeter it stops at the same height', () => {
    for (const [base, mouth, height] of [
      [60, 120, 90],
      [90, 110, 60],
      [130, 140, 40],
      [40, 60, 30]
    ] as const) {
      const inner = changed('low-bowl-oyster', {
        id: 'in',
        form: 'bowl',
        baseMm: base,
        widestMm: mouth,
        mouthMm: mouth - 4,
        heightMm: height,
        depthMm: height - 8
      })
      const outer = bowlOf('out', 62, 162, 100)
      const look = withPieces([inner, outer], newPlaced('o', 'out'), on('o', newPlaced('i', 'in')))
      const one = byId(look, 'i')
      const wall = (z: number) => 30 + (50 * z) / 100
      const radius = (z: number) =>
        one.solids
          .slice(0, 2)
          .map((s) =>
            s.kind === 'frustum' && z >= s.z0Mm - one.footMm - 1e-9 && z <= s.z1Mm - one.footMm + 1e-9
              ? s.r0Mm + ((s.r1Mm - s.r0Mm) * (z - s.z0Mm + one.footMm)) / (s.z1Mm - s.z0Mm)
              : 0
          )
      const fits = (lift: number) =>
        Array.from({ length: 400 }, (_, k) => (height * k) / 399).every((z) => z + lift > 100 || Math.max(...radius(z)) <= wall(z + lift) + 0.01)
      let lift = 0
      while (!fits(lift)) lift += 0.05
      const told = insides(standings(look))[0]!
      expect(Math.abs(told.liftMm - lift), `${base}-${mouth}`).toBeLessThan(0.3)
      expect(told.airMm).toBeCloseTo(81 - 1 - mouth / 2, 6)
      expect(told.showsMm).toBeCloseTo(Math.max(0, 10 + told.liftMm + height - 110), 6)
    }
  })

  it('what is wider than the mouth rests on the rim and is told not to pass', () => {
    const look = withPieces([bowlOf('out', 60, 100, 80)], newPlaced('o', 'out'), on('o', newPlaced('i', 'tray-oak-handled')))
    expect(byId(look, 'i').footMm).toBeCloseTo(90, 6)
    expect(find(look, 'piece.opening')).toBeDefined()
  })

  it('under the next level of a stand there is room only for what is lower, beside it and on top for anything', () => {
    const stand = changed('tiers-brass', {
      id: 'stand',
      extent: { kind: 'round', diameterMm: 300 },
      floorMm: 20,
      rimMm: 20,
      wallMm: 0,
      upper: [{ heightMm: 150, diameterMm: 120 }],
      loadG: null
    })
    const thing = (heightMm: number) => changed('pods-poppy', { id: 'thing', extent: { kind: 'round', diameterMm: 60 }, heightMm })
    const look = (heightMm: number, xMm: number, level = 0) =>
      withPieces([stand, thing(heightMm)], newPlaced('s', 'stand'), on('s', newPlaced('t', 'thing', xMm), { level }))
    expect(find(look(124, 60), 'piece.headroom')).toBeUndefined()
    expect(find(look(130, 60), 'piece.headroom')).toMatchObject({ measured: { heightMm: 130 }, limit: { heightMm: 124 } })
    expect(find(look(130, 110), 'piece.headroom')).toBeUndefined()
    expect(find(look(130, 0, 1), 'piece.headroom')).toBeUndefined()
    expect(byId(look(130, 0, 1), 't').footMm).toBe(150)
    expect(find(look(40, 40, 1), 'piece.support')).toBeDefined()
    const all = standings(look(40, 0, 1))
    const free = { ...all[1]!, placed: { ...all[1]!.placed, on: null, level: 0 } }
    expect(dropOnto({ x: 20, y: 0 }, free, [all[0]!])).toMatchObject({ level: 1 })
    expect(dropOnto({ x: 110, y: 0 }, free, [all[0]!])).toMatchObject({ level: 0 })
    expect(dropOnto({ x: 140, y: 0 }, free, [all[0]!])).toBeNull()
  })

  it('a stand carries what its label says and no more', () => {
    const block = changed('riser-clear', { id: 'block', extent: { kind: 'round', diameterMm: 260 }, loadG: 7800 })
    // stone 2.6 g a cubic centimeter, nine tenths of 200 x 200 x h
    const stone = (heightMm: number) =>
      changed('spool-jar', { id: 'stone', kind: 'ornament', form: 'figure', material: 'stone', extent: { kind: 'round', diameterMm: 200 }, heightMm })
    const grams = (h: number) => Math.PI * 100 * 100 * h * 2.6 * 0.9 * 1e-3
    const look = (heightMm: number, loadG: number | null) =>
      withPieces([{ ...block, loadG } as Piece, stone(heightMm)], newPlaced('b', 'block'), on('b', newPlaced('s', 'stone')))
    expect(find(look(100, grams(100) - 1), 'piece.load')).toMatchObject({ measured: { grams: expect.closeTo(grams(100), 3) as number } })
    expect(find(look(100, grams(100) + 1), 'piece.load')).toBeUndefined()
    expect(find(look(100, null), 'piece.load')).toBeUndefined()
  })

  it('through a lantern’s door goes what is narrower, into its room what is lower; a flame in it burns apart from leaves outside and not from those inside', () => {
    const lantern = (mouthMm: number, depthMm: number) =>
      changed('lantern-iron', { id: 'lan', baseMm: 180, widestMm: 200, mouthMm, depthMm, heightMm: depthMm + 80 })
    const pods = (x: number, more: Partial<Placed>) => ({ ...newPlaced('p', 'pods-poppy', x), ...more })
    const lit = { ...newPlaced('c', 'tealight-smoke', -45), on: 'l', candle: { candleId: 'tealight-8', lightAtMin: 1200 } }
    const inside = (mouthMm: number, depthMm: number) => withPieces([lantern(mouthMm, depthMm)], newPlaced('l', 'lan'), pods(45, { on: 'l' }))
    expect([because(inside(80, 200), 'piece.opening'), because(inside(100, 200), 'piece.opening')]).toEqual(['does-not-pass', undefined])
    expect([because(inside(100, 60), 'piece.headroom'), because(inside(100, 90), 'piece.headroom')]).toEqual(['too-tall-inside', undefined])
    const outside = withPieces([lantern(120, 200)], newPlaced('l', 'lan'), lit, pods(150, {}))
    expect(find(outside, 'flame.near')).toBeUndefined()
    expect(because(withPieces([lantern(120, 200)], newPlaced('l', 'lan'), lit, pods(45, { on: 'l' })), 'flame.near')).toBe('burns')
    expect(because(withPieces([], newPlaced('l', 'cloche-glass'), { ...lit, xMm: 0 }), 'flame.near')).toBe('smothered')
  })
})
