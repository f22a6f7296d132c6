import { pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import { sameJob } from '../design/swap.js'
import { needs } from '../money/needs.js'
import { daysBetween } from '../units/clock.js'
import { isFresh, linesToBuy, orderByDay, usableOffers } from './buyingProblem.js'
import type { Plan } from './plan.js'

/** The rule that keeps a line from being covered. */
type BlockedRule = 'no-offer' | 'no-price' | 'too-late' | 'stock'

/** The least change that would unblock it. */
export type Unblock =
  | { readonly kind: 'alike'; readonly pieceId: string; readonly shop: string; readonly cents: number }
  | { readonly kind: 'days'; readonly days: number; readonly shop: string }
  | { readonly kind: 'price'; readonly shop: string }
  | { readonly kind: 'guests'; readonly fewer: number }
  | { readonly kind: 'borrow'; readonly pieces: number }

export interface Blocked {
  readonly pieceId: string
  readonly pieces: number
  readonly rule: BlockedRule
  /** Best first: what changes least. */
  readonly unblock: readonly Unblock[]
}

/** Why lines of a plan stay short, and what would help, the least change first. */
export function blockedLines(look: Look, plan: Pick<Plan, 'missing'>, today: string): Blocked[] {
  const lines = new Map(linesToBuy(look).map((line) => [line.pieceId, line]))
  return plan.missing.map(({ pieceId, pieces }) => {
    const eligible = lines.get(pieceId)?.eligible ?? [pieceId]
    const offers = look.offers.filter((offer) => eligible.includes(offer.pieceId))
    const late = offers.filter((offer) => offer.priceCents !== null && offer.stock > 0 && orderByDay(offer, look.occasion.date) < today)
    const unpriced = offers.filter((offer) => offer.priceCents === null)
    const rule = offers.length === 0 ? 'no-offer' : late.length > 0 ? 'too-late' : unpriced.length > 0 ? 'no-price' : 'stock'
    const days = late.map((offer): Unblock => ({ kind: 'days', days: daysBetween(orderByDay(offer, look.occasion.date), today), shop: offer.shop }))
    const soonest = [...days].sort((a, b) => (a.kind === 'days' && b.kind === 'days' ? a.days - b.days : 0)).slice(0, 1)
    const priced = unpriced.slice(0, 1).map((offer): Unblock => ({ kind: 'price', shop: offer.shop }))
    return {
      pieceId,
      pieces,
      rule,
      unblock: [...priced, ...alike(look, pieceId, pieces, today), ...soonest, ...fewerGuests(look, pieceId, pieces), { kind: 'borrow', pieces }]
    }
  })
}

/** The cheapest other piece for the same job of which one offer alone covers the need. */
function alike(look: Look, pieceId: string, pieces: number, today: string): Unblock[] {
  const index = pieceIndex(look)
  const piece = index.get(pieceId)
  if (!piece) return []
  const found = usableOffers(look, today).flatMap((offer) => {
    const other = index.get(offer.pieceId)
    const packs = Math.ceil(pieces / offer.packSize)
    if (!other || other.id === pieceId || !sameJob(piece, other) || isFresh(piece) !== isFresh(other) || offer.stock < packs) return []
    return [{ kind: 'alike' as const, pieceId: other.id, shop: offer.shop, cents: packs * offer.priceCents! }]
  })
  return found.sort((a, b) => a.cents - b.cents).slice(0, 1)
}

/** How many guests fewer would need so many pieces fewer. */
function fewerGuests(look: Look, pieceId: string, pieces: number): Unblock[] {
  const neededFor = (count: number) => needs({ ...look, guests: look.guests.slice(0, count) }).find((need) => need.piece.id === pieceId)?.needed ?? 0
  const all = look.guests.length
  const now = neededFor(all)
  if (neededFor(1) > now - pieces) return []
  let fewer = 1
  while (now - neededFor(all - fewer) < pieces) fewer++
  return [{ kind: 'guests', fewer }]
}
