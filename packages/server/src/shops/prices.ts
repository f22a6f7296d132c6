import { linesToBuy, pieceIndex, sameJob, usableOffers, type Look, type Offer, type Piece } from '@hestiad/core'
import { alikePieces } from './alike.js'
import type { PriceSource } from '../stand-ins/priceSource.js'

/**
 * A look with a day's prices: offers of the pieces named come fresh from the shops and from what the stylist keeps; other offers stay as the
 * look has them.
 */
export function pricedLook(look: Look, prices: PriceSource, kept: readonly Offer[], pieceIds: ReadonlySet<string>, day: string): Look {
  const fresh = [...kept.filter((offer) => pieceIds.has(offer.pieceId)), ...prices.offersOn(day, pieceIds)]
  const known = new Set(fresh.map((offer) => offer.id))
  const own = look.offers.filter((offer) => !known.has(offer.id))
  return { ...look, offers: [...own, ...fresh], shops: prices.shopsOn(day), buying: { ...look.buying, pricesOn: day } }
}

/** A look with a day's prices, and the pieces of the shops that were added because they could stand in. */
export interface PricedLook {
  readonly look: Look
  readonly alike: readonly Piece[]
}

const ALIKE_EACH = 3

/** For each line that its own offers cannot cover, brings in the most alike articles that are in stock, with their offers. */
export function withAlike(look: Look, prices: PriceSource, day: string): PricedLook {
  const usable = usableOffers(look, day)
  const index = pieceIndex(look)
  const short = linesToBuy(look).filter((line) => {
    const there = usable.filter((offer) => line.eligible.includes(offer.pieceId)).reduce((sum, offer) => sum + offer.stock * offer.packSize, 0)
    return there < line.need
  })
  const near = short.flatMap((line) => {
    const model = index.get(line.pieceId)
    const same = model ? prices.articles().filter((piece) => sameJob(model, piece) && !index.has(piece.id)) : []
    const found = model ? alikePieces(model, same).map(({ piece }) => piece) : []
    const sold = new Set(prices.offersOn(day, new Set(found.map((piece) => piece.id))).flatMap((offer) => (offer.stock > 0 ? [offer.pieceId] : [])))
    return found.filter((piece) => sold.has(piece.id)).slice(0, ALIKE_EACH)
  })
  const alike = [...new Map(near.map((piece) => [piece.id, piece])).values()]
  const offers = prices.offersOn(day, new Set(alike.map((piece) => piece.id)))
  return { look: { ...look, pieces: [...look.pieces, ...alike], offers: [...look.offers, ...offers] }, alike }
}
