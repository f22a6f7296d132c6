import { byCloseness } from '../design/closeness.js'
import { makeEdit } from '../design/edit.js'
import { findPiece, pieceIndex, piecesOf } from '../design/find.js'
import type { Proposal } from '../design/finding.js'
import type { Look, Placed } from '../design/look.js'
import type { Candle, Holder } from '../design/piece.js'
import { holderFit } from './holderFit.js'

export function holderOf(look: Look, placed: Pick<Placed, 'pieceId'>): Holder | undefined {
  return findPiece(pieceIndex(look), placed.pieceId, 'holder')
}

export function candleOf(look: Look, placed: Pick<Placed, 'candle'>): Candle | undefined {
  return findPiece(pieceIndex(look), placed.candle?.candleId, 'candle')
}

export function fitsHolder(look: Look, placed: Placed, candle: Candle): boolean {
  const holder = holderOf(look, placed)
  return holder !== undefined && !holderFit(holder, candle)
}

/** Other candles for one holder, the likest first. */
export function candleSwaps(look: Look, placed: Placed, suits: (candle: Candle) => boolean): Proposal[] {
  const from = candleOf(look, placed)
  if (!from) return []
  const others = piecesOf(look, 'candle').filter((candle) => candle.id !== from.id && suits(candle))
  return byCloseness(from, others)
    .slice(0, 3)
    .map((to) => ({
      code: 'swap' as const,
      edit: makeEdit(look, 'candles', (draft) => void (draft.centerpiece.find((p) => p.id === placed.id)!.candle!.candleId = to.id)),
      params: { fromId: from.id, toId: to.id }
    }))
}

/** Other holders for one candle, the likest first. */
export function holderSwaps(look: Look, placed: Placed, suits: (holder: Holder) => boolean): Proposal[] {
  const [from, candle] = [holderOf(look, placed), candleOf(look, placed)]
  if (!from || !candle) return []
  const others = piecesOf(look, 'holder').filter((other) => other.id !== from.id && !holderFit(other, candle) && suits(other))
  return byCloseness(from, others)
    .slice(0, 2)
    .map((to) => ({
      code: 'swap' as const,
      edit: makeEdit(look, 'candles', (draft) => void (draft.centerpiece.find((p) => p.id === placed.id)!.pieceId = to.id)),
      params: { fromId: from.id, toId: to.id }
    }))
}

/** A holder left empty. */
export function noCandle(look: Look, placedId: string): Proposal {
  const edit = makeEdit(look, 'candles', (draft) => void (draft.centerpiece.find((p) => p.id === placedId)!.candle = null))
  return { code: 'no-candle', edit, params: { placedId } }
}

/** Flameless candles throughout where every flame has a fitting one, and no candles. */
export function withoutFlames(look: Look): Proposal[] {
  const index = pieceIndex(look)
  const lit = look.centerpiece.filter((placed) => candleOf(look, placed)?.burn.kind === 'wax')
  const flameless = piecesOf(look, 'candle').filter((candle) => candle.burn.kind === 'flameless')
  const chosen = new Map(
    lit.map((placed) => {
      const fitting = flameless.filter((candle) => fitsHolder(look, placed, candle))
      return [placed.id, byCloseness(index.get(placed.candle!.candleId)!, fitting, lit.length)[0]]
    })
  )
  const none = makeEdit(look, 'candles', (draft) => {
    for (const placed of draft.centerpiece) if (chosen.has(placed.id)) placed.candle = null
  })
  const proposals: Proposal[] = [{ code: 'no-candles', edit: none, params: {} }]
  if (lit.length === 0 || [...chosen.values()].some((candle) => !candle)) return proposals
  const all = makeEdit(look, 'candles', (draft) => {
    for (const placed of draft.centerpiece) {
      const other = chosen.get(placed.id)
      if (other && placed.candle) placed.candle.candleId = other.id
    }
  })
  return [{ code: 'no-flames', edit: all, params: { flameless: lit.length } }, ...proposals]
}
