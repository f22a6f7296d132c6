import type { Measured } from '../assess/measure.js'
import { putNear } from '../centerpiece/putNear.js'
import { surroundingsPart } from '../centerpiece/surroundings.js'
import { colorDistance } from '../color/colorWords.js'
import { byCloseness } from '../design/closeness.js'
import { takeIn } from '../design/edits/cupboard.js'
import { leaveOutEdit, maySpare } from '../design/leaveOut.js'
import type { Look } from '../design/look.js'
import { isStanding, type Offer, type Piece } from '../design/piece.js'
import { pieceUses, usedIds } from '../design/pieceUses.js'
import { sameJob, swapEdit } from '../design/swap.js'
import type { Trial } from './change.js'

/** What the shops sell, beside what the look carries. */
export interface Shelf {
  readonly pieces: readonly Piece[]
  readonly offers: readonly Offer[]
}

/** Every substitute for a piece that does the same job, the likest first; what the shops sell after what the look carries. */
export function swapTrials(look: Look, fromId: string, shelf?: Shelf): Trial[] {
  const from = look.pieces.find((piece) => piece.id === fromId)
  if (!from) return []
  const count = pieceUses(look).filter((use) => use.pieceId === fromId).length
  const known = new Set(look.pieces.map((piece) => piece.id))
  const others = (list: readonly Piece[]) =>
    byCloseness(
      from,
      list.filter((piece) => piece.id !== fromId && piece.of === null && sameJob(from, piece)),
      count
    )
  const own = others(look.pieces).map((to): Trial => ({ kind: 'swap', pieceId: fromId, toId: to.id, edit: swapEdit(look, fromId, to.id) }))
  const sold = others((shelf?.pieces ?? []).filter((piece) => !known.has(piece.id)))
  const offersOf = (id: string) => (shelf?.offers ?? []).filter((offer) => offer.pieceId === id)
  const bought = sold.map((piece): Trial => {
    const edit = takeIn(look, { piece, offers: offersOf(piece.id) }, (now, id) => swapEdit(now, fromId, id))
    return { kind: 'swap', pieceId: fromId, toId: piece.id, edit }
  })
  return [...own, ...bought]
}

/** A piece left out wherever it is laid; undefined where the table cannot do without it. */
export function leaveOutTrial(look: Look, pieceId: string): Trial | undefined {
  return maySpare(look, pieceId) ? { kind: 'leave-out', pieceId, toId: null, edit: leaveOutEdit(look, pieceId) } : undefined
}

/** Pieces of the house that are not laid and not promised elsewhere, put where there is room nearest to the middle; the nearest in color to what is laid first. */
export function addTrials(look: Look, measured: Measured, most: number, isWanted: (piece: Piece) => boolean = () => true): Trial[] {
  const used = usedIds(look)
  const claimed = new Set(look.claims.filter((claim) => !claim.settled).map((claim) => claim.pieceId))
  const laid = look.pieces.filter((piece) => used.has(piece.id))
  const near = (piece: Piece) => Math.min(1, ...laid.map((one) => colorDistance(one.color, piece.color)))
  const around = measured.get(surroundingsPart)
  return look.pieces
    .filter(isStanding)
    .filter((piece) => piece.owned > 0 && !used.has(piece.id) && !claimed.has(piece.id) && piece.of === null && piece.kind !== 'riser' && isWanted(piece))
    .map((piece) => ({ piece, far: near(piece) }))
    .sort((a, b) => a.far - b.far)
    .slice(0, most)
    .flatMap(({ piece }): Trial[] => {
      const { edit, free } = putNear(look, piece, { x: 0, y: 0 }, around)
      return free ? [{ kind: 'add', pieceId: piece.id, toId: null, edit }] : []
    })
}
