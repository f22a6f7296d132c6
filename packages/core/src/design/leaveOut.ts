import { makeEdit, type Edit } from './edit.js'
import type { Look } from './look.js'
import { clearUses, pieceUses } from './pieceUses.js'
import { takeOffAllEdit } from './takeOff.js'

/** Does without a piece wherever it is laid or stands; what stands on it goes with it. */
export function leaveOutEdit(look: Look, pieceId: string): Edit {
  const standing = look.centerpiece.filter((placed) => placed.pieceId === pieceId).map((placed) => placed.id)
  if (standing.length > 0) return takeOffAllEdit(look, standing)
  const uses = pieceUses(look).filter((use) => use.pieceId === pieceId)
  return makeEdit(look, 'setting', (draft) => clearUses(draft, uses))
}
