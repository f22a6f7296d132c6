import type { Point, Pose } from '../geometry/point.js'

/**
 * A place on the edge. Its pose has the origin on the table's edge and +y along the inward normal, so that local x runs along
 * the edge to the guest's right hand.
 */
export interface Place extends Pose {
  readonly number: number
  readonly side: 'head' | 'long' | 'curve'
  /** Chord of the edge this guest has to themself. */
  readonly widthMm: number
  /** What is left of that width at the line of the plates; narrower on curves. */
  readonly plateLineWidthMm: number
}

/** The pose of a place whose inward normal is given. */
export function placePose(x: number, y: number, inwardX: number, inwardY: number): Pose {
  return { x, y, turnRad: Math.atan2(-inwardX, inwardY) }
}

/** From a point to the edge a guest has, millimeters; 0 beyond it. */
export function fromSeatMm(place: Place, at: Point): number {
  const cos = Math.cos(place.turnRad)
  const sin = Math.sin(place.turnRad)
  const dx = at.x - place.x
  const dy = at.y - place.y
  const aside = Math.max(0, Math.abs(dx * cos + dy * sin) - place.widthMm / 2)
  const inward = Math.max(0, dy * cos - dx * sin)
  return Math.sqrt(aside * aside + inward * inward)
}
