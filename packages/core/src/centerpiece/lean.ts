import type { Footprint } from '../geometry/footprint.js'
import { radians, toFrame, type Pose } from '../geometry/point.js'
import { LEAN_USUAL_DEG } from '../reference/manner.js'
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
 * A straight board in the plane across its foot line: its top edge touches a face higher than it, or its back the edge of one lower.
 * `body` are the solids of what it leans on, `footMm` the height both stand at.
 */
export function leanOn(panel: Panel, pose: Pose, body: readonly WorldSolid[], footMm: number): Lean {
  const faces = body.flatMap((solid) => {
    const behindMm = distanceBehind(panel, pose, solidFootprint(solid))
    return behindMm === null ? [] : [{ behindMm, topMm: solid.z1Mm - footMm }]
  })
  if (faces.length === 0) return free()
  const leans = faces.map(({ behindMm, topMm }) => touching(panel.upMm, Math.max(0, behindMm - panel.thickMm / 2), topMm)).filter((lean) => lean !== null)
  return leans.sort((a, b) => a.angleRad - b.angleRad)[0] ?? free()
}

/** Where a board of a length meets a face so far behind its foot and so high; null when it falls past it. */
function touching(upMm: number, behindMm: number, topMm: number): Lean | null {
  const angleRad = behindMm >= upMm ? Math.PI / 2 : Math.asin(behindMm / upMm)
  if (upMm * Math.cos(angleRad) <= topMm) return behindMm >= upMm ? null : { angleRad, touchMm: upMm, touchHeightMm: upMm * Math.cos(angleRad) }
  const overEdge = Math.atan2(behindMm, Math.max(1, topMm))
  return { angleRad: overEdge, touchMm: Math.min(upMm, Math.hypot(behindMm, topMm)), touchHeightMm: topMm }
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
  const [cos, sin] = [Math.abs(Math.cos(turn)), Math.abs(Math.sin(turn))]
  if (Math.abs(at.x) - halfMm >= shape.halfXMm * cos + shape.halfYMm * sin) return null
  return at.y - (shape.halfXMm * sin + shape.halfYMm * cos)
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
