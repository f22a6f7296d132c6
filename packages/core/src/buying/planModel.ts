import type { BuyingProblem } from './buyingProblem.js'
import { thousandths } from '../money/receipt.js'

type Term = readonly [coefficient: number, variable: string]

/**
 * A buying problem as a mixed integer program in the LP format that HiGHS, GLPK and CBC read. All of its objective is integer minor units.
 *
 * Variables: `x_j` packs of choice j; per order k `y_k` made, `d_k` delivered, `f_k` delivered free, `c_k` with the coupon, `v_k` its saving,
 * `t_k` its tax; per line l `u_l` pieces missing, `w_l` pieces to spare, `g_l_k` pieces served by order k. Percentages round as `receipt.ts` does, because `v_k` and `t_k` are integers.
 */
export function planModel(problem: BuyingProblem): string {
  const rows: string[] = []
  const bounds: string[] = []
  const integers: string[] = []
  const binaries: string[] = []
  const objective: Term[] = []
  const row = (terms: readonly Term[], relation: '>=' | '<=' | '=', right: number) => void rows.push(` r${rows.length}: ${sum(terms)} ${relation} ${right}`)
  const whole = (name: string, low: number, high: number | null) => {
    bounds.push(high === null ? ` ${name} >= ${low}` : ` ${low} <= ${name} <= ${high}`)
    integers.push(name)
  }
  addChoices(problem, objective, row, whole)
  problem.orders.forEach((_, k) => addOrder(problem, k, { objective, row, whole, binaries }))
  oneCouponEach(problem, row)
  problem.lines.forEach((line, l) => {
    const packs = problem.choices.flatMap((choice, j): Term[] => (choice.line === l ? [[choice.offer.packSize, `x${j}`]] : []))
    row([...packs, [1, `u${l}`], [-1, `w${l}`]], '=', line.need)
    whole(`u${l}`, 0, line.need)
    whole(`w${l}`, 0, null)
    objective.push([problem.shortCents, `u${l}`], [-line.creditCents, `w${l}`])
    serveLine(problem, l, row, bounds)
  })
  const parts = [`Minimize\n obj: ${sum(objective)}`, `Subject To\n${rows.join('\n')}`, `Bounds\n${bounds.join('\n')}`]
  if (integers.length > 0) parts.push(`General\n${wrapped(integers)}`)
  if (binaries.length > 0) parts.push(`Binary\n${wrapped(binaries)}`)
  return `${parts.join('\n')}\nEnd\n`
}

type Row = (terms: readonly Term[], relation: '>=' | '<=' | '=', right: number) => void
type Whole = (name: string, low: number, high: number | null) => void

/** Packs of every choice; one offer taken in two orders shares its stock. */
function addChoices({ choices }: BuyingProblem, objective: Term[], row: Row, whole: Whole): void {
  const sameOffer = new Map<string, number[]>()
  choices.forEach((choice, j) => {
    if (choice.locked === null) whole(`x${j}`, 0, choice.most)
    else whole(`x${j}`, choice.locked, choice.locked)
    objective.push([choice.offer.priceCents!, `x${j}`])
    sameOffer.set(choice.offer.id, [...(sameOffer.get(choice.offer.id) ?? []), j])
  })
  for (const list of sameOffer.values()) {
    const most = Math.max(choices[list[0]!]!.offer.stock, ...list.map((j) => choices[j]!.locked ?? 0))
    if (list.length > 1)
      row(
        list.map((j) => [1, `x${j}`]),
        '<=',
        most
      )
  }
}

/**
 * `g_l_k`, the pieces of line l that order k serves: no more than its packs hold and none unless the order is made. Says nothing new about
 * whole packs, but makes the relaxation tight, as in facility location (Cornuejols, Nemhauser & Wolsey 1990).
 */
function serveLine({ lines, choices, orders }: BuyingProblem, l: number, row: Row, bounds: string[]): void {
  const { need } = lines[l]!
  const served: Term[] = [[1, `u${l}`]]
  for (let k = 0; k < orders.length; k++) {
    const packs = choices.flatMap((choice, j): Term[] => (choice.line === l && choice.order === k ? [[-choice.offer.packSize, `x${j}`]] : []))
    if (packs.length === 0) continue
    const name = `g${l}_${k}`
    bounds.push(` 0 <= ${name} <= ${need}`)
    served.push([1, name])
    row([[1, name], ...packs], '<=', 0)
    row(
      [
        [1, name],
        [-need, `y${k}`]
      ],
      '<=',
      0
    )
  }
  row(served, '>=', need)
}

function addOrder(problem: BuyingProblem, k: number, to: { objective: Term[]; row: Row; whole: Whole; binaries: string[] }): void {
  const { shop } = problem.orders[k]!
  const mine = problem.choices.flatMap((choice, j) => (choice.order === k ? [j] : []))
  const goods = mine.map((j): Term => [problem.choices[j]!.offer.priceCents!, `x${j}`])
  const most = mine.reduce((total, j) => total + problem.choices[j]!.most * problem.choices[j]!.offer.priceCents!, 0)
  to.binaries.push(`y${k}`)
  const packs = mine.reduce((total, j) => total + problem.choices[j]!.most, 0)
  to.row([...mine.map((j): Term => [1, `x${j}`]), [-packs, `y${k}`]], '<=', 0)
  if (shop.visit) to.objective.push([problem.tripCents, `y${k}`])
  const net: Term[] = [...goods]
  if (shop.delivery) net.push(...addDelivery(problem, k, goods, to))
  if (shop.coupon) net.push(...addCoupon(problem, k, goods, most, to))
  addTax(problem, k, net, to)
}

/** Delivered instead of fetched, free from a sum on. Returns its part of what is taxed. */
function addDelivery(problem: BuyingProblem, k: number, goods: readonly Term[], to: { objective: Term[]; row: Row; binaries: string[] }): Term[] {
  const { shop } = problem.orders[k]!
  const { cents, freeFromCents } = shop.delivery!
  to.binaries.push(`d${k}`)
  to.row(
    [
      [1, `d${k}`],
      [-1, `y${k}`]
    ],
    shop.visit ? '<=' : '=',
    0
  )
  to.objective.push([cents - (shop.visit ? problem.tripCents : 0), `d${k}`])
  if (freeFromCents === null || cents === 0) return [[cents, `d${k}`]]
  to.binaries.push(`f${k}`)
  to.row(
    [
      [1, `f${k}`],
      [-1, `d${k}`]
    ],
    '<=',
    0
  )
  to.row([...goods, [-freeFromCents, `f${k}`]], '>=', 0)
  to.objective.push([-cents, `f${k}`])
  return [
    [cents, `d${k}`],
    [-cents, `f${k}`]
  ]
}

function addCoupon(
  problem: BuyingProblem,
  k: number,
  goods: readonly Term[],
  most: number,
  to: { objective: Term[]; row: Row; whole: Whole; binaries: string[] }
): Term[] {
  const { off, fromCents } = problem.orders[k]!.shop.coupon!
  to.binaries.push(`c${k}`)
  to.row(
    [
      [1, `c${k}`],
      [-1, `y${k}`]
    ],
    '<=',
    0
  )
  to.row([...goods, [-fromCents, `c${k}`]], '>=', 0)
  const cap = off.kind === 'amount' ? off.cents : Math.floor((most * thousandths(off.percent)) / 100_000)
  to.whole(`v${k}`, 0, cap)
  to.row(
    [
      [1, `v${k}`],
      [-cap, `c${k}`]
    ],
    '<=',
    0
  )
  const share = off.kind === 'percent' ? thousandths(off.percent) / 100_000 : 1
  to.row([[1, `v${k}`], ...goods.map(([price, x]): Term => [-price * share, x])], '<=', 0)
  to.objective.push([-1, `v${k}`])
  return [[-1, `v${k}`]]
}

/** Half up: the least integer t with 100000 t >= rate x net - 49999. */
function addTax({ tax }: BuyingProblem, k: number, net: readonly Term[], to: { objective: Term[]; row: Row; whole: Whole }): void {
  const rate = thousandths(tax.taxPercent) / 100_000
  if (tax.taxMode === 'included' || rate === 0) return
  to.whole(`t${k}`, 0, null)
  to.row([[1, `t${k}`], ...net.map(([cents, name]): Term => [-cents * rate, name])], '>=', -0.49999)
  to.objective.push([1, `t${k}`])
}

function oneCouponEach({ orders }: BuyingProblem, row: Row): void {
  const byShop = new Map<string, Term[]>()
  orders.forEach(({ shop }, k) => shop.coupon && byShop.set(shop.name, [...(byShop.get(shop.name) ?? []), [1, `c${k}`]]))
  for (const terms of byShop.values()) if (terms.length > 1) row(terms, '<=', 1)
}

function sum(terms: readonly Term[]): string {
  const shown = terms
    .filter(([coefficient]) => coefficient !== 0)
    .map(([coefficient, name]) => `${coefficient < 0 ? '-' : '+'} ${Math.abs(coefficient)} ${name}`)
  return wrapped(shown.length > 0 ? shown : [`0 ${terms[0]?.[1] ?? 'y0'}`])
}

/** LP readers take lines of limited length. */
function wrapped(words: readonly string[]): string {
  const lines: string[] = []
  for (let i = 0; i < words.length; i += 12) lines.push(words.slice(i, i + 12).join(' '))
  return lines.join('\n  ')
}
