import type { Candle, Holder } from '../design/piece.js'
import { CHIMNEY_AIR_MM, CUP_SLACK_MM, PILLAR_PLATE_MARGIN_MM } from '../reference/candles.js'

/** What keeps a candle from standing well in a holder, with the size it has and the size it needs. */
export type HolderMisfit =
  | { readonly kind: 'form' }
  | { readonly kind: 'cup-small' | 'cup-loose'; readonly hasMm: number; readonly needsMm: number }
  | { readonly kind: 'plate-small'; readonly hasMm: number; readonly needsMm: number }
  | { readonly kind: 'glass-narrow' | 'rim-low'; readonly hasMm: number; readonly needsMm: number }

/** The first thing that is wrong with a candle in a holder, or undefined when it fits. */
export function holderFit(holder: Holder, candle: Candle): HolderMisfit | undefined {
  if (holder.takes !== candle.form) return { kind: 'form' }
  if (candle.form === 'pillar') {
    const needsMm = candle.diameterMm + PILLAR_PLATE_MARGIN_MM
    if (holder.cupMm < needsMm - 0.5) return { kind: 'plate-small', hasMm: holder.cupMm, needsMm }
  } else if (candle.diameterMm > holder.cupMm) return { kind: 'cup-small', hasMm: holder.cupMm, needsMm: candle.diameterMm }
  else if (holder.cupMm - candle.diameterMm > CUP_SLACK_MM + (candle.form === 'taper' ? 0 : 8))
    return { kind: 'cup-loose', hasMm: candle.diameterMm, needsMm: holder.cupMm - CUP_SLACK_MM }
  return candle.burn.kind === 'wax' ? chimneyFit(holder, candle) : undefined
}

/** A tea light or votive fills its glass, which is made for it: the inch of air is a rule for pillars and tapers, whose flame sinks below the rim. */
function chimneyFit(holder: Holder, candle: Candle): HolderMisfit | undefined {
  if (!holder.chimney || candle.form === 'tealight' || candle.form === 'votive') return undefined
  const airMm = candle.diameterMm + 2 * CHIMNEY_AIR_MM
  if (holder.chimney.innerMm < airMm - 0.5) return { kind: 'glass-narrow', hasMm: holder.chimney.innerMm, needsMm: airMm }
  const topMm = holder.heightMm + candle.heightMm
  return holder.chimney.rimMm < topMm ? { kind: 'rim-low', hasMm: holder.chimney.rimMm, needsMm: topMm } : undefined
}
