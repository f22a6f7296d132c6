import { pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import type { BuySlot, Shop } from '../design/money.js'
import type { Offer, Piece } from '../design/piece.js'
import { countedAs, needs, standInsFor, type Need } from '../money/needs.js'
import { offersByPiece } from '../money/offersByPiece.js'
import { addDays } from '../units/clock.js'
import type { BuyingLine, Choice, PossibleOrder } from './choice.js'
import { MORE_PACKS, withoutDominated } from './dominated.js'
import { addedTaxCents, plainShop, type Tax } from '../money/receipt.js'

/** The buying decision as sets of lines, possible orders and choices; all money in integer minor units. */
export interface BuyingProblem {
  readonly lines: readonly BuyingLine[]
  readonly orders: readonly PossibleOrder[]
  readonly choices: readonly Choice[]
  readonly tax: Tax
  readonly tripCents: number
  /** What a missing piece counts as: more than any way to buy one. */
  readonly shortCents: number
}

/** Everything must be in the house the day before. */
const READY_DAYS_BEFORE = 1

/** A spare counts at most half its price, or coupons would make it pay to buy what nobody needs. */
export const MOST_REUSE_PERCENT = 50

/** Whether a piece wilts or goes off. */
export function isFresh(piece: Piece): boolean {
  return piece.material === 'plant' || piece.material === 'fruit'
}

/** Day by which an offer must be ordered for the occasion, ISO. */
export function orderByDay(offer: Offer, date: string): string {
  const byLead = addDays(date, -READY_DAYS_BEFORE - offer.leadDays)
  return offer.untilDay !== null && offer.untilDay < byLead ? offer.untilDay : byLead
}

/** The decision of what to buy where, as of `today` (ISO). */
export function buyingProblem(look: Look, today: string): BuyingProblem {
  const lines = linesToBuy(look)
  const offers = usableOffers(look, today)
  const byPiece = offersByPiece(offers)
  const shops = new Map(look.shops.map((shop) => [shop.name, withCoupon(shop, today)]))
  const locked = new Map(
    look.buying.orders.flatMap((order) => order.lines.filter((line) => line.locked).map((line) => [`${line.offerId} ${order.slot}`, line.packs]))
  )
  const orders: PossibleOrder[] = []
  const known = new Map<string, number>()
  const orderOf = (shop: string, slot: BuySlot) => {
    const key = `${slot} ${shop}`
    if (!known.has(key)) known.set(key, orders.push({ shop: shops.get(shop) ?? plainShop(shop), slot }) - 1)
    return known.get(key)!
  }
  const freshShops = new Set(lines.filter((line) => line.fresh).flatMap((line) => line.eligible.flatMap((id) => (byPiece.get(id) ?? []).map((o) => o.shop))))
  const choices = lines.flatMap((line, l) =>
    line.eligible.flatMap((id) =>
      (byPiece.get(id) ?? []).flatMap((offer) => {
        const slots: BuySlot[] = line.fresh ? ['fresh'] : freshShops.has(offer.shop) ? ['ahead', 'fresh'] : ['ahead']
        return slots.map((slot): Choice => {
          const fixed = locked.get(`${offer.id} ${slot}`) ?? null
          const most = Math.max(fixed ?? 0, Math.min(offer.stock, Math.ceil(line.need / offer.packSize) + MORE_PACKS))
          return { offer, line: l, order: orderOf(offer.shop, slot), most, locked: fixed }
        })
      })
    )
  )
  const kept = withoutDominated(choices, lines)
  const tax: Tax = look.money
  return { lines, orders, choices: kept, tax, tripCents: look.buying.tripCents, shortCents: missingCents(kept, orders, look.buying.tripCents, tax) }
}

/** Needs still short and not done without; needs that share pieces are one line, and a piece stands in for one line only. */
export function linesToBuy(look: Look, all: readonly Need[] = needs(look)): BuyingLine[] {
  const index = pieceIndex(look)
  const open = all.filter((need) => need.short > 0 && !look.buying.skipped.includes(need.piece.id))
  const taken = new Set<string>()
  const spoken = new Set(open.map((need) => countedAs(need.piece)))
  return open.flatMap((need) => {
    if (taken.has(need.piece.id)) return []
    const group = [need.piece.id, ...standInsFor(look, need.piece.id)]
    const together = open.filter((other) => group.includes(other.piece.id) && !taken.has(other.piece.id))
    together.forEach((other) => taken.add(other.piece.id))
    const members = group.flatMap((id) => (id === need.piece.id ? [need.piece] : index.has(id) ? [index.get(id)!] : []))
    const own = new Set(together.map((other) => countedAs(other.piece)))
    const eligible = [...new Set(members.map(countedAs))].filter((id) => own.has(id) || !spoken.has(id))
    eligible.forEach((id) => spoken.add(id))
    const fresh = isFresh(need.piece)
    const short = together.reduce((sum, other) => sum + other.short, 0)
    return [{ pieceId: need.piece.id, need: short, eligible, fresh, creditCents: fresh ? 0 : creditOf(look, eligible) }]
  })
}

/** Share of the least price of a single piece, rounded down. */
function creditOf(look: Look, eligible: readonly string[]): number {
  const each = look.offers.filter((o) => o.priceCents !== null && eligible.includes(o.pieceId)).map((o) => o.priceCents! / o.packSize)
  return each.length > 0 ? Math.floor((Math.min(...each) * Math.min(MOST_REUSE_PERCENT, look.buying.reusePercent)) / 100) : 0
}

/** Offers with a price and stock that still arrive in time. */
export function usableOffers(look: Look, today: string): Offer[] {
  return look.offers.filter((offer) => offer.priceCents !== null && offer.stock > 0 && orderByDay(offer, look.occasion.date) >= today)
}

function withCoupon(shop: Shop, today: string): Shop {
  return shop.coupon && shop.coupon.untilDay < today ? { ...shop, coupon: null } : shop
}

function missingCents(choices: readonly Choice[], orders: readonly PossibleOrder[], tripCents: number, tax: Tax): number {
  const pack = Math.max(0, ...choices.map((choice) => choice.offer.priceCents!))
  const delivery = Math.max(0, ...orders.map((order) => order.shop.delivery?.cents ?? 0))
  return pack + delivery + tripCents + addedTaxCents(tax, pack + delivery) + 2
}
