import { pieceIndex } from '../design/find.js'
import { foldedIns, type FoldedIn, type Look } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { halfLengthMm, spanMm, type Outline } from '../geometry/outline.js'
import { RUNNER_OVERHANG_MM, RUNNER_OVERHANG_MOST_MM } from '../reference/linens.js'
import { foldedSize, straightTextile } from './runnerStrips.js'

/** A textile folded to lie along the table. */
export interface FoldedTextile {
  readonly piece: Piece
  readonly folded: { readonly length: FoldedIn; readonly width: FoldedIn }
  readonly lengthMm: number
  readonly widthMm: number
  /** How far it is from a runner that hangs over by 6 in and covers a third of the width, as a share of the table; 0 is just that. */
  readonly off: number
}

/** Every straight textile of the look in its best fold as a runner along the table, the best first; what cannot lie well is left out. */
export function textilesAsRunner(look: Pick<Look, 'pieces'>, outline: Outline): FoldedTextile[] {
  const index = pieceIndex(look)
  const tableMm = 2 * halfLengthMm(outline)
  const thirdMm = spanMm(outline) / 3
  return look.pieces
    .flatMap((piece) => {
      const textile = straightTextile(index, piece.id)
      if (!textile) return []
      const ways = foldedIns.flatMap((length) =>
        foldedIns.map((width): FoldedTextile => {
          const size = foldedSize(textile, { length, width })
          const over = (size.lengthMm - tableMm) / 2
          const ends = over < 0 ? Math.min(Math.abs(over + RUNNER_OVERHANG_MM), Math.abs(over - RUNNER_OVERHANG_MM)) : Math.abs(over - RUNNER_OVERHANG_MM)
          return { piece, folded: { length, width }, ...size, off: (2 * ends) / tableMm + Math.abs(size.widthMm - thirdMm) / spanMm(outline) }
        })
      )
      const fitting = ways.filter((way) => way.widthMm < 2 * thirdMm && (way.lengthMm - tableMm) / 2 <= RUNNER_OVERHANG_MOST_MM)
      return fitting.length > 0 ? [fitting.reduce((best, way) => (way.off < best.off - 1e-9 ? way : best))] : []
    })
    .sort((a, b) => a.off - b.off)
}
