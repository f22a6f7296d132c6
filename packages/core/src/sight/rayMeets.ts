import type { Point3 } from '../geometry/point.js'
import type { WorldSolid } from '../solids/solid.js'

/** Whether the straight line between two points goes through a solid. */
export function rayMeets(solid: WorldSolid, from: Point3, to: Point3): boolean {
  return rayEnters(solid, from, to) <= 1
}

/**
 * The share of the way between two points at which a straight line comes into a solid, 0 from within it, Infinity where it misses: slabs for a box,
 * the quadratic of a cone between two planes for a frustum.
 */
export function rayEnters(solid: WorldSolid, from: Point3, to: Point3): number {
  const dz = to.z - from.z
  let [near, far] = [0, 1]
  if (Math.abs(dz) < 1e-9) {
    if (from.z < solid.z0Mm || from.z > solid.z1Mm) return Infinity
  } else {
    const [a, b] = [(solid.z0Mm - from.z) / dz, (solid.z1Mm - from.z) / dz]
    near = Math.max(near, Math.min(a, b))
    far = Math.min(far, Math.max(a, b))
  }
  if (near > far) return Infinity
  return solid.kind === 'box' ? meetsBox(solid, from, to, near, far) : meetsFrustum(solid, from, to, near, far)
}

function meetsBox(solid: WorldSolid & { kind: 'box' }, from: Point3, to: Point3, near: number, far: number): number {
  const [cos, sin] = [Math.cos(solid.turnRad), Math.sin(solid.turnRad)]
  const own = (dx: number, dy: number) => [dx * cos + dy * sin, dy * cos - dx * sin] as const
  const start = own(from.x - solid.x, from.y - solid.y)
  const step = own(to.x - from.x, to.y - from.y)
  for (const [axis, half] of [solid.halfXMm, solid.halfYMm].entries()) {
    const [s, d] = [start[axis]!, step[axis]!]
    if (Math.abs(d) < 1e-12) {
      if (Math.abs(s) > half) return Infinity
      continue
    }
    const [a, b] = [(-half - s) / d, (half - s) / d]
    near = Math.max(near, Math.min(a, b))
    far = Math.min(far, Math.max(a, b))
  }
  return near <= far ? near : Infinity
}

/** Inside the cone where the squared distance from the axis is at most the squared radius at that height. */
function meetsFrustum(solid: WorldSolid & { kind: 'frustum' }, from: Point3, to: Point3, near: number, far: number): number {
  const slope = (solid.r1Mm - solid.r0Mm) / Math.max(1e-9, solid.z1Mm - solid.z0Mm)
  const [ox, oy] = [from.x - solid.x, from.y - solid.y]
  const [dx, dy, dz] = [to.x - from.x, to.y - from.y, to.z - from.z]
  const r = solid.r0Mm + slope * (from.z - solid.z0Mm)
  const a = dx * dx + dy * dy - (slope * dz) ** 2
  const b = ox * dx + oy * dy - slope * dz * r
  const c = ox * ox + oy * oy - r * r
  const outside = (t: number) => a * t * t + 2 * b * t + c
  if (outside(near) <= 0) return near
  if (Math.abs(a) < 1e-12) {
    const at = b === 0 ? NaN : -c / (2 * b)
    return at > near && at <= far ? at : Infinity
  }
  const root = b * b - a * c
  if (root < 0) return Infinity
  const turns = [(-b - Math.sqrt(root)) / a, (-b + Math.sqrt(root)) / a].sort((one, other) => one - other)
  return turns.find((at) => at > near && at <= far) ?? Infinity
}
