import { findPiece, pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import { boughtWith } from '../reference/stems.js'
import { stemLengthMm } from './arrangementNeeds.js'
import { plantOf } from './petCaution.js'

/** What a stem is bought by: so long at least, the recut counted, and with the tops or roots it grew with; null where they do not matter. */
export interface StemAsk {
  readonly atLeastMm: number
  readonly keep: 'tops' | 'roots' | null
}

/** By stem, over all arrangements of a look: the longest cut decides. */
export function stemAsks(look: Pick<Look, 'pieces' | 'centerpiece'>): ReadonlyMap<string, StemAsk> {
  const index = pieceIndex(look)
  const asks = new Map<string, StemAsk>()
  for (const { pieceId, arrangement } of look.centerpiece) {
    const vessel = findPiece(index, pieceId, 'vessel')
    if (!vessel || !arrangement) continue
    for (const { stemId, count } of arrangement.stems) {
      const stem = findPiece(index, stemId, 'stem')
      if (!stem || count === 0) continue
      const atLeastMm = Math.max(stemLengthMm(vessel, arrangement), asks.get(stemId)?.atLeastMm ?? 0)
      asks.set(stemId, { atLeastMm, keep: boughtWith[plantOf(stem) ?? ''] ?? null })
    }
  }
  return asks
}
