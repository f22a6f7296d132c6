import { moveProposal, takeOffProposal } from '../centerpiece/centerpieceProposals.js'
import { freeSpot, type Surroundings } from '../centerpiece/freeSpot.js'
import { findPiece, pieceIndex, piecesOf } from '../design/find.js'
import { makeEdit } from '../design/edit.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { Look, Placed } from '../design/look.js'
import type { Candle } from '../design/piece.js'
import { swapEdit } from '../design/swap.js'
import { LONGEST_BURN_MIN } from '../reference/candles.js'
import { candleLifeMin } from './candleLife.js'
import { conflictsBetween } from './flames.js'
import { holderFit } from './holderFit.js'

function placedOf(look: Look, { at }: FindingOf<'candle.misfit' | 'flame.near' | 'flame.flame'>): Placed | undefined {
  return look.centerpiece.find((placed) => placed.id === at.placedId)
}

/** A candle that fits the holder, a holder that fits the candle, or no candle. */
export function misfitProposals(look: Look, finding: FindingOf<'candle.misfit'>): Proposal[] {
  const placed = placedOf(look, finding)
  if (!placed) return []
  const index = pieceIndex(look)
  const holder = findPiece(index, placed.pieceId, 'holder')
  const candle = findPiece(index, placed.candle?.candleId, 'candle')
  const candles = holder ? candleSwaps(look, placed, (other) => !holderFit(holder, other)) : []
  const holders = piecesOf(look, 'holder')
    .filter((other) => other.id !== placed.pieceId && candle !== undefined && !holderFit(other, candle))
    .sort((a, b) => b.owned - a.owned)
    .slice(0, 2)
    .map((to) => ({
      code: 'swap' as const,
      edit: makeEdit(look, 'candles', (draft) => void (draft.centerpiece.find((p) => p.id === placed.id)!.pieceId = to.id)),
      params: { fromId: placed.pieceId, toId: to.id }
    }))
  return [...candles, ...holders, noCandle(look, placed.id)]
}

/** A longer candle, the same lit later, or none of that kind. */
export function shortCandleProposals(look: Look, finding: FindingOf<'candle.short'>): Proposal[] {
  const { pieceId } = finding.at
  const candle = findPiece(pieceIndex(look), pieceId, 'candle')
  const holding = look.centerpiece.filter((placed) => placed.candle?.candleId === pieceId)
  if (!candle || holding.length === 0) return []
  const askedMin = look.occasion.endMin - Math.min(...holding.map((placed) => placed.candle!.lightAtMin))
  const longer = piecesOf(look, 'candle')
    .filter((other) => other.id !== pieceId && candleLifeMin(other) >= askedMin && holding.every((placed) => fitsHolder(look, placed, other)))
    .sort((x, y) => y.owned - x.owned)
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
  return [lightLater(look, look.occasion.endMin - LONGEST_BURN_MIN, () => true), ...householdProposals(look)]
}

/** Move the flame clear, make it flameless, or take the candle out. */
export function nearFlameProposals(look: Look, finding: FindingOf<'flame.near' | 'flame.flame'>, around: Surroundings): Proposal[] {
  const placed = placedOf(look, finding)
  if (!placed) return []
  const { endMin } = look.occasion
  const spot = freeSpot(look, placed.id, around, (moved, others) => !conflictsBetween(moved, others, endMin, look.school.safety))
  return [
    ...(spot ? [moveProposal(look, placed.id, spot)] : []),
    ...candleSwaps(look, placed, (other) => fitsHolder(look, placed, other) && other.burn.kind === 'flameless'),
    noCandle(look, placed.id),
    takeOffProposal(look, placed.id)
  ]
}

/** Flameless candles throughout where there are fitting ones, or no candles. */
export function householdProposals(look: Look): Proposal[] {
  const index = pieceIndex(look)
  const flameless = piecesOf(look, 'candle').filter((candle) => candle.burn.kind === 'flameless')
  const chosen = (placed: Placed) => flameless.find((candle) => fitsHolder(look, placed, candle))
  const swapAll = makeEdit(look, 'candles', (draft) => {
    for (const placed of draft.centerpiece) {
      const candle = findPiece(index, placed.candle?.candleId, 'candle')
      if (!placed.candle || candle?.burn.kind !== 'wax') continue
      const other = chosen(placed as Placed)
      if (other) placed.candle.candleId = other.id
      else placed.candle = null
    }
  })
  const none = makeEdit(look, 'candles', (draft) => {
    for (const placed of draft.centerpiece) placed.candle = null
  })
  return [
    { code: 'no-flames', edit: swapAll, params: { flameless: flameless.length } },
    { code: 'no-candles', edit: none, params: {} }
  ]
}

function fitsHolder(look: Look, placed: Placed, candle: Candle): boolean {
  const holder = findPiece(pieceIndex(look), placed.pieceId, 'holder')
  return holder !== undefined && !holderFit(holder, candle)
}

/** Other candles for one holder, the most owned first. */
function candleSwaps(look: Look, placed: Placed, suits: (candle: Candle) => boolean): Proposal[] {
  return piecesOf(look, 'candle')
    .filter((candle) => candle.id !== placed.candle?.candleId && suits(candle))
    .sort((a, b) => b.owned - a.owned)
    .slice(0, 3)
    .map((to) => ({
      code: 'swap' as const,
      edit: makeEdit(look, 'candles', (draft) => void (draft.centerpiece.find((p) => p.id === placed.id)!.candle!.candleId = to.id)),
      params: { fromId: placed.candle?.candleId ?? '', toId: to.id }
    }))
}

function lightLater(look: Look, lightAtMin: number, which: (placed: Placed) => boolean): Proposal {
  const atMin = Math.max(0, Math.min(lightAtMin, look.occasion.endMin))
  const edit = makeEdit(look, 'candles', (draft) => {
    for (const placed of draft.centerpiece) if (placed.candle && which(placed as Placed)) placed.candle.lightAtMin = Math.max(placed.candle.lightAtMin, atMin)
  })
  return { code: 'light-later', edit, params: { atMin } }
}

/** A holder left empty. */
export function noCandle(look: Look, placedId: string): Proposal {
  const edit = makeEdit(look, 'candles', (draft) => void (draft.centerpiece.find((p) => p.id === placedId)!.candle = null))
  return { code: 'no-candle', edit, params: { placedId } }
}
