import { makeEdit, type Edit } from './edit.js'
import type { Look } from './look.js'
import { clearUses, pieceUses, type UseRole } from './pieceUses.js'
import { takeOffAllEdit } from './takeOff.js'

/** What a table can do without; what one eats and drinks from, wipes with and lights is needed. */
const spareable: ReadonlySet<UseRole> = new Set<UseRole>(['cloth', 'topper', 'runner', 'mat', 'favor', 'leaves', 'middle', 'filling', 'stem', 'lamp'])

/** Whether a piece that is laid may be left out: a layer or a thing of the middle, or a plate below or beside the one that is eaten from. */
export function maySpare(look: Look, pieceId: string): boolean {
  const uses = pieceUses(look).filter((use) => use.pieceId === pieceId)
  const piece = look.pieces.find((one) => one.id === pieceId)
  const isUnderplate = piece?.kind === 'plate' && (piece.role === 'charger' || piece.role === 'bread')
  return uses.length > 0 && (isUnderplate || uses.every((use) => spareable.has(use.role)))
}

/** Does without a piece wherever it is laid or stands; what stands on it goes with it. */
export function leaveOutEdit(look: Look, pieceId: string): Edit {
  const standing = look.centerpiece.filter((placed) => placed.pieceId === pieceId).map((placed) => placed.id)
  if (standing.length > 0) return takeOffAllEdit(look, standing)
  const uses = pieceUses(look).filter((use) => use.pieceId === pieceId)
  return makeEdit(look, 'setting', (draft) => clearUses(draft, uses))
}
