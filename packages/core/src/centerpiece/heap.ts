import { extentSize, type Ornament, type StandingPiece } from '../design/piece.js'
import type { Point } from '../geometry/point.js'

/** A round thing in a heap: an ellipsoid, its center `zMm` high. */
export interface Lump extends Point {
  readonly zMm: number
  readonly radiusMm: number
  /** Half its height. */
  readonly halfMm: number
}

/** Rounds that run into each other by no more than this lie side by side: our own starting value. */
const BESIDE_MM = 2

/** What is laid in a heap: round fruit and pods. */
export function heaps(piece: StandingPiece): piece is Ornament {
  return piece.kind === 'ornament' && (piece.form === 'fruit' || piece.form === 'pods') && piece.extent.kind === 'round'
}

/** Less tall than this share of its width it is several lying side by side: three persimmons, four figs. */
const ONE_TALL = 0.72

/** Whether a fruit or pod is one by itself. */
export function isOneRound(piece: Ornament): boolean {
  return heaps(piece) && piece.heightMm >= ONE_TALL * extentSize(piece.extent).lengthMm
}

export function lumpOf(piece: Ornament, { x, y }: Point, footMm: number): Lump {
  return { x, y, zMm: footMm + piece.heightMm / 2, radiusMm: extentSize(piece.extent).lengthMm / 2, halfMm: piece.heightMm / 2 }
}

/** How high the foot of a round thing comes to lie on others that lie below it; below everything where it meets none of them. */
export function footOnLumpsMm({ x, y, radiusMm, halfMm }: Omit<Lump, 'zMm'>, under: readonly Lump[]): number {
  let footMm = -Infinity
  for (const one of under) {
    const reach = radiusMm + one.radiusMm
    const [dx, dy] = [x - one.x, y - one.y]
    const near = dx * dx + dy * dy
    if (near >= (reach - BESIDE_MM) ** 2) continue
    footMm = Math.max(footMm, one.zMm + ((halfMm + one.halfMm) / reach) * Math.sqrt(reach * reach - near) - halfMm)
  }
  return footMm
}

/** What a heap is laid in: the height of the ground where a thing may lie, null beyond the wall, and how high the wall stands. */
export interface Hollow {
  readonly halfXMm: number
  readonly halfYMm: number
  readonly rimMm: number
  groundMm(at: Point): number | null
}

/** Of two places as low the one nearer the middle and its neighbors is taken; so much of a millimeter for each. */
const INWARD = 0.02
const TOGETHER = 0.01
/** Steps over the ground are this share of the thing's radius, and are halved to this many millimeters. */
const STEP = 0.3
const FINEST_MM = 0.4

/** Lets go of round things of one size one after another: where each comes to lie still, lowest first; null where it would roll out. */
export function lettingGo(round: { readonly radiusMm: number; readonly halfMm: number }, lying: readonly Lump[], hollow: Hollow): () => Lump | null {
  const lumps = [...lying]
  const footAt = (at: Point) => {
    const ground = hollow.groundMm(at)
    return ground === null ? null : Math.max(ground, footOnLumpsMm({ ...at, ...round }, lumps))
  }
  const farMm = hollow.halfXMm + hollow.halfYMm
  const heightAt = (at: Point) => {
    const foot = footAt(at)
    if (foot === null) return null
    const nearest = lumps.reduce((least, one) => Math.min(least, Math.hypot(at.x - one.x, at.y - one.y)), farMm)
    return rollingMm(foot, at, nearest)
  }
  const spots = gridOf(STEP * round.radiusMm, hollow, footAt, lumps, farMm)
  const isStill = (at: Point, footMm: number) => footMm < hollow.rimMm - round.halfMm || aside(at, 2).every((one) => hollow.groundMm(one) !== null)
  return () => {
    for (const low of lowsOf(spots)) {
      const at = downhill(low, spots.step, heightAt)
      const footMm = footAt(at)!
      if (!isStill(at, footMm)) continue
      const lump = { ...at, ...round, zMm: footMm + round.halfMm }
      lumps.push(lump)
      raise(spots, round, lump)
      return lump
    }
    return null
  }
}

/** Heights of the foot over the ground, row by row, NaN beyond the wall, and how near the nearest lump is. */
interface Grid {
  readonly step: number
  readonly wide: number
  readonly points: readonly Point[]
  readonly footMm: Float64Array
  readonly nearestMm: Float64Array
  /** What a thing that rolls goes by: its foot, the middle, its neighbors. */
  readonly heightMm: Float64Array
}

function gridOf(step: number, { halfXMm, halfYMm }: Hollow, footAt: (at: Point) => number | null, lumps: readonly Lump[], farMm: number): Grid {
  const [across, down] = [Math.ceil(halfXMm / step) + 1, Math.ceil(halfYMm / step) + 1]
  const points: Point[] = []
  for (let j = -down; j <= down; j++) for (let i = -across; i <= across; i++) points.push({ x: i * step, y: j * step })
  const grid = {
    step,
    wide: 2 * across + 1,
    points,
    footMm: Float64Array.from(points, (at) => footAt(at) ?? NaN),
    nearestMm: Float64Array.from(points, (at) => Math.min(farMm, ...lumps.map((one) => Math.hypot(at.x - one.x, at.y - one.y)))),
    heightMm: new Float64Array(points.length)
  }
  for (let i = 0; i < points.length; i++) grid.heightMm[i] = rollingMm(grid.footMm[i]!, points[i]!, grid.nearestMm[i]!)
  return grid
}

function rollingMm(footMm: number, { x, y }: Point, nearestMm: number): number {
  return footMm + INWARD * Math.hypot(x, y) + TOGETHER * nearestMm
}

/** What a lump more changes. */
function raise(grid: Grid, round: { readonly radiusMm: number; readonly halfMm: number }, lump: Lump): void {
  const { points, footMm, nearestMm, heightMm } = grid
  const under = [lump]
  points.forEach((at, i) => {
    const apart = Math.hypot(at.x - lump.x, at.y - lump.y)
    nearestMm[i] = Math.min(nearestMm[i]!, apart)
    if (apart < round.radiusMm + lump.radiusMm) footMm[i] = Math.max(footMm[i]!, footOnLumpsMm({ ...at, ...round }, under))
    heightMm[i] = rollingMm(footMm[i]!, at, nearestMm[i]!)
  })
}

/** Points lower than all that are beside them, lowest first. */
function lowsOf({ wide, points, footMm, heightMm }: Grid): Point[] {
  const beside = [-wide - 1, -wide, -wide + 1, -1, 1, wide - 1, wide, wide + 1]
  const lows: { at: Point; height: number }[] = []
  for (let i = wide; i < points.length - wide; i++) {
    if (Number.isNaN(footMm[i]!)) continue
    const own = heightMm[i]!
    if (!beside.some((by) => heightMm[i + by]! < own)) lows.push({ at: points[i]!, height: own })
  }
  return lows.sort((a, b) => a.height - b.height).map(({ at }) => at)
}

function downhill(from: Point, step: number, heightAt: (at: Point) => number | null): Point {
  let at = from
  let height = heightAt(at)!
  for (let by = step / 2; by >= FINEST_MM / 2;) {
    const lower = aside(at, by).find((one) => (heightAt(one) ?? Infinity) < height - 1e-9)
    if (lower) {
      at = lower
      height = heightAt(lower)!
    } else by /= 2
  }
  return at
}

function aside({ x, y }: Point, by: number): Point[] {
  return Array.from({ length: 8 }, (_, k) => ({ x: x + by * Math.cos((k * Math.PI) / 4), y: y + by * Math.sin((k * Math.PI) / 4) }))
}
