import {
  alignEdit,
  alongEdgeEdit,
  applyEdit,
  createAssessor,
  distributeEdit,
  dropOnto,
  groupEdit,
  halfLengthMm,
  linesPart,
  planPart,
  surroundingsPart,
  heightMap,
  mirrorEdit,
  movedWith,
  newGuest,
  newPlaced,
  overlapMm,
  putNear,
  seatPlan,
  sightLines,
  guestEyes,
  snap,
  sparePieces,
  standings,
  tallestMm,
  twinOf,
  type Look,
  type Placed
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook, guests, longTable, roundTable } from './support/looks.js'

const demo = demoLook()
const lookOf = (centerpiece: readonly Placed[]): Look => ({ ...demo, centerpiece })
const row = (...xs: number[]) => xs.map((x, i) => newPlaced(`p${i}`, 'spool-jar', x, 10 * i))

describe('snapping', () => {
  const middle = { lengthMm: 1800, middleY: 0 }
  const at = (look: Look, id: string, x: number, y: number) => {
    const all = standings(look)
    return snap(
      { x, y },
      all.find((one) => one.placed.id === id)!,
      all,
      middle,
      20
    )
  }

  it('draws a piece to the axis, the middle, a third, its twin’s mirror image and equal gaps, and to nothing from farther than its reach', () => {
    const look = lookOf([newPlaced('a', 'jug-sky', 0, 0), newPlaced('b', 'spool-jar', -420, 70), newPlaced('c', 'spool-jar', 700, 300)])
    expect(at(look, 'c', 12, 15)).toMatchObject({ at: { x: 0, y: 0 }, alongBy: 'middle', acrossBy: 'axis' })
    expect(at(look, 'c', 310, 200)).toMatchObject({ at: { x: 300, y: 200 }, alongBy: 'third', acrossBy: null })
    expect(at(look, 'c', 410, 78)).toMatchObject({ at: { x: 420, y: 70 }, alongBy: 'mirror', acrossBy: 'mirror' })
    expect(at(look, 'c', 640, 250)).toEqual({ at: { x: 640, y: 250 }, alongBy: null, acrossBy: null })
  })

  it('between two neighbors the gaps to both are the same', () => {
    const look = lookOf([newPlaced('a', 'jug-sky', -520, 0), newPlaced('b', 'compote-citrus', 500, 0), newPlaced('c', 'spool-jar', 0, 0)])
    const between = at(look, 'c', -28, 4)
    const [a, b, c] = standings(lookOf(look.centerpiece.map((placed) => (placed.id === 'c' ? { ...placed, xMm: between.at.x, yMm: between.at.y } : placed))))
    if (between.alongBy === 'gap') expect(overlapMm(a!.foot, c!.foot)).toBeCloseTo(overlapMm(b!.foot, c!.foot), 6)
    else expect(between.alongBy).toBe('middle')
  })
})

describe('several pieces at once', () => {
  it('a group moves as one, grouping it again lets all go', () => {
    const look = applyEdit(lookOf(row(0, 200, 400)), groupEdit(lookOf(row(0, 200, 400)), ['p0', 'p2']))
    expect(movedWith(look, 'p0')).toEqual(['p0', 'p2'])
    expect(movedWith(look, 'p1')).toEqual(['p1'])
    expect(applyEdit(look, groupEdit(look, ['p0', 'p2'])).centerpiece.every((placed) => placed.group === null)).toBe(true)
  })

  it('aligned they are on the axis, spaced evenly all gaps are the same and the ends stay', () => {
    const look = lookOf(row(-500, -420, 130, 500))
    const even = applyEdit(look, distributeEdit(look, ['p0', 'p1', 'p2', 'p3']))
    const feet = standings(applyEdit(even, alignEdit(even, ['p0', 'p1', 'p2', 'p3'], 0))).map((one) => one.foot)
    const gaps = feet.slice(1).map((foot, i) => -overlapMm(foot, feet[i]!))
    expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(2)
    expect([feet[0]!.x, feet[3]!.x]).toEqual([-500, 500])
    expect(feet.every((foot) => foot.y === 0)).toBe(true)
  })

  it('a mirrored tray brings what stands on it, and each finds the other as its twin', () => {
    const look = lookOf([newPlaced('t', 'tray-oak-handled', -400, 20), { ...newPlaced('s', 'spool-jar', 90, 0), on: 't' }])
    const after = applyEdit(look, mirrorEdit(look, 't'))
    const [tray, jar] = after.centerpiece.slice(2)
    expect(tray).toMatchObject({ xMm: 400, yMm: 20, on: null })
    expect(jar).toMatchObject({ on: tray!.id, xMm: -90 })
    expect(twinOf(after, 't')).toBe(tray!.id)
  })
})

describe('the height map', () => {
  // two 5th percentile women 1.2 m apart, a thin piece midway hides from 292 mm up (handbook section 2, derived from Pheasant 1996)
  it('midway between two short women it is the trade’s 11 1/2 in; a wider piece less, nearer a face more', () => {
    const short = (n: number) => ({ ...newGuest(n), body: { kind: 'adult' as const, build: 'woman' as const, stature: 'short' as const } })
    const table = { ...longTable(40, 40, 'closed'), seatHeightMm: 450, heightMm: 740 }
    const plan = seatPlan({ table, guests: [short(1), short(2)], school: demo.school })
    const lines = sightLines(guestEyes(plan, table))
    expect(tallestMm({ x: 0, y: 0 }, lines)).toBeGreaterThan(270)
    expect(tallestMm({ x: 0, y: 0 }, lines)).toBeLessThan(296)
  })

  it('a thing as tall as the map says hides nobody, one 30 mm taller does', () => {
    const look = { ...demo, guests: guests(8), centerpiece: [] }
    const { get } = createAssessor().measure(look)
    const lines = get(linesPart)
    const map = heightMap(get(planPart).outline, lines)
    let asked = 0
    for (let row = 0; row < map.rows; row += 3)
      for (let column = 0; column < map.columns; column += 5) {
        const tallest = map.heightsMm[row * map.columns + column]!
        if (Number.isNaN(tallest) || tallest > 600) continue
        const at = { x: (column - (map.columns - 1) / 2) * map.stepMm, y: (row - (map.rows - 1) / 2) * map.stepMm }
        if (Math.abs(at.x) > halfLengthMm(get(planPart).outline) * 0.6) continue
        const pole = (heightMm: number): Look => ({
          ...look,
          pieces: [
            ...look.pieces,
            {
              ...look.pieces.find((piece) => piece.id === 'spool-jar')!,
              id: 'pole',
              kind: 'ornament',
              form: 'figure',
              extent: { kind: 'round', diameterMm: 80 },
              heightMm
            } as Look['pieces'][number]
          ],
          centerpiece: [newPlaced('pole', 'pole', at.x, at.y)]
        })
        const most = (one: Look) => Math.max(...createAssessor().measure(one).figures.sight.hidden.flat())
        expect(most(pole(tallest))).toBeLessThanOrEqual(0.011)
        expect(most(pole(tallest + 30))).toBeGreaterThan(0.01)
        asked++
      }
    expect(asked).toBeGreaterThan(12)
  })
})

it('let go over a tray a piece stands on it when its whole foot does, over a filled vase or half off it stays on the table', () => {
  const look = lookOf([
    newPlaced('t', 'tray-oak-handled', 0, 0),
    newPlaced('s', 'spool-jar', 700, 0),
    { ...newPlaced('j', 'jug-sky', 0, 400), arrangement: { stems: [{ stemId: 'lisianthus', count: 5 }], riseMm: 100, spreadMm: 100, mechanics: null } },
    { ...newPlaced('r', 'riser-clear', -150, 0), on: 't' }
  ])
  const all = standings(look)
  const [tray, jar] = all
  const onto = (x: number, y: number, self = jar!) => dropOnto({ x, y }, self, all)?.below.placed.id ?? null
  expect(onto(100, 0)).toBe('t')
  expect(onto(-150, 0)).toBe('r')
  expect(onto(290, 0)).toBeNull()
  expect(onto(0, 400)).toBeNull()
  expect(onto(-150, 0, tray)).toBeNull()
})

it('a piece put on from the cupboard stands clear of all others and of every setting, as long as there is room', () => {
  let state: Look = { ...demo, centerpiece: [] }
  let free = 0
  for (const piece of sparePieces(state).slice(0, 12)) {
    const put = putNear(state, piece, { x: 0, y: 0 }, createAssessor().measure(state).get(surroundingsPart))
    state = applyEdit(state, put.edit)
    if (put.free) free++
    const hits = createAssessor()
      .measure(state)
      .findings.filter((f) => f.at.kind === 'piece' && f.at.placedId === put.id && ['piece.off', 'piece.setting', 'piece.piece'].includes(f.code))
    expect(hits.length > 0).toBe(!put.free)
  }
  expect(free).toBeGreaterThan(5)
})

describe('across the long axis', () => {
  it('a mirrored figure stands on the other side and turns its face there, with all that stands on it', () => {
    const look = lookOf([
      newPlaced('f', 'heron-figure', 200, 150),
      newPlaced('r', 'riser-clear', -200, 150),
      { ...newPlaced('on', 'persimmons', 10, 20), on: 'r' }
    ])
    const figure = applyEdit(look, mirrorEdit(look, 'f', 'sides')).centerpiece[3]!
    expect(figure).toMatchObject({ xMm: 200, yMm: -150, turnDeg: 180 })
    const stand = applyEdit(look, mirrorEdit(look, 'r', 'sides')).centerpiece.slice(3)
    expect(stand).toHaveLength(2)
    expect(stand[1]).toMatchObject({ on: stand[0]!.id })
    expect(twinOf(applyEdit(look, mirrorEdit(look, 'f', 'sides')), 'f', 'sides')).toBe(figure.id)
    expect(twinOf(applyEdit(look, mirrorEdit(look, 'f', 'sides')), 'f', 'ends')).toBeNull()
  })
})

describe('round the edge', () => {
  const spread = (count: number, look: Look) => {
    const ids = look.centerpiece.map((placed) => placed.id)
    const { outline } = seatPlan(look)
    return applyEdit(look, alongEdgeEdit(look, ids, outline, 200)).centerpiece.slice(0, count)
  }

  it('on a round table pieces stand at the corners of a regular polygon, in the order they stood', () => {
    const table = roundTable(60)
    const look = {
      ...lookOf(Array.from({ length: 6 }, (_, i) => newPlaced(`p${i}`, 'bud-bottle', Math.round(100 * Math.cos(i)), Math.round(100 * Math.sin(i))))),
      table
    }
    const at = spread(6, look)
    const side = 30 * 25.4 - 200
    at.forEach((placed, i) => {
      expect(Math.hypot(placed.xMm, placed.yMm)).toBeCloseTo(side, -1)
      const next = at[(i + 1) % 6]!
      expect(Math.hypot(next.xMm - placed.xMm, next.yMm - placed.yMm) / side).toBeCloseTo(1, 1)
    })
  })

  it('on a long table the steps along the line are even, corners and all', () => {
    const look = {
      ...lookOf(
        Array.from({ length: 10 }, (_, i) => newPlaced(`p${i}`, 'bud-bottle', Math.round(300 * Math.cos(i * 0.6)), Math.round(200 * Math.sin(i * 0.6))))
      ),
      table: longTable(100, 44)
    }
    const [halfX, halfY] = [50 * 25.4 - 200, 22 * 25.4 - 200]
    const along = spread(10, look).map(({ xMm: x, yMm: y }) => {
      // the way round the rectangle from the middle of its right side
      if (Math.abs(x - halfX) < 8) return y >= 0 ? y : 4 * halfX + 4 * halfY + y
      if (Math.abs(y - halfY) < 8) return halfY + halfX - x
      if (Math.abs(x + halfX) < 8) return halfY + 2 * halfX + halfY - y
      return 3 * halfY + 3 * halfX + x
    })
    const step = (4 * (halfX + halfY)) / 10
    along
      .sort((a, b) => a - b)
      .slice(1)
      .forEach((mm, i) => expect(Math.abs(mm - along[i]! - step)).toBeLessThan(12))
  })

  it('what is locked stays', () => {
    const look = lookOf([{ ...newPlaced('a', 'bud-bottle', 5, 5), locked: true }, newPlaced('b', 'bud-bottle', 50, 50)])
    expect(spread(1, look)[0]).toMatchObject({ xMm: 5, yMm: 5 })
  })
})
