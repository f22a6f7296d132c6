import type { Standing } from '../centerpiece/standing.js'
import { gapMm } from '../geometry/footprint.js'
import { flameHeightMm } from '../reference/candles.js'
import { solidFootprint, type WorldSolid } from '../solids/solid.js'
import { heightAfterMm } from './candleLife.js'

/** A flame of the evening: an upright segment from the lowest wick to the tip of the first flame. */
export interface Flame {
  readonly standing: Standing
  readonly x: number
  readonly y: number
  readonly lowMm: number
  readonly highMm: number
  /** The glass wall that shields it to the side, higher than its tip at its highest: its inner radius and its rim above the tabletop. */
  readonly glass: { readonly radiusMm: number; readonly rimMm: number } | null
  /** Id of the lantern it burns in, with whatever else stands in there; null outside one. */
  readonly inside: string | null
}

/** All real flames among standing pieces; a candle sinks as it burns, so a flame sweeps down until the end of the occasion. */
export function flamesOf(standing: readonly Standing[], endMin: number): Flame[] {
  return standing.flatMap((piece) => {
    const candle = piece.candle
    if (piece.piece.kind !== 'holder' || !candle || candle.burn.kind !== 'wax' || !piece.placed.candle) return []
    const seatMm = piece.footMm + piece.piece.heightMm
    const highMm = seatMm + candle.heightMm + flameHeightMm[candle.form]
    const lowMm = seatMm + heightAfterMm(candle, Math.max(0, endMin - piece.placed.candle.lightAtMin))
    const { chimney } = piece.piece
    const rimMm = chimney ? piece.footMm + chimney.rimMm : 0
    const around = piece.carrierId === null ? undefined : standing.find((other) => other.placed.id === piece.carrierId)
    const inside = around?.piece.kind === 'vessel' && around.piece.form === 'lantern' && around.topMm > highMm ? around.placed.id : null
    return [
      {
        standing: piece,
        x: piece.pose.x,
        y: piece.pose.y,
        lowMm,
        highMm,
        glass: chimney && rimMm >= highMm ? { radiusMm: chimney.innerMm / 2, rimMm } : null,
        inside
      }
    ]
  })
}

/** Distance to the side from a flame's axis to the upright prism around a solid; 0 within. */
export function asideMm(flame: Pick<Flame, 'x' | 'y'>, solid: WorldSolid): number {
  return Math.max(0, gapMm(solidFootprint(solid), flame))
}

/** Straight distance from a flame's segment to a solid, taken as the upright prism around it; 0 inside. */
export function flameDistanceMm(flame: Flame, solid: WorldSolid): number {
  return Math.hypot(asideMm(flame, solid), Math.max(0, flame.lowMm - solid.z1Mm, solid.z0Mm - flame.highMm))
}
