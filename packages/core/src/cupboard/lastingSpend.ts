import { lastings, noFacts, type CupboardItem, type Lasting } from './facts.js'
import type { Look } from '../design/look.js'
import { pieceUses } from '../design/pieceUses.js'
import { buyList } from '../money/buyList.js'

/** What is spent on one way to last: what a look lays of it, and all the house has of it. */
export interface LastingSpend {
  readonly lasting: Lasting
  /** Kinds of pieces the look lays; flowers and candles, which are used up, are in no kind. */
  readonly kinds: number
  /** Paid for what the house has of those, and still to pay for what is short, minor units. */
  readonly paidCents: number
  readonly toBuyCents: number
  /** Kinds among them that the house has and nobody knows the price of: a gap in the sum, never zero. */
  readonly gapKinds: number
  /** Paid for everything of it in the house. */
  readonly housePaidCents: number
}

/** What is spent on the timeless and on what is of these years, as the cupboard says; none where it says so of no piece of the look. */
export function lastingSpend(look: Look, items: readonly CupboardItem[]): LastingSpend[] {
  const facts = new Map(items.map((item) => [item.piece.id, item.facts]))
  const factsOf = (id: string) => facts.get(id) ?? noFacts
  const owned = new Map(look.pieces.map((piece) => [piece.id, piece.owned]))
  const used = new Set(pieceUses(look).map((use) => use.pieceId))
  // a thing in another use is the same thing
  const laid = [
    ...new Set(look.pieces.filter((piece) => used.has(piece.id) && !['supply', 'stem', 'candle'].includes(piece.kind)).map((piece) => piece.of ?? piece.id))
  ]
  if (laid.every((id) => factsOf(id).lasting === 'unknown')) return []
  const toBuy = new Map<string, number>()
  for (const { need, mix, skipped } of buyList(look).lines) if (!skipped) toBuy.set(need.piece.id, mix.costCents)
  return lastings.map((lasting) => {
    const those = laid.filter((id) => factsOf(id).lasting === lasting)
    const had = those.filter((id) => (owned.get(id) ?? 0) > 0).map((id) => factsOf(id).paidCents)
    return {
      lasting,
      kinds: those.length,
      paidCents: had.reduce<number>((sum, cents) => sum + (cents ?? 0), 0),
      toBuyCents: those.reduce((sum, id) => sum + (toBuy.get(id) ?? 0), 0),
      gapKinds: had.filter((cents) => cents === null).length,
      housePaidCents: items.reduce((sum, item) => sum + (item.facts.lasting === lasting ? (item.facts.paidCents ?? 0) : 0), 0)
    }
  })
}
