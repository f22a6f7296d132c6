import { fromFrame, type Point } from '../geometry/point.js'
import { REACH_MM, SHOULDER_MM } from '../reference/portions.js'
import type { SeatPlan } from '../seating/seatPlan.js'
import type { TableDish } from './tableDishes.js'

/** From a guest's shoulder to a dish: within reach, or how much farther the arm would have to be, millimeters. */
export interface ReachLine {
  readonly number: number
  readonly from: Point
  readonly reached: boolean
  readonly beyondMm: number
}

/** One line for every guest at the table to one dish that has a place; the same rule by which dishes look for their room. */
export function reachLines(plan: Pick<SeatPlan, 'places'>, dish: Pick<TableDish, 'at' | 'radiusMm'>): ReachLine[] {
  const { at, radiusMm } = dish
  if (!at) return []
  return plan.places.map((place) => {
    const from = fromFrame(place, { x: 0, y: -SHOULDER_MM })
    const beyondMm = Math.max(0, Math.hypot(from.x - at.x, from.y - at.y) - REACH_MM - radiusMm)
    return { number: place.number, from, reached: beyondMm === 0, beyondMm }
  })
}
