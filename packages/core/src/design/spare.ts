import type { Look } from './look.js'
import type { Piece, StandingPiece } from './piece.js'
import { isStanding } from './piece.js'

/** How many of a piece the house has beside those that stand in the middle. */
export function spareCount(look: Pick<Look, 'centerpiece'>, piece: Piece): number {
  return piece.owned - look.centerpiece.filter((placed) => placed.pieceId === piece.id).length
}

/** Things of the house that stand in a middle and are free. */
export function sparePieces(look: Pick<Look, 'centerpiece' | 'pieces'>): StandingPiece[] {
  return look.pieces.filter((piece): piece is StandingPiece => isStanding(piece) && spareCount(look, piece) > 0)
}
