import { distanceMm, fromFrame, type Point, type Pose } from './point.js'

/** What a thing covers on the surface below it: a disc or a turned rectangle, in world axes. */
export type Footprint =
  | { readonly kind: 'disc'; readonly x: number; readonly y: number; readonly radiusMm: number }
  | ({ readonly kind: 'rect'; readonly halfXMm: number; readonly halfYMm: number } & Pose)

/** Whether two footprints are the very same. */
export function sameFootprint(a: Footprint, b: Footprint): boolean {
  if (a.x !== b.x || a.y !== b.y) return false
  if (a.kind === 'disc') return b.kind === 'disc' && a.radiusMm === b.radiusMm
  return b.kind === 'rect' && a.halfXMm === b.halfXMm && a.halfYMm === b.halfYMm && a.turnRad === b.turnRad
}

/** Area of a footprint in square millimeters. */
export function footprintMm2(shape: Footprint): number {
  return shape.kind === 'disc' ? Math.PI * shape.radiusMm ** 2 : 4 * shape.halfXMm * shape.halfYMm
}

/** Half the diagonal of a rectangle, or the radius of a disc. */
export function reachMm(shape: Footprint): number {
  return shape.kind === 'disc' ? shape.radiusMm : Math.sqrt(shape.halfXMm ** 2 + shape.halfYMm ** 2)
}

/**
 * How deep two footprints run into each other, in millimeters: the shortest shift that parts them. Zero or less when
 * they are apart, and then its amount is the gap between them.
 */
export function overlapMm(a: Footprint, b: Footprint): number {
  if (a.kind === 'disc' && b.kind === 'disc') return a.radiusMm + b.radiusMm - distanceMm(a, b)
  if (a.kind === 'disc') return a.radiusMm - gapMm(b, a)
  if (b.kind === 'disc') return b.radiusMm - gapMm(a, b)
  return rectsOverlapMm(a, b)
}

/** Distance from a point to a footprint in millimeters, negative inside by the depth. */
export function gapMm(shape: Footprint, point: Point): number {
  return gapTo(ready(shape), point.x, point.y)
}

/** A footprint made ready for thousands of points: its reach and its turn worked out. */
export interface ReadyFootprint extends Point {
  readonly reachMm: number
  readonly isDisc: boolean
  readonly halfXMm: number
  readonly halfYMm: number
  readonly cos: number
  readonly sin: number
}

export function ready(shape: Footprint): ReadyFootprint {
  const { x, y } = shape
  if (shape.kind === 'disc') return { x, y, reachMm: shape.radiusMm, isDisc: true, halfXMm: 0, halfYMm: 0, cos: 1, sin: 0 }
  const { halfXMm, halfYMm, turnRad } = shape
  return { x, y, reachMm: reachMm(shape), isDisc: false, halfXMm, halfYMm, cos: Math.cos(turnRad), sin: Math.sin(turnRad) }
}

/** Distance from a point to a footprint as `gapMm` tells it. */
export function gapTo(shape: ReadyFootprint, pointX: number, pointY: number): number {
  const x = pointX - shape.x
  const y = pointY - shape.y
  if (shape.isDisc) return Math.sqrt(x * x + y * y) - shape.reachMm
  const dx = Math.abs(x * shape.cos + y * shape.sin) - shape.halfXMm
  const dy = Math.abs(y * shape.cos - x * shape.sin) - shape.halfYMm
  return dx > 0 && dy > 0 ? Math.sqrt(dx * dx + dy * dy) : Math.max(dx, dy)
}

type Rect = Footprint & { kind: 'rect' }

/** Separating axes of two turned rectangles; parted rectangles give minus their distance. */
function rectsOverlapMm(a: Rect, b: Rect): number {
  const least = Math.min(alongAxesMm(a, b), alongAxesMm(b, a))
  if (least >= 0) return least
  const [readyA, readyB] = [ready(a), ready(b)]
  const gaps = (shape: ReadyFootprint, points: readonly Point[]) => points.map((p) => Math.max(0, gapTo(shape, p.x, p.y)))
  return -Math.min(...gaps(readyB, corners(a)), ...gaps(readyA, corners(b)))
}

/** How far the shadows of two rectangles lie over each other on the axes of the first, whichever is less. */
function alongAxesMm(a: Rect, b: Rect): number {
  const [cos, sin] = [Math.cos(a.turnRad), Math.sin(a.turnRad)]
  const [x, y] = [b.x - a.x, b.y - a.y]
  const turn = b.turnRad - a.turnRad
  const [turnCos, turnSin] = [Math.abs(Math.cos(turn)), Math.abs(Math.sin(turn))]
  const along = a.halfXMm + b.halfXMm * turnCos + b.halfYMm * turnSin - Math.abs(x * cos + y * sin)
  const across = a.halfYMm + b.halfXMm * turnSin + b.halfYMm * turnCos - Math.abs(y * cos - x * sin)
  return Math.min(along, across)
}

/** The four corners of a rectangle, counter-clockwise from its own (+x, +y). */
export function corners(rect: Rect): Point[] {
  return [
    [1, 1],
    [-1, 1],
    [-1, -1],
    [1, -1]
  ].map(([sx, sy]) => fromFrame(rect, { x: sx! * rect.halfXMm, y: sy! * rect.halfYMm }))
}

/** Points of the rim, for testing against a tabletop: 16 on a disc, the corners of a rectangle. */
export function rimPoints(shape: Footprint): Point[] {
  if (shape.kind === 'rect') return corners(shape)
  return Array.from({ length: 16 }, (_, i) => ({
    x: shape.x + shape.radiusMm * Math.cos((i * Math.PI) / 8),
    y: shape.y + shape.radiusMm * Math.sin((i * Math.PI) / 8)
  }))
}
