import type { Look } from '../design/look.js'
import type { Offer } from '../design/piece.js'
import { cheapestPacks, type PackMix } from './cheapestPacks.js'
import { needs, type Need } from './needs.js'

/** One line to buy: the need, the packs that cover it, what they cost and what is left over. */
export interface BuyLine {
  readonly need: Need
  readonly mix: PackMix
  /** Pieces no known offer covers, or whose price nobody knows: a gap in the sum, never zero. */
  readonly gapPieces: number
  readonly leftOver: number
}

/** The look's money: every sum in integer minor units of `currency`. */
export interface BuyList {
  readonly currency: string
  readonly totalCents: number
  readonly reserveCents: number
  readonly workingCents: number
  readonly spendCents: number
  readonly leftCents: number
  readonly perGuestCents: number
  readonly gaps: number
  /** Share of the pieces needed that the household owns. */
  readonly ownedShare: number
  readonly lines: readonly BuyLine[]
}

/** Reserve off the top, rounded to the nearest minor unit, half up. */
export function reserveCents(totalCents: number, reservePercent: number): number {
  return Math.floor((totalCents * Math.round(reservePercent * 100) + 5000) / 10_000)
}

/** What is still needed, in whole packs, cheapest mix a line. */
export function buyList(look: Look): BuyList {
  const all = needs(look)
  const offers = offersByPiece(look.offers)
  const lines = all.filter((need) => need.short > 0).map((need) => buyLine(need, offers.get(need.piece.id) ?? []))
  const spendCents = lines.reduce((sum, line) => sum + line.mix.costCents, 0)
  const { currency, totalCents, reservePercent } = look.money
  const reserve = reserveCents(totalCents, reservePercent)
  const needed = all.reduce((sum, need) => sum + need.needed, 0)
  const short = all.reduce((sum, need) => sum + need.short, 0)
  return {
    currency,
    totalCents,
    reserveCents: reserve,
    workingCents: totalCents - reserve,
    spendCents,
    leftCents: totalCents - reserve - spendCents,
    perGuestCents: look.guests.length > 0 ? Math.round(spendCents / look.guests.length) : 0,
    gaps: lines.filter((line) => line.gapPieces > 0).length,
    ownedShare: needed > 0 ? (needed - short) / needed : 1,
    lines
  }
}

function buyLine(need: Need, offers: readonly Offer[]): BuyLine {
  const mix = cheapestPacks(need.short, offers)
  return { need, mix, gapPieces: mix.uncovered, leftOver: Math.max(0, mix.pieces - need.short) }
}

const grouped = new WeakMap<readonly Offer[], Map<string, Offer[]>>()

function offersByPiece(offers: readonly Offer[]): Map<string, Offer[]> {
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
