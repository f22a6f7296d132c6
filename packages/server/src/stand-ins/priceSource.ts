import type { Offer, Piece, Shop } from '@hestiad/core'

/**
 * Where prices come from. The shops that ship with Hestiad are a simulation (`market.ts`); a real source would answer the same questions.
 * Days are ISO dates; an answer holds for that day only. Prices are integer minor units, net of the day's discount.
 */
export interface PriceSource {
  /** The day that counts as today. */
  today(): string
  shopsOn(day: string): readonly Shop[]
  /** Every article sold, as a piece owned 0 times. */
  articles(): readonly Piece[]
  /** Offers of a day: all, or those of the pieces named. Sold-out offers answer with stock 0. */
  offersOn(day: string, pieceIds?: ReadonlySet<string>): readonly Offer[]
}
