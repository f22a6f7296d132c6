import type { Order } from '../design/money.js'
import type { BuyingProblem } from './buyingProblem.js'

/**
 * Orders with packs added for what they leave missing, as far as it can be had: always the pack that costs least for each piece still missing,
 * with the trip or delivery where its shop is not gone to anyway. For answers of a solver that ran out of time.
 */
export function coverMissing(problem: BuyingProblem, orders: readonly Order[]): Order[] {
  const packs = packsOf(problem, orders)
  const before = [...packs]
  const open = new Set(problem.choices.flatMap((choice, j) => (packs[j]! > 0 ? [choice.order] : [])))
  const left = stockLeft(problem, packs)
  problem.lines.forEach((line, l) => {
    const mine = problem.choices.flatMap((choice, j) => (choice.line === l && choice.locked === null ? [j] : []))
    let missing = line.need - problem.choices.reduce((sum, choice, j) => sum + (choice.line === l ? packs[j]! * choice.offer.packSize : 0), 0)
    while (missing > 0) {
      const cost = (j: number) => {
        const { offer, order } = problem.choices[j]!
        return (offer.priceCents! + (open.has(order) ? 0 : openingCents(problem, order))) / Math.min(offer.packSize, missing)
      }
      const best = mine.filter((j) => left.get(problem.choices[j]!.offer.id)! > 0).sort((a, b) => cost(a) - cost(b))[0]
      if (best === undefined) return
      const { offer, order } = problem.choices[best]!
      packs[best]!++
      left.set(offer.id, left.get(offer.id)! - 1)
      open.add(order)
      missing -= offer.packSize
    }
  })
  return withPacks(problem, orders, packs, before)
}

function packsOf({ choices, orders: possible }: BuyingProblem, orders: readonly Order[]): number[] {
  return choices.map(({ offer, order }) => {
    const { shop, slot } = possible[order]!
    const made = orders.find((one) => one.shop === shop.name && one.slot === slot)
    return made?.lines.find((line) => line.offerId === offer.id)?.packs ?? 0
  })
}

function stockLeft({ choices }: BuyingProblem, packs: readonly number[]): Map<string, number> {
  const left = new Map(choices.map(({ offer }) => [offer.id, offer.stock]))
  choices.forEach(({ offer }, j) => left.set(offer.id, left.get(offer.id)! - packs[j]!))
  return left
}

function openingCents({ orders, tripCents }: BuyingProblem, k: number): number {
  const { visit, delivery } = orders[k]!.shop
  return Math.min(visit ? tripCents : Infinity, delivery?.cents ?? Infinity)
}

/** The orders with other counts of packs; those that are new are made the cheaper way. */
function withPacks(problem: BuyingProblem, orders: readonly Order[], packs: readonly number[], before: readonly number[]): Order[] {
  return problem.orders.flatMap(({ shop, slot }, k): Order[] => {
    const made = orders.find((one) => one.shop === shop.name && one.slot === slot)
    const mine = problem.choices.flatMap((choice, j) => (choice.order === k && packs[j]! > 0 ? [j] : []))
    if (mine.every((j) => packs[j] === before[j])) return made ? [made] : []
    const lines = mine.map((j) => ({ offerId: problem.choices[j]!.offer.id, packs: packs[j]!, locked: problem.choices[j]!.locked !== null }))
    const isDelivered = !shop.visit || (shop.delivery?.cents ?? Infinity) < problem.tripCents
    return [{ shop: shop.name, slot, way: made?.way ?? (isDelivered ? 'delivery' : 'trip'), coupon: made?.coupon ?? false, lines }]
  })
}
