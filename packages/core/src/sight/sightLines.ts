import type { Point3 } from '../geometry/point.js'
import { FACE_BELOW_EYES_MM, FACE_HALF_HEIGHT_MM } from '../reference/bodies.js'

/**
 * Every ordered pair of guests as flat numbers, `STRIDE` a pair, pair index = from * count + to (the diagonal is unused):
 * eye x, y, z; unit direction to the other's face x, y; distance; face bottom z; face top z.
 */
export interface SightLines {
  readonly count: number
  readonly flat: Float64Array
  /** No ray to any face goes lower; what stays below this hides nobody. */
  readonly lowestMm: number
}

export const STRIDE = 8

/** Lines from each guest's eyes to each other guest's face. */
export function sightLines(eyes: readonly Point3[]): SightLines {
  const count = eyes.length
  const flat = new Float64Array(count * count * STRIDE)
  const lowestMm = Math.min(Infinity, ...eyes.map((eye) => eye.z - FACE_BELOW_EYES_MM - FACE_HALF_HEIGHT_MM))
  for (let a = 0; a < count; a++) {
    for (let b = 0; b < count; b++) {
      if (a === b) continue
      const from = eyes[a]!
      const to = eyes[b]!
      const distanceMm = Math.hypot(to.x - from.x, to.y - from.y)
      const middle = to.z - FACE_BELOW_EYES_MM
      flat.set(
        [
          from.x,
          from.y,
          from.z,
          (to.x - from.x) / distanceMm,
          (to.y - from.y) / distanceMm,
          distanceMm,
          middle - FACE_HALF_HEIGHT_MM,
          middle + FACE_HALF_HEIGHT_MM
        ],
        (a * count + b) * STRIDE
      )
    }
  }
  return { count, flat, lowestMm }
}
