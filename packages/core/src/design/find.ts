import type { Look } from './look.js'
import type { Piece, PieceKind, PieceOf } from './piece.js'

/** Pieces by id; made once per piece list and kept while that list lives. */
export type PieceIndex = ReadonlyMap<string, Piece>

const indexes = new WeakMap<readonly Piece[], PieceIndex>()

/** A look's pieces by id. */
export function pieceIndex(look: Pick<Look, 'pieces'>): PieceIndex {
  const known = indexes.get(look.pieces)
  if (known) return known
  const index = new Map(look.pieces.map((piece) => [piece.id, piece]))
  indexes.set(look.pieces, index)
  return index
}

/** The piece of an id when it is of the kind asked for. */
export function findPiece<K extends PieceKind>(index: PieceIndex, id: string | null | undefined, kind: K): PieceOf<K> | undefined {
  const piece = id == null ? undefined : index.get(id)
  return piece?.kind === kind ? (piece as PieceOf<K>) : undefined
}

/** All pieces of a kind, in the look's order. */
export function piecesOf<K extends PieceKind>(look: Pick<Look, 'pieces'>, kind: K): PieceOf<K>[] {
  return look.pieces.filter((piece): piece is PieceOf<K> => piece.kind === kind)
}
