import { fromFrame, type Point } from '../geometry/point.js'
import { toSegmentMm } from '../geometry/polygon.js'
import { ARM_CLEAR_MM, SLEEVE_CLEAR_MM } from '../reference/burning.js'
import { REACH_MM, SHOULDER_MM } from '../reference/portions.js'
import { fromSeatMm, type Place } from '../seating/places.js'
import type { Flame } from './flames.js'

/** A flame where a sleeve or hair comes. */
export interface AtSleeve {
  readonly flame: Flame
  readonly because: 'edge' | 'reach'
  readonly number: number
  readonly distanceMm: number
  readonly limitMm: number
}

/** An arm that reaches passes below this height: our own starting value. */
const ARM_HEIGHT_MM = 400

/** Open flames before the edge where somebody sits, and those in the way of an arm to a shared dish. */
export function atSleeves(flames: readonly Flame[], places: readonly Place[], dishes: readonly Point[]): AtSleeve[] {
  const lines = reachLines(places, dishes)
  return flames.flatMap((flame): AtSleeve[] => {
    if (flame.glass || flame.inside !== null) return []
    const edge = nearestEdge(flame, places)
    if (edge && edge.distanceMm < SLEEVE_CLEAR_MM - 0.5) return [{ flame, because: 'edge', ...edge, limitMm: SLEEVE_CLEAR_MM }]
    // what leaves as the food comes is gone when arms reach for it
    if (flame.lowMm > ARM_HEIGHT_MM || !flame.standing.placed.atMeal) return []
    const line = nearestOf(lines, ({ from, to }) => toSegmentMm(flame.x, flame.y, from, to))
    return line && line.distanceMm < ARM_CLEAR_MM - 0.5 ? [{ flame, because: 'reach', ...line, limitMm: ARM_CLEAR_MM }] : []
  })
}

function nearestEdge(flame: Flame, places: readonly Place[]): { readonly number: number; readonly distanceMm: number } | undefined {
  return nearestOf(places, (place) => fromSeatMm(place, flame))
}

function nearestOf<Item extends { readonly number: number }>(items: readonly Item[], distanceOf: (item: Item) => number) {
  let [number, least] = [0, Infinity]
  for (const item of items) {
    const distanceMm = distanceOf(item)
    if (distanceMm < least) [number, least] = [item.number, distanceMm]
  }
  return least === Infinity ? undefined : { number, distanceMm: least }
}

interface Shoulder extends Point {
  readonly number: number
}
const known = new WeakMap<readonly Place[], readonly Shoulder[]>()

function shouldersOf(places: readonly Place[]): readonly Shoulder[] {
  const shoulders = known.get(places) ?? places.map((place) => ({ number: place.number, ...fromFrame(place, { x: 0, y: -SHOULDER_MM }) }))
  known.set(places, shoulders)
  return shoulders
}

/** From the shoulders of the two guests nearest to each dish to its middle. */
function reachLines(places: readonly Place[], dishes: readonly Point[]) {
  const shoulders = shouldersOf(places)
  return dishes.flatMap((to) => {
    let [nearest, second]: [Shoulder | undefined, Shoulder | undefined] = [undefined, undefined]
    let [leastMm, nextMm] = [REACH_MM + SHOULDER_MM, REACH_MM + SHOULDER_MM]
    for (const from of shoulders) {
      const lengthMm = Math.hypot(from.x - to.x, from.y - to.y)
      if (lengthMm < leastMm) [second, nextMm, nearest, leastMm] = [nearest, leastMm, from, lengthMm]
      else if (lengthMm < nextMm) [second, nextMm] = [from, lengthMm]
    }
    return [nearest, second].flatMap((from) => (from ? [{ number: from.number, from, to }] : []))
  })
}
