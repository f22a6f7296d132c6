import { polygonArea, polygonContains, polygonHull } from 'd3-polygon'
import type { Point } from './point.js'

/** One stretch of a polygon's edge on which guests sit side by side; a polyline, run counter-clockwise. */
export interface Run {
  readonly points: readonly Point[]
  readonly kind: 'head' | 'long' | 'curve'
  /** Nobody can sit here: it stands at a wall. */
  readonly walled: boolean
  readonly lengthMm: number
}

/** A table edge of any form, counter-clockwise, its bounding box centered on the origin. */
export interface Polygon {
  readonly kind: 'polygon'
  readonly points: readonly Point[]
  readonly runs: readonly Run[]
  readonly halfLengthMm: number
  readonly halfWidthMm: number
  /** Width across the arm that a runner lies along, and the line of its middle. */
  readonly spanMm: number
  readonly middleY: number
}

/** Puts runs together into a polygon around the origin. Each run begins where the one before it ends. */
export function polygonOf(
  runs: readonly Pick<Run, 'points' | 'kind' | 'walled'>[],
  arm: (box: { readonly lowY: number; readonly highY: number }) => Pick<Polygon, 'spanMm' | 'middleY'>
): Polygon {
  const raw = runs.flatMap((run) => run.points.slice(0, -1))
  const [lowX, highX] = [Math.min(...raw.map((p) => p.x)), Math.max(...raw.map((p) => p.x))]
  const [lowY, highY] = [Math.min(...raw.map((p) => p.y)), Math.max(...raw.map((p) => p.y))]
  const shift = (p: Point) => ({ x: p.x - (lowX + highX) / 2, y: p.y - (lowY + highY) / 2 })
  const halfWidthMm = (highY - lowY) / 2
  return {
    kind: 'polygon',
    points: raw.map(shift),
    runs: runs.map((run) => ({ ...run, points: run.points.map(shift), lengthMm: lengthOf(run.points) })),
    halfLengthMm: (highX - lowX) / 2,
    halfWidthMm,
    ...arm({ lowY: -halfWidthMm, highY: halfWidthMm })
  }
}

function lengthOf(points: readonly Point[]): number {
  let sum = 0
  for (let i = 1; i < points.length; i++) sum += Math.hypot(points[i]!.x - points[i - 1]!.x, points[i]!.y - points[i - 1]!.y)
  return sum
}

type Pair = [number, number]
const pairs = (points: readonly Point[]): Pair[] => points.map(({ x, y }) => [x, y])

/** Area of a polygon run counter-clockwise; negative clockwise. */
export function polygonAreaMm2(points: readonly Point[]): number {
  // d3 counts y downward, so that its sign is the other one
  return -polygonArea(pairs(points))
}

const cross = (a: Point, b: Point) => a.x * b.y - b.x * a.y

const pairsKnown = new WeakMap<readonly Point[], Pair[]>()

/** Whether a point is inside; points of the edge may go either way. */
export function insidePolygon(points: readonly Point[], { x, y }: Point): boolean {
  const known = pairsKnown.get(points) ?? pairs(points)
  pairsKnown.set(points, known)
  return polygonContains(known, [x, y])
}

/** The convex hull of points, counter-clockwise; empty where they make no area. */
export function convexHull(points: readonly Pair[]): Pair[] {
  return polygonHull([...points]) ?? []
}

/** Distance of a point from the polygon's edge. */
export function edgeDistanceMm(points: readonly Point[], p: Point): number {
  let least = Infinity
  for (let i = 0; i < points.length; i++) least = Math.min(least, toSegmentMm(p.x, p.y, points[i]!, points[(i + 1) % points.length]!))
  return least
}

/** Distance of a point from a straight line between two; without an object, since thousands are asked. */
export function toSegmentMm(x: number, y: number, from: Point, to: Point): number {
  const dx = to.x - from.x
  const dy = to.y - from.y
  const along = Math.max(0, Math.min(1, ((x - from.x) * dx + (y - from.y) * dy) / (dx * dx + dy * dy || 1)))
  const offX = x - from.x - along * dx
  const offY = y - from.y - along * dy
  return Math.sqrt(offX * offX + offY * offY)
}

/** Half the width across at x: the furthest reach of the polygon from the long axis there. */
export function polygonHalfWidthAtMm(points: readonly Point[], x: number): number {
  let reach = 0
  for (let i = 0; i < points.length; i++) {
    const a = points[i]!
    const b = points[(i + 1) % points.length]!
    if ((a.x - x) * (b.x - x) > 0) continue
    if (a.x === b.x) reach = Math.max(reach, Math.abs(a.y), Math.abs(b.y))
    else reach = Math.max(reach, Math.abs(a.y + ((x - a.x) / (b.x - a.x)) * (b.y - a.y)))
  }
  return reach
}

/** The polygon with every side moved outward by a margin, corners mitered. */
export function grownPolygon(outline: Polygon, marginMm: number): Polygon {
  const move = (points: readonly Point[]) =>
    points.map((p, i) => {
      const before = points[(i + points.length - 1) % points.length]!
      const after = points[(i + 1) % points.length]!
      const [m, n] = [outward(before, p), outward(p, after)]
      // the miter of two sides whose normals are m and n; a hairpin has none, and no table has one
      const scale = marginMm / (1 + m.x * n.x + m.y * n.y)
      return { x: p.x + (m.x + n.x) * scale, y: p.y + (m.y + n.y) * scale }
    })
  return {
    ...outline,
    points: move(outline.points),
    halfLengthMm: outline.halfLengthMm + marginMm,
    halfWidthMm: outline.halfWidthMm + marginMm
  }
}

/** The outward unit normal of a side run counter-clockwise. */
function outward(a: Point, b: Point): Point {
  const size = Math.hypot(b.x - a.x, b.y - a.y) || 1
  return { x: (b.y - a.y) / size, y: (a.x - b.x) / size }
}

/** The point of a run at a length from its beginning, with the outward normal there. */
export function runAt(run: Run, atMm: number): Point & { readonly outX: number; readonly outY: number } {
  let left = Math.max(0, Math.min(run.lengthMm, atMm))
  for (let i = 1; i < run.points.length; i++) {
    const [a, b] = [run.points[i - 1]!, run.points[i]!]
    const step = Math.hypot(b.x - a.x, b.y - a.y)
    if (left <= step || i === run.points.length - 1) {
      const share = step > 0 ? left / step : 0
      const n = outward(a, b)
      return { x: a.x + share * (b.x - a.x), y: a.y + share * (b.y - a.y), outX: n.x, outY: n.y }
    }
    left -= step
  }
  throw new RangeError('a run has at least two points')
}

/** Whether the corner between the end of one run and the beginning of the next turns inward. */
export function isHollowCorner(from: Run, to: Run): boolean {
  const [a, b] = from.points.slice(-2) as [Point, Point]
  const c = to.points[1]!
  return cross({ x: b.x - a.x, y: b.y - a.y }, { x: c.x - b.x, y: c.y - b.y }) < 0
}
