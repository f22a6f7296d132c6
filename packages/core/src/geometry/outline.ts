import type { Point } from './point.js'
import { edgeDistanceMm, grownPolygon, insidePolygon, polygonAreaMm2, polygonHalfWidthAtMm, type Polygon } from './polygon.js'

/**
 * A table edge. A `box` is a rectangle of half sizes; a `capsule` is two half-ellipses (semi-axes `endMm` along the
 * table, `halfWidthMm` across) with a straight run of `straightMm` between them. A circle, an ellipse, a racetrack and each of
 * them with leaves drawn in are all capsules. Everything else is a polygon.
 */
export type Outline =
  | { readonly kind: 'box'; readonly halfLengthMm: number; readonly halfWidthMm: number }
  | { readonly kind: 'capsule'; readonly straightMm: number; readonly endMm: number; readonly halfWidthMm: number }
  | Polygon

/** A point of the edge with its inward normal. */
export interface EdgePoint extends Point {
  readonly inwardX: number
  readonly inwardY: number
}

/** Half the overall length of an outline. */
export function halfLengthMm(outline: Outline): number {
  return outline.kind === 'capsule' ? outline.straightMm / 2 + outline.endMm : outline.halfLengthMm
}

/** Width across the table where a runner lies along it. */
export function spanMm(outline: Outline): number {
  return outline.kind === 'polygon' ? outline.spanMm : 2 * outline.halfWidthMm
}

/** Half the width across at the position x along the table; 0 beyond its ends. */
export function halfWidthAtMm(outline: Outline, x: number): number {
  if (outline.kind === 'polygon') return polygonHalfWidthAtMm(outline.points, x)
  const past = Math.abs(x)
  if (outline.kind === 'box') return past > outline.halfLengthMm ? 0 : outline.halfWidthMm
  const intoEnd = past - outline.straightMm / 2
  if (intoEnd <= 0) return outline.halfWidthMm
  const share = intoEnd / outline.endMm
  return share >= 1 ? 0 : outline.halfWidthMm * Math.sqrt(1 - share * share)
}

/** Whether a point lies on the tabletop, the edge included. */
export function contains(outline: Outline, point: Point): boolean {
  if (outline.kind === 'polygon')
    return Math.abs(point.x) <= outline.halfLengthMm && Math.abs(point.y) <= outline.halfWidthMm && onPolygon(outline.points, point)
  if (outline.kind === 'box') return Math.abs(point.x) <= outline.halfLengthMm && Math.abs(point.y) <= outline.halfWidthMm
  return Math.abs(point.x) <= halfLengthMm(outline) && Math.abs(point.y) <= halfWidthAtMm(outline, point.x)
}

const onPolygon = (points: readonly Point[], point: Point) => insidePolygon(points, point) || edgeDistanceMm(points, point) < 1e-9

/** How far a point lies beyond the edge: along the axis it leaves by, or straight from a polygon; 0 on the tabletop. */
export function beyondMm(outline: Outline, point: Point): number {
  if (outline.kind === 'polygon') return insidePolygon(outline.points, point) ? 0 : edgeDistanceMm(outline.points, point)
  if (contains(outline, point)) return 0
  const beyondEnd = Math.abs(point.x) - halfLengthMm(outline)
  return beyondEnd > 0 ? beyondEnd : Math.abs(point.y) - halfWidthAtMm(outline, point.x)
}

/** The outline grown outward (or, below zero, drawn inward) by a margin; a capsule's ends keep their form. */
export function grown(outline: Outline, marginMm: number): Outline {
  if (outline.kind === 'polygon') return grownPolygon(outline, marginMm)
  if (outline.kind === 'box')
    return { kind: 'box', halfLengthMm: Math.max(0, outline.halfLengthMm + marginMm), halfWidthMm: Math.max(0, outline.halfWidthMm + marginMm) }
  return {
    kind: 'capsule',
    straightMm: outline.straightMm,
    endMm: Math.max(0, outline.endMm + marginMm),
    halfWidthMm: Math.max(0, outline.halfWidthMm + marginMm)
  }
}

/** Area in square millimeters; exact. */
export function areaMm2(outline: Outline): number {
  if (outline.kind === 'polygon') return polygonAreaMm2(outline.points)
  if (outline.kind === 'box') return 4 * outline.halfLengthMm * outline.halfWidthMm
  return 2 * outline.straightMm * outline.halfWidthMm + Math.PI * outline.endMm * outline.halfWidthMm
}

/** A capsule's edge at equal steps of running length, counter-clockwise from the +x tip. */
export interface Edge {
  readonly totalMm: number
  readonly stepMm: number
  /** One point more than steps; the last is the first again. */
  readonly x: Float64Array
  readonly y: Float64Array
}

const EDGE_STEPS = 1024
const edges = new WeakMap<Outline, Edge>()

/**
 * A capsule's edge as a table, made once an outline. The polyline's length is short of the true perimeter by less than 1 part in 100,000.
 */
export function edgeOf(outline: Outline & { kind: 'capsule' }): Edge {
  const known = edges.get(outline)
  if (known) return known
  const edge = evenly(...sampled(outline))
  edges.set(outline, edge)
  return edge
}

/** Points at equal parameter steps with the running length at each. */
function sampled(outline: Outline & { kind: 'capsule' }): [x: Float64Array, y: Float64Array, runMm: Float64Array] {
  const x = new Float64Array(EDGE_STEPS + 3)
  const y = new Float64Array(EDGE_STEPS + 3)
  const runMm = new Float64Array(EDGE_STEPS + 3)
  const half = outline.straightMm / 2
  for (let i = 0, k = 0; i <= EDGE_STEPS; i++) {
    const angle = (i / EDGE_STEPS) * 2 * Math.PI
    const quarter = i * 4 === EDGE_STEPS || i * 4 === 3 * EDGE_STEPS
    const cos = quarter ? 0 : Math.cos(angle)
    const leaving = i * 4 <= EDGE_STEPS || i * 4 > 3 * EDGE_STEPS ? 1 : -1
    for (const sign of quarter ? [leaving, -leaving] : [leaving]) {
      x[k] = outline.endMm * cos + sign * half
      y[k] = outline.halfWidthMm * Math.sin(angle)
      if (k > 0) runMm[k] = runMm[k - 1]! + Math.sqrt((x[k]! - x[k - 1]!) ** 2 + (y[k]! - y[k - 1]!) ** 2)
      k++
    }
  }
  return [x, y, runMm]
}

function evenly(x: Float64Array, y: Float64Array, runMm: Float64Array): Edge {
  const totalMm = runMm[runMm.length - 1]!
  const stepMm = totalMm / EDGE_STEPS
  const evenX = new Float64Array(EDGE_STEPS + 1)
  const evenY = new Float64Array(EDGE_STEPS + 1)
  for (let i = 0, k = 0; i <= EDGE_STEPS; i++) {
    const at = i * stepMm
    while (k < runMm.length - 2 && runMm[k + 1]! < at) k++
    const span = runMm[k + 1]! - runMm[k]!
    const share = span > 0 ? (at - runMm[k]!) / span : 0
    evenX[i] = x[k]! + share * (x[k + 1]! - x[k]!)
    evenY[i] = y[k]! + share * (y[k + 1]! - y[k]!)
  }
  return { totalMm, stepMm, x: evenX, y: evenY }
}

/** The point at a running length, round and round. */
export function edgeAt(edge: Edge, runMm: number): Point {
  const run = runMm - Math.floor(runMm / edge.totalMm) * edge.totalMm
  const i = Math.min(EDGE_STEPS - 1, Math.floor(run / edge.stepMm))
  const share = run / edge.stepMm - i
  return { x: edge.x[i]! + share * (edge.x[i + 1]! - edge.x[i]!), y: edge.y[i]! + share * (edge.y[i + 1]! - edge.y[i]!) }
}

/** Length of the edge in millimeters. */
export function perimeterMm(outline: Outline): number {
  if (outline.kind === 'polygon') return outline.runs.reduce((sum, run) => sum + run.lengthMm, 0)
  if (outline.kind === 'box') return 4 * (outline.halfLengthMm + outline.halfWidthMm)
  return edgeOf(outline).totalMm
}

/** The inward unit normal at a point of the edge. */
export function inwardNormal(outline: Outline & { kind: 'capsule' }, point: Point): EdgePoint {
  const past = Math.abs(point.x) - outline.straightMm / 2
  const ex = past <= 0 ? 0 : (Math.sign(point.x) * past) / outline.endMm ** 2
  const ey = point.y / outline.halfWidthMm ** 2
  const size = Math.hypot(ex, ey) || 1
  return { x: point.x, y: point.y, inwardX: -ex / size, inwardY: -ey / size }
}
