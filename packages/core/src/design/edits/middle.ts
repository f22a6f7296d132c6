import { numberedId } from '../../units/slug.js'
import { makeEdit, type Edit, type EditName } from '../edit.js'
import { pieceIndex } from '../find.js'
import type { Look, Placed } from '../look.js'

/** Where a placed piece stands, how it is turned, on what and how, whether it stays at the meal. */
export function changePlaced(look: Look, placedId: string, part: Partial<Placed>, what: EditName = 'move'): Edit {
  return makeEdit(look, what, (draft) => void Object.assign(draft.centerpiece.find((one) => one.id === placedId) ?? {}, part))
}

/** Turned by so many degrees, kept from 0 to 360. */
export function turnPlaced(look: Look, placedId: string, byDeg: number): Edit {
  const placed = look.centerpiece.find((one) => one.id === placedId)
  return changePlaced(look, placedId, placed ? { turnDeg: (((placed.turnDeg + byDeg) % 360) + 360) % 360 } : {}, 'turn')
}

/** Another piece in the place of one that stands in the middle; others like it stay. A candle or flowers it cannot take go. */
export function replacePlaced(look: Look, placedId: string, pieceId: string): Edit {
  const kind = pieceIndex(look).get(pieceId)?.kind
  const gone = { ...(kind === 'holder' ? {} : { candle: null }), ...(kind === 'vessel' ? {} : { arrangement: null }) }
  return changePlaced(look, placedId, { pieceId, ...gone }, 'cupboard')
}

/** Kept where they are when others are arranged anew, or not. */
export function lockPlaced(look: Look, placedIds: readonly string[], locked: boolean): Edit {
  return makeEdit(look, 'lock', (draft) => {
    for (const placed of draft.centerpiece) if (placedIds.includes(placed.id)) placed.locked = locked
  })
}

/** The middle as it is, put aside under a name, with why. */
export function rememberMiddle(look: Look, name: string, why: string): Edit {
  const variant = { id: numberedId('variant', look.variants), name, why, centerpiece: structuredClone(look.centerpiece) as Placed[] }
  return makeEdit(look, 'variants', (draft) => void draft.variants.push(variant as (typeof draft.variants)[number]))
}

/** A middle put aside comes back; what stands now is put aside in its place, so that nothing is lost. What the look carries no more stays away. */
export function bringBackMiddle(look: Look, variantId: string, why: string): Edit {
  const index = pieceIndex(look)
  return makeEdit(look, 'variants', (draft) => {
    const variant = draft.variants.find((one) => one.id === variantId)
    if (!variant) return
    const now = structuredClone(look.centerpiece) as typeof draft.centerpiece
    draft.centerpiece = variant.centerpiece.filter((placed) => index.has(placed.pieceId))
    Object.assign(variant, { centerpiece: now, why })
  })
}

export function forgetMiddle(look: Look, variantId: string): Edit {
  return makeEdit(look, 'variants', (draft) => void (draft.variants = draft.variants.filter((one) => one.id !== variantId)))
}
