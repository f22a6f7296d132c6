import type { Point } from './point.js'

/**
 * A table edge. A `box` is a rectangle of half sizes; a `capsule` is two half-ellipses (semi-axes `endMm` along the
 * table, `halfWidthMm` across) with a straight run of `straightMm` between them. A circle, an ellipse, a racetrack and each of
 * them with leaves drawn in are all capsules.
 */
export type Outline =
  | { readonly kind: 'box'; readonly halfLengthMm: number; readonly halfWidthMm: number }
  | { readonly kind: 'capsule'; readonly straightMm: number; readonly endMm: number; readonly halfWidthMm: number }

/** A point of the edge with its inward normal. */
export interface EdgePoint extends Point {
  readonly inwardX: number
  readonly inwardY: number
}

/** Half the overall length of an outline. */
export function halfLengthMm(outline: Outline): number {
  return outline.kind === 'box' ? outline.halfLengthMm : outline.straightMm / 2 + outline.endMm
}

/** Half the width across at the position x along the table; 0 beyond its ends. */
export function halfWidthAtMm(outline: Outline, x: number): number {
  const past = Math.abs(x)
  if (outline.kind === 'box') return past > outline.halfLengthMm ? 0 : outline.halfWidthMm
  const intoEnd = past - outline.straightMm / 2
  if (intoEnd <= 0) return outline.halfWidthMm
  const share = intoEnd / outline.endMm
  return share >= 1 ? 0 : outline.halfWidthMm * Math.sqrt(1 - share * share)
}

/** Whether a point lies on the tabletop, the edge included. */
export function contains(outline: Outline, point: Point): boolean {
  if (outline.kind === 'box') return Math.abs(point.x) <= outline.halfLengthMm && Math.abs(point.y) <= outline.halfWidthMm
  return Math.abs(point.x) <= halfLengthMm(outline) && Math.abs(point.y) <= halfWidthAtMm(outline, point.x)
}

/** The outline grown outward (or, below zero, drawn inward) by a margin; a capsule's ends keep their form. */
export function grown(outline: Outline, marginMm: number): Outline {
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
  if (outline.kind === 'box') return 4 * outline.halfLengthMm * outline.halfWidthMm
  return 2 * outline.straightMm * outline.halfWidthMm + Math.PI * outline.endMm * outline.halfWidthMm
}

const EDGE_STEPS = 2048

/**
 * A capsule's edge as points equally spaced in parameter with the running length at each; starts at the +x tip and runs
 * counter-clockwise. The polyline's length is short of the true perimeter by less than 1 part in 100,000.
 */
export function edgeTable(outline: Outline & { kind: 'capsule' }): { readonly x: Float64Array; readonly y: Float64Array; readonly runMm: Float64Array } {
  const x = new Float64Array(EDGE_STEPS + 1)
  const y = new Float64Array(EDGE_STEPS + 1)
  const runMm = new Float64Array(EDGE_STEPS + 1)
  for (let i = 0; i <= EDGE_STEPS; i++) {
    const angle = (i / EDGE_STEPS) * 2 * Math.PI
    const cos = Math.cos(angle)
    x[i] = outline.endMm * cos + (Math.sign(Math.round(cos * 1e12)) * outline.straightMm) / 2
    y[i] = outline.halfWidthMm * Math.sin(angle)
    if (i > 0) runMm[i] = runMm[i - 1]! + Math.hypot(x[i]! - x[i - 1]!, y[i]! - y[i - 1]!)
  }
  return { x, y, runMm }
}

/** Length of the edge in millimeters. */
export function perimeterMm(outline: Outline): number {
  if (outline.kind === 'box') return 4 * (outline.halfLengthMm + outline.halfWidthMm)
  return edgeTable(outline).runMm[EDGE_STEPS]!
}

/** The inward unit normal at a point of the edge. */
export function inwardNormal(outline: Outline & { kind: 'capsule' }, point: Point): EdgePoint {
  const past = Math.abs(point.x) - outline.straightMm / 2
  const ex = past <= 0 ? 0 : (Math.sign(point.x) * past) / outline.endMm ** 2
  const ey = point.y / outline.halfWidthMm ** 2
  const size = Math.hypot(ex, ey) || 1
  return { x: point.x, y: point.y, inwardX: -ex / size, inwardY: -ey / size }
}
