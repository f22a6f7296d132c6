import { longerMm, type Vessel } from '../design/piece.js'
import type { Point } from '../geometry/point.js'
import { shellMm } from '../reference/materials.js'
import { footedBowl } from '../solids/pieceSolids.js'
import { solidReachMm, type Solid } from '../solids/solid.js'

/**
 * How far above the floor of a vessel a thing comes to rest that is wider than the floor: its walls go straight from floor to mouth, the thing
 * is a stack of frusta; what is wider than the mouth rests on the rim. Between straight profiles the tightest spot lies at an end of one of them, so the lift is exact. `at` is where
 * it stands from the vessel's axis.
 */
export function restsAboveFloorMm(vessel: Vessel, body: readonly Solid[], at: Point): number {
  if (vessel.form === 'cloche' || vessel.form === 'lantern') return 0
  const wallMm = shellMm[vessel.material]
  const floorR = Math.max(1, (footedBowl(vessel)?.floorRadiusMm ?? vessel.baseMm / 2) - wallMm)
  const mouthR = Math.max(1, vessel.mouthMm / 2 - wallMm)
  const needs = (radiusMm: number) => {
    const r = radiusMm + asideMm(vessel, at)
    if (r >= mouthR) return vessel.depthMm
    return r <= floorR ? 0 : ((r - floorR) / (mouthR - floorR)) * vessel.depthMm
  }
  const spots = body.flatMap((solid): [number, number][] =>
    solid.kind === 'frustum'
      ? [
          [solid.r0Mm, solid.z0Mm],
          [solid.r1Mm, solid.z1Mm]
        ]
      : [[solidReachMm(solid), solid.z0Mm]]
  )
  return Math.max(0, ...spots.map(([radiusMm, zMm]) => needs(radiusMm) - zMm))
}

/** How far something stands from the middle of a vessel toward its wall: in a trough nothing until it nears an end. */
export function asideMm(vessel: Vessel, { x, y }: Point): number {
  return vessel.form === 'trough' ? Math.max(Math.abs(y), Math.abs(x) - longerMm(vessel) / 2) : Math.hypot(x, y)
}
