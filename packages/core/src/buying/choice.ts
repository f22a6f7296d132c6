import type { BuySlot, Shop } from '../design/money.js'
import type { Offer } from '../design/piece.js'

/** So many pieces to get, of one piece or of any that may stand in for it. */
export interface BuyingLine {
  /** The needed piece; the first of them where several needs share. */
  readonly pieceId: string
  readonly need: number
  readonly eligible: readonly string[]
  readonly fresh: boolean
  /** What a spare piece is worth later. */
  readonly creditCents: number
}

/** One visit to a shop or one delivery, if it is made at all. */
export interface PossibleOrder {
  readonly shop: Shop
  readonly slot: BuySlot
}

/** Packs of one offer in one order. */
export interface Choice {
  readonly offer: Offer
  readonly line: number
  readonly order: number
  /** Most packs worth thinking of. */
  readonly most: number
  /** Packs that stay as they are; null when free. */
  readonly locked: number | null
}
