import { findPiece, type PieceIndex } from '../design/find.js'
import type { PlaceSetting } from '../design/look.js'
import type { Stem } from '../design/piece.js'

/** Leaves that line a plate, and how many go round it. */
export interface Leaves {
  readonly stem: Stem
  readonly count: number
}

/** Each leaf laps the one beside it by a quarter: our own starting value. */
const LAP_SHARE = 0.25

/** How many leaves so wide go round the rim of a plate, each lapping the next. @throws RangeError when a size is not above 0 */
export function leavesRound(diameterMm: number, leafMm: number): number {
  if (!(diameterMm > 0 && leafMm > 0)) throw new RangeError(`sizes must be > 0, got ${diameterMm} and ${leafMm}`)
  return Math.ceil((Math.PI * diameterMm) / ((1 - LAP_SHARE) * leafMm) - 1e-9)
}

/** Whether a stem is a leaf broad enough to lie under something. */
export function isLeaf(stem: Stem): boolean {
  return stem.form === 'leafy'
}

/** The leaves round the lowest plate of a setting; null where there are none, or no plate. */
export function leavesOf(setting: PlaceSetting, index: PieceIndex): Leaves | null {
  const stem = findPiece(index, setting.leavesId, 'stem')
  const plate = findPiece(index, setting.plateIds[0], 'plate')
  return stem && plate ? { stem, count: leavesRound(plate.diameterMm, stem.headMm) } : null
}
