import { applyEdit, halfLengthMm, newPlaced, shiftEdit, standings, tableOutline, type Look, type Outline } from '@hestiad/core'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { seedOf, stemPlaces } from '../src/board/drawing/blooms.js'
import { alongMm, viewport } from '../src/board/viewport.js'

const look = JSON.parse(readFileSync(new URL('../../../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8')) as Look
const outlines: Outline[] = [
  tableOutline(look.table),
  { kind: 'box', halfLengthMm: 1800, halfWidthMm: 400 },
  { kind: 'capsule', straightMm: 0, endMm: 600, halfWidthMm: 600 }
]

describe('the Board', () => {
  it('plan and elevation share their horizontal axis, turned or not', () => {
    for (const outline of outlines)
      for (const turned of [false, true]) {
        const view = viewport(outline, 838, 690, turned)
        for (const p of [
          { x: 0, y: 0 },
          { x: 310, y: -95 },
          { x: -halfLengthMm(outline), y: 20 }
        ]) {
          expect(view.onPlan(p).x).toBeCloseTo(view.onElevation(p, 77).x, 9)
          expect(view.onElevation(p, 0).x).toBeCloseTo(838 / 2 + view.scale * alongMm(p, turned), 9)
        }
      }
  })

  it('holds the whole table with its chairs above the divider, and faces and cloth below it', () => {
    for (const outline of outlines)
      for (const [width, height] of [
        [838, 690],
        [400, 900],
        [1400, 500]
      ] as const)
        for (const turned of [false, true]) {
          const view = viewport(outline, width, height, turned)
          for (const sign of [-1, 1]) {
            const end = view.onPlan({ x: sign * (halfLengthMm(outline) + 250), y: 0 })
            const side = view.onPlan({ x: 0, y: sign * (outline.halfWidthMm + 250) })
            for (const p of [end, side]) {
              expect(p.x).toBeGreaterThanOrEqual(0)
              expect(p.x).toBeLessThanOrEqual(width)
              expect(p.y).toBeGreaterThanOrEqual(0)
              expect(p.y).toBeLessThanOrEqual(view.dividerY + 1)
            }
          }
          expect(view.onElevation({ x: 0, y: 0 }, 700).y).toBeGreaterThan(view.dividerY - 1)
          expect(view.onElevation({ x: 0, y: 0 }, -280).y).toBeLessThanOrEqual(height)
        }
  })

  it('a movement of the pointer is the same movement of the point under it', () => {
    for (const turned of [false, true]) {
      const view = viewport(outlines[0]!, 838, 690, turned)
      const from = { x: 120, y: -40 }
      const by = view.moved(33, -21)
      const before = view.onPlan(from)
      const after = view.onPlan({ x: from.x + by.x, y: from.y + by.y })
      expect([after.x - before.x, after.y - before.y]).toEqual([expect.closeTo(33, 6), expect.closeTo(-21, 6)])
      const lift = view.lifted(17, -50)
      const low = view.onElevation(from, 100)
      const high = view.onElevation({ x: from.x + lift.x, y: from.y + lift.y }, 100 + lift.zMm)
      expect([high.x - low.x, high.y - low.y]).toEqual([expect.closeTo(17, 6), expect.closeTo(-50, 6)])
    }
  })
})

it('a piece on a turned tray goes where the pointer goes', () => {
  const tray = { ...newPlaced('tray', 'tray-mirror', 40, 10), turnDeg: 70 }
  const on = { ...tray, id: 'on', pieceId: 'persimmons', xMm: 0, yMm: 0, turnDeg: 0, on: 'tray' }
  const start: Look = { ...look, centerpiece: [tray, on] }
  const moved = applyEdit(start, shiftEdit(start, 'on', { x: 60, y: -25 }))
  const at = (l: Look) => standings(l)[1]!.pose
  expect(at(moved).x - at(start).x).toBeCloseTo(60, 0)
  expect(at(moved).y - at(start).y).toBeCloseTo(-25, 0)
})

it('in mirror mode the like piece moves as its image does: along with it across the long axis, toward it across the middle', () => {
  const start: Look = {
    ...look,
    centerpiece: [newPlaced('a', 'spool-jar', 300, 100), newPlaced('end', 'spool-jar', -300, 100), newPlaced('side', 'spool-jar', 300, -100)]
  }
  const by = { x: 40, y: 25 }
  const spots = (axis: 'ends' | 'sides' | null) => applyEdit(start, shiftEdit(start, 'a', by, axis)).centerpiece.map((placed) => [placed.xMm, placed.yMm])
  expect(spots('ends')).toEqual([
    [340, 125],
    [-340, 125],
    [300, -100]
  ])
  expect(spots('sides')).toEqual([
    [340, 125],
    [-300, 100],
    [340, -125]
  ])
  expect(spots(null).slice(1)).toEqual([
    [-300, 100],
    [300, -100]
  ])
})

describe('flowers', () => {
  const index = new Map(look.pieces.map((p) => [p.id, p]))
  const jug = look.centerpiece[0]!

  it('stand in the same places every time, one for each stem, inside the spread and under the top', () => {
    const places = stemPlaces('jug', jug.arrangement!, index)
    expect(places).toEqual(stemPlaces('jug', jug.arrangement!, index))
    expect(places).toHaveLength(jug.arrangement!.stems.reduce((sum, s) => sum + s.count, 0))
    for (const place of places) {
      expect(Math.hypot(place.x, place.y)).toBeLessThanOrEqual(jug.arrangement!.spreadMm / 2 + 1)
      expect(place.z).toBeLessThanOrEqual(jug.arrangement!.riseMm)
      expect(place.z).toBeGreaterThan(0)
    }
    expect(seedOf('jug')).not.toBe(seedOf('jug2'))
  })
})
