import { makeEdit, type Edit } from '../design/edit.js'
import type { Look, Placed } from '../design/look.js'
import { newPlaced } from '../design/newLook.js'
import type { StandingPiece } from '../design/piece.js'
import type { Point } from '../geometry/point.js'
import { numberedId } from '../units/slug.js'
import { freeSpot, type Surroundings } from './freeSpot.js'

/** A piece put on the table at the free spot nearest to a point; `free` is false when there is none, and it then stands at the point. */
export function putNear(
  look: Look,
  piece: StandingPiece,
  near: Point,
  around: Surroundings,
  candle: Placed['candle'] = null
): { readonly edit: Edit; readonly id: string; readonly free: boolean } {
  const placed = { ...newPlaced(numberedId(piece.id, look.centerpiece, 1), piece.id, near.x, near.y), candle }
  const spot = freeSpot({ ...look, centerpiece: [...look.centerpiece, placed] }, placed.id, around)
  const { x, y } = spot ?? near
  const edit = makeEdit(look, 'put-on', (draft) => void draft.centerpiece.push({ ...placed, xMm: Math.round(x), yMm: Math.round(y) }))
  return { edit, id: placed.id, free: spot !== undefined }
}
