import { convexHull, pieceIndex, type Look, type SeatPlan, type Standing, type WorldSolid } from '@hestiad/core'
import { guestEyes, FACE_BELOW_EYES_MM, FACE_HALF_HEIGHT_MM, FACE_HALF_WIDTH_MM } from '@hestiad/core'
import { rimOf } from './scene/rim.js'
import type { Viewpoint } from './viewpoint.js'

/** A flat shape of the drawn view, in pixels from the middle, farthest first. */
export interface DrawnShape {
  readonly path: string
  readonly color: string
  readonly opacity: number
}

type Spot = { readonly x: number; readonly y: number; readonly z: number }

/** Draws the table, what stands on it and the other faces in perspective, back to front, for where there is no WebGL. */
export function drawnView(view: Viewpoint, look: Look, plan: SeatPlan, standing: readonly Standing[], without: number | null, focalPx: number): DrawnShape[] {
  const project = camera(view, focalPx)
  const index = pieceIndex(look)
  const table = {
    far: Infinity,
    path: outline(
      rimOf(plan.outline).map((p) => ({ x: p.x, y: p.y, z: 0 })),
      project
    ),
    color: index.get(look.linens.clothId ?? '')?.color ?? look.table.color,
    opacity: 1
  }
  const faces = guestEyes(plan, look.table).flatMap((eye, i) => {
    if (i + 1 === without) return []
    const ring = Array.from({ length: 20 }, (_, k) => {
      const angle = (k / 20) * 2 * Math.PI
      const side = Math.atan2(eye.y - view.eye.y, eye.x - view.eye.x) + Math.PI / 2
      const across = FACE_HALF_WIDTH_MM * Math.cos(angle)
      return { x: eye.x + across * Math.cos(side), y: eye.y + across * Math.sin(side), z: eye.z - FACE_BELOW_EYES_MM + FACE_HALF_HEIGHT_MM * Math.sin(angle) }
    })
    return [{ far: distance(view.eye, eye), path: outline(ring, project), color: '#c9b7a3', opacity: 1 }]
  })
  const solids = standing.flatMap((one) =>
    one.solids.map((solid, i) => ({
      far: distance(view.eye, solid),
      path: hull(cornersOf(solid).flatMap((corner) => project(corner) ?? [])),
      color: one.placed.arrangement && i >= 2 ? (index.get(one.placed.arrangement.stems[0]?.stemId ?? '')?.color ?? one.piece.color) : one.piece.color,
      opacity: Math.max(0.25, solid.opacity)
    }))
  )
  return [table, ...[...faces, ...solids].sort((a, b) => b.far - a.far)].filter((shape) => shape.path !== '')
}

function distance(a: Spot, b: { readonly x: number; readonly y: number }): number {
  return Math.hypot(a.x - b.x, a.y - b.y)
}

/** A pinhole at the eye; undefined for what is behind it. */
function camera({ eye, at }: Viewpoint, focalPx: number): (spot: Spot) => { x: number; y: number } | undefined {
  const forward = unit({ x: at.x - eye.x, y: at.y - eye.y, z: at.z - eye.z })
  const right = unit({ x: forward.y, y: -forward.x, z: 0 })
  const up = { x: right.y * forward.z, y: -right.x * forward.z, z: right.x * forward.y - right.y * forward.x }
  const dot = (a: Spot, b: Spot) => a.x * b.x + a.y * b.y + a.z * b.z
  return (spot) => {
    const d = { x: spot.x - eye.x, y: spot.y - eye.y, z: spot.z - eye.z }
    const depth = dot(d, forward)
    return depth < 60 ? undefined : { x: (focalPx * dot(d, right)) / depth, y: (-focalPx * dot(d, up)) / depth }
  }
}

function unit(v: Spot): Spot {
  const size = Math.hypot(v.x, v.y, v.z) || 1
  return { x: v.x / size, y: v.y / size, z: v.z / size }
}

function outline(spots: readonly Spot[], project: (spot: Spot) => { x: number; y: number } | undefined): string {
  const points = spots.flatMap((spot) => project(spot) ?? [])
  return points.length < 3 ? '' : `M${points.map((p) => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('L')}Z`
}

function cornersOf(solid: WorldSolid): Spot[] {
  const ring = (r: number, z: number) =>
    Array.from({ length: 14 }, (_, i) => ({ x: solid.x + r * Math.cos((i / 14) * 6.2832), y: solid.y + r * Math.sin((i / 14) * 6.2832), z }))
  if (solid.kind === 'frustum') return [...ring(solid.r0Mm, solid.z0Mm), ...ring(solid.r1Mm, solid.z1Mm)]
  const [cos, sin] = [Math.cos(solid.turnRad), Math.sin(solid.turnRad)]
  return [-1, 1].flatMap((sx) =>
    [-1, 1].flatMap((sy) => {
      const [x, y] = [sx * solid.halfXMm, sy * solid.halfYMm]
      const at = { x: solid.x + x * cos - y * sin, y: solid.y + x * sin + y * cos }
      return [
        { ...at, z: solid.z0Mm },
        { ...at, z: solid.z1Mm }
      ]
    })
  )
}

/** The convex hull of points as a path. */
function hull(points: readonly { x: number; y: number }[]): string {
  const around = convexHull(points.map(({ x, y }) => [x, y]))
  return around.length === 0 ? '' : `M${around.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`
}
