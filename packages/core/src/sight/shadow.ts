import { convexHull } from '../geometry/polygon.js'
import { FACE_HALF_HEIGHT_MM, FACE_HALF_WIDTH_MM } from '../reference/bodies.js'
import { STRIDE, type SightLines } from './sightLines.js'
import type { SolidBounds, SolidPoints } from './solidPoints.js'

/** Rows a face is cut into, and half its width in each. */
export const ROWS = 48
const ROW_MM = (2 * FACE_HALF_HEIGHT_MM) / ROWS
export const rowHalfWidthMm = Float64Array.from({ length: ROWS }, (_, k) => FACE_HALF_WIDTH_MM * Math.sqrt(1 - ((2 * k + 1) / ROWS - 1) ** 2))
export const faceRowsMm = rowHalfWidthMm.reduce((sum, half) => sum + 2 * half, 0)

/** What one solid covers of one face: from row `first` on, left and right end of each row and the share of the row's height. */
export interface Shadow {
  readonly pair: number
  readonly opacity: number
  readonly first: number
  readonly left: readonly number[]
  readonly right: readonly number[]
  readonly share: readonly number[]
}

/** Nearer than this to the eye a thing is passed over. */
const NEAR_MM = 1

/** Left and right end of what is covered at the middle of each row. */
interface RowEnds {
  readonly left: Float64Array
  readonly right: Float64Array
}

/** Filled afresh by each cast; never kept. */
const scratch = { ends: { left: new Float64Array(ROWS), right: new Float64Array(ROWS) } as RowEnds, across: new Float64Array(256), up: new Float64Array(256) }

/**
 * Whether a solid can touch any ray of a pair: its bounding cylinder against the wedge from the eye to the face.
 * Cheap and never wrong in the solid's disfavor.
 */
export function mayTouch(lines: SightLines, pair: number, solid: SolidBounds): boolean {
  const f = lines.flat
  const o = pair * STRIDE
  const dx = solid.x - f[o]!
  const dy = solid.y - f[o + 1]!
  const along = dx * f[o + 3]! + dy * f[o + 4]!
  const reach = solid.reachMm
  const distance = f[o + 5]!
  const near = Math.max(0, along - reach)
  const far = Math.min(distance, along + reach)
  if (near >= far) return false
  const across = Math.abs(dy * f[o + 3]! - dx * f[o + 4]!)
  if (across - reach >= (FACE_HALF_WIDTH_MM * far) / distance) return false
  const eye = f[o + 2]!
  const low = f[o + 6]! - eye
  const high = f[o + 7]! - eye
  const lowest = eye + (low * (low < 0 ? far : near)) / distance
  if (solid.z1Mm <= lowest) return false
  return solid.z0Mm < eye + (high * (high > 0 ? far : near)) / distance
}

/** The shadow of a convex solid on a face, seen from the eye; undefined when it misses the face. */
export function castShadow(lines: SightLines, pair: number, solid: SolidPoints): Shadow | undefined {
  const f = lines.flat
  const o = pair * STRIDE
  const eyeZ = f[o + 2]!
  const distance = f[o + 5]!
  const faceMiddle = (f[o + 6]! + f[o + 7]!) / 2
  const corners = solid.corners
  const count = corners.length / 3
  const { ends } = scratch
  if (scratch.up.length < count) Object.assign(scratch, { across: new Float64Array(2 * count), up: new Float64Array(2 * count) })
  const { across, up } = scratch
  let clipped = false
  for (let i = 0; i < count; i++) {
    const dx = corners[3 * i]! - f[o]!
    const dy = corners[3 * i + 1]! - f[o + 1]!
    const along = dx * f[o + 3]! + dy * f[o + 4]!
    if (along < NEAR_MM || along > distance) {
      clipped = true
      break
    }
    const scale = distance / along
    across[i] = (dy * f[o + 3]! - dx * f[o + 4]!) * scale
    up[i] = eyeZ + (corners[3 * i + 2]! - eyeZ) * scale - faceMiddle
  }
  ends.left.fill(Infinity)
  ends.right.fill(-Infinity)
  if (clipped) {
    const hull = clippedHull(lines, pair, solid, faceMiddle)
    hull.forEach(([x, y], i) => {
      const [nextX, nextY] = hull[(i + 1) % hull.length]!
      scan(ends, x, y, nextX, nextY)
    })
    return gather(
      ends,
      pair,
      solid.opacity,
      hull.map((p) => p[1]),
      hull.length
    )
  }
  const edges = solid.edges
  for (let e = 0; e < edges.length; e += 2) scan(ends, across[edges[e]!]!, up[edges[e]!]!, across[edges[e + 1]!]!, up[edges[e + 1]!]!)
  return gather(ends, pair, solid.opacity, up, count)
}

type Spot = readonly [across: number, up: number]

/** Widens each row's span by where an edge crosses the row's middle. */
function scan({ left, right }: RowEnds, x0: number, y0: number, x1: number, y1: number): void {
  const low = Math.min(y0, y1)
  const high = Math.max(y0, y1)
  const first = Math.max(0, Math.ceil((low + FACE_HALF_HEIGHT_MM) / ROW_MM - 0.5))
  const last = Math.min(ROWS - 1, Math.floor((high + FACE_HALF_HEIGHT_MM) / ROW_MM - 0.5))
  const slope = y1 === y0 ? 0 : (x1 - x0) / (y1 - y0)
  for (let k = first; k <= last; k++) {
    const x = x0 + (-FACE_HALF_HEIGHT_MM + (k + 0.5) * ROW_MM - y0) * slope
    if (x < left[k]!) left[k] = x
    if (x > right[k]!) right[k] = x
  }
}

/** Collects the scanned rows; the first and last row count by the share of their height that is covered. */
function gather(ends: RowEnds, pair: number, opacity: number, heights: ArrayLike<number>, count: number): Shadow | undefined {
  const { left, right } = ends
  let low = Infinity
  let high = -Infinity
  for (let i = 0; i < count; i++) {
    low = Math.min(low, heights[i]!)
    high = Math.max(high, heights[i]!)
  }
  const first = Math.max(0, Math.floor((low + FACE_HALF_HEIGHT_MM) / ROW_MM))
  const last = Math.min(ROWS - 1, Math.floor((high + FACE_HALF_HEIGHT_MM) / ROW_MM))
  if (!(first <= last)) return undefined
  const rows = { left: [] as number[], right: [] as number[], share: [] as number[] }
  let touched = false
  for (let k = first; k <= last; k++) {
    const nearest = right[k]! >= left[k]! ? k : nearestScanned(ends, k, first, last)
    const half = rowHalfWidthMm[k]!
    const from = nearest < 0 ? 0 : Math.max(-half, left[nearest]!)
    const to = nearest < 0 ? 0 : Math.min(half, right[nearest]!)
    const covered = from < to
    const floor = -FACE_HALF_HEIGHT_MM + k * ROW_MM
    rows.left.push(covered ? from : 0)
    rows.right.push(covered ? to : 0)
    rows.share.push(covered ? Math.max(0, Math.min(high, floor + ROW_MM) - Math.max(low, floor)) / ROW_MM : 0)
    touched ||= covered
  }
  return touched ? { pair, opacity, first, ...rows } : undefined
}

/** A row whose middle the solid just misses takes its ends from the row beside it. */
function nearestScanned({ left, right }: RowEnds, k: number, first: number, last: number): number {
  if (k + 1 <= last && right[k + 1]! >= left[k + 1]!) return k + 1
  if (k - 1 >= first && right[k - 1]! >= left[k - 1]!) return k - 1
  return -1
}

/** The part of a solid between the eye and the face, projected, as a convex outline. */
function clippedHull(lines: SightLines, pair: number, solid: SolidPoints, faceMiddle: number): Spot[] {
  const f = lines.flat
  const o = pair * STRIDE
  const distance = f[o + 5]!
  const spots: [number, number][] = []
  const local = (i: number): [number, number, number] => {
    const dx = solid.corners[3 * i]! - f[o]!
    const dy = solid.corners[3 * i + 1]! - f[o + 1]!
    return [dx * f[o + 3]! + dy * f[o + 4]!, dy * f[o + 3]! - dx * f[o + 4]!, solid.corners[3 * i + 2]! - f[o + 2]!]
  }
  const project = (along: number, across: number, up: number) => {
    const scale = distance / along
    spots.push([across * scale, up * scale + f[o + 2]! - faceMiddle])
  }
  for (let e = 0; e < solid.edges.length; e += 2) {
    const a = local(solid.edges[e]!)
    const b = local(solid.edges[e + 1]!)
    const span = b[0] - a[0]
    let from = 0
    let to = 1
    if (span === 0) {
      if (a[0] < NEAR_MM || a[0] > distance) continue
    } else {
      const near = (NEAR_MM - a[0]) / span
      const far = (distance - a[0]) / span
      from = Math.max(from, Math.min(near, far))
      to = Math.min(to, Math.max(near, far))
      if (from > to) continue
    }
    for (const t of [from, to]) project(Math.max(NEAR_MM, a[0] + t * span), a[1] + t * (b[1] - a[1]), a[2] + t * (b[2] - a[2]))
  }
  return convexHull(spots)
}
