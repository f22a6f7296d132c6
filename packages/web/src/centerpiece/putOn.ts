import { createAssessor, freeSpot, makeEdit, newPlaced, numberedId, type Edit, type Look, type StandingPiece } from '@hestiad/core'

/** An edit that puts a piece on the table at the free spot nearest the middle, and the id it gets there. */
export function putOn(look: Look, piece: StandingPiece): { edit: Edit; id: string; free: boolean } {
  const placed = newPlaced(numberedId(piece.id, look.centerpiece, 1), piece.id)
  const withIt: Look = { ...look, centerpiece: [...look.centerpiece, placed] }
  const { plan, laid } = createAssessor().measure(withIt)
  const spot = freeSpot(withIt, placed.id, { outline: plan.outline, laid })
  const edit = makeEdit(look, 'put-on', (draft) => void draft.centerpiece.push({ ...placed, xMm: Math.round(spot?.x ?? 0), yMm: Math.round(spot?.y ?? 0) }))
  return { edit, id: placed.id, free: spot !== undefined }
}
