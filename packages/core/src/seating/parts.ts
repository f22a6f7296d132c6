import { part } from '../subject/part.js'
import { seatPlan, type SeatPlan } from './seatPlan.js'

/** The table's edge with a place for each guest; the last one while nothing that is laid moves anybody. */
export const planPart = part({
  reads: ['table', 'guests', 'school', 'setting', 'kinds', 'occasion', 'menu', 'pieces'],
  needs: {},
  work: seatPlan,
  same: samePlan
})

function samePlan(before: SeatPlan, after: SeatPlan): boolean {
  return (
    before.guests === after.guests &&
    before.places.length === after.places.length &&
    JSON.stringify([before.outline, before.places, before.supports]) === JSON.stringify([after.outline, after.places, after.supports])
  )
}
