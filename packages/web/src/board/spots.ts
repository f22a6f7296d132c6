import { fromFrame, halfLengthMm, type BareFinding, type Point, type SeatPlan, type Standing } from '@hestiad/core'
import type { Viewport } from './viewport.js'

/** A guest’s number on the plan, px, with the name below it. */
export interface Badge extends Point {
  readonly name: string
}

/** Half of a number, a name’s middle below it, half its height, and half of each of its letters: px. */
const NUMBER_PX = 10
const NAME_BELOW_PX = 19
const NAME_HALF_PX = 8
const LETTER_HALF_PX = 3.2
/** Half of a finding’s mark, px. */
const MARK_PX = 10

/** The middle of a chair, where its number stands: table millimeters. */
export const chairMiddle = (place: SeatPlan['places'][number]): Point => fromFrame(place, { x: 0, y: -150 })

/** The numbers of the chairs in the order of their places. */
export const badgesOf = (plan: SeatPlan, view: Viewport): readonly Badge[] =>
  plan.places.map((place) => ({ ...view.onPlan(chairMiddle(place)), name: plan.guests[place.number - 1]!.name }))

/** Where the mark of a finding stands on the plan: beside what it is about; undefined for what is nowhere on it. */
export function spotOf(at: BareFinding['at'], standing: readonly Standing[], plan: SeatPlan, view: Viewport): Point | undefined {
  const beside = (is: (one: Standing) => boolean, dx: number, dy: number) => {
    const piece = standing.find(is)
    if (!piece) return undefined
    const { x, y } = view.onPlan(piece.pose)
    return { x: x + dx, y: y + dy }
  }
  switch (at.kind) {
    case 'piece':
      return beside((one) => one.placed.id === at.placedId, 12, -14)
    case 'line':
      return beside((one) => one.placed.pieceId === at.pieceId || one.placed.candle?.candleId === at.pieceId, 10, 16)
    case 'seats': {
      const place = plan.places.find((one) => one.number === at.numbers[0])
      return place && view.onPlan(fromFrame(place, { x: -200, y: 20 }))
    }
    case 'linen':
      return view.onPlan({ x: -halfLengthMm(plan.outline) * 0.72, y: plan.outline.halfWidthMm * 0.5 })
    default:
      return undefined
  }
}

/** The middle of a mark moved the shortest way off every number and name it would lie on; as it was where it lies on none. */
export function offNames(at: Point, badges: readonly Badge[]): Point {
  const boxes = badges.flatMap(({ x, y, name }) => [
    { x, y, halfX: NUMBER_PX + MARK_PX, halfY: NUMBER_PX + MARK_PX },
    { x, y: y + NAME_BELOW_PX, halfX: LETTER_HALF_PX * name.length + MARK_PX, halfY: NAME_HALF_PX + MARK_PX }
  ])
  const lies = (p: Point) => boxes.some((box) => Math.abs(p.x - box.x) < box.halfX && Math.abs(p.y - box.y) < box.halfY)
  if (!lies(at)) return at
  const far = (p: Point) => Math.hypot(p.x - at.x, p.y - at.y)
  // sides of any box that leave it and all others; a mark between three names may have to go past the second
  const free = boxes
    .flatMap(({ x, y, halfX, halfY }) => [
      { x: x - halfX, y: at.y },
      { x: x + halfX, y: at.y },
      { x: at.x, y: y - halfY },
      { x: at.x, y: y + halfY }
    ])
    .filter((p) => !lies(p))
  return free.reduce((best, one) => (far(one) < far(best) ? one : best), free[0] ?? at)
}
