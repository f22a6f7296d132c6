import { levelMm2, type Vessel } from '../design/piece.js'
import { circlePackingRatio, MOUTH_FILL } from '../reference/stems.js'

/**
 * Most stems of one thickness that go through a round mouth: by exact circle packing while few, by 0.7 of the area beyond that, whichever
 * is more. Both in millimeters; 0 when not one fits.
 * @throws RangeError when a size is not above 0.
 */
export function stemsThroughMouth(mouthMm: number, thicknessMm: number): number {
  if (!(mouthMm > 0)) throw new RangeError(`mouthMm must be > 0, got ${mouthMm}`)
  if (!(thicknessMm > 0)) throw new RangeError(`thicknessMm must be > 0, got ${thicknessMm}`)
  const ratio = mouthMm / thicknessMm
  let exact = 0
  for (const [count, needed] of circlePackingRatio) if (ratio >= needed - 1e-7) exact = count
  if (ratio < 3) return exact
  return Math.max(exact, Math.floor(MOUTH_FILL * ratio * ratio + 1e-9))
}

/**
 * The same for any vessel. The mouth of a trough takes at least rows side by side, and 0.7 of its area where that is more, as a round one does.
 * @throws RangeError when a size is not above 0.
 */
export function stemsThrough(vessel: Vessel, thicknessMm: number): number {
  const { mouthMm } = vessel
  if (vessel.form !== 'trough') return stemsThroughMouth(mouthMm, thicknessMm)
  if (!(mouthMm > 0 && thicknessMm > 0)) throw new RangeError(`mouth and thickness must be > 0, got ${mouthMm} and ${thicknessMm}`)
  if (mouthMm < thicknessMm) return 0
  const areaMm2 = levelMm2(vessel, mouthMm)
  const rows = Math.floor(mouthMm / thicknessMm + 1e-9) * Math.floor(areaMm2 / mouthMm / thicknessMm + 1e-9)
  return Math.max(rows, Math.floor((MOUTH_FILL * areaMm2) / ((Math.PI / 4) * thicknessMm ** 2) + 1e-9))
}
