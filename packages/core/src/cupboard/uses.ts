import { countedAs, needs } from '../money/needs.js'
import type { OtherLook } from './claims.js'

/** How often a piece was laid and will be, by the looks that are kept. */
export interface Uses {
  readonly past: number
  readonly planned: number
  /** ISO day of the last occasion it was laid for; empty when never. */
  readonly last: string
}

/** Uses of every piece, each occasion counted once however many looks it has; an occasion is past when its day is before `today`. */
export function usesOf(looks: readonly OtherLook[], today: string): ReadonlyMap<string, Uses> {
  const uses = new Map<string, Uses>()
  const counted = new Set<string>()
  for (const { occasionId, look } of looks) {
    const { date } = look.occasion
    for (const need of needs(look)) {
      const id = countedAs(need.piece)
      if (need.needed === 0 || counted.has(`${occasionId} ${id}`)) continue
      counted.add(`${occasionId} ${id}`)
      const known = uses.get(id) ?? { past: 0, planned: 0, last: '' }
      uses.set(id, date < today ? { ...known, past: known.past + 1, last: date > known.last ? date : known.last } : { ...known, planned: known.planned + 1 })
    }
  }
  return uses
}

/** What one use of a piece has cost so far, and will have when what is planned is done; null when the price is unknown or nothing was used. */
export function costPerUseCents(
  paidCents: number | null,
  uses: Pick<Uses, 'past' | 'planned'>
): { readonly soFar: number | null; readonly planned: number | null } {
  const over = (count: number) => (paidCents === null || count === 0 ? null : Math.round(paidCents / count))
  return { soFar: over(uses.past), planned: over(uses.past + uses.planned) }
}
