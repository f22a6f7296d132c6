import { execFileSync } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import {
  blockedLines,
  buyingProblem,
  buyList,
  couponCents,
  evaluatePlan,
  linesToBuy,
  orderByDay,
  planBuying,
  planModel,
  receiptOf,
  seededRandom,
  usableOffers,
  withoutDominated,
  type BuyingProblem,
  type Look,
  type Shop,
  type Solution,
  type Solve
} from '@hestiad/core'
import { loadHighs } from './support/highs.js'
import { beforeAll, describe, expect, it } from 'vitest'
import { demoProblem, generateProblem, offerOf } from './support/buying.js'
import { demoLook, guests } from './support/looks.js'
import { many } from './support/many.js'

let solve: Solve
beforeAll(async () => {
  const solver = await loadHighs()
  solve = (model) => {
    const answer = solver.solve(model, { mip_rel_gap: 0, mip_abs_gap: 0.99 }) as unknown as {
      ObjectiveValue: number
      Columns: Record<string, { Primal: number }>
    }
    const values = new Map(Object.entries(answer.Columns).map(([name, column]) => [name, column.Primal]))
    return Promise.resolve({ values, objective: answer.ObjectiveValue, bound: answer.ObjectiveValue } satisfies Solution)
  }
})

const folder = mkdtempSync(join(tmpdir(), 'hestiad-plan-'))
const has = (program: string) => existsSync(`/usr/bin/${program}`)

/** The least objective that GLPK's glpsol finds for a model. */
function glpsol(model: string): number {
  writeFileSync(join(folder, 'm.lp'), model)
  execFileSync('/usr/bin/glpsol', ['--lp', join(folder, 'm.lp'), '--output', join(folder, 'm.txt')], { stdio: 'ignore' })
  return Number(/Objective:\s+obj = (\S+)/.exec(readFileSync(join(folder, 'm.txt'), 'utf8'))![1])
}

/** The same by COIN-OR's cbc. */
function cbc(model: string): number {
  writeFileSync(join(folder, 'c.lp'), model)
  execFileSync('/usr/bin/cbc', [join(folder, 'c.lp'), 'ratioGap', '0', 'allowableGap', '0.9', 'solve', 'solution', join(folder, 'c.txt')], { stdio: 'ignore' })
  return Number(/objective value\s+(\S+)/.exec(readFileSync(join(folder, 'c.txt'), 'utf8'))![1])
}

describe('a receipt', () => {
  const shop: Shop = {
    name: 'S',
    visit: true,
    delivery: { cents: 690, freeFromCents: 5000 },
    coupon: { code: 'TEN', off: { kind: 'percent', percent: 10 }, fromCents: 3000, untilDay: '2027-12-31' }
  }
  const lines = (cents: number) => [{ offer: offerOf('a', 'p', 'S', 1, cents), packs: 1 }]

  it('takes the coupon rounded down, adds delivery under its threshold, and tax half up on what is paid', () => {
    const tax = { taxPercent: 8.875, taxMode: 'added' } as const
    // by hand: 39.99, coupon floor(399.9) = 3.99, delivery 6.90, net 42.90, tax 3.807 -> 3.81
    expect(receiptOf({ way: 'delivery', coupon: true, lines: lines(3999) }, shop, tax)).toEqual({
      goodsCents: 3999,
      couponCents: 399,
      deliveryCents: 690,
      taxCents: 381,
      totalCents: 4671
    })
    expect(receiptOf({ way: 'delivery', coupon: false, lines: lines(5000) }, shop, { ...tax, taxMode: 'included' }).totalCents).toBe(5000)
  })

  it('gives no coupon under its sum, and never more than the goods', () => {
    expect(couponCents(shop, 2999)).toBe(0)
    expect(couponCents({ ...shop, coupon: { ...shop.coupon!, off: { kind: 'amount', cents: 900 }, fromCents: 0 } }, 500)).toBe(500)
  })
})

describe('the buying plan', () => {
  it.skipIf(!has('glpsol'))('costs to the cent what glpsol finds, on 25 seeded problems with trips, thresholds, coupons, tax, credit and stock', async () => {
    const random = seededRandom(20_270_206)
    for (let round = 0; round < many(25); round++) {
      const problem = generateProblem(random, { lines: 2 + (round % 5), offers: 6 + (round % 12), shops: 2 + (round % 3) })
      const plan = await planBuying(problem, solve)
      const missing = plan.missing.reduce((sum, one) => sum + one.pieces, 0) * problem.shortCents
      expect(plan.worthCents + missing, `round ${round}`).toBe(Math.round(glpsol(planModel(problem))))
      expect(plan.gapCents).toBe(0)
    }
  })

  it.skipIf(!has('cbc'))('and what cbc finds, on five larger ones', async () => {
    const random = seededRandom(7)
    for (let round = 0; round < many(5); round++) {
      const problem = generateProblem(random, { lines: 12, offers: 60, shops: 4 })
      const plan = await planBuying(problem, solve)
      const missing = plan.missing.reduce((sum, one) => sum + one.pieces, 0) * problem.shortCents
      expect(plan.worthCents + missing, `round ${round}`).toBe(Math.round(cbc(planModel(problem))))
    }
  })

  it('is never dearer than any of 2,000 plans made at random', async () => {
    const random = seededRandom(3)
    const problem = generateProblem(random, { lines: 3, offers: 8, shops: 2 })
    const plan = await planBuying(problem, solve)
    for (let round = 0; round < 2000; round++) {
      const packs = problem.choices.map((choice) => Math.floor(random() * (choice.most + 1)))
      const orders = problem.orders.flatMap(({ shop }, k) => {
        const lines = problem.choices.flatMap((choice, j) =>
          choice.order === k && packs[j]! > 0 ? [{ offerId: choice.offer.id, packs: packs[j]!, locked: false }] : []
        )
        const way = shop.delivery && (!shop.visit || random() < 0.5) ? ('delivery' as const) : ('trip' as const)
        return lines.length > 0 ? [{ shop: shop.name, slot: 'ahead' as const, way, coupon: random() < 0.5, lines }] : []
      })
      const other = evaluatePlan(problem, orders, 0)
      const worth = (p: typeof plan) => p.worthCents + p.missing.reduce((sum, one) => sum + one.pieces, 0) * problem.shortCents
      expect(worth(other)).toBeGreaterThanOrEqual(worth(plan))
    }
  })

  it('whose solver lies is refused by our own evaluation', async () => {
    const lie: Solve = async (model) => ({ ...(await solve(model)), objective: 1 })
    await expect(planBuying(demoProblem(), lie)).rejects.toThrow('the solver said 1')
    const problem = demoProblem()
    const { offer } = problem.choices[0]!
    const order = {
      shop: offer.shop,
      slot: 'ahead' as const,
      way: 'trip' as const,
      coupon: false,
      lines: [{ offerId: offer.id, packs: offer.stock + 1, locked: false }]
    }
    expect(() => evaluatePlan(problem, [order], 0)).toThrow(`${offer.stock + 1} packs of ${offer.id}`)
  })

  it('a dear trip brings everything from one shop, a free one goes to the cheapest', async () => {
    const shops = ['A', 'B'].map((name): Shop => ({ name, visit: true, delivery: null, coupon: null }))
    const problem = (tripCents: number): BuyingProblem => ({
      lines: [0, 1].map((l) => ({ pieceId: `p${l}`, need: 2, eligible: [`p${l}`], fresh: false, creditCents: 0 })),
      orders: shops.map((shop) => ({ shop, slot: 'ahead' })),
      choices: [0, 1].flatMap((line) =>
        [0, 1].map((order) => ({
          offer: offerOf(`o${line}${order}`, `p${line}`, shops[order]!.name, 1, line === order ? 500 : 700),
          line,
          order,
          most: 5,
          locked: null
        }))
      ),
      tax: { taxPercent: 0, taxMode: 'included' },
      tripCents,
      shortCents: 9999
    })
    expect((await planBuying(problem(0), solve)).trips).toBe(2)
    expect(await planBuying(problem(0), solve)).toMatchObject({ moneyCents: 2000 })
    expect(await planBuying(problem(500), solve)).toMatchObject({ trips: 1, moneyCents: 2400 })
  })

  it('keeps locked packs, and buys flowers only in the last days', async () => {
    const look = demoLook()
    const locked = {
      shop: 'Halfpenny Barn',
      slot: 'ahead' as const,
      way: 'trip' as const,
      coupon: false,
      lines: [{ offerId: 'o43-taper-ivory-8', packs: 2, locked: true }]
    }
    const plan = await planBuying(buyingProblem({ ...look, buying: { ...look.buying, orders: [locked] } }, '2027-01-20'), solve)
    const all = plan.orders.flatMap(({ order }) => order.lines.map((line) => ({ ...line, slot: order.slot })))
    expect(all.find((line) => line.offerId === 'o43-taper-ivory-8')).toMatchObject({ packs: 2, locked: true })
    const stems = new Set(look.pieces.filter((piece) => piece.kind === 'stem' && piece.material === 'plant').map((piece) => piece.id))
    const ofStems = all.filter((line) => stems.has(look.offers.find((offer) => offer.id === line.offerId)!.pieceId))
    expect(ofStems.length).toBeGreaterThan(3)
    expect(ofStems.every((line) => line.slot === 'fresh')).toBe(true)
  })
})

describe('a solver that ran out of time', () => {
  /** Some answer that is not the best: nothing bought at all, or whatever the random walk had. */
  const outOfTime =
    (values: ReadonlyMap<string, number>): Solve =>
    () =>
      Promise.resolve({ values, objective: 1e9, bound: 0 })

  it('leaves a plan that misses nothing there is, keeps to stock, and tells how far it may be from the best', async () => {
    const random = seededRandom(31)
    for (let round = 0; round < many(4); round++) {
      const problem = generateProblem(random, { lines: 12, offers: 60, shops: 6 })
      const some = new Map(problem.choices.flatMap((choice, j) => (random() < 0.1 ? [[`x${j}`, Math.min(1, choice.most)] as const] : [])))
      const best = await planBuying(problem, solve)
      const plan = await planBuying(problem, outOfTime(round % 2 ? some : new Map()))
      const there = (pieceId: string) => problem.choices.reduce((sum, { offer }) => sum + (offer.pieceId === pieceId ? offer.packSize * offer.stock : 0), 0)
      for (const { pieceId, pieces } of plan.missing) {
        const need = problem.lines.find((line) => line.pieceId === pieceId)!.need
        expect(pieces, `round ${round}`).toBeLessThanOrEqual(Math.max(0, need - there(pieceId)))
      }
      expect(plan.missing.length).toBe(best.missing.length)
      expect(plan.worthCents).toBeGreaterThanOrEqual(best.worthCents)
      expect(plan.gapCents).toBeGreaterThanOrEqual(plan.worthCents - best.worthCents)
      // money, trips and stock are counted again from the receipts
      expect(
        evaluatePlan(
          problem,
          plan.orders.map((one) => one.order),
          0
        )
      ).toMatchObject({ worthCents: plan.worthCents })
    }
  })

  it('is believed where it says more than its plan is worth, and refused where it says less', async () => {
    const problem = generateProblem(seededRandom(32), { lines: 5, offers: 20, shops: 3 })
    const none = { values: new Map<string, number>(), bound: 0 }
    const short = problem.lines.reduce((sum, line) => sum + line.need, 0) * problem.shortCents
    await expect(planBuying(problem, () => Promise.resolve({ ...none, objective: short + 1600 }))).resolves.toBeDefined()
    await expect(planBuying(problem, () => Promise.resolve({ ...none, objective: short - 1600 }))).rejects.toThrow(/evaluates to/)
  })
})

describe('dominated offers', () => {
  it('left out change no optimum where shops have neither thresholds nor coupons', async () => {
    const random = seededRandom(99)
    for (let round = 0; round < many(12); round++) {
      const made = generateProblem(random, { lines: 4, offers: 24, shops: 3 })
      const plain = made.orders.map((order) => ({
        ...order,
        shop: { ...order.shop, coupon: null, delivery: order.shop.delivery && { ...order.shop.delivery, freeFromCents: null } }
      }))
      const problem = { ...made, orders: plain }
      const all = [
        ...problem.choices,
        ...problem.choices.map((choice, j) => ({ ...choice, offer: { ...choice.offer, id: `dear-${j}`, priceCents: choice.offer.priceCents! + 40 } }))
      ]
      const reduced = withoutDominated(all, problem.lines)
      const [full, less] = [await planBuying({ ...problem, choices: all }, solve), await planBuying({ ...problem, choices: reduced }, solve)]
      expect(less.worthCents, `round ${round}`).toBe(full.worthCents)
      expect(reduced.length).toBeLessThan(all.length)
    }
  })

  it('are dropped only for one of the same order that is in stock enough, and never when locked', () => {
    const line = { pieceId: 'p', need: 6, eligible: ['p'], fresh: false, creditCents: 0 }
    const choice = (id: string, packSize: number, cents: number, more: object = {}) => ({
      offer: offerOf(id, 'p', 'A', packSize, cents),
      line: 0,
      order: 0,
      most: 20,
      locked: null,
      ...more
    })
    const left = (...choices: ReturnType<typeof choice>[]) => withoutDominated(choices, [line]).map((one) => one.offer.id)
    expect(left(choice('two', 2, 300), choice('four', 4, 600))).toEqual(['two'])
    expect(left(choice('two', 2, 300), choice('four', 4, 599))).toEqual(['two', 'four'])
    expect(left(choice('four', 4, 300), choice('two', 2, 300))).toEqual(['four'])
    expect(left(choice('two', 2, 300, { most: 2 }), choice('four', 4, 600))).toEqual(['two', 'four'])
    expect(left(choice('two', 2, 300), choice('four', 4, 600, { order: 1 }))).toEqual(['two', 'four'])
    expect(left(choice('two', 2, 300), choice('four', 4, 600, { locked: 1 }))).toEqual(['two', 'four'])
  })
})

describe('the lines of a decision', () => {
  it('leave out what is gone without, and share one need among pieces that may be mixed', () => {
    const look = demoLook()
    const ids = (l: Look) => linesToBuy(l).map((line) => line.pieceId)
    expect(ids(look)).toContain('napkin-persimmon')
    expect(ids({ ...look, buying: { ...look.buying, skipped: ['napkin-persimmon'] } })).not.toContain('napkin-persimmon')
    const mixed = { ...look, interchangeable: [['anemone-white', 'anemone-blue']] }
    const line = linesToBuy(mixed).find((one) => one.pieceId === 'anemone-white')!
    expect(line).toMatchObject({ need: 23, eligible: ['anemone-white', 'anemone-blue'], fresh: true, creditCents: 0 })
    expect(ids(mixed)).not.toContain('anemone-blue')
  })

  it('an offer must be orderable with its lead and a day in hand, and before its own last day', () => {
    const offer = offerOf('a', 'p', 'S', 1, 100, 9, 4)
    expect(orderByDay(offer, '2027-02-06')).toBe('2027-02-01')
    expect(orderByDay({ ...offer, untilDay: '2027-01-25' }, '2027-02-06')).toBe('2027-01-25')
    const look = demoLook()
    const there = (day: string) => usableOffers({ ...look, offers: [{ ...offer, pieceId: 'napkin-persimmon' }] }, day).length
    expect([there('2027-02-01'), there('2027-02-02')]).toEqual([1, 0])
  })

  it('whatever spares are said to be worth, nobody buys a pack that no need asks for', async () => {
    const look = demoLook()
    const plan = await planBuying(buyingProblem({ ...look, buying: { ...look.buying, tripCents: 0, reusePercent: 100 } }, '2027-01-20'), solve)
    const lines = new Map(linesToBuy(look).map((line) => [line.pieceId, line.need]))
    const offers = new Map(look.offers.map((offer) => [offer.id, offer]))
    for (const { offerId, packs } of plan.orders.flatMap(({ order }) => order.lines)) {
      const offer = offers.get(offerId)!
      expect((packs - 1) * offer.packSize, offerId).toBeLessThan(lines.get(offer.pieceId)!)
    }
  })

  it('a chosen plan is shown with its ways, coupons and tax, until it no longer covers a line', async () => {
    const look = demoLook()
    const shops = look.shops.map((shop) =>
      shop.name.startsWith('Gannet')
        ? { ...shop, coupon: { code: 'G', off: { kind: 'percent', percent: 15 } as const, fromCents: 5000, untilDay: '2027-02-20' } }
        : shop
    )
    const taxed: Look = { ...look, shops, money: { ...look.money, taxPercent: 8.875, taxMode: 'added' } }
    const plan = await planBuying(buyingProblem(taxed, '2027-01-20'), solve)
    const laid: Look = { ...taxed, buying: { ...taxed.buying, orders: plan.orders.map((one) => one.order) } }
    const list = buyList(laid)
    expect(list.openCents).toBe(plan.moneyCents)
    expect(list.orders.some((order) => order.receipt.couponCents > 0)).toBe(true)
    expect(list.orders.every((order) => order.receipt.taxCents > 0)).toBe(true)
    const more = buyList({ ...laid, guests: [...laid.guests, ...guests(6)] })
    const napkins = more.lines.find((line) => line.need.piece.id === 'napkin-persimmon')!
    expect(napkins).toMatchObject({ planned: false, gapPieces: 0 })
    expect(napkins.mix.pieces).toBeGreaterThanOrEqual(8)
  })
})

describe('what cannot be met', () => {
  const look = demoLook()
  const blockedOn = async (day: string, offers = look.offers) => {
    const priced = { ...look, offers }
    return blockedLines(priced, await planBuying(buyingProblem(priced, day), solve), day)
  }

  it('names the rule and the least change: too late by days, no price, no offer, too little stock', async () => {
    const napkin = (change: object) => look.offers.map((offer) => (offer.pieceId === 'napkin-persimmon' ? { ...offer, ...change } : offer))
    const of = (list: Awaited<ReturnType<typeof blockedOn>>) => list.find((one) => one.pieceId === 'napkin-persimmon')
    expect(of(await blockedOn('2027-01-20'))).toBeUndefined()
    // four days of lead and a day in hand: the last day to order is 1 February
    expect(of(await blockedOn('2027-02-03'))).toMatchObject({ rule: 'too-late', pieces: 2 })
    expect(of(await blockedOn('2027-02-03'))!.unblock).toContainEqual({ kind: 'days', days: 2, shop: 'Thistledown Warp and Weft' })
    expect(of(await blockedOn('2027-01-20', napkin({ priceCents: null })))).toMatchObject({ rule: 'no-price' })
    expect(of(await blockedOn('2027-01-20', napkin({ stock: 0 })))).toMatchObject({ rule: 'stock' })
    expect(
      of(
        await blockedOn(
          '2027-01-20',
          look.offers.filter((offer) => offer.pieceId !== 'napkin-persimmon')
        )
      )
    ).toMatchObject({
      rule: 'no-offer',
      unblock: expect.arrayContaining([
        { kind: 'guests', fewer: 2 },
        { kind: 'borrow', pieces: 2 }
      ]) as unknown
    })
  })

  it('an unmet line never makes the others dearer: they are covered as if it were not there', async () => {
    const without = look.offers.filter((offer) => offer.pieceId !== 'napkin-persimmon')
    const plan = await planBuying(buyingProblem({ ...look, offers: without }, '2027-01-20'), solve)
    expect(plan.missing).toEqual([{ pieceId: 'napkin-persimmon', pieces: 2 }])
  })
})
