import type { Look } from '../design/look.js'
import type { Claim } from '../design/money.js'
import { countedAs, needs } from '../money/needs.js'
import { daysBetween } from '../units/clock.js'

/** Pieces laid on one day are free again after so many days: they must be cleared, washed and put back (our own starting value). */
const TURNAROUND_DAYS = 1

/** A look of another occasion. */
export interface OtherLook {
  readonly occasionId: string
  readonly look: Look
}

/**
 * What other occasions within a day of this one lay of the cupboard. Of several looks of one occasion only one will be laid, so each piece
 * counts at its most. Consumables and fresh things are claimed too: they are used up.
 */
export function claimsOn(look: Look, others: readonly OtherLook[]): Claim[] {
  const near = others.filter((other) => Math.abs(daysBetween(other.look.occasion.date, look.occasion.date)) <= TURNAROUND_DAYS)
  const byOccasion = new Map<string, Map<string, Claim>>()
  for (const { occasionId, look: other } of near) {
    const claims = byOccasion.get(occasionId) ?? new Map<string, Claim>()
    byOccasion.set(occasionId, claims)
    for (const need of needs(other)) {
      const pieceId = countedAs(need.piece)
      const count = Math.min(need.needed, need.owned)
      if (count > (claims.get(pieceId)?.count ?? 0))
        claims.set(pieceId, { pieceId, count, occasion: other.occasion.title, date: other.occasion.date, settled: false })
    }
  }
  const settled = new Set(look.claims.filter((claim) => claim.settled).map((claim) => `${claim.pieceId} ${claim.occasion} ${claim.date}`))
  return [...byOccasion.values()]
    .flatMap((claims) => [...claims.values()])
    .map((claim) => ({ ...claim, settled: settled.has(`${claim.pieceId} ${claim.occasion} ${claim.date}`) }))
}
