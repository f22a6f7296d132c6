import { applyEdit, type Edit } from '../design/edit.js'
import type { Look } from '../design/look.js'
import { middleEdit } from '../design/middleEdit.js'
import { takeOffEdit } from '../design/takeOff.js'
import { seatPlan } from '../seating/seatPlan.js'
import { laidItems } from '../settings/settingCrowding.js'
import { placeLayouts } from '../settings/settingKinds.js'
import { offTableMm, settingHit } from './collisions.js'
import { freeSpot } from './freeSpot.js'
import { standings } from './standing.js'

/** A finished look brought onto the table it has now. */
export interface TableFit {
  readonly edit: Edit
  /** Ids of the placed pieces that move, and of those that find no room and are taken off with all they carry. */
  readonly moved: readonly string[]
  readonly off: readonly string[]
}

/** Moves every piece that stands over the edge or in a setting to the nearest free spot, the largest first; what finds none is taken off. */
export function fitToTable(look: Look): TableFit {
  const plan = seatPlan(look)
  const layouts = placeLayouts(look, plan.places)
  const around = { outline: plan.outline, laid: plan.places.map((place, i) => laidItems(place, layouts[i]!.layout, layouts[i]!.mirrored)) }
  const moved: string[] = []
  const off: string[] = []
  let now = look
  const astray = standings(look)
    .filter((piece) => piece.placed.on === null && (offTableMm(piece, plan.outline) > 0 || settingHit(piece, around.laid) !== undefined))
    .sort((a, b) => b.topMm - a.topMm)
  for (const { placed } of astray) {
    const spot = freeSpot(now, placed.id, around)
    if (!spot) {
      now = applyEdit(now, takeOffEdit(now, placed.id))
      off.push(placed.id)
      continue
    }
    const centerpiece = now.centerpiece.map((one) => (one.id === placed.id ? { ...one, xMm: Math.round(spot.x), yMm: Math.round(spot.y) } : one))
    now = { ...now, centerpiece }
    moved.push(placed.id)
  }
  return { edit: middleEdit(look, 'move', now), moved, off }
}
