/** What of a look somebody may like or not, each 0 to 1 or a little more. */
export const traits = [
  'flowers',
  'candles',
  'fruit',
  'greens',
  'things',
  'height',
  'cloth',
  'runner',
  'charger',
  'color',
  'warmth',
  'lightness',
  'natural',
  'spend'
] as const
export type Trait = (typeof traits)[number]
export type Traits = Readonly<Record<Trait, number>>

/** One look that was laid or kept, and those shown beside it. */
export interface TasteChoice {
  readonly kept: Traits
  readonly others: readonly Traits[]
}

/** What somebody prefers, by weights of a conditional logit; 0 where nothing is known. */
export interface Taste {
  readonly weights: Traits
  readonly choices: number
}

/** Whether a value tells a number of every trait. */
export function isTraits(value: unknown): value is Traits {
  return typeof value === 'object' && value !== null && traits.every((trait) => Number.isFinite((value as Record<string, unknown>)[trait]))
}

/** Whether a value is a taste that can be followed. */
export function isTaste(value: unknown): value is Taste {
  const { weights, choices } = (value ?? {}) as Partial<Taste>
  return isTraits(weights) && Number.isFinite(choices)
}

/** What a trait has to say before it counts, and how far weights are held back: tried on two hundred simulated tastes. How they are found. */
export const SAYS_NOTHING = 0.6
export const HELD_BACK = 0.02
const STEPS = 600
const STEP = 0.35

/**
 * The weights under which what was kept is likeliest chosen among what was shown: conditional logit (McFadden 1974, from memory), held to few traits by
 * a lasso (Tibshirani 1996, from memory), by gradient ascent. Same choices, same weights; all 0 where there are none.
 */
export function learnTaste(choices: readonly TasteChoice[]): Taste {
  const sets = choices.map(({ kept, others }) => [kept, ...others].map((one) => traits.map((trait) => one[trait])))
  const weights: number[] = traits.map(() => 0)
  for (let round = 0; round < STEPS && sets.length > 0; round++) {
    const slope = weights.map((weight) => -HELD_BACK * weight)
    for (const set of sets) {
      const shares = softmax(set.map((one) => dot(weights, one)))
      set.forEach((one, i) => one.forEach((value, j) => (slope[j]! += ((i === 0 ? 1 : 0) - shares[i]!) * value)))
    }
    const step = STEP / Math.sqrt(sets.length)
    slope.forEach((value, j) => {
      const next = weights[j]! + step * value
      weights[j] = Math.sign(next) * Math.max(0, Math.abs(next) - step * SAYS_NOTHING)
    })
  }
  return { weights: Object.fromEntries(traits.map((trait, j) => [trait, weights[j]!])) as Traits, choices: choices.length }
}

/** How much somebody likes traits beside others, on an open scale. */
export function likingOf({ weights }: Taste, of: Traits): number {
  return traits.reduce((sum, trait) => sum + weights[trait] * of[trait], 0)
}

const dot = (weights: readonly number[], values: readonly number[]) => weights.reduce((sum, weight, i) => sum + weight * values[i]!, 0)

function softmax(values: readonly number[]): number[] {
  const most = Math.max(...values)
  const parts = values.map((value) => Math.exp(value - most))
  const sum = parts.reduce((total, part) => total + part, 0)
  return parts.map((part) => part / sum)
}
