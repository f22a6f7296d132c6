import { makeEdit, type Edit } from '../design/edit.js'
import type { Look } from '../design/look.js'
import { newPlaced } from '../design/newLook.js'
import { numberedId } from '../units/slug.js'

/** A stand put where a piece stands, on or in the same thing, and the piece on it. */
export function raiseEdit(look: Look, placedId: string, riserId: string): Edit {
  return makeEdit(look, 'stand-on', (draft) => {
    const id = numberedId(riserId, draft.centerpiece, 1)
    const target = draft.centerpiece.find((placed) => placed.id === placedId)!
    draft.centerpiece.push({ ...newPlaced(id, riserId, target.xMm, target.yMm), on: target.on, atMeal: target.atMeal })
    Object.assign(target, { on: id, xMm: 0, yMm: 0 })
  })
}
