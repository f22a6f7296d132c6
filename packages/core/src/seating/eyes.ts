import { fromFrame, type Point3 } from '../geometry/point.js'
import { EYES_BEHIND_EDGE_MM, eyeAboveSeatMm } from '../reference/bodies.js'
import type { Look } from '../design/look.js'
import type { SeatPlan } from './seatPlan.js'

/** Where each guest's eyes are, z above the tabletop, in the order of the places. */
export function guestEyes(plan: SeatPlan, table: Pick<Look['table'], 'seatHeightMm' | 'heightMm'>): Point3[] {
  return plan.places.map((place, i) => ({
    ...fromFrame(place, { x: 0, y: -EYES_BEHIND_EDGE_MM }),
    z: table.seatHeightMm + eyeAboveSeatMm(plan.guests[i]!.body) - table.heightMm
  }))
}
