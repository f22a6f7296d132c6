import { makeEdit, type Edit } from '../design/edit.js'
import { pieceIndex } from '../design/find.js'
import { kindSpreads, type Look } from '../design/look.js'
import { seatPlan } from '../seating/seatPlan.js'
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
 * For each plate or glass the household has too few of, kind B with the piece owned most in its stead, spread so that fewest are to buy; an even
 * spread before an uneven one. Only where everybody has the same so far.
 */
export function setSpreads(look: Look): SetSpread[] {
  if (look.kinds.others.length > 0) return []
  const index = pieceIndex(look)
  const { places } = seatPlan(look)
  return partialSets(look).flatMap(({ pieceId, owned, needed }) => {
    const piece = index.get(pieceId)
    if (!piece || (piece.kind !== 'plate' && piece.kind !== 'glass' && piece.kind !== 'napkin')) return []
    const alike = look.pieces
      .filter((other) => other.id !== pieceId && other.kind === piece.kind && (!('role' in other) || !('role' in piece) || other.role === piece.role))
      .sort((a, b) => b.owned - a.owned)[0]
    if (!alike || alike.owned === 0) return []
    const choices = kindSpreads
      .filter((spread) => spread !== 'same' && spread !== 'by-guest')
      .map((spread) => {
        const edit = makeEdit(look, 'setting', (draft) => {
          const other = structuredClone(look.setting) as typeof draft.setting
          other.plateIds = other.plateIds.map((id) => (id === pieceId ? alike.id : id))
          other.glassIds = other.glassIds.map((id) => (id === pieceId ? alike.id : id))
          if (other.napkin?.pieceId === pieceId) other.napkin.pieceId = alike.id
          draft.kinds.others = [{ key: 'B', setting: other }]
          draft.kinds.spread = spread
        })
        const b = kindsByPlace({ ...look, kinds: { ...look.kinds, others: [{ key: 'B', setting: look.setting }], spread } }, places).filter(
          (key) => key === 'B'
        ).length
        return { pieceId, otherId: alike.id, spread, short: Math.max(0, needed - b - owned) + Math.max(0, b - alike.owned), edit }
      })
    const best = choices.reduce((a, b) => (b.short < a.short ? b : a))
    return best.short < needed - owned ? [best] : []
  })
}
