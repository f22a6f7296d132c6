import type { Budget, Order, Shop } from '../design/money.js'
import type { Offer } from '../design/piece.js'

/** What one order costs, part by part, in integer minor units. */
export interface Receipt {
  readonly goodsCents: number
  readonly couponCents: number
  readonly deliveryCents: number
  readonly taxCents: number
  readonly totalCents: number
}

export type Tax = Pick<Budget, 'taxPercent' | 'taxMode'>

/** Percent as whole thousandths, so that sums stay integers. */
export function thousandths(percent: number): number {
  return Math.round(percent * 1000)
}

/** A coupon's saving on goods: nothing under its threshold, a percentage rounded down to the minor unit, never more than the goods. */
export function couponCents(shop: Shop, goodsCents: number): number {
  const { coupon } = shop
  if (!coupon || goodsCents < coupon.fromCents) return 0
  if (coupon.off.kind === 'amount') return Math.min(coupon.off.cents, goodsCents)
  return Math.floor((goodsCents * thousandths(coupon.off.percent)) / 100_000)
}

/** Delivery on goods before any coupon. */
function deliveryCents(shop: Shop, goodsCents: number): number {
  const { delivery } = shop
  if (!delivery) return 0
  return delivery.freeFromCents !== null && goodsCents >= delivery.freeFromCents ? 0 : delivery.cents
}

/** Tax added at the till, rounded half up to the minor unit; 0 where prices hold it already. */
export function addedTaxCents(tax: Tax, netCents: number): number {
  return tax.taxMode === 'added' ? Math.floor((netCents * thousandths(tax.taxPercent) + 50_000) / 100_000) : 0
}

/** The receipt of an order. Offers without a price count nothing here; they are a gap elsewhere. */
export function receiptOf(
  order: Pick<Order, 'way' | 'coupon'> & { readonly lines: readonly { readonly offer: Offer; readonly packs: number }[] },
  shop: Shop,
  tax: Tax
): Receipt {
  const goods = order.lines.reduce((sum, { offer, packs }) => sum + packs * (offer.priceCents ?? 0), 0)
  const coupon = order.coupon ? couponCents(shop, goods) : 0
  const delivery = order.way === 'delivery' ? deliveryCents(shop, goods) : 0
  const net = goods - coupon + delivery
  const taxed = addedTaxCents(tax, net)
  return { goodsCents: goods, couponCents: coupon, deliveryCents: delivery, taxCents: taxed, totalCents: net + taxed }
}

/** A shop of which only the name is known: one can go there, it delivers nothing and gives no coupon. */
export function plainShop(name: string): Shop {
  return { name, visit: true, delivery: null, coupon: null }
}
