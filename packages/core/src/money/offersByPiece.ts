import type { Offer } from '../design/piece.js'

const grouped = new WeakMap<readonly Offer[], Map<string, Offer[]>>()

/** Offers by the piece they sell; made once an offer list and kept while that list lives. */
export function offersByPiece(offers: readonly Offer[]): ReadonlyMap<string, readonly Offer[]> {
  const known = grouped.get(offers)
  if (known) return known
  const byPiece = new Map<string, Offer[]>()
  for (const offer of offers) {
    const list = byPiece.get(offer.pieceId)
    if (list) list.push(offer)
    else byPiece.set(offer.pieceId, [offer])
  }
  grouped.set(offers, byPiece)
  return byPiece
}
