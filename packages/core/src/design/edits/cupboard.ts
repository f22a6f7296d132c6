import { castDraft } from 'immer'
import { applyEdit, makeEdit, replaceEdit, type Edit } from '../edit.js'
import type { Look } from '../look.js'
import type { Claim } from '../money.js'
import type { Offer, Piece } from '../piece.js'

/** What the cupboard has learned since: pieces and offers written over those of the same id, and what other occasions lay. */
export function bringIn(look: Look, news: { readonly pieces: readonly Piece[]; readonly offers: readonly Offer[]; readonly claims: readonly Claim[] }): Edit {
  return makeEdit(look, 'cupboard', (draft) => {
    draft.pieces = castDraft(merged(look.pieces, news.pieces))
    draft.offers = castDraft(merged(look.offers, news.offers))
    draft.claims = castDraft([...news.claims])
  })
}

function merged<Item extends { readonly id: string }>(old: readonly Item[], fresh: readonly Item[]): Item[] {
  const byId = new Map(fresh.map((item) => [item.id, item]))
  return [...old.filter((item) => !byId.has(item.id)), ...fresh]
}

/** Something a shop sells taken into the look with its offers, and used there at once where one says how: one step, which undo takes back whole. */
export function takeIn(look: Look, article: { readonly piece: Piece; readonly offers: readonly Offer[] }, use?: (look: Look, pieceId: string) => Edit): Edit {
  const { piece, offers } = article
  const known = look.pieces.some((one) => one.id === piece.id)
  const carried: Look = { ...look, pieces: known ? look.pieces : [...look.pieces, piece], offers: merged(look.offers, offers) }
  return replaceEdit(look, 'cupboard', use ? applyEdit(carried, use(carried, piece.id)) : carried)
}
