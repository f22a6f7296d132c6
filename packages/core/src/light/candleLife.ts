import type { Candle } from '../design/piece.js'
import { stopAtMm, waxDensityGPerCm3 } from '../reference/candles.js'

/** Mass of a candle's wax in grams, as a solid cylinder. */
export function waxMassG(candle: Candle & { burn: { kind: 'wax' } }): number {
  return (waxDensityGPerCm3[candle.burn.wax] * Math.PI * (candle.diameterMm / 20) ** 2 * candle.heightMm) / 10
}

/** Hours of a wax mass at a burn rate: the standard candle, 1/6 lb at 120 grains an hour, gives 9.722 (Metropolitan Gas Act). */
export function burnHours(massG: number, gramsPerHour: number): number {
  return massG / gramsPerHour
}

/**
 * Minutes a candle can burn before it has to be put out: its usable wax (down to 2 in for a pillar, 1 in for a taper, 1/2 in in a
 * container) over its burn rate, or its battery hours.
 */
export function candleLifeMin(candle: Candle): number {
  if (candle.burn.kind === 'flameless') return candle.burn.hours * 60
  const whole = waxMassG({ ...candle, burn: candle.burn })
  const usable = Math.max(0, candle.heightMm - stopAtMm[candle.form]) / candle.heightMm
  return burnHours(whole * usable, candle.burn.gramsPerHour) * 60
}

/** Height of a candle after it has burned for some minutes; container candles and flameless ones keep theirs. */
export function heightAfterMm(candle: Candle, burnedMin: number): number {
  if (candle.burn.kind === 'flameless' || candle.form === 'votive' || candle.form === 'tealight') return candle.heightMm
  const perMin = candle.burn.gramsPerHour / 60 / waxMassG({ ...candle, burn: candle.burn })
  return Math.max(0, candle.heightMm * (1 - perMin * burnedMin))
}
