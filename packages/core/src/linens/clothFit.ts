import type { Look } from '../design/look.js'
import type { Cloth } from '../design/piece.js'
import type { Outline } from '../geometry/outline.js'
import { dropLimits } from './linenFindings.js'
import { clothDrop, type ClothHang } from './clothDrop.js'

/** How a cloth would hang on a table, and how far that is from what the style asks, millimeters; 0 where it hangs as asked all round. */
export interface ClothFit {
  readonly hang: ClothHang
  readonly offMm: number
}

/** Judges a cloth by its least and its most hang. */
export function clothFit(look: Pick<Look, 'school' | 'table'>, outline: Outline, cloth: Pick<Cloth, 'extent'>): ClothFit {
  const hang = clothDrop(cloth.extent, outline)
  const [least, most] = dropLimits(look.school.drop, look.table.heightMm)
  return { hang, offMm: Math.max(0, least - hang.leastMm) + Math.max(0, hang.mostMm - most) }
}
