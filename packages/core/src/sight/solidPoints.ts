import type { WorldSolid } from '../solids/solid.js'

/** Corners and edges of a solid as a convex body of flat faces, with what is needed to pass it over quickly. */
export interface SolidPoints {
  readonly x: number
  readonly y: number
  readonly reachMm: number
  readonly z0Mm: number
  readonly z1Mm: number
  readonly opacity: number
  /** x, y, z of each corner. */
  readonly corners: Float64Array
  /** Two corner indices an edge. */
  readonly edges: Uint8Array
}

/** Sides of the prism that stands for a frustum. */
export const RING = 24

/** A ring of half its corners outside and half inside the circle, so that it hides as much as the circle does. */
const RING_SCALE = Math.sqrt((2 * Math.PI) / (RING * Math.sin((2 * Math.PI) / RING)))

const ringEdges = Uint8Array.from(
  Array.from({ length: RING }, (_, i) => [i, (i + 1) % RING, RING + i, RING + ((i + 1) % RING), i, RING + i]).flat()
)
const boxEdges = Uint8Array.of(0, 1, 1, 2, 2, 3, 3, 0, 4, 5, 5, 6, 6, 7, 7, 4, 0, 4, 1, 5, 2, 6, 3, 7)

/** The corners of a solid in the table's frame. */
export function solidPoints(solid: WorldSolid): SolidPoints {
  return solid.kind === 'frustum' ? frustumPoints(solid) : boxPoints(solid)
}

function frustumPoints(solid: WorldSolid & { kind: 'frustum' }): SolidPoints {
  const corners = new Float64Array(6 * RING)
  for (let i = 0; i < RING; i++) {
    const cos = Math.cos((i / RING) * 2 * Math.PI) * RING_SCALE
    const sin = Math.sin((i / RING) * 2 * Math.PI) * RING_SCALE
    corners.set([solid.x + solid.r0Mm * cos, solid.y + solid.r0Mm * sin, solid.z0Mm], 3 * i)
    corners.set([solid.x + solid.r1Mm * cos, solid.y + solid.r1Mm * sin, solid.z1Mm], 3 * (RING + i))
  }
  return { ...bounds(solid, Math.max(solid.r0Mm, solid.r1Mm) * RING_SCALE), corners, edges: ringEdges }
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
  return { ...bounds(solid, Math.hypot(solid.halfXMm, solid.halfYMm)), corners, edges: boxEdges }
}

function bounds(solid: WorldSolid, reachMm: number): Omit<SolidPoints, 'corners' | 'edges'> {
  return { x: solid.x, y: solid.y, reachMm, z0Mm: solid.z0Mm, z1Mm: solid.z1Mm, opacity: solid.opacity }
}
