import type { Standing } from '../centerpiece/standing.js'
import type { PieceIndex } from '../design/find.js'
import type { Footprint } from '../geometry/footprint.js'
import { massOf, together, type Mass } from './massOf.js'

/** How far something can be tilted before it falls, with all it carries. */
export interface Tilt {
  readonly placedId: string
  readonly tiltDeg: number
  readonly grams: number
  /** How much of that it carries. */
  readonly carriedG: number
  /** Height of the common center of mass above what it stands on. */
  readonly centerMm: number
}

/**
 * Tilt angle of each piece with what stands on it: arctangent of the radius of its foot over the height of the center of mass. Water and stems
 * count; a candle counts whole.
 */
export function tilts(standing: readonly Standing[], index: PieceIndex): Tilt[] {
  const own = new Map(standing.map((one) => [one.placed.id, massOf(one, index)]))
  const above = new Map<string, Standing[]>()
  for (const one of standing) {
    const carried = one.carrierId === null ? undefined : above.get(one.carrierId)
    if (carried) carried.push(one)
    else if (one.carrierId !== null) above.set(one.carrierId, [one])
  }
  const whole = new Map<Standing, Mass>()
  const withAll = (one: Standing): Mass => {
    const mass = whole.get(one) ?? together([own.get(one.placed.id)!, ...(above.get(one.placed.id) ?? []).map(withAll)])
    whole.set(one, mass)
    return mass
  }
  return standing.map((one) => {
    const mass = withAll(one)
    const centerMm = Math.max(1, mass.centerMm - one.footMm)
    const ownG = own.get(one.placed.id)!.grams
    return {
      placedId: one.placed.id,
      tiltDeg: (Math.atan2(footRadiusMm(one.foot), centerMm) * 180) / Math.PI,
      grams: mass.grams,
      carriedG: mass.grams - ownG,
      centerMm
    }
  })
}

/** The least distance from the middle of a foot to its edge. */
export function footRadiusMm(foot: Footprint): number {
  return foot.kind === 'disc' ? foot.radiusMm : Math.min(foot.halfXMm, foot.halfYMm)
}
