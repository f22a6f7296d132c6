import { guestEyes, pieceIndex, seatPlan, STEMS_SHARE, type Arrangement, type Extent } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook } from '../../core/test/support/looks.js'
import { extentPath, glassProfile, leaf, roundedRect, vesselPath, vesselPlan } from '../src/board/drawing/paths.js'
import { seedOf, stemPlaces } from '../src/board/drawing/blooms.js'
import { turnedHead, viewpoint } from '../src/seat-view/viewpoint.js'

const look = demoLook()
const index = pieceIndex(look)
const laid = look.centerpiece.find((placed) => (placed.arrangement?.stems.length ?? 0) > 1)!
const arrangement = laid.arrangement as Arrangement

/** The box around all end points of a path of absolute commands; control points lie within a curve's reach and are left out for arcs. */
function boxOf(path: string): { width: number; height: number } {
  const xs: number[] = []
  const ys: number[] = []
  let [x, y] = [0, 0]
  for (const [, command, text] of path.matchAll(/([MLHVQCAZ])([^MLHVQCAZ]*)/g)) {
    const n = text!
      .trim()
      .split(/[\s,]+/)
      .filter(Boolean)
      .map(Number)
    if (command === 'H') x = n[0]!
    else if (command === 'V') y = n[0]!
    else if (n.length >= 2) [x, y] = [n[n.length - 2]!, n[n.length - 1]!]
    xs.push(x)
    ys.push(y)
  }
  return { width: Math.max(...xs) - Math.min(...xs), height: Math.max(...ys) - Math.min(...ys) }
}

describe('flowers in a drawing', () => {
  const places = stemPlaces(laid.id, arrangement, index)

  it('are as many as the arrangement has, each within its spread and above the rim, and the same in plan and elevation every time', () => {
    expect(places).toHaveLength(arrangement.stems.reduce((sum, stem) => sum + stem.count, 0))
    expect(new Set(places.map((place) => place.key)).size).toBe(places.length)
    for (const { x, y, z } of places) {
      expect(Math.hypot(x, y)).toBeLessThanOrEqual(arrangement.spreadMm / 2 + 1e-9)
      expect(z).toBeGreaterThan(0)
      expect(z).toBeLessThanOrEqual(arrangement.riseMm)
    }
    expect(stemPlaces(laid.id, arrangement, index)).toEqual(places)
    expect(stemPlaces('another', arrangement, index)).not.toEqual(places)
  })

  it('stand with foliage behind and outside, focal flowers before all and over the middle', () => {
    const rank = { foliage: 0, line: 1, filler: 2, focal: 3 } as const
    const ranks = places.map((place) => rank[place.stem.role])
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b))
    const mean = (role: string) => {
      const own = places.filter((place) => place.stem.role === role)
      return own.reduce((sum, place) => sum + Math.hypot(place.x, place.y), 0) / own.length
    }
    const roles = new Set(places.map((place) => place.stem.role))
    if (roles.has('foliage') && roles.has('focal')) expect(mean('foliage')).toBeGreaterThan(mean('focal'))
    expect(places.some((place) => place.z > arrangement.riseMm * STEMS_SHARE * 0.5)).toBe(true)
  })

  it('of stems that are gone are left out, and seeds are whole numbers that tell names apart', () => {
    expect(stemPlaces(laid.id, { ...arrangement, stems: [{ stemId: 'gone', count: 5 }] }, index)).toEqual([])
    const seeds = ['a', 'b', 'ab', 'ba', 'p-1', 'p-2'].map(seedOf)
    expect(new Set(seeds).size).toBe(6)
    expect(seeds.every((seed) => Number.isInteger(seed) && seed >= 0)).toBe(true)
  })
})

describe('outlines in a drawing', () => {
  const vessels = look.pieces.filter((piece) => piece.kind === 'vessel')

  it('are as wide and deep as the thing they draw', () => {
    const extents: [Extent, number, number][] = [
      [{ kind: 'rectangle', lengthMm: 300, widthMm: 120 }, 300, 120],
      [{ kind: 'square', sideMm: 90 }, 90, 90]
    ]
    for (const [extent, width, height] of extents) expect(boxOf(extentPath(extent))).toEqual({ width, height })
    expect(boxOf(extentPath({ kind: 'round', diameterMm: 200 })).width).toBe(200)
    expect(boxOf(extentPath({ kind: 'oval', lengthMm: 400, widthMm: 200 })).width).toBe(400)
    expect(boxOf(roundedRect(10, 4, 99))).toEqual({ width: 20, height: 8 })
    for (const vessel of vessels) {
      const { width, height } = boxOf(vesselPath(vessel))
      expect(height, vessel.id).toBeCloseTo(vessel.heightMm, 6)
      expect(width, vessel.id).toBeCloseTo(vessel.lengthMm ?? vessel.widestMm, 6)
      expect(boxOf(vesselPath(vessel, Math.PI / 2)).width, vessel.id).toBeCloseTo(vessel.widestMm, 6)
      expect(boxOf(vesselPlan(vessel, vessel.widestMm)).width, vessel.id).toBeCloseTo(vessel.lengthMm ?? vessel.widestMm, 6)
    }
    expect(boxOf(glassProfile(30, 35, 90)).height).toBe(90)
    expect(boxOf(glassProfile(35, 40, 210)).height).toBe(210)
    expect(boxOf(leaf(60, 12)).width).toBe(60)
  })

  it('are closed and made of numbers only', () => {
    const paths = [
      extentPath({ kind: 'round', diameterMm: 200 }),
      roundedRect(10, 20, 3),
      leaf(50, 8),
      ...vessels.map((vessel) => vesselPath(vessel)),
      glassProfile(30, 35, 210)
    ]
    for (const path of paths) expect(path).toMatch(/^M [-\d.\s,MLHVQCAZe]+Z$/)
  })
})

describe('where one looks from', () => {
  const plan = seatPlan(look)

  it('is the eye of the guest, across the table; a chair nobody has is the side of the table', () => {
    const eyes = guestEyes(plan, look.table)
    for (const [i, eye] of eyes.entries()) {
      const { eye: from, at } = viewpoint({ kind: 'seat', number: i + 1 }, look, plan)
      expect(from).toEqual(eye)
      // what is looked at lies beyond the middle
      expect(at.x * eye.x + at.y * eye.y).toBeLessThanOrEqual(0)
    }
    expect(viewpoint({ kind: 'seat', number: 99 }, look, plan)).toEqual(viewpoint({ kind: 'standing' }, look, plan))
  })

  it('is lower for a child than for one who stands, and outside the table for both', () => {
    const [grown, child] = [viewpoint({ kind: 'standing' }, look, plan), viewpoint({ kind: 'child' }, look, plan)]
    expect(child.eye.z).toBeLessThan(grown.eye.z)
    for (const { eye } of [grown, child]) expect(Math.abs(eye.y)).toBeGreaterThan(plan.outline.halfWidthMm)
  })

  it('turns by the angles asked, keeps its distance, and no neck bends too far', () => {
    const start = viewpoint({ kind: 'seat', number: 1 }, look, plan)
    const reach = ({ eye, at }: typeof start) => Math.hypot(at.x - eye.x, at.y - eye.y, at.z - eye.z)
    const yaw = ({ eye, at }: typeof start) => Math.atan2(at.y - eye.y, at.x - eye.x)
    const turned = turnedHead(start, 0.3, 0)
    const by = Math.atan2(Math.sin(yaw(turned) - yaw(start)), Math.cos(yaw(turned) - yaw(start)))
    expect(by).toBeCloseTo(0.3, 9)
    expect(reach(turned)).toBeCloseTo(reach(start), 6)
    expect(turned.eye).toEqual(start.eye)
    const up = turnedHead(start, 0, 99)
    const pitch = Math.asin((up.at.z - up.eye.z) / reach(up))
    expect(pitch).toBeCloseTo(0.9, 9)
    const down = turnedHead(start, 0, -99)
    expect(Math.asin((down.at.z - down.eye.z) / reach(down))).toBeCloseTo(-1.3, 9)
  })
})
