import { gapMm, reachMm, type Footprint } from '../geometry/footprint.js'
import { contains, grown, halfLengthMm, halfWidthAtMm, type Outline } from '../geometry/outline.js'
import { toFrame, type Point } from '../geometry/point.js'
import { edgeDistanceMm } from '../geometry/polygon.js'
import type { SeatPlan } from '../seating/seatPlan.js'
import type { LaidItem } from '../settings/settingCrowding.js'

/** The tabletop a middle is laid in: what is free of it, scalloped between the places. */
export interface Field {
  /** From a point to the nearest thing laid or to the table's edge, millimeters; below zero within a thing or off the table. */
  readonly clearMm: (at: Point) => number
  /** From a point to the table's edge. */
  readonly edgeMm: (at: Point) => number
  /** The narrowest way across what is free at a point, of four directions. */
  readonly freeWidthMm: (at: Point) => number
  /** From a point to the nearest edge where somebody sits; Infinity where nobody does. */
  readonly seatedMm: (at: Point) => number
}

/** The edge as points, closely enough for half a millimeter on a curve. */
const RIM_STEPS = 180

/** The field of a laid table, or of the end of it that is laid, less what else has to stay clear. */
export function fieldOf(plan: Pick<SeatPlan, 'outline' | 'places' | 'laidFromMm'>, laid: readonly (readonly LaidItem[])[], taken: readonly Footprint[]): Field {
  const { outline, places, laidFromMm } = plan
  const isWhole = laidFromMm <= -halfLengthMm(outline)
  const near = nearby([...laid.flat().map((item) => item.shape), ...taken])
  const edge = edgeFrom(outline)
  const clearMm = (at: Point) => {
    let clear = Math.min(FAR_MM, edge.nearMm(at), isWhole ? FAR_MM : at.x - laidFromMm)
    for (const shape of near(at)) clear = Math.min(clear, gapMm(shape, at))
    return clear
  }
  const widths = new Map<string, number>()
  return {
    clearMm,
    freeWidthMm: (at) => {
      const key = `${at.x} ${at.y}`
      const known = widths.get(key)
      if (known !== undefined) return known
      const width = Math.min(...ways.map(([x, y]) => freeAlong(at, x, y, clearMm) + freeAlong(at, -x, -y, clearMm)))
      widths.set(key, width)
      return width
    },
    edgeMm: edge.exactMm,
    seatedMm: (at) =>
      places.reduce((least, place) => {
        const own = toFrame(place, at)
        return Math.min(least, Math.hypot(Math.max(0, Math.abs(own.x) - place.widthMm / 2), Math.max(0, own.y)))
      }, Infinity)
  }
}

const ways = [0, 1, 2, 3].map((i) => [Math.cos((i * Math.PI) / 4), Math.sin((i * Math.PI) / 4)] as const)
const FREE_STEPS = 24

/** How far it is free in a direction: steps as long as what is clear round them. */
function freeAlong(at: Point, x: number, y: number, clearMm: Field['clearMm']): number {
  let mm = 0
  for (let step = 0; step < FREE_STEPS; step++) {
    const clear = clearMm({ x: at.x + mm * x, y: at.y + mm * y })
    if (clear < 2) break
    mm += clear
  }
  return mm
}

/** Nothing in a middle is wider than twice this; what is farther away is not looked at. */
const FAR_MM = 360
const CELL_MM = 120

/** The shapes within reach of a point, found once for each cell of the table. */
function nearby(shapes: readonly Footprint[]): (at: Point) => readonly Footprint[] {
  const cells = new Map<number, readonly Footprint[]>()
  const columns = new Map<number, readonly Footprint[]>()
  const cell = (mm: number) => Math.floor(mm / CELL_MM)
  const columnAt = (i: number) => {
    const known = columns.get(i)
    if (known) return known
    const list = shapes.filter((shape) => Math.abs(shape.x - (i + 0.5) * CELL_MM) - reachMm(shape) < FAR_MM + CELL_MM / 2)
    columns.set(i, list)
    return list
  }
  return ({ x, y }) => {
    const key = cell(x) * 4096 + cell(y)
    const known = cells.get(key)
    if (known) return known
    const middle = { x: (cell(x) + 0.5) * CELL_MM, y: (cell(y) + 0.5) * CELL_MM }
    const list = columnAt(cell(x)).filter((shape) => Math.hypot(shape.x - middle.x, shape.y - middle.y) - reachMm(shape) < FAR_MM + CELL_MM * Math.SQRT1_2)
    cells.set(key, list)
    return list
  }
}

/** Distance from a point to the table's edge, below zero beyond it; `nearMm` stops counting well inside a round. */
function edgeFrom(outline: Outline): { readonly exactMm: (at: Point) => number; readonly nearMm: (at: Point) => number } {
  if (outline.kind === 'box') {
    const boxMm = ({ x, y }: Point) => Math.min(outline.halfLengthMm - Math.abs(x), outline.halfWidthMm - Math.abs(y))
    return { exactMm: boxMm, nearMm: boxMm }
  }
  if (outline.kind === 'capsule' && Math.abs(outline.endMm - outline.halfWidthMm) < 1e-6) {
    const roundMm = ({ x, y }: Point) => outline.halfWidthMm - Math.hypot(Math.max(0, Math.abs(x) - outline.straightMm / 2), y)
    return { exactMm: roundMm, nearMm: roundMm }
  }
  const rim = outline.kind === 'polygon' ? outline.points : capsuleRim(outline)
  const exactMm = (at: Point) => (contains(outline, at) ? 1 : -1) * edgeDistanceMm(rim, at)
  if (outline.kind === 'polygon') return { exactMm, nearMm: exactMm }
  const inner = grown(outline, -DEEP_MM)
  return { exactMm, nearMm: (at) => (contains(inner, at) ? DEEP_MM : exactMm(at)) }
}

/** Farther from the edge than anything in a middle is wide. */
const DEEP_MM = 300

function capsuleRim(outline: Outline & { kind: 'capsule' }): Point[] {
  const half = halfLengthMm(outline)
  const north = Array.from({ length: RIM_STEPS / 2 + 1 }, (_, i) => {
    const x = half * Math.cos((i * 2 * Math.PI) / RIM_STEPS)
    return { x, y: halfWidthAtMm(outline, x) }
  })
  return [...north, ...north.slice(1, -1).map(({ x, y }) => ({ x: -x, y: -y }))]
}
