import type { Footprint } from '../geometry/footprint.js'
import { nearestEdge, nearestFootprint, type Distance } from '../geometry/nearness.js'
import { contains, halfLengthMm, halfWidthAtMm, type Outline } from '../geometry/outline.js'
import type { Point } from '../geometry/point.js'
import { fromSeatMm } from '../seating/places.js'
import type { SeatPlan } from '../seating/seatPlan.js'
import type { LaidItem } from '../settings/settingCrowding.js'

/** The tabletop a middle is laid in: what is free of it, scalloped between the places. */
export interface Field {
  /** From a point to the nearest thing laid or to the table's edge, millimeters; below zero within a thing or off the table. */
  readonly clearMm: (at: Point) => number
  /** From a point to the table's edge. */
  readonly edgeMm: (at: Point) => number
  /** The narrowest way across what is free at a point, of four directions; `enoughMm` where it is no narrower. */
  readonly freeWidthMm: (at: Point, enoughMm: number) => number
  /** From a point to the nearest edge where somebody sits; Infinity where nobody does. */
  readonly seatedMm: (at: Point) => number
}

/** The edge as points, closely enough for half a millimeter on a curve. */
const RIM_STEPS = 180

/** The field of a laid table, or of the end of it that is laid, less what else has to stay clear. */
export function fieldOf(plan: Pick<SeatPlan, 'outline' | 'places' | 'laidFromMm'>, laid: readonly (readonly LaidItem[])[], taken: readonly Footprint[]): Field {
  const { outline, places, laidFromMm } = plan
  const isWhole = laidFromMm <= -halfLengthMm(outline)
  const toShape = nearestFootprint([...laid.flat().map((item) => item.shape), ...taken], FAR_MM)
  const toEdge = edgeFrom(outline, FAR_MM)
  // asked for in composing only
  let exactEdge: Distance | undefined
  const clear: Distance = (x, y) => Math.min(toShape(x, y), toEdge(x, y), isWhole ? FAR_MM : x - laidFromMm)
  const widths = new Map<string, number>()
  return {
    clearMm: ({ x, y }) => clear(x, y),
    freeWidthMm: (at, enoughMm) => {
      const key = `${at.x} ${at.y}`
      const known = widths.get(key)
      if (known !== undefined) return Math.min(known, enoughMm)
      let width = enoughMm
      for (const [x, y] of ways) width = Math.min(width, freeAlong(at, x, y, clear, width) + freeAlong(at, -x, -y, clear, width))
      if (width < enoughMm) widths.set(key, width)
      return width
    },
    edgeMm: ({ x, y }) => (exactEdge ??= edgeFrom(outline, Infinity))(x, y),
    seatedMm: (at) => places.reduce((least, place) => Math.min(least, fromSeatMm(place, at)), Infinity)
  }
}

// across the table first, where it is mostly narrowest: the others need not be followed farther
const ways = [2, 1, 3, 0].map((i) => [Math.cos((i * Math.PI) / 4), Math.sin((i * Math.PI) / 4)] as const)
const FREE_STEPS = 24

/** How far it is free in a direction, as far as it matters: steps as long as what is clear round them. */
function freeAlong(at: Point, x: number, y: number, clear: Distance, enoughMm: number): number {
  let mm = 0
  for (let step = 0; step < FREE_STEPS && mm < enoughMm; step++) {
    const clearMm = clear(at.x + mm * x, at.y + mm * y)
    if (clearMm < 2) break
    mm += clearMm
  }
  return mm
}

/** Nothing in a middle is wider than twice this; what is farther away is not looked at. */
const FAR_MM = 360

/** Distance from a point to the table's edge, as far as it matters; below zero beyond it. */
function edgeFrom(outline: Outline, farMm: number): Distance {
  if (outline.kind === 'box') {
    const { halfLengthMm: halfX, halfWidthMm: halfY } = outline
    return (x, y) => Math.min(halfX - Math.abs(x), halfY - Math.abs(y))
  }
  if (outline.kind === 'capsule' && Math.abs(outline.endMm - outline.halfWidthMm) < 1e-6) {
    const { halfWidthMm: radius, straightMm } = outline
    return (x, y) => {
      const past = Math.max(0, Math.abs(x) - straightMm / 2)
      return radius - Math.sqrt(past * past + y * y)
    }
  }
  const toRim = nearestEdge(outline.kind === 'polygon' ? outline.points : capsuleRim(outline), farMm)
  return (x, y) => (contains(outline, { x, y }) ? 1 : -1) * toRim(x, y)
}

function capsuleRim(outline: Outline & { kind: 'capsule' }): Point[] {
  const half = halfLengthMm(outline)
  const north = Array.from({ length: RIM_STEPS / 2 + 1 }, (_, i) => {
    const x = half * Math.cos((i * 2 * Math.PI) / RIM_STEPS)
    return { x, y: halfWidthAtMm(outline, x) }
  })
  return [...north, ...north.slice(1, -1).map(({ x, y }) => ({ x: -x, y: -y }))]
}
