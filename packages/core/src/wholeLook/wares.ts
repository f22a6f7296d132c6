import type { Look } from '../design/look.js'
import { flatwareRoles, type Piece, type PieceKind, type PieceOf } from '../design/piece.js'
import { avoidedIds } from '../intent/avoids.js'
import { cheapestPacks } from '../money/cheapestPacks.js'
import { offersByPiece } from '../money/offersByPiece.js'
import type { WholeLookOptions } from './wholeLook.js'

/** What a look may be laid with: owned and not claimed elsewhere, and what shops sell where they may be asked. */
export interface Wares {
  /** Pieces of a kind of which so many can be had, the anchor first, then the cheapest, then those there are more of. */
  readonly enough: <K extends PieceKind>(kind: K, count: number) => PieceOf<K>[]
  /** Cents for so many, owned ones first; null where so many cannot be had. */
  readonly costCents: (pieceId: string, count: number) => number | null
  /** Pieces of a kind of which the house has any to lay. */
  readonly some: <K extends PieceKind>(kind: K) => PieceOf<K>[]
  /** So many are owned and not claimed elsewhere. */
  readonly free: (pieceId: string) => number
}

/** What one eats and drinks from and with: of these something is laid, and told, even where the brief wants none like it. */
const needed: ReadonlySet<string> = new Set(['plate dinner', 'glass water', ...flatwareRoles.map((role) => `flatware ${role}`)])

/** The pieces less those that are not wanted, but for what a table cannot do without. */
function unlessNeeded<P extends Piece>(pieces: readonly P[], avoided: ReadonlySet<string>): P[] {
  const job = (piece: P) => ('role' in piece ? `${piece.kind} ${String(piece.role)}` : piece.kind)
  const done = new Set(pieces.filter((piece) => !avoided.has(piece.id)).map(job))
  return pieces.filter((piece) => !avoided.has(piece.id) || (needed.has(job(piece)) && !done.has(job(piece))))
}

export function waresOf(look: Look, { from, shelf, without }: WholeLookOptions): Wares {
  const mayBuy = from !== 'owned'
  const own = new Set(look.pieces.map((piece) => piece.id))
  const pieces = [...look.pieces, ...(mayBuy ? (shelf?.pieces ?? []) : []).filter((piece) => !own.has(piece.id))]
  const left = new Set(without)
  const avoided = new Set(avoidedIds(pieces, look.intent.avoid))
  const isAnchor = (piece: Piece) => Number(piece.id === look.intent.anchorId)
  const offers = offersByPiece(mayBuy ? [...look.offers, ...(shelf?.offers ?? [])] : [])
  const free = new Map(pieces.map((piece) => [piece.id, piece.owned]))
  for (const { settled, pieceId, count } of look.claims) if (!settled) free.set(pieceId, Math.max(0, (free.get(pieceId) ?? 0) - count))
  const known = new Map<string, number | null>()

  function costCents(pieceId: string, count: number): number | null {
    const key = `${count} ${pieceId}`
    const earlier = known.get(key)
    if (earlier !== undefined) return earlier
    const mix = cheapestPacks(Math.max(0, count - (free.get(pieceId) ?? 0)), offers.get(pieceId) ?? [])
    const cost = mix.uncovered > 0 ? null : mix.costCents
    known.set(key, cost)
    return cost
  }

  const freeOf = (pieceId: string) => free.get(pieceId) ?? 0
  const having = <K extends PieceKind>(kind: K, has: (pieceId: string) => boolean) =>
    unlessNeeded(
      pieces.filter((piece): piece is PieceOf<K> => piece.kind === kind && piece.of === null && !left.has(piece.id) && has(piece.id)),
      avoided
    )
  return {
    costCents,
    free: freeOf,
    some: (kind) => having(kind, (id) => freeOf(id) > 0),
    enough: (kind, count) =>
      having(kind, (id) => costCents(id, count) !== null).sort(
        (a, b) => isAnchor(b) - isAnchor(a) || costCents(a.id, count)! - costCents(b.id, count)! || freeOf(b.id) - freeOf(a.id)
      )
  }
}
