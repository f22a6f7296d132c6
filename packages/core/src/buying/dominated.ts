import type { BuyingLine, Choice } from './choice.js'

/** Packs of one offer thought of beyond the need, to reach a threshold. */
export const MORE_PACKS = 3

/**
 * Drops every offer for which another in the same order gives at least as many pieces for no more money and is in stock enough to cover the
 * line alone. So a dearer pack is never taken just to reach a threshold; more packs of a cheap one may be. Locked choices stay.
 */
export function withoutDominated(choices: readonly Choice[], lines: readonly BuyingLine[]): Choice[] {
  const groups = new Map<string, Choice[]>()
  for (const choice of choices) {
    const key = `${choice.line} ${choice.order}`
    groups.set(key, [...(groups.get(key) ?? []), choice])
  }
  const dropped = new Set<Choice>()
  for (const group of groups.values())
    for (const choice of group)
      if (choice.locked === null && group.some((other) => !dropped.has(other) && dominates(other, choice, lines[choice.line]!.need))) dropped.add(choice)
  return choices.filter((choice) => !dropped.has(choice))
}

function dominates(other: Choice, choice: Choice, need: number): boolean {
  const a = other.offer
  const b = choice.offer
  if (other === choice || other.locked !== null || other.most < Math.ceil(need / a.packSize) + MORE_PACKS) return false
  return Math.max(1, Math.ceil(b.packSize / a.packSize)) * a.priceCents! <= b.priceCents!
}
