import { makeEdit, type Edit } from './edit.js'
import type { Look } from './look.js'

/** Takes a piece, and all that stands on it, off the table. */
export function takeOffEdit(look: Look, placedId: string): Edit {
  return takeOffAllEdit(look, [placedId])
}

/** The same for several pieces. */
export function takeOffAllEdit(look: Look, placedIds: readonly string[]): Edit {
  const gone = new Set(placedIds.flatMap((id) => [...withAllAbove(look, id)]))
  return makeEdit(look, 'take-off', (draft) => {
    draft.centerpiece = draft.centerpiece.filter((placed) => !gone.has(placed.id))
  })
}

/** Ids of a placed piece and of everything that stands on it, however high. */
export function withAllAbove(look: Pick<Look, 'centerpiece'>, placedId: string): Set<string> {
  const ids = new Set([placedId])
  for (let size = 0; size !== ids.size;) {
    size = ids.size
    for (const placed of look.centerpiece) if (placed.on !== null && ids.has(placed.on)) ids.add(placed.id)
  }
  return ids
}
