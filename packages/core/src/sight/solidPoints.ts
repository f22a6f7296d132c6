import type { WorldSolid } from '../solids/solid.js'

/** What a solid is passed over by: an upright cylinder around it. */
export interface SolidBounds {
  readonly x: number
  readonly y: number
  readonly reachMm: number
  readonly z0Mm: number
  readonly z1Mm: number
}

/** Corners and edges of a solid as a convex body of flat faces. */
export interface SolidPoints {
  readonly opacity: number
  /** x, y, z of each corner. */
  readonly corners: Float64Array
  /** Two corner indices an edge. */
  readonly edges: Uint8Array
}

/** Sides of the prism that stands for a frustum. */
const RING = 48

/** A ring of half its corners outside and half inside the circle, so that it hides as much as the circle does. */
const RING_SCALE = Math.sqrt((2 * Math.PI) / (RING * Math.sin((2 * Math.PI) / RING)))
const ringCos = Float64Array.from({ length: RING }, (_, i) => RING_SCALE * Math.cos((i / RING) * 2 * Math.PI))
const ringSin = Float64Array.from({ length: RING }, (_, i) => RING_SCALE * Math.sin((i / RING) * 2 * Math.PI))

const ringEdges = Uint8Array.from(Array.from({ length: RING }, (_, i) => [i, (i + 1) % RING, RING + i, RING + ((i + 1) % RING), i, RING + i]).flat())
const boxEdges = Uint8Array.of(0, 1, 1, 2, 2, 3, 3, 0, 4, 5, 5, 6, 6, 7, 7, 4, 0, 4, 1, 5, 2, 6, 3, 7)

export function solidBounds(solid: WorldSolid): SolidBounds {
  const reachMm = solid.kind === 'frustum' ? Math.max(solid.r0Mm, solid.r1Mm) * RING_SCALE : Math.sqrt(solid.halfXMm ** 2 + solid.halfYMm ** 2)
  return { x: solid.x, y: solid.y, reachMm, z0Mm: solid.z0Mm, z1Mm: solid.z1Mm }
}

/** The corners of a solid in the table's frame. */
export function solidPoints(solid: WorldSolid): SolidPoints {
  return solid.kind === 'frustum' ? frustumPoints(solid) : boxPoints(solid)
}

function frustumPoints(solid: WorldSolid & { kind: 'frustum' }): SolidPoints {
  const corners = new Float64Array(6 * RING)
  for (let i = 0; i < RING; i++) {
    const low = 3 * i
    const high = low + 3 * RING
    corners[low] = solid.x + solid.r0Mm * ringCos[i]!
    corners[low + 1] = solid.y + solid.r0Mm * ringSin[i]!
    corners[low + 2] = solid.z0Mm
    corners[high] = solid.x + solid.r1Mm * ringCos[i]!
    corners[high + 1] = solid.y + solid.r1Mm * ringSin[i]!
    corners[high + 2] = solid.z1Mm
  }
  return { opacity: solid.opacity, corners, edges: ringEdges }
}

function boxPoints(solid: WorldSolid & { kind: 'box' }): SolidPoints {
  const corners = new Float64Array(24)
  const cos = Math.cos(solid.turnRad)
  const sin = Math.sin(solid.turnRad)
  for (let i = 0; i < 8; i++) {
    const lx = (i % 4 === 0 || i % 4 === 3 ? -1 : 1) * solid.halfXMm
    const ly = (i % 4 < 2 ? -1 : 1) * solid.halfYMm
    corners.set([solid.x + lx * cos - ly * sin, solid.y + lx * sin + ly * cos, i < 4 ? solid.z0Mm : solid.z1Mm], 3 * i)
  }
  return { opacity: solid.opacity, corners, edges: boxEdges }
}
