import type { Look, Offer } from '@hestiad/core'
import type { PriceSource } from '../stand-ins/priceSource.js'

/** The server's day, ISO, in its own time zone. */
export function today(): string {
  const now = new Date()
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10)
}

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
