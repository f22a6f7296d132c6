import { castDraft } from 'immer'
import { byCloseness } from '../design/closeness.js'
import { makeEdit, type Edit } from '../design/edit.js'
import { pieceIndex } from '../design/find.js'
import { kindSpreads, type Look } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { sameJob } from '../design/swap.js'
import { seatPlan } from '../seating/seatPlan.js'
import { insteadOf } from './insteadOf.js'
import { partialSets } from './laying.js'
import { kindsByPlace } from './settingKinds.js'

/** A way to lay a set that does not go round: the owned pieces at some places, another piece of the same kind at the others. */
export interface SetSpread {
  readonly pieceId: string
  readonly otherId: string
  readonly spread: Look['kinds']['spread']
  /** Pieces still to buy of both. */
  readonly short: number
  readonly edit: Edit
}

/**
 * For each plate, glass or napkin the household has too few of, a second kind with another of the same kind in its stead, whichever of the two at the
 * more places, spread so that fewest are to buy; an even spread before an uneven one, the likest piece first. Only where everybody has the same so far.
 */
export function setSpreads(look: Look): SetSpread[] {
  if (look.kinds.others.length > 0) return []
  const index = pieceIndex(look)
  return partialSets(look).flatMap(({ pieceId, owned, needed }) => {
    const piece = index.get(pieceId)
    if (!piece || (piece.kind !== 'plate' && piece.kind !== 'glass' && piece.kind !== 'napkin')) return []
    const others = look.pieces.filter((other) => other.id !== pieceId && other.owned > 0 && sameJob(piece, other))
    const choices = byCloseness(piece, others).flatMap((other) => spreadsWith(look, piece, other, needed))
    const best = choices.reduce<SetSpread | undefined>((a, b) => (a && a.short <= b.short ? a : b), undefined)
    return best && best.short < needed - owned ? [best] : []
  })
}

/** Every way to spread two pieces over the places: the piece itself at most places, or the other. */
function spreadsWith(look: Look, piece: Piece, other: Piece, needed: number): SetSpread[] {
  const { places } = seatPlan(look)
  const laid = (one: Piece) => castDraft(structuredClone(insteadOf(look.setting, new Map([[piece.id, one.id]]))))
  return kindSpreads
    .filter((spread) => spread !== 'same' && spread !== 'by-guest')
    .flatMap((spread) => {
      const kinds = { ...look.kinds, others: [{ key: 'B' as const, setting: look.setting }], spread }
      const b = kindsByPlace({ ...look, kinds }, places).filter((key) => key === 'B').length
      return [false, true].map((turned) => {
        const [most, few] = turned ? [other, piece] : [piece, other]
        const short = Math.max(0, needed - b - most.owned) + Math.max(0, b - few.owned)
        const edit = makeEdit(look, 'setting', (draft) => {
          draft.kinds.others = [{ key: 'B', setting: laid(few) }]
          draft.kinds.spread = spread
          draft.setting = laid(most)
        })
        return { pieceId: piece.id, otherId: other.id, spread, short, edit }
      })
    })
}
