import type { Offer } from '../design/piece.js'

/** Packs of one offer to buy. */
export interface PackLine {
  readonly offer: Offer
  readonly packs: number
}

/** A cheapest way to have at least the count needed, or how many stay uncovered when no stock reaches it. */
export interface PackMix {
  readonly lines: readonly PackLine[]
  readonly pieces: number
  readonly costCents: number
  readonly uncovered: number
}

/**
 * The cheapest mix of whole packs that gives at least `need` pieces within each offer's stock; at equal cost the one with fewer spare
 * pieces, then fewer packs. Offers without a price are left out. Exact: a bounded knapsack by dynamic programming over pieces.
 * Where all stock together falls short, everything useful is bought and the rest is `uncovered`. Worked out once a list of offers and count.
 */
export function cheapestPacks(need: number, offers: readonly Offer[]): PackMix {
  const ofOffers = known.get(offers) ?? new Map<number, PackMix>()
  known.set(offers, ofOffers)
  const mix = ofOffers.get(need) ?? workOut(need, offers)
  ofOffers.set(need, mix)
  return mix
}

const known = new WeakMap<readonly Offer[], Map<number, PackMix>>()

function workOut(need: number, offers: readonly Offer[]): PackMix {
  const usable = offers.filter((offer) => offer.priceCents !== null && offer.stock > 0)
  const reachable = usable.reduce((sum, offer) => sum + offer.packSize * offer.stock, 0)
  const goal = Math.min(need, reachable)
  if (goal <= 0) return { lines: [], pieces: 0, costCents: 0, uncovered: Math.max(0, need) }
  if (usable.length === 1) return ofOne(usable[0]!, goal, need - goal)
  const top = goal + Math.max(...usable.map((offer) => offer.packSize)) - 1
  const taken = fillTable(usable, top)
  let best = -1
  for (let pieces = goal; pieces <= top; pieces++) {
    if (taken.cost[pieces]! < Infinity && (best < 0 || taken.cost[pieces]! < taken.cost[best]!)) best = pieces
  }
  const lines = traceBack(usable, taken, best)
  return { lines, pieces: best, costCents: taken.cost[best]!, uncovered: need - goal }
}

/** With one offer there is nothing to choose. */
function ofOne(offer: Offer, goal: number, uncovered: number): PackMix {
  const packs = Math.ceil(goal / offer.packSize)
  return { lines: [{ offer, packs }], pieces: packs * offer.packSize, costCents: packs * offer.priceCents!, uncovered }
}

interface Table {
  readonly cost: Float64Array
  readonly packs: readonly Int32Array[]
}

/** `cost[p]`: least money for exactly p pieces; `packs[o][p]`: packs of offer o in it once offers 0..o are allowed. */
function fillTable(offers: readonly Offer[], top: number): Table {
  let cost = new Float64Array(top + 1).fill(Infinity)
  let count = new Float64Array(top + 1).fill(Infinity)
  cost[0] = 0
  count[0] = 0
  const packs: Int32Array[] = []
  for (const offer of offers) {
    const next = { cost: cost.slice(), count: count.slice(), used: new Int32Array(top + 1) }
    for (let rest = 0; rest < Math.min(offer.packSize, top + 1); rest++) addPacks(offer, rest, cost, count, next)
    cost = next.cost
    count = next.count
    packs.push(next.used)
  }
  return { cost, packs }
}

/**
 * Packs of one offer for the counts that leave a remainder: the least over a window as wide as the stock, kept as a queue that grows from its
 * front to its back (the bounded knapsack in time linear in the count; Kellerer, Pferschy, Pisinger, "Knapsack Problems", 2004, section 7.2.2).
 */
function addPacks(
  { packSize, stock, priceCents }: Offer,
  rest: number,
  cost: Float64Array,
  count: Float64Array,
  next: { readonly cost: Float64Array; readonly count: Float64Array; readonly used: Int32Array }
): void {
  const price = priceCents!
  const queue: number[] = []
  let front = 0
  // what `i` packs' worth of pieces costs without packs of this offer, less what as many packs would
  const keyCost = (i: number) => cost[rest + i * packSize]! - i * price
  const keyCount = (i: number) => count[rest + i * packSize]! - i
  const isNoLess = (a: number, b: number) => keyCost(a) > keyCost(b) || (keyCost(a) === keyCost(b) && keyCount(a) >= keyCount(b))
  for (let j = 0, pieces = rest; pieces < cost.length; j++, pieces += packSize) {
    if (cost[pieces]! < Infinity) {
      while (queue.length > front && isNoLess(queue[queue.length - 1]!, j)) queue.pop()
      queue.push(j)
    }
    while (queue.length > front && queue[front]! < j - stock) front++
    if (queue.length === front) continue
    const best = queue[front]!
    next.cost[pieces] = keyCost(best) + j * price
    next.count[pieces] = keyCount(best) + j
    next.used[pieces] = j - best
  }
}

function traceBack(offers: readonly Offer[], table: Table, pieces: number): PackLine[] {
  const lines: PackLine[] = []
  let left = pieces
  for (let o = offers.length - 1; o >= 0; o--) {
    const packs = table.packs[o]![left]!
    if (packs > 0) lines.unshift({ offer: offers[o]!, packs })
    left -= packs * offers[o]!.packSize
  }
  return lines
}
