import { buyingProblem, withoutDominated, type BuyingProblem, type Look, type Offer, type Random, type Shop } from '@hestiad/core'
import { demoLook } from './looks.js'

const whole = (random: Random, low: number, high: number) => low + Math.floor(random() * (high - low + 1))

export const offerOf = (id: string, pieceId: string, shop: string, packSize: number, priceCents: number | null, stock = 99, leadDays = 0): Offer => ({
  id,
  pieceId,
  shop,
  packSize,
  priceCents,
  stock,
  leadDays,
  listCents: null,
  untilDay: null,
  noted: null
})

/** A buying problem of so many lines, offers and shops from a seed, with thresholds, coupons, tax and stock. Same seed, same problem. */
export function generateProblem(random: Random, size: { readonly lines: number; readonly offers: number; readonly shops: number }): BuyingProblem {
  const shops = Array.from({ length: size.shops }, (_, i): Shop => {
    const off = random() < 0.5 ? ({ kind: 'percent', percent: whole(random, 5, 25) } as const) : ({ kind: 'amount', cents: whole(random, 300, 1500) } as const)
    return {
      name: `Shop ${i}`,
      visit: random() < 0.85,
      delivery: i === 0 || random() < 0.8 ? { cents: whole(random, 300, 990), freeFromCents: random() < 0.7 ? whole(random, 3000, 12_000) : null } : null,
      coupon: random() < 0.5 ? { code: 'C', off, fromCents: whole(random, 2000, 8000), untilDay: '2027-12-31' } : null
    }
  }).map((shop) => (shop.visit || shop.delivery ? shop : { ...shop, visit: true }))
  const orders = shops.map((shop) => ({ shop, slot: 'ahead' as const }))
  const lines = Array.from({ length: size.lines }, (_, l) => ({
    pieceId: `piece-${l}`,
    need: whole(random, 1, 14),
    eligible: [`piece-${l}`],
    fresh: false,
    creditCents: whole(random, 0, 60)
  }))
  // a piece has its price, a shop its level, a larger pack its rebate
  const eachCents = lines.map(() => whole(random, 150, 900))
  const level = shops.map(() => 0.8 + 0.4 * random())
  const choices = Array.from({ length: size.offers }, (_, j) => {
    const line = j < size.lines ? j : whole(random, 0, size.lines - 1)
    const order = whole(random, 0, size.shops - 1)
    const packSize = whole(random, 1, 6)
    const packCents = Math.round(eachCents[line]! * level[order]! * packSize * (0.85 + 0.3 * random()) * (1 - 0.03 * (packSize - 1)))
    const offer = offerOf(`o-${j}`, `piece-${line}`, shops[order]!.name, packSize, packCents, whole(random, 0, 14))
    return { offer, line, order, most: Math.min(offer.stock, Math.ceil(lines[line]!.need / packSize) + 3), locked: null }
  })
  const tax = random() < 0.5 ? ({ taxPercent: 8.875, taxMode: 'added' } as const) : ({ taxPercent: 0, taxMode: 'included' } as const)
  return { lines, orders, choices: withoutDominated(choices, lines), tax, tripCents: whole(random, 0, 1200), shortCents: 20_000 }
}

/** The demo's decision on a day before its occasion. */
export function demoProblem(change: Partial<Look> = {}, day = '2027-01-20'): BuyingProblem {
  return buyingProblem({ ...demoLook(), ...change }, day)
}
