import type { Order, OrderLine } from '../design/money.js'
import type { BuyingProblem } from './buyingProblem.js'
import { coverMissing } from './coverMissing.js'
import { planModel } from './planModel.js'
import { receiptOf, type Receipt } from '../money/receipt.js'

/** What a solver of integer programs answers: values by name, the bound it proved, and whether the answer is proven best. */
export interface Solution {
  readonly values: ReadonlyMap<string, number>
  readonly objective: number
  readonly bound: number
}

/** Solves a program in LP format; rejects when it is canceled or has no answer at all. */
export type Solve = (model: string) => Promise<Solution>

/** An order of the plan with what it costs and by when it must be placed. */
interface PlannedOrder {
  readonly order: Order
  readonly receipt: Receipt
}

/** A buying plan, checked by our own evaluator. Money in integer minor units. */
export interface Plan {
  readonly orders: readonly PlannedOrder[]
  /** Lines of the problem that stay short. */
  readonly missing: readonly { readonly pieceId: string; readonly pieces: number }[]
  readonly moneyCents: number
  readonly trips: number
  readonly tripsCents: number
  readonly creditCents: number
  /** Money and trips less what spares are worth. */
  readonly worthCents: number
  /** No plan can be cheaper than `worthCents` by more than this; 0 is proven best. */
  readonly gapCents: number
}

/** Makes the plan. @throws Error when the solver's answer does not stand up to our own evaluation */
export async function planBuying(problem: BuyingProblem, solve: Solve): Promise<Plan> {
  if (problem.lines.length === 0) return evaluatePlan(problem, [], 0)
  const solution = await solve(planModel(problem))
  const orders = readOrders(problem, solution.values)
  const plan = evaluatePlan(problem, orders, 0)
  const worth = worthWithShort(problem, plan)
  if (!standsUp(worth, solution)) throw new Error(`the plan evaluates to ${worth}, the solver said ${solution.objective}`)
  const best = plan.missing.length > 0 ? covered(problem, plan) : plan
  return { ...best, gapCents: Math.max(0, Math.floor(worthWithShort(problem, best) - solution.bound + 1e-6)) }
}

/** What is missing bought after all where it can be had; the plan as it is where that would cost more than going without counts. */
function covered(problem: BuyingProblem, plan: Plan): Plan {
  const whole = evaluatePlan(
    problem,
    coverMissing(
      problem,
      plan.orders.map((one) => one.order)
    ),
    0
  )
  return worthWithShort(problem, whole) < worthWithShort(problem, plan) ? whole : plan
}

function worthWithShort(problem: BuyingProblem, { worthCents, missing }: Plan): number {
  return worthCents + missing.reduce((sum, one) => sum + one.pieces, 0) * problem.shortCents
}

/**
 * A proven best is worth what the solver says. One that ran out of time may have left a saving unused (a coupon not counted, a delivery paid that
 * is free by now), and is then worth more than it says, never less.
 */
function standsUp(worth: number, { objective, bound }: Solution): boolean {
  const isProven = objective - bound < 1
  return worth <= objective + 0.5 && (!isProven || worth >= objective - 0.5)
}

function readOrders(problem: BuyingProblem, values: ReadonlyMap<string, number>): Order[] {
  const at = (name: string) => Math.round(values.get(name) ?? 0)
  return problem.orders.flatMap(({ shop, slot }, k): Order[] => {
    const lines = problem.choices.flatMap((choice, j): OrderLine[] =>
      choice.order === k && at(`x${j}`) > 0 ? [{ offerId: choice.offer.id, packs: at(`x${j}`), locked: choice.locked !== null }] : []
    )
    const coupon = at(`c${k}`) > 0 && at(`v${k}`) > 0
    return lines.length > 0 ? [{ shop: shop.name, slot, way: at(`d${k}`) > 0 || !shop.visit ? 'delivery' : 'trip', coupon, lines }] : []
  })
}

/** What a set of orders comes to. @throws Error naming the rule that an order breaks */
export function evaluatePlan(problem: BuyingProblem, orders: readonly Order[], gapCents: number): Plan {
  const choiceOf = new Map(problem.choices.map((choice) => [choice.offer.id, choice]))
  const shops = new Map(problem.orders.map((order) => [order.shop.name, order.shop]))
  checkStock(problem, orders)
  const planned = orders.map((order): PlannedOrder => {
    const lines = order.lines.map((line) => ({ offer: choiceOf.get(line.offerId)!.offer, packs: line.packs }))
    return { order, receipt: receiptOf({ ...order, lines }, shops.get(order.shop)!, problem.tax) }
  })
  const pieces = piecesByLine(problem, orders)
  const credit = problem.lines.reduce((sum, line, l) => sum + Math.max(0, pieces[l]! - line.need) * line.creditCents, 0)
  const money = planned.reduce((sum, one) => sum + one.receipt.totalCents, 0)
  const trips = orders.filter((order) => order.way === 'trip').length
  const worth = money + trips * problem.tripCents - credit
  return {
    orders: planned,
    missing: missingOf(problem, orders),
    moneyCents: money,
    trips,
    tripsCents: trips * problem.tripCents,
    creditCents: credit,
    worthCents: worth,
    gapCents
  }
}

function piecesByLine(problem: BuyingProblem, orders: readonly Order[]): number[] {
  const choiceOf = new Map(problem.choices.map((choice) => [choice.offer.id, choice]))
  const pieces = problem.lines.map(() => 0)
  for (const { lines } of orders)
    for (const { offerId, packs } of lines) {
      const choice = choiceOf.get(offerId)
      if (choice) pieces[choice.line]! += packs * choice.offer.packSize
    }
  return pieces
}

function missingOf(problem: BuyingProblem, orders: readonly Order[]): Plan['missing'] {
  const pieces = piecesByLine(problem, orders)
  return problem.lines.flatMap((line, l) => (pieces[l]! < line.need ? [{ pieceId: line.pieceId, pieces: line.need - pieces[l]! }] : []))
}

function checkStock(problem: BuyingProblem, orders: readonly Order[]): void {
  const packs = new Map<string, number>()
  const coupons = new Map<string, number>()
  for (const order of orders) {
    if (order.coupon) coupons.set(order.shop, (coupons.get(order.shop) ?? 0) + 1)
    for (const line of order.lines) if (!line.locked) packs.set(line.offerId, (packs.get(line.offerId) ?? 0) + line.packs)
  }
  for (const [shop, count] of coupons) if (count > 1) throw new Error(`the coupon of ${shop} is used ${count} times`)
  for (const [id, count] of packs) {
    const offer = problem.choices.find((choice) => choice.offer.id === id)?.offer
    if (!offer) throw new Error(`the offer ${id} is not one of those to choose from`)
    if (count > offer.stock) throw new Error(`${count} packs of ${id}, of which there are ${offer.stock}`)
  }
}
