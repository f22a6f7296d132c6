import { fromFrame, type Point3 } from '../geometry/point.js'
import { EYES_BEHIND_EDGE_MM, eyeAboveSeatMm } from '../reference/bodies.js'
import { HIGH_CHAIR_SEAT_MM } from '../reference/room.js'
import type { Guest, Look } from '../design/look.js'
import type { SeatPlan } from './seatPlan.js'

/** A guest's eyes above the floor; a high chair has a seat of its own and needs no booster. */
function eyeAboveFloorMm({ body, chair }: Guest, seatHeightMm: number): number {
  if (chair === 'high-chair' && body.kind === 'child') return HIGH_CHAIR_SEAT_MM + eyeAboveSeatMm({ ...body, boosterMm: 0 })
  return seatHeightMm + eyeAboveSeatMm(body)
}

/** Where each guest's eyes are, z above the tabletop, in the order of the places. */
export function guestEyes(plan: SeatPlan, table: Pick<Look['table'], 'seatHeightMm' | 'heightMm'>): Point3[] {
  return plan.places.map((place, i) => ({
    ...fromFrame(place, { x: 0, y: -EYES_BEHIND_EDGE_MM }),
    z: eyeAboveFloorMm(plan.guests[i]!, table.seatHeightMm) - table.heightMm
  }))
}
