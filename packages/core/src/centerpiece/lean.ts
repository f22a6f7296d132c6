import type { Footprint } from '../geometry/footprint.js'
import { radians, toFrame, type Point, type Pose } from '../geometry/point.js'
import { LEAN_USUAL_DEG } from '../reference/holding.js'
import type { Panel } from '../solids/panel.js'
import { solidFootprint, type WorldSolid } from '../solids/solid.js'

/** How a flat thing leans, with its foot where it was put. */
export interface Lean {
  readonly angleRad: number
  /** How far along it, from its foot, it touches what it leans on; 0 when nothing is behind it. */
  readonly touchMm: number
  /** Height of that spot above its foot. */
  readonly touchHeightMm: number
}

const free = (): Lean => ({ angleRad: radians(LEAN_USUAL_DEG), touchMm: 0, touchHeightMm: 0 })

/**
 * A straight board in the plane across its foot line, tipped back until it meets what is behind it: its back an edge, or its top end a face.
 * `body` are the solids of what it leans on, `footMm` the height both stand at.
 */
export function leanOn(panel: Panel, pose: Pose, body: readonly WorldSolid[], footMm: number): Lean {
  const behind = (solid: WorldSolid, zMm: number) => {
    const mm = distanceBehind(panel, pose, footprintAt(solid, zMm))
    return mm === null ? null : Math.max(0, mm - panel.thickMm / 2)
  }
  const met = body.flatMap((solid) => [
    ...[solid.z0Mm, solid.z1Mm].flatMap((zMm) => onEdge(panel.upMm, behind(solid, zMm), zMm - footMm) ?? []),
    ...(topOnFace(panel.upMm, (zMm) => behind(solid, zMm + footMm), solid.z0Mm - footMm, solid.z1Mm - footMm) ?? [])
  ])
  return met.sort((one, other) => one.angleRad - other.angleRad || other.touchHeightMm - one.touchHeightMm)[0] ?? free()
}

/** The ground plan of a solid at a height. */
function footprintAt(solid: WorldSolid, zMm: number): Footprint {
  if (solid.kind === 'box') return solidFootprint(solid)
  const up = (zMm - solid.z0Mm) / Math.max(1, solid.z1Mm - solid.z0Mm)
  return { kind: 'disc', x: solid.x, y: solid.y, radiusMm: solid.r0Mm + (solid.r1Mm - solid.r0Mm) * up }
}

/** The board's back on an edge so far behind its foot and so high; null where it ends below it, or the edge lies on the ground. */
function onEdge(upMm: number, behindMm: number | null, heightMm: number): Lean[] | null {
  if (behindMm === null || heightMm < 1 || Math.hypot(behindMm, heightMm) > upMm) return null
  return [{ angleRad: Math.atan2(behindMm, heightMm), touchMm: Math.hypot(behindMm, heightMm), touchHeightMm: heightMm }]
}

/** The board's top end on a face between two heights, by halving; null where it meets none. */
function topOnFace(upMm: number, behindAt: (zMm: number) => number | null, lowMm: number, highMm: number): Lean[] | null {
  const short = (angle: number) => {
    const behindMm = behindAt(upMm * Math.cos(angle))
    return behindMm === null ? null : behindMm - upMm * Math.sin(angle)
  }
  let [near, far] = [Math.acos(Math.min(1, highMm / upMm)), Math.acos(Math.min(1, Math.max(0, lowMm) / upMm))]
  const [first, last] = [short(near), short(far)]
  if (first === null || last === null || far <= near || first < 0 || last > 0) return null
  for (let step = 0; step < 50; step++) {
    const middle = (near + far) / 2
    if ((short(middle) ?? 0) > 0) near = middle
    else far = middle
  }
  return [{ angleRad: far, touchMm: upMm, touchHeightMm: upMm * Math.cos(far) }]
}

/** How far behind a board's foot line a footprint begins, within the board's width; null when the board passes beside it. */
function distanceBehind(panel: Panel, pose: Pose, shape: Footprint): number | null {
  const at = toFrame(pose, shape)
  const halfMm = panel.widthMm / 2
  if (shape.kind === 'disc') {
    const beside = Math.max(0, Math.abs(at.x) - halfMm)
    return beside >= shape.radiusMm ? null : at.y - Math.sqrt(shape.radiusMm ** 2 - beside ** 2)
  }
  const turn = shape.turnRad - pose.turnRad
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
  const corners = [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1]
  ].map(([sx, sy]) => ({ x: at.x + sx! * shape.halfXMm * cos - sy! * shape.halfYMm * sin, y: at.y + sx! * shape.halfXMm * sin + sy! * shape.halfYMm * cos }))
  const nearest = corners.flatMap((from, i) => lowestWithin(from, corners[(i + 1) % 4]!, halfMm))
  return nearest.length === 0 ? null : Math.min(...nearest)
}

/** The y of the ends of what lies of a line between -half and half of x. */
function lowestWithin(from: Point, to: Point, half: number): number[] {
  const [low, high] = from.x <= to.x ? [from, to] : [to, from]
  if (high.x <= -half || low.x >= half) return []
  const yAt = (x: number) => (high.x - low.x < 1e-9 ? Math.min(low.y, high.y) : low.y + ((high.y - low.y) * (x - low.x)) / (high.x - low.x))
  return [yAt(Math.max(low.x, -half)), yAt(Math.min(high.x, half))]
}

const SLICES = 6

/** A leaned board as upright boxes, each behind the one below it. */
export function leanedSolids(panel: Panel, angleRad: number, pose: Pose, footMm: number, opacity: number): WorldSolid[] {
  const sliceMm = (panel.upMm * Math.cos(angleRad)) / SLICES
  const halfYMm = Math.min(panel.upMm, panel.thickMm / Math.cos(angleRad) + sliceMm * Math.tan(angleRad)) / 2
  return Array.from({ length: SLICES }, (_, i) => {
    const backMm = (i + 0.5) * sliceMm * Math.tan(angleRad)
    return {
      kind: 'box' as const,
      part: 'body' as const,
      x: pose.x - backMm * Math.sin(pose.turnRad),
      y: pose.y + backMm * Math.cos(pose.turnRad),
      turnRad: pose.turnRad,
      z0Mm: footMm + i * sliceMm,
      z1Mm: footMm + (i + 1) * sliceMm,
      halfXMm: panel.widthMm / 2,
      halfYMm,
      opacity
    }
  })
}
