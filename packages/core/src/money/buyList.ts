import { plainShop, receiptOf, type Receipt } from './receipt.js'
import type { Look } from '../design/look.js'
import { needGroups, tableZones, type NeedGroup, type Order, type PlannedSums, type TableZone } from '../design/money.js'
import type { Offer } from '../design/piece.js'
import { cheapestPacks, type PackLine, type PackMix } from './cheapestPacks.js'
import { offersByPiece } from './offersByPiece.js'
import { countedAs, needs, standInsFor, type Need, type NeedsOf } from './needs.js'

/** One line to buy: the need, the packs that cover it, what they cost and what is left over. */
export interface BuyLine {
  readonly need: Need
  readonly mix: PackMix
  /** Pieces no known offer covers, or whose price nobody knows: a gap in the sum, never zero. */
  readonly gapPieces: number
  readonly leftOver: number
  /** Whether the packs come from the chosen plan, or are the cheapest for this line alone. */
  readonly planned: boolean
  /** The stylist goes without. */
  readonly skipped: boolean
}

/** One part of the budget: what the plan foresaw (null where none was kept), what is spent, what is still to spend, and its cap. */
export interface PartFigures<P extends string> {
  readonly part: P
  readonly plannedCents: number | null
  readonly spentCents: number
  readonly openCents: number
  readonly capCents: number | null
}

/** What is bought at one shop in one go, with its receipt. */
export interface ShopOrder extends Order {
  readonly receipt: Receipt
}

/** The look's money: every sum in integer minor units of `currency`. */
export interface BuyList {
  readonly currency: string
  readonly totalCents: number
  /** Put aside first. */
  readonly reserveCents: number
  /** Drawn from the reserve so far, and what is left in it. */
  readonly drawnCents: number
  readonly reserveLeftCents: number
  /** Total less the reserve, plus what was drawn from it. */
  readonly workingCents: number
  /** Spent so far and still to spend. */
  readonly spentCents: number
  readonly openCents: number
  readonly spendCents: number
  readonly leftCents: number
  readonly perGuestCents: number
  readonly gaps: number
  /** Share of the pieces needed that the household has free. */
  readonly ownedShare: number
  readonly lines: readonly BuyLine[]
  readonly orders: readonly ShopOrder[]
  /** Goods and spending by group and by zone; delivery, coupons and tax belong to no part. */
  readonly groups: readonly PartFigures<NeedGroup>[]
  readonly zones: readonly PartFigures<TableZone>[]
  /** Delivery and tax less coupons, of the orders still open. */
  readonly extrasCents: number
}

/** Reserve off the top, rounded to the nearest minor unit, half up. */
export function reserveCents(totalCents: number, reservePercent: number): number {
  return Math.floor((totalCents * Math.round(reservePercent * 100) + 5000) / 10_000)
}

/** What of a look decides what is bought and what it costs. */
export type BuyListOf = NeedsOf & Pick<Look, 'money' | 'offers' | 'shops'>

/** What is still needed, in whole packs: by the chosen plan where it covers a line, by the cheapest mix where it does not. */
export function buyList(look: BuyListOf): BuyList {
  const all = needs(look)
  const plan = plannedPacks(look)
  const offers = offersByPiece(look.offers)
  const lines = all.filter((need) => need.short > 0).map((need) => buyLine(look, need, offers, plan))
  const orders = ordersOf(look, lines)
  const open = orders.reduce((sum, order) => sum + order.receipt.totalCents, 0)
  const spent = look.buying.bought.reduce((sum, one) => sum + one.cents, 0)
  const drawn = look.buying.draws.reduce((sum, draw) => sum + draw.cents, 0)
  const { currency, totalCents, reservePercent } = look.money
  const reserve = reserveCents(totalCents, reservePercent)
  const needed = all.reduce((sum, need) => sum + need.needed, 0)
  const lacking = all.reduce((sum, need) => sum + need.short + Math.min(need.bought, need.needed), 0)
  const goods = orders.reduce((sum, order) => sum + order.receipt.goodsCents, 0)
  return {
    currency,
    totalCents,
    reserveCents: reserve,
    drawnCents: drawn,
    reserveLeftCents: reserve - drawn,
    workingCents: totalCents - reserve + drawn,
    spentCents: spent,
    openCents: open,
    spendCents: spent + open,
    leftCents: totalCents - reserve + drawn - spent - open,
    perGuestCents: look.guests.length > 0 ? Math.round((spent + open) / look.guests.length) : 0,
    gaps: lines.filter((line) => line.gapPieces > 0).length,
    ownedShare: needed > 0 ? Math.max(0, needed - lacking) / needed : 1,
    lines,
    orders,
    groups: partFigures(look, all, lines, needGroups, 'group', look.money.split.kind === 'groups' ? look.money.split.caps : [], look.buying.planned?.groups),
    zones: partFigures(look, all, lines, tableZones, 'zone', look.money.split.kind === 'zones' ? look.money.split.caps : [], look.buying.planned?.zones),
    extrasCents: open - goods
  }
}

/** What a look's buying comes to today, kept as the plan: what is spent and what is to spend, part by part. */
export function plannedSums(look: BuyListOf, day: string): PlannedSums {
  const { groups, zones, extrasCents } = buyList(look)
  const summed = <P extends string>(parts: readonly PartFigures<P>[]) =>
    parts.map(({ part, spentCents, openCents }) => ({ part, cents: spentCents + openCents }))
  return { day, groups: summed(groups), zones: summed(zones), extrasCents }
}

/** Packs of the chosen plan by piece, of offers the look still carries with a price. */
function plannedPacks(look: BuyListOf): Map<string, PackLine[]> {
  const packs = new Map<string, PackLine[]>()
  if (look.buying.orders.length === 0) return packs
  const offers = new Map(look.offers.map((offer) => [offer.id, offer]))
  for (const { offerId, packs: count } of look.buying.orders.flatMap((order) => order.lines)) {
    const offer = offers.get(offerId)
    if (offer && offer.priceCents !== null) packs.set(offer.pieceId, [...(packs.get(offer.pieceId) ?? []), { offer, packs: count }])
  }
  return packs
}

/** Takes packs from the plan as long as they help; a plan that no longer covers the line gives way to the cheapest mix. */
function buyLine(look: BuyListOf, need: Need, offers: ReadonlyMap<string, readonly Offer[]>, plan: Map<string, PackLine[]>): BuyLine {
  const ids = [countedAs(need.piece), ...standInsFor(look, need.piece.id)]
  const skipped = look.buying.skipped.includes(need.piece.id)
  if (skipped) return { need, mix: { lines: [], pieces: 0, costCents: 0, uncovered: 0 }, gapPieces: 0, leftOver: 0, planned: false, skipped }
  const lines = ids.flatMap((id) => plan.get(id) ?? [])
  const pieces = lines.reduce((sum, line) => sum + line.packs * line.offer.packSize, 0)
  if (lines.length > 0 && pieces >= need.short) {
    for (const id of ids) plan.delete(id)
    const cost = lines.reduce((sum, line) => sum + line.packs * line.offer.priceCents!, 0)
    return { need, mix: { lines, pieces, costCents: cost, uncovered: 0 }, gapPieces: 0, leftOver: pieces - need.short, planned: true, skipped }
  }
  const eligible = ids.length === 1 ? (offers.get(ids[0]!) ?? []) : ids.flatMap((id) => offers.get(id) ?? [])
  const mix = cheapestPacks(need.short, eligible)
  return { need, mix, gapPieces: mix.uncovered, leftOver: Math.max(0, mix.pieces - need.short), planned: false, skipped }
}

/** The packs of all lines, shop by shop; the way of the plan where there is one, otherwise fetched and without a coupon. */
function ordersOf(look: BuyListOf, lines: readonly BuyLine[]): ShopOrder[] {
  const shops = new Map(look.shops.map((shop) => [shop.name, shop]))
  const planned = new Map(look.buying.orders.flatMap((order) => order.lines.map((line) => [line.offerId, order] as const)))
  const groups = new Map<string, { order: Order; lines: PackLine[] }>()
  for (const line of lines.flatMap((one) => (one.planned ? one.mix.lines : one.mix.lines.map((l) => ({ ...l, loose: true }))))) {
    const own = 'loose' in line ? undefined : planned.get(line.offer.id)
    const order: Order = own ?? { shop: line.offer.shop, slot: 'ahead', way: 'trip', coupon: false, lines: [] }
    const key = `${order.shop} ${order.slot} ${order.way}`
    const group = groups.get(key) ?? { order, lines: [] }
    group.lines.push({ offer: line.offer, packs: line.packs })
    groups.set(key, group)
  }
  const lockedOf = (id: string) => planned.get(id)?.lines.find((line) => line.offerId === id)?.locked ?? false
  return [...groups.values()].map(({ order, lines: packs }) => ({
    ...order,
    lines: packs.map(({ offer, packs: count }) => ({ offerId: offer.id, packs: count, locked: lockedOf(offer.id) })),
    receipt: receiptOf({ ...order, lines: packs }, shops.get(order.shop) ?? plainShop(order.shop), look.money)
  }))
}

function partFigures<P extends string>(
  look: BuyListOf,
  all: readonly Need[],
  lines: readonly BuyLine[],
  parts: readonly P[],
  of: 'group' | 'zone',
  caps: readonly { readonly part: P; readonly capCents: number }[],
  planned: readonly { readonly part: P; readonly cents: number }[] | undefined
): PartFigures<P>[] {
  const partOf = new Map(all.map((need) => [need.piece.id, need[of] as string]))
  return parts.map((part) => ({
    part,
    plannedCents: planned?.find((one) => one.part === part)?.cents ?? null,
    openCents: lines.reduce((sum, line) => sum + (line.need[of] === part ? line.mix.costCents : 0), 0),
    spentCents: look.buying.bought.reduce((sum, one) => sum + (partOf.get(one.pieceId) === part ? one.cents : 0), 0),
    capCents: caps.find((cap) => cap.part === part)?.capCents ?? null
  }))
}
