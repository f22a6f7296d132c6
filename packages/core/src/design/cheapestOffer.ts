import type { Look } from './look.js'
import type { Offer, Piece } from './piece.js'

/** A piece with the offer that gives it for least. */
export interface Sold<P extends Piece = Piece> {
  readonly piece: P
  readonly offer: Offer & { readonly priceCents: number }
}

/** The cheapest of some pieces that a shop can still give before the day, by what one of it costs; undefined where no shop has any. */
export function cheapestOf<P extends Piece>(look: Pick<Look, 'offers'>, pieces: readonly P[]): Sold<P> | undefined {
  const sold = pieces.flatMap((piece) =>
    look.offers.flatMap((offer): Sold<P>[] =>
      offer.pieceId === piece.id && offer.priceCents !== null && offer.stock > 0 ? [{ piece, offer: { ...offer, priceCents: offer.priceCents } }] : []
    )
  )
  return sold.sort((a, b) => a.offer.priceCents / a.offer.packSize - b.offer.priceCents / b.offer.packSize || a.offer.id.localeCompare(b.offer.id))[0]
}

/** What so many of it cost in whole packs, where, and how many days before it has to be ordered. */
export function priceOf({ offer }: Sold, count: number) {
  return { count, cents: Math.ceil(count / offer.packSize) * offer.priceCents, shop: offer.shop, leadDays: offer.leadDays }
}
