import { makeEdit, type Edit } from '../design/edit.js'
import type { Look } from '../design/look.js'
import type { Point } from '../geometry/point.js'

/** Moves a piece that stands on the table to a spot. */
export function moveEdit(look: Look, placedId: string, at: Point): Edit {
  return makeEdit(look, 'move', (draft) => {
    const target = draft.centerpiece.find((one) => one.id === placedId)!
    target.xMm = Math.round(at.x)
    target.yMm = Math.round(at.y)
  })
}
