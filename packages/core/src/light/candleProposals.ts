import { byCloseness } from '../design/closeness.js'
import { makeEdit } from '../design/edit.js'
import { findPiece, pieceIndex, piecesOf } from '../design/find.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { Look, Placed } from '../design/look.js'
import { swapEdit } from '../design/swap.js'
import { LONGEST_BURN_MIN } from '../reference/candles.js'
import { candleLifeMin } from './candleLife.js'
import { candleSwaps, fitsHolder, holderSwaps, noCandle, withoutFlames } from './otherCandles.js'

/** A candle that fits the holder, a holder that fits the candle, or no candle. */
export function misfitProposals(look: Look, finding: FindingOf<'candle.misfit'>): Proposal[] {
  const placed = look.centerpiece.find((one) => one.id === finding.at.placedId)
  if (!placed) return []
  return [...candleSwaps(look, placed, (other) => fitsHolder(look, placed, other)), ...holderSwaps(look, placed, () => true), noCandle(look, placed.id)]
}

/** A longer candle, the same lit later, or none of that kind. */
export function shortCandleProposals(look: Look, finding: FindingOf<'candle.short'>): Proposal[] {
  const { pieceId } = finding.at
  const candle = findPiece(pieceIndex(look), pieceId, 'candle')
  const holding = look.centerpiece.filter((placed) => placed.candle?.candleId === pieceId)
  if (!candle || holding.length === 0) return []
  const askedMin = look.occasion.endMin - Math.min(...holding.map((placed) => placed.candle!.lightAtMin))
  const longer = byCloseness(
    candle,
    piecesOf(look, 'candle').filter(
      (other) => other.id !== pieceId && candleLifeMin(other) >= askedMin && holding.every((placed) => fitsHolder(look, placed, other))
    ),
    holding.length
  )
    .slice(0, 3)
    .map((to) => ({ code: 'swap' as const, edit: swapEdit(look, pieceId, to.id), params: { fromId: pieceId, toId: to.id } }))
  const none = makeEdit(look, 'candles', (draft) => {
    for (const placed of draft.centerpiece) if (placed.candle?.candleId === pieceId) placed.candle = null
  })
  return [
    ...longer,
    lightLater(look, look.occasion.endMin - Math.floor(candleLifeMin(candle)), (placed) => placed.candle?.candleId === pieceId),
    { code: 'no-candle-of', edit: none, params: { pieceId } }
  ]
}

/** Light them later so that none burns over four hours, or no flames. */
export function longBurnProposals(look: Look): Proposal[] {
  return [lightLater(look, look.occasion.endMin - LONGEST_BURN_MIN, () => true), ...withoutFlames(look)]
}

function lightLater(look: Look, lightAtMin: number, which: (placed: Placed) => boolean): Proposal {
  const atMin = Math.max(0, Math.min(lightAtMin, look.occasion.endMin))
  const edit = makeEdit(look, 'candles', (draft) => {
    for (const placed of draft.centerpiece) if (placed.candle && which(placed as Placed)) placed.candle.lightAtMin = Math.max(placed.candle.lightAtMin, atMin)
  })
  return { code: 'light-later', edit, params: { atMin } }
}
