import type { Look } from '../design/look.js'
import { composeLooks } from './composeLooks.js'
import type { WholeLook, WholeLookOptions } from './wholeLook.js'

/** Sums that are tried, as shares of the brief's budget; the first is what the house has alone. */
const shares = [0, 0.25, 0.5, 0.75, 1, 1.3, 1.7] as const
const LOOKS_EACH = 2

/** The best look for a sum of money: no other one found costs as little and scores as much. */
export interface CostPoint {
  readonly spendCents: number
  readonly score: number
  readonly whole: WholeLook
}

export interface CostCurve {
  /** From the cheapest up, each better than the one before. */
  readonly points: readonly CostPoint[]
  /** What the brief lets one spend. */
  readonly budgetCents: number
}

/** Best reachable score against money: looks composed for sums below and above the brief's, and of those found the ones no other beats at its price. */
export function costCurve(
  look: Look,
  options: Omit<WholeLookOptions, 'want' | 'onProgress'>,
  onProgress: (done: number, of: number) => boolean = () => true
): CostCurve {
  const found: WholeLook[] = []
  const { totalCents, reservePercent } = look.money
  for (const [i, share] of shares.entries()) {
    if (!onProgress(i, shares.length)) break
    const from = share === 0 ? 'owned' : options.from
    // what is spared for surprises is spared of every sum alike
    const money = { ...look.money, totalCents: Math.round(totalCents * Math.max(share, LEAST_SHARE)) }
    found.push(
      ...composeLooks({ ...look, money }, { ...options, from, want: LOOKS_EACH }).map((whole) => ({ ...whole, look: { ...whole.look, money: look.money } }))
    )
  }
  return { points: unbeaten(found), budgetCents: Math.round((totalCents * (100 - reservePercent)) / 100) }
}

/** A budget is more than nothing. */
const LEAST_SHARE = 0.02

/** Looks that no other found beats at its price or below, among those within their own sum. */
function unbeaten(found: readonly WholeLook[]): CostPoint[] {
  const within = found.filter((whole) => whole.figures.leftCents >= 0 || whole.figures.spendCents === 0)
  const points: CostPoint[] = []
  for (const whole of [...within].sort((a, b) => a.figures.spendCents - b.figures.spendCents || b.score - a.score)) {
    const best = points.at(-1)
    if (!best || whole.score > best.score) points.push({ spendCents: whole.figures.spendCents, score: whole.score, whole })
  }
  return points
}
