import { castDraft } from 'immer'
import { numberedId } from '../../units/slug.js'
import { applyEdit, makeEdit, replaceEdit, type Edit } from '../edit.js'
import type { Look } from '../look.js'
import {
  needGroups,
  tableZones,
  type Bought,
  type Budget,
  type Buying,
  type Draw,
  type NeedGroup,
  type Order,
  type PlannedSums,
  type Shop,
  type TableZone
} from '../money.js'
import type { Offer, Piece } from '../piece.js'

/** Total, reserve, currency and tax. */
export function changeBudget(look: Look, part: Partial<Omit<Budget, 'split'>>): Edit {
  return makeEdit(look, 'money', (draft) => void Object.assign(draft.money, part))
}

/** The working sum as one, or parted by kind or by zone; caps of the same way of parting stay. */
export function splitBudget(look: Look, kind: Budget['split']['kind']): Edit {
  return makeEdit(look, 'money', ({ money }) => {
    if (money.split.kind === kind) return
    money.split = kind === 'plain' ? { kind } : { kind, caps: [] }
  })
}

/** A part's cap; 0 says that the cupboard supplies it, null is no cap. A part of another way of parting is left alone. */
export function setCap(look: Look, part: NeedGroup | TableZone, capCents: number | null): Edit {
  return makeEdit(look, 'money', ({ money: { split } }) => {
    if (split.kind === 'groups' && isGroup(part)) split.caps = capped(split.caps, part, capCents)
    if (split.kind === 'zones' && isZone(part)) split.caps = capped(split.caps, part, capCents)
  })
}

const isGroup = (part: string): part is NeedGroup => (needGroups as readonly string[]).includes(part)
const isZone = (part: string): part is TableZone => (tableZones as readonly string[]).includes(part)

function capped<Part>(caps: readonly { part: Part; capCents: number }[], part: Part, capCents: number | null): { part: Part; capCents: number }[] {
  const others = caps.filter((cap) => cap.part !== part)
  return capCents === null ? others : [...others, { part, capCents }]
}

/** What a trip costs, and what a spare is worth later. */
export function changeBuying(look: Look, part: Partial<Pick<Buying, 'tripCents' | 'reusePercent'>>): Edit {
  return makeEdit(look, 'money', (draft) => void Object.assign(draft.buying, part))
}

/** Something bought at a shop; the packs of it are no longer to be ordered there. */
export function markBought(look: Look, bought: Omit<Bought, 'id'>, of: Pick<Order, 'shop' | 'slot'> & { readonly offerId: string }): Edit {
  const id = numberedId('bought', look.buying.bought)
  return makeEdit(look, 'money', ({ buying }) => {
    buying.bought.push(castDraft({ ...bought, id }))
    for (const order of buying.orders)
      if (order.shop === of.shop && order.slot === of.slot) order.lines = order.lines.filter((line) => line.offerId !== of.offerId)
    buying.orders = buying.orders.filter((order) => order.lines.length > 0)
  })
}

/** Several things bought on one errand, in one step; each as `markBought` has it. */
export function markAllBought(look: Look, all: readonly { readonly bought: Omit<Bought, 'id'>; readonly of: Parameters<typeof markBought>[2] }[]): Edit {
  const after = all.reduce((now, { bought, of }) => applyEdit(now, markBought(now, bought, of)), look)
  return replaceEdit(look, 'money', after)
}

export function changeBought(look: Look, id: string, part: Partial<Omit<Bought, 'id'>>): Edit {
  return makeEdit(look, 'money', ({ buying }) => void Object.assign(buying.bought.find((one) => one.id === id) ?? {}, part))
}

export function removeBought(look: Look, id: string): Edit {
  return makeEdit(look, 'money', ({ buying }) => void (buying.bought = buying.bought.filter((one) => one.id !== id)))
}

/** So much drawn from the reserve, for a cause, on a day. */
export function drawReserve(look: Look, draw: Omit<Draw, 'id'>): Edit {
  return makeEdit(look, 'money', ({ buying }) => void buying.draws.push({ ...draw, id: numberedId('draw', look.buying.draws) }))
}

export function removeDraw(look: Look, id: string): Edit {
  return makeEdit(look, 'money', ({ buying }) => void (buying.draws = buying.draws.filter((one) => one.id !== id)))
}

/** The packs of an offer stay as they are when the plan is made again, or no longer. */
export function lockPacks(look: Look, of: Pick<Order, 'shop' | 'slot'> & { readonly offerId: string }): Edit {
  return makeEdit(look, 'money', ({ buying }) => {
    const lines = buying.orders.filter((order) => order.shop === of.shop && order.slot === of.slot).flatMap((order) => order.lines)
    const line = lines.find((one) => one.offerId === of.offerId)
    if (line) line.locked = !line.locked
  })
}

/** The stylist goes without a piece, or not after all. */
export function goWithout(look: Look, pieceId: string, without: boolean): Edit {
  return makeEdit(look, 'money', ({ buying }) => {
    const others = buying.skipped.filter((id) => id !== pieceId)
    buying.skipped = without ? [...others, pieceId] : others
  })
}

/** Pieces that may stand in for one. */
export function mixWith(look: Look, pieceId: string, ids: readonly string[]): Edit {
  return makeEdit(look, 'money', (draft) => {
    const others = draft.interchangeable.filter((group) => group[0] !== pieceId)
    draft.interchangeable = ids.length > 0 ? [...others, [pieceId, ...ids]] : others
  })
}

/** A buying plan with the offers and shops of its day, and the pieces that may stand in. */
export interface LaidPlan {
  readonly day: string
  readonly orders: readonly Order[]
  readonly offers: readonly Offer[]
  readonly shops: readonly Shop[]
  readonly alike: readonly Piece[]
  /** What it foresees, by `plannedSums`. */
  readonly planned: PlannedSums
}

export function layPlan(look: Look, { day, orders, offers, shops, alike, planned }: LaidPlan): Edit {
  const known = new Set(look.pieces.map((piece) => piece.id))
  return makeEdit(look, 'money', (draft) => {
    Object.assign(draft, castDraft({ offers, shops }))
    draft.pieces.push(...castDraft(alike.filter((piece) => !known.has(piece.id))))
    Object.assign(draft.buying, castDraft({ orders, planned, pricesOn: day }))
  })
}

/** Today's sums are the plan that spending is held against. */
export function keepPlanned(look: Look, planned: PlannedSums): Edit {
  return makeEdit(look, 'money', ({ buying }) => void (buying.planned = castDraft(planned)))
}
