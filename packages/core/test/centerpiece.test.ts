import {
  surroundingsPart,
  atMeal,
  createAssessor,
  freeSpot,
  makeEdit,
  applyEdit,
  piecesOverlapMm,
  seatPlan,
  settingItems,
  standings,
  swapEdit,
  takeOffEdit,
  type Look,
  type Placed
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { offSupportMm, offTableMm, settingHit } from '../src/centerpiece/collisions.js'
import { laidItems } from '../src/settings/settingCrowding.js'
import { demoLook, put as placedAt } from './support/looks.js'

const demo = demoLook()
const put = (id: string, pieceId: string, xMm: number, yMm: number, more: Partial<Placed> = {}) => placedAt(id, pieceId, { xMm, yMm, ...more })
const withPieces = (...centerpiece: Placed[]): Look => ({ ...demo, centerpiece })
const stand = (...centerpiece: Placed[]) => standings(withPieces(...centerpiece))
const codes = (look: Look) =>
  createAssessor()
    .measure(look)
    .findings.map((f) => f.code)

describe('standing', () => {
  it('on a riser lifts a piece by the riser’s height, on a tray by its floor', () => {
    const [, onRiser, , onTray] = stand(
      put('r', 'riser-oak', 0, 0),
      put('a', 'persimmons', 0, 0, { on: 'r' }),
      put('t', 'tray-mirror', 500, 0),
      put('b', 'persimmons', 0, 0, { on: 't' })
    )
    expect([onRiser!.footMm, onTray!.footMm]).toEqual([95, 14])
    expect(onRiser!.topMm).toBe(95 + 62)
  })

  it('a carried piece goes and turns with its tray, to any depth', () => {
    const [, middle, top] = stand(
      put('t', 'tray-mirror', 100, 50, { turnDeg: 90 }),
      put('r', 'board-olive', 60, 0, { on: 't', turnDeg: 90 }),
      put('p', 'persimmons', 40, 10, { on: 'r' })
    )
    expect([middle!.pose.x, middle!.pose.y]).toEqual([expect.closeTo(100, 6), expect.closeTo(110, 6)])
    expect([top!.pose.x, top!.pose.y]).toEqual([expect.closeTo(60, 6), expect.closeTo(100, 6)])
    expect(top!.rootId).toBe('t')
    expect(top!.footMm).toBe(14 + 20)
  })

  it('what stands on a missing piece or in a ring is left out, and the rest stands', () => {
    expect(
      stand(put('a', 'persimmons', 0, 0, { on: 'nobody' }), put('b', 'tray-mirror', 0, 0, { on: 'b' }), put('c', 'persimmons', 0, 0)).map((s) => s.placed.id)
    ).toEqual(['c'])
  })

  it('what stands on a piece that is cleared goes with it at the meal', () => {
    const all = stand(put('t', 'tray-mirror', 0, 0, { atMeal: false }), put('p', 'persimmons', 0, 0, { on: 't' }), put('q', 'persimmons', 400, 0))
    expect(atMeal(all).map((s) => s.placed.id)).toEqual(['q'])
  })

  it('a taller arrangement is taller and a wider one reaches farther, in plan and in height', () => {
    const arrangement = { stems: [{ stemId: 'rose-garden', count: 8 }], riseMm: 120, spreadMm: 240, mechanics: null }
    const [low] = stand(put('v', 'low-bowl-oyster', 0, 0, { arrangement }))
    const [high] = stand(put('v', 'low-bowl-oyster', 0, 0, { arrangement: { ...arrangement, riseMm: 300, spreadMm: 400 } }))
    expect([low!.topMm, high!.topMm]).toEqual([88 + 120, 88 + 300])
    expect(high!.reachMm).toBe(200)
  })
})

describe('running into each other', () => {
  it('two pieces may touch, not share a spot; one above the other in height does not count', () => {
    const apart = (mm: number) => piecesOverlapMm(...(stand(put('a', 'spool-jar', 0, 0), put('b', 'spool-jar', mm, 0)) as [never, never]))
    expect(apart(101.6)).toBe(0)
    expect(apart(90)).toBeCloseTo(11.6, 6)
    const flowers = put('v', 'jug-sky', 0, 0, { arrangement: { stems: [{ stemId: 'rose-garden', count: 9 }], riseMm: 250, spreadMm: 500, mechanics: null } })
    const [a, b] = stand(flowers, put('b', 'tealight-smoke', 150, 0))
    expect(piecesOverlapMm(a!, b!)).toBe(0)
  })

  it('things nestle into a garland of greens and stand on what carries them', () => {
    const [greens, light, tray, on] = stand(
      put('g', 'greens-bay', 0, 0),
      put('l', 'tealight-smoke', 20, 0),
      put('t', 'tray-mirror', 600, 0),
      put('o', 'persimmons', 0, 0, { on: 't' })
    )
    expect(piecesOverlapMm(greens!, light!)).toBe(0)
    expect(piecesOverlapMm(tray!, on!)).toBe(0)
  })

  it('a foot over the table’s edge or its tray’s edge is told by how far', () => {
    const { outline } = seatPlan(demo)
    const [inside, over] = stand(put('a', 'spool-jar', 0, outline.halfWidthMm - 52), put('b', 'spool-jar', 0, outline.halfWidthMm - 40))
    expect(offTableMm(inside!, outline)).toBe(0)
    expect(offTableMm(over!, outline)).toBeCloseTo(10.8, 1)
    const [tray, held, hanging] = stand(put('t', 'tray-mirror', 0, 0), put('p', 'spool-jar', 190, 0, { on: 't' }), put('q', 'spool-jar', 230, 0, { on: 't' }))
    expect(offSupportMm(held!, tray)).toBe(0)
    expect(offSupportMm(hanging!, tray)).toBeCloseTo(230 + 50.8 - (254 - 8), 1) // its wall is 8 mm thick
  })

  it('a piece in a setting names the guest, and flowers may hang over a plate but not through a glass', () => {
    const plan = seatPlan(demo)
    const laid = plan.places.map((place) => laidItems(place, settingItems(demo)))
    const third = plan.places[2]!
    const [jar] = stand(put('a', 'spool-jar', third.x, third.y - 150))
    expect(settingHit(jar!, laid)?.number).toBe(3)
    const [middle] = stand(put('a', 'spool-jar', 0, 0))
    expect(settingHit(middle!, laid)).toBeUndefined()
  })
})

describe('a free spot', () => {
  const around = (look: Look) => createAssessor().measure(look).get(surroundingsPart)

  it('is where the piece already stands when nothing is in the way', () => {
    const look = withPieces(put('a', 'persimmons', 120, 30))
    expect(freeSpot(look, 'a', around(look))).toEqual({ x: 120, y: 30 })
  })

  it('clears every collision of the piece and of all it carries', () => {
    const look = withPieces(put('jug', 'jug-sky', 0, 0), put('t', 'tray-mirror', 30, 0), put('p', 'hurricane', 150, 0, { on: 't' }))
    expect(codes(look)).toContain('piece.piece')
    const spot = freeSpot(look, 't', around(look))!
    const moved = applyEdit(
      look,
      makeEdit(look, 'move', (draft) => void Object.assign(draft.centerpiece[1]!, { xMm: spot.x, yMm: spot.y }))
    )
    expect(codes(moved).filter((code) => code.startsWith('piece.'))).toEqual([])
  })

  it('does not exist for a tray wider than the free middle', () => {
    const wide = {
      ...demo.pieces.find((p) => p.id === 'tray-mirror')!,
      extent: { kind: 'rectangle', lengthMm: 2500, widthMm: 1100 }
    } as (typeof demo.pieces)[number]
    const look = { ...withPieces(put('t', 'tray-mirror', 0, 0)), pieces: demo.pieces.map((p) => (p.id === 'tray-mirror' ? wide : p)) }
    expect(freeSpot(look, 't', around(look))).toBeUndefined()
  })
})

describe('taking off and swapping', () => {
  it('takes off a piece with all that stands on it, and undo brings all of it back', () => {
    const look = withPieces(
      put('t', 'tray-mirror', 0, 0),
      put('r', 'board-olive', 0, 0, { on: 't' }),
      put('p', 'persimmons', 0, 0, { on: 'r' }),
      put('q', 'persimmons', 500, 0)
    )
    const edit = takeOffEdit(look, 't')
    expect(applyEdit(look, edit).centerpiece.map((p) => p.id)).toEqual(['q'])
    expect(applyEdit(applyEdit(look, edit), { patches: edit.inverse })).toEqual(look)
  })

  it('swaps a piece wherever the look uses it and nothing else', () => {
    const swapped = applyEdit(demo, swapEdit(demo, 'napkin-persimmon', 'napkin-oyster'))
    expect(swapped.setting.napkin!.pieceId).toBe('napkin-oyster')
    expect({ ...swapped, setting: demo.setting }).toEqual(demo)
    const stems = applyEdit(demo, swapEdit(demo, 'anemone-blue', 'anemone-white')).centerpiece[0]!.arrangement!.stems
    expect(stems.find((s) => s.stemId === 'anemone-white')!.count).toBe(20)
    expect(stems.some((s) => s.stemId === 'anemone-blue')).toBe(false)
  })
})
