/**
 * Frame of the whole core: millimeters, x along the table, y across it, z up from the tabletop, origin in the middle
 * of the table, angles counter-clockwise from +x. The screen flips y in one place of its own.
 */
export interface Point {
  readonly x: number
  readonly y: number
}

export interface Point3 extends Point {
  readonly z: number
}

/** A place to stand and a way to face: position and counter-clockwise turn. */
export interface Pose extends Point {
  readonly turnRad: number
}

export function distanceMm(a: Point, b: Point): number {
  const dx = a.x - b.x
  const dy = a.y - b.y
  return Math.sqrt(dx * dx + dy * dy)
}

/** A point given in `frame`'s own axes, in the axes the frame itself is given in. */
export function fromFrame(frame: Pose, local: Point): Point {
  const cos = Math.cos(frame.turnRad)
  const sin = Math.sin(frame.turnRad)
  return { x: frame.x + local.x * cos - local.y * sin, y: frame.y + local.x * sin + local.y * cos }
}

/** The inverse of `fromFrame`. */
export function toFrame(frame: Pose, point: Point): Point {
  const cos = Math.cos(frame.turnRad)
  const sin = Math.sin(frame.turnRad)
  const dx = point.x - frame.x
  const dy = point.y - frame.y
  return { x: dx * cos + dy * sin, y: -dx * sin + dy * cos }
}

export function radians(degrees: number): number {
  return (degrees * Math.PI) / 180
}
