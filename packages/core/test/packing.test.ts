import {
  applyEdit,
  createAssessor,
  fillSpots,
  fillWith,
  mixIn,
  needs,
  newPlaced,
  packDiscs,
  packMost,
  piecesOverlapMm,
  plainSchool,
  seededRandom,
  standings,
  type Look,
  type Piece
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { offSupportMm } from '../src/centerpiece/collisions.js'
import { demoLook, guests, longTable } from './support/looks.js'
import { many } from './support/many.js'

/**
 * Least radius of a circle around n unit circles. R. L. Graham, B. D. Lubachevsky, K. J. Nurmela and P. R. J. Östergård, Dense packings of congruent
 * circles in a circle, Discrete Mathematics 181 (1998), table of the best known (values from memory, four decimals; proven to n = 13 and 19).
 */
const bestRadius: readonly (readonly [count: number, radius: number])[] = [
  [1, 1],
  [2, 2],
  [3, 2.1547],
  [4, 2.4142],
  [5, 2.7013],
  [6, 3],
  [7, 3],
  [8, 3.3048],
  [9, 3.6131],
  [10, 3.813],
  [11, 3.9238],
  [12, 4.0296],
  [13, 4.2361],
  [14, 4.3284],
  [19, 4.8637]
]

const R = 40

describe('discs side by side', () => {
  it.each(bestRadius)('%i fit a circle one percent wider than the least known, at radius %f', (count, radius) => {
    const into = { kind: 'round', radiusMm: R * radius * 1.01 } as const
    const places = packDiscs(into, R, count)
    expect(places).toHaveLength(count)
    places!.forEach((a, i) => {
      expect(Math.hypot(a.x, a.y)).toBeLessThanOrEqual(into.radiusMm - R + 1)
      for (const b of places!.slice(0, i)) expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(2 * R - 1)
    })
  })

  it('none is put where the least known radius says it cannot be', () => {
    for (const [count, radius] of bestRadius.slice(1)) expect(packDiscs({ kind: 'round', radiusMm: R * radius * 0.96 }, R, count), `${count}`).toBeNull()
  })

  it('in a rectangle two wide and six long there are twelve, and one fewer than nothing in a slit', () => {
    expect(packMost({ kind: 'rect', halfXMm: 6 * R, halfYMm: 2 * R }, R, 60)).toHaveLength(12)
    expect(packMost({ kind: 'rect', halfXMm: 6 * R, halfYMm: R * 0.9 }, R, 60)).toHaveLength(0)
    expect(packDiscs({ kind: 'round', radiusMm: 1 }, R, 0)).toEqual([])
  })

  it('at least as many as stand in square rows or in a hexagon, and never more than the densest lattice has room for, on twenty-five seeded floors', () => {
    const random = seededRandom(23)
    for (let k = 0; k < many(25); k++) {
      const r = 20 + 20 * random()
      const [halfX, halfY] = [r * (1.1 + 4 * random()), r * (1.1 + 2.5 * random())]
      const rows = Math.floor(halfX / r + 1e-9) * Math.floor(halfY / r + 1e-9)
      const inRect = packMost({ kind: 'rect', halfXMm: halfX, halfYMm: halfY }, r, 40).length
      expect(inRect, `floor ${k}`).toBeGreaterThanOrEqual(Math.min(40, rows))
      // Thue: no packing of the plane is denser than pi / sqrt(12); discs reach at most half a lattice step beyond the floor
      expect(inRect * Math.PI * r * r).toBeLessThanOrEqual((Math.PI / Math.sqrt(12)) * 4 * (halfX + 0.16 * r) * (halfY + 0.16 * r) + 1)
      const radius = r * (1.05 + 3 * random())
      const inRound = packMost({ kind: 'round', radiusMm: radius }, r, 40).length
      expect(inRound).toBeGreaterThanOrEqual(radius >= 3 * r ? 7 : radius >= 2 * r ? 2 : 1)
      expect(inRound * r * r).toBeLessThanOrEqual(radius * radius)
    }
  })

  it('the same question gets the same answer', () => {
    const ask = () => packMost({ kind: 'round', radiusMm: 4.4 * R }, R, 20)
    expect(ask()).toEqual(ask())
  })
})

describe('filling', () => {
  const demo = demoLook()
  const of = (id: string, change: object): Piece => ({ ...demo.pieces.find((piece) => piece.id === id)!, ...change }) as Piece
  const plum = of('pods-poppy', { id: 'plum', owned: 5, material: 'fruit', form: 'fruit', extent: { kind: 'round', diameterMm: 60 }, heightMm: 55 })
  const tray = of('tray-oak-handled', { id: 'tray', extent: { kind: 'round', diameterMm: 60 * 3.02 }, wallMm: 0, floorMm: 10, rimMm: 10 })
  const look = (...more: Piece[]): Look => ({
    ...demo,
    table: longTable(110, 48),
    guests: guests(4),
    school: { ...demo.school, ...plainSchool },
    pieces: [...demo.pieces.filter((piece) => more.every((one) => one.id !== piece.id)), ...more],
    centerpiece: [newPlaced('t', 'tray')]
  })

  it('a tray three plums across holds seven, apart from each other and wholly on it; without a rim none are heaped', () => {
    const before = look(tray, plum)
    const spots = fillSpots(before, 't', 'plum')!
    expect(spots.map(({ heaped }) => heaped)).toEqual(Array.from({ length: 7 }, () => false))
    const after = applyEdit(before, fillWith(before, 't', 'plum', 5))
    const plums = standings(after).filter((one) => one.piece.id === 'plum')
    expect(plums).toHaveLength(5)
    plums.forEach((a, i) => plums.slice(0, i).forEach((b) => expect(piecesOverlapMm(a, b)).toBe(0)))
    const told = createAssessor()
      .measure(after)
      .findings.filter((finding) => finding.code === 'piece.support' || finding.code === 'piece.piece')
    expect(told).toEqual([])
    expect(fillSpots(after, 't', 'plum')!.length).toBeGreaterThan(0)
    expect(fillSpots(applyEdit(before, fillWith(before, 't', 'plum', 7)), 't', 'plum')).toEqual([])
  })

  // the close packing of spheres: four in a tetrahedron, the upper one √(2/3) of a width above the three (Kepler; any handbook of crystals)
  it('balls in a rim heap as close packing has it: four make a tetrahedron, seven carry more, and each lies on three', () => {
    const ball = of('plum', { ...plum, heightMm: 60, owned: 40 })
    const cup = (across: number) => ({ ...tray, floorMm: 10, rimMm: 40, extent: { kind: 'round', diameterMm: across } }) as Piece
    const three = look(cup(60 * (1 + 2 / Math.sqrt(3)) + 1), ball)
    const after = applyEdit(three, fillWith(three, 't', 'plum', 9))
    const feet = standings(after).flatMap((one) => (one.piece.id === 'plum' ? [one.footMm - 10] : []))
    expect(feet).toHaveLength(4)
    expect(feet.slice(0, 3)).toEqual([0, 0, 0])
    expect(feet[3]).toBeGreaterThan(60 * Math.sqrt(2 / 3) - 3)
    expect(feet[3]).toBeLessThan(60 * Math.sqrt(2 / 3) + 0.5)
    const seven = look(cup(60 * 3.02), ball)
    const heap = standings(applyEdit(seven, fillWith(seven, 't', 'plum', 60))).filter((one) => one.piece.id === 'plum')
    expect(heap.length).toBeGreaterThanOrEqual(9)
    heap.forEach((a, i) =>
      heap.slice(0, i).forEach((b) => expect(Math.hypot(a.pose.x - b.pose.x, a.pose.y - b.pose.y, a.footMm - b.footMm)).toBeGreaterThan(57))
    )
    const upper = heap.filter((one) => one.footMm > 11)
    for (const one of upper) {
      const under = heap.filter((other) => other.footMm < one.footMm && Math.hypot(other.pose.x - one.pose.x, other.pose.y - one.pose.y) < 60)
      expect(under.length).toBeGreaterThanOrEqual(3)
    }
  })

  it('what lies on others comes down when they are taken off', () => {
    const ball = of('plum', { ...plum, heightMm: 60, owned: 40 })
    const before = look({ ...tray, floorMm: 10, rimMm: 40, extent: { kind: 'round', diameterMm: 131 } } as Piece, ball)
    const after = applyEdit(before, fillWith(before, 't', 'plum', 4))
    const gone = { ...after, centerpiece: [after.centerpiece[0]!, after.centerpiece[4]!] }
    expect(standings(gone)[1]!.footMm).toBe(10)
  })

  it('a long bowl takes few of the largest along it, more of the next between, and the small ones last; what is missing is to buy', () => {
    const bowl = of('dough-bowl', { id: 'tray' })
    const [big, mid, nut] = [
      of('plum', { ...plum, id: 'big', extent: { kind: 'round', diameterMm: 100 }, heightMm: 90, owned: 1 }),
      of('plum', { ...plum, id: 'mid', extent: { kind: 'round', diameterMm: 55 }, heightMm: 50 }),
      of('plum', { ...plum, id: 'nut', extent: { kind: 'round', diameterMm: 35 }, heightMm: 35, owned: 30 })
    ]
    const before = look(bowl, plum, big, mid, nut)
    const { counts, edit } = mixIn(before, 't', ['nut', 'big', 'mid'])
    expect(counts.map(({ pieceId }) => pieceId)).toEqual(['big', 'mid', 'nut'])
    expect(counts[0]!.count).toBe(2)
    expect(counts[1]!.count).toBeGreaterThan(2)
    expect(counts[2]!.count).toBeGreaterThanOrEqual(counts[1]!.count)
    const after = applyEdit(before, edit)
    const all = standings(after)
    expect(all.filter((one) => one.placed.on === 't')).toHaveLength(counts.reduce((sum, { count }) => sum + count, 0))
    for (const one of all.slice(1)) expect(offSupportMm(one, all[0])).toBe(0)
    expect(needs(after).find(({ piece }) => piece.id === 'big')!.short).toBe(1)
  })

  it('a level with no room above holds none, a vase with flowers is not filled, a thing of no kind that carries gives nothing', () => {
    const stand = of('tiers-brass', { id: 'tray', upper: [{ heightMm: 70, diameterMm: 170 }] })
    expect(fillSpots(look(stand, plum), 't', 'plum', 0)).toEqual([])
    expect(fillSpots(look(stand, plum), 't', 'plum', 1)).toHaveLength(5)
    const full = { ...look(tray, plum), centerpiece: [{ ...newPlaced('t', 'jug-sky'), arrangement: { stems: [], riseMm: 50, spreadMm: 80, mechanics: null } }] }
    expect(fillSpots(full, 't', 'plum')).toBeNull()
    expect(fillSpots({ ...look(tray, plum), centerpiece: [newPlaced('t', 'pods-poppy')] }, 't', 'plum')).toBeNull()
  })
})
