import { extentSize, type Mat } from '../design/piece.js'
import { overlapMm, type Footprint } from '../geometry/footprint.js'
import { distanceMm, fromFrame } from '../geometry/point.js'
import { EDGE_GAP_MM } from '../reference/places.js'
import type { Place } from '../seating/places.js'

/** Guests whose directions differ by less sit side by side; others sit round a corner. */
const BESIDE_RAD = Math.PI / 3

/** Least air between the mats of two guests, below zero where they lie over one another; null with fewer than two guests. */
export function matGapMm(mat: Mat, places: readonly Place[]): number | null {
  if (places.length < 2) return null
  return Math.min(...places.map((place, i) => gapBetween(mat, place, places[(i + 1) % places.length]!)))
}

/** Round mats by their middles; others beside each other by the corners that come nearest, inner ones on a curve. */
function gapBetween(mat: Mat, a: Place, b: Place): number {
  const { lengthMm, widthMm } = extentSize(mat.extent)
  const middle = { x: 0, y: EDGE_GAP_MM + widthMm / 2 }
  if (mat.extent.kind === 'round') return distanceMm(fromFrame(a, middle), fromFrame(b, middle)) - lengthMm
  const turn = Math.abs(Math.atan2(Math.sin(a.turnRad - b.turnRad), Math.cos(a.turnRad - b.turnRad)))
  if (turn >= BESIDE_RAD) return -overlapMm(rectAt(a, middle.y, lengthMm, widthMm), rectAt(b, middle.y, lengthMm, widthMm))
  const apart = distanceMm(a, b)
  const along = { x: (b.x - a.x) / (apart || 1), y: (b.y - a.y) / (apart || 1) }
  const gaps = [EDGE_GAP_MM, EDGE_GAP_MM + widthMm].map((y) => {
    const [from, to] = [nearest(a, y, lengthMm, b), nearest(b, y, lengthMm, a)]
    return (to.x - from.x) * along.x + (to.y - from.y) * along.y
  })
  return Math.min(...gaps)
}

/** The corner of a mat at a depth that is nearer to another guest. */
function nearest(place: Place, y: number, lengthMm: number, other: Place) {
  const [left, right] = [fromFrame(place, { x: -lengthMm / 2, y }), fromFrame(place, { x: lengthMm / 2, y })]
  return distanceMm(left, other) < distanceMm(right, other) ? left : right
}

function rectAt(place: Place, y: number, lengthMm: number, widthMm: number): Footprint {
  return { kind: 'rect', ...fromFrame(place, { x: 0, y }), turnRad: place.turnRad, halfXMm: lengthMm / 2, halfYMm: widthMm / 2 }
}
