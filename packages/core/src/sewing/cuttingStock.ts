/** So many pieces of one length. */
export interface StockDemand {
  readonly length: number
  readonly count: number
}

/** A pattern cut so many times: how many of each demand, in the order given. */
interface CutPattern {
  readonly cuts: readonly number[]
  readonly times: number
}

export interface CutStock {
  readonly patterns: readonly CutPattern[]
  readonly rolls: number
  /** No plan can take fewer. */
  readonly bound: number
}

/**
 * Fewest rolls of one length from which all pieces are cut: ribbon, twine, cord, braid. The linear relaxation by column generation (Gilmore and
 * Gomory 1961) gives the bound; its patterns rounded down, and what is left cut by search, give the plan. `bound` tells whether it is proven.
 * Lengths are whole numbers. @throws RangeError when a piece is longer than a roll
 */
export function cutStock(rollLength: number, demands: readonly StockDemand[]): CutStock {
  if (demands.some((demand) => demand.length > rollLength || demand.length <= 0))
    throw new RangeError(`every piece must be longer than 0 and at most ${rollLength}`)
  const order = demands
    .map((demand, i) => ({ ...demand, i }))
    .filter((demand) => demand.count > 0)
    .sort((a, b) => b.length - a.length)
  const lengths = order.map((demand) => demand.length)
  const counts = order.map((demand) => demand.count)
  const relaxed = relaxation(rollLength, lengths, counts)
  const bound = Math.max(lowerBound(rollLength, lengths, counts), Math.ceil(relaxed.reduce((sum, one) => sum + one.times, 0) - 1e-6))
  const best = [0, 0.35, 0.5, 0.65, 0.8].map((from) => rounded(rollLength, lengths, counts, relaxed, from)).reduce((a, b) => (rollsOf(b) < rollsOf(a) ? b : a))
  const back = (cuts: readonly number[]) => demands.map((_, i) => cuts[order.findIndex((demand) => demand.i === i)] ?? 0)
  return { patterns: best.map((one) => ({ cuts: back(one.cuts), times: one.times })), rolls: rollsOf(best), bound }
}

interface Used {
  readonly cuts: readonly number[]
  readonly times: number
}

const rollsOf = (used: readonly Used[]) => used.reduce((sum, one) => sum + one.times, 0)

/** Patterns whose share is at least `from` past a whole are taken once more, as far as there are pieces for them; the rest is searched. */
function rounded(roll: number, lengths: readonly number[], counts: readonly number[], relaxed: readonly Used[], from: number): Used[] {
  const left = [...counts]
  const taken: Used[] = []
  for (const { cuts, times } of [...relaxed].sort((a, b) => b.times - a.times)) {
    const wished = Math.floor(times + 1e-9) + (from > 0 && times % 1 >= from ? 1 : 0)
    const whole = Math.min(wished, ...cuts.flatMap((count, i) => (count > 0 ? [Math.floor(left[i]! / count)] : [])))
    if (whole < 1) continue
    cuts.forEach((count, i) => (left[i]! -= count * whole))
    taken.push({ cuts, times: whole })
  }
  return [...taken, ...searched(roll, lengths, left)]
}

/** The linear relaxation: simplex on as many patterns as there are lengths, the entering one by a knapsack. */
function relaxation(roll: number, lengths: readonly number[], counts: readonly number[]): Used[] {
  const size = lengths.length
  let basis = lengths.map((length, i) => lengths.map((_, k) => (k === i ? Math.min(counts[i]!, Math.floor(roll / length)) : 0)))
  for (let round = 0; round < 60 * size; round++) {
    const prices = solve(
      basis,
      basis.map(() => 1)
    )
    const entering = knapsack(roll, lengths, counts, prices)
    if (entering.reduce((sum, count, i) => sum + count * prices[i]!, 0) <= 1 + 1e-9) break
    const columns = transpose(basis)
    const amounts = solve(columns, counts)
    const change = solve(columns, entering)
    let out = -1
    let least = Infinity
    change.forEach((d, i) => {
      if (d > 1e-9 && amounts[i]! / d < least) [out, least] = [i, amounts[i]! / d]
    })
    if (out < 0) break
    basis = basis.map((cuts, i) => (i === out ? entering : cuts))
  }
  const amounts = solve(transpose(basis), counts)
  return basis.map((cuts, i) => ({ cuts, times: Math.max(0, amounts[i]!) })).filter((one) => one.times > 1e-9)
}

function transpose(rows: readonly (readonly number[])[]): number[][] {
  return rows[0]?.map((_, k) => rows.map((row) => row[k]!)) ?? []
}

/** Solves rows x = right by elimination with pivots. */
function solve(rows: readonly (readonly number[])[], right: readonly number[]): number[] {
  const a = rows.map((row, i) => [...row, right[i]!])
  const n = a.length
  for (let k = 0; k < n; k++) {
    const pivot = a.reduce((best, row, i) => (i >= k && Math.abs(row[k]!) > Math.abs(a[best]![k]!) ? i : best), k)
    ;[a[k], a[pivot]] = [a[pivot]!, a[k]!]
    for (let i = 0; i < n; i++) {
      if (i === k || a[i]![k] === 0) continue
      const factor = a[i]![k]! / a[k]![k]!
      for (let c = k; c <= n; c++) a[i]![c]! -= factor * a[k]![c]!
    }
  }
  return a.map((row, i) => row[n]! / row[i]!)
}

/** The pattern of most worth, by branch and bound over pieces in order of worth a length. */
function knapsack(roll: number, lengths: readonly number[], counts: readonly number[], prices: readonly number[]): number[] {
  const order = lengths
    .map((_, i) => i)
    .filter((i) => prices[i]! > 1e-12)
    .sort((i, k) => prices[k]! / lengths[k]! - prices[i]! / lengths[i]!)
  const cuts = lengths.map(() => 0)
  let best = [...cuts]
  let worth = 0
  const fill = (at: number, room: number, value: number): void => {
    if (value > worth + 1e-12) [best, worth] = [[...cuts], value]
    const i = order[at]
    if (i === undefined || value + (room * prices[i]!) / lengths[i]! <= worth + 1e-12) return
    for (let count = Math.min(counts[i]!, Math.floor(room / lengths[i]!)); count >= 0; count--) {
      cuts[i] = count
      fill(at + 1, room - count * lengths[i]!, value + count * prices[i]!)
    }
    cuts[i] = 0
  }
  fill(0, roll, 0)
  return best
}

/** Steps of the search for what rounding leaves, before the best found so far is answered. */
const MOST_STEPS = 20_000

/** Depth-first search over full patterns, from first fit by falling length downward. */
function searched(roll: number, lengths: readonly number[], counts: readonly number[]): Used[] {
  const left = [...counts]
  const bound = lowerBound(roll, lengths, left)
  let best: Used[] = firstFit(roll, lengths, left)
  let steps = 0
  const chosen: Used[] = []
  const search = (rolls: number): void => {
    if (left.every((count) => count === 0)) {
      if (rolls < rollsOf(best)) best = [...chosen]
      return
    }
    for (const cuts of patterns(roll, lengths, left)) {
      if (rollsOf(best) === bound || steps++ > MOST_STEPS) return
      cuts.forEach((count, i) => (left[i]! -= count))
      if (rolls + 1 + lowerBound(roll, lengths, left) < rollsOf(best)) {
        chosen.push({ cuts, times: 1 })
        search(rolls + 1)
        chosen.pop()
      }
      cuts.forEach((count, i) => (left[i]! += count))
    }
  }
  search(0)
  return best
}

/** Lower bound L2 of Martello and Toth 1990: the length of all pieces, and pieces too long to share a roll. */
function lowerBound(roll: number, lengths: readonly number[], counts: readonly number[]): number {
  const sum = (of: (length: number) => boolean, value: (length: number) => number) =>
    lengths.reduce((total, length, i) => total + (of(length) ? value(length) * counts[i]! : 0), 0)
  let bound = Math.ceil(
    sum(
      () => true,
      (length) => length
    ) /
      roll -
      1e-9
  )
  for (const cut of new Set([0, ...lengths.filter((length) => length <= roll / 2)])) {
    const alone = sum(
      (length) => length > roll - cut,
      () => 1
    )
    const half = sum(
      (length) => length > roll / 2 && length <= roll - cut,
      () => 1
    )
    const room =
      half * roll -
      sum(
        (length) => length > roll / 2 && length <= roll - cut,
        (length) => length
      )
    const small = sum(
      (length) => length <= roll / 2 && length >= cut,
      (length) => length
    )
    bound = Math.max(bound, alone + half + Math.max(0, Math.ceil((small - room) / roll - 1e-9)))
  }
  return bound
}

function firstFit(roll: number, lengths: readonly number[], counts: readonly number[]): { cuts: number[]; times: number }[] {
  const left = [...counts]
  const out: { cuts: number[]; times: number }[] = []
  while (left.some((count) => count > 0)) {
    let room = roll
    const cuts = lengths.map((length, i) => {
      const count = Math.min(left[i]!, Math.floor(room / length))
      room -= count * length
      return count
    })
    const times = Math.max(1, Math.min(...cuts.flatMap((count, i) => (count > 0 ? [Math.floor(left[i]! / count)] : []))))
    cuts.forEach((count, i) => (left[i]! -= count * times))
    out.push({ cuts, times })
  }
  return out
}

/** Patterns that hold the longest piece left and no other piece would fit into, the fullest first. */
function patterns(roll: number, lengths: readonly number[], left: readonly number[]): number[][] {
  const first = left.findIndex((count) => count > 0)
  const found: { cuts: number[]; room: number }[] = []
  const cuts = lengths.map(() => 0)
  const fill = (i: number, room: number): void => {
    if (found.length > 400) return
    if (i === lengths.length) {
      if (!lengths.some((length, k) => length <= room && cuts[k]! < left[k]!)) found.push({ cuts: [...cuts], room })
      return
    }
    for (let count = Math.min(left[i]!, Math.floor(room / lengths[i]!)); count >= (i === first ? 1 : 0); count--) {
      cuts[i] = count
      fill(i + 1, room - count * lengths[i]!)
    }
    cuts[i] = 0
  }
  fill(first, roll)
  return found.sort((a, b) => a.room - b.room).map((one) => one.cuts)
}
