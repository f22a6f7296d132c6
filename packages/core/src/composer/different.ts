import type { CastNames, Idea, Steer } from './idea.js'

/** What makes an idea another one: what leads, the base and the flowers; the lights where they alone are chosen. */
export function ideaKey({ heroId, accentId, baseId, focalId, lightId }: CastNames): string {
  return [heroId ?? accentId, baseId, focalId, heroId || accentId || focalId ? null : lightId].join(' ')
}

/**
 * How much less a middle that leaves before the meal is worth, one without a light in the evening (a pattern seen twice before, with a light, is
 * better), and one that looks lost on its table: our own starting values.
 */
const CLEARED = 0.85
export const UNLIT = 0.42
const LOST = 0.25

/** How good an idea is beside others: its score, less where it leaves before the meal, is dark, or is too little for the length of its table. */
export function worthOf({ score, clearedForMeal, unlit }: Pick<Idea, 'score' | 'clearedForMeal' | 'unlit'>): number {
  const filled = Math.min(1, score.parts.extent ?? 1, score.parts.density ?? 1)
  return score.total * (clearedForMeal ? CLEARED : 1) * (unlit ? UNLIT : 1) * (1 - LOST * (1 - filled))
}

/** How much likeness in one part takes from the worth of a second idea: our own starting values. */
const likenessOf: Readonly<Partial<Record<keyof CastNames, number>>> = {
  heroId: 0.12,
  focalId: 0.07,
  supportId: 0.05,
  lightId: 0.04,
  baseId: 0.04,
  accentId: 0.03
}
const SAME_PATTERN = 0.7

/** How much a kind more, or a thing more, is worth where more are wished: our own starting values. */
const KIND = 0.05
const THING = 0.012

/** More kinds or more things are worth more, or less, as is wished. */
function wishedOf({ centerpiece }: Pick<Idea, 'centerpiece'>, { richness = 0, amount = 0 }: Steer = {}): number {
  const kinds = new Set(centerpiece.map((placed) => placed.pieceId)).size
  return Math.exp(KIND * richness * kinds + THING * amount * centerpiece.length)
}

/** The best that differ: over several patterns the best of each first, then by hero, base and palette. */
export function different(ideas: readonly Idea[], want: number, overPatterns: boolean, steer?: Steer): Idea[] {
  const left = [...ideas]
  const chosen: Idea[] = []
  const worth = (idea: Idea) => chosen.reduce((share, other) => share * unlikeness(idea, other, overPatterns), worthOf(idea) * wishedOf(idea, steer))
  while (left.length > 0 && chosen.length < want) {
    left.sort((a, b) => worth(b) - worth(a))
    const [next] = left.splice(0, 1)
    if (!chosen.some((other) => other.pattern === next!.pattern && ideaKey(other.cast) === ideaKey(next!.cast))) chosen.push(next!)
  }
  return chosen
}

function unlikeness(a: Idea, b: Idea, overPatterns: boolean): number {
  const alike = Object.entries(likenessOf).reduce(
    (sum, [part, share]) => sum + (a.cast[part as keyof CastNames] === b.cast[part as keyof CastNames] ? share : 0),
    0
  )
  return (1 - alike) * (overPatterns && a.pattern === b.pattern ? SAME_PATTERN : 1)
}
