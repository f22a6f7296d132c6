import type { Standing } from '../centerpiece/standing.js'
import type { Tilt } from './tilt.js'
import { footRadiusMm } from './tilt.js'

/** One person carries this much at once on a tray with handles, and otherwise so many pieces: common practice, no source. */
export const LIFT_GRAMS = 6000
export const PIECES_A_LIFT = 2
/** To lift, carry to the side, set down and come back: our own starting values. */
const SECONDS_A_LIFT = 20
const SECONDS_A_PIECE = 3

/** What it takes to clear the middle before people eat. */
export interface Clearing {
  readonly pieces: number
  readonly lifts: number
  readonly seconds: number
  readonly grams: number
  /** Length of a sideboard they stand on side by side. */
  readonly sideMm: number
}

/** Counts the lifts for what does not stay at the meal: a tray with handles goes with all on it, everything else two by two. */
export function clearing(standing: readonly Standing[], tilts: readonly Tilt[]): Clearing {
  const stays = new Set(standing.filter((one) => one.placed.atMeal).map((one) => one.placed.id))
  const going = standing.filter((one) => !stays.has(one.placed.id) || goesWith(one, standing))
  const gramsOf = new Map(tilts.map((tilt) => [tilt.placedId, tilt.grams]))
  let lifts = 0
  let loose = 0
  for (const one of going) {
    if (one.placed.on !== null && going.some((other) => other.placed.id === one.placed.on)) continue
    if (one.piece.kind === 'tray' && one.piece.handles && (gramsOf.get(one.placed.id) ?? 0) <= LIFT_GRAMS) lifts++
    else loose += 1 + going.filter((other) => other.rootId === one.rootId && other !== one).length
  }
  const roots = going.filter((one) => one.placed.on === null)
  lifts += Math.ceil(loose / PIECES_A_LIFT)
  return {
    pieces: going.length,
    lifts,
    seconds: lifts * SECONDS_A_LIFT + going.length * SECONDS_A_PIECE,
    grams: roots.reduce((sum, one) => sum + (gramsOf.get(one.placed.id) ?? 0), 0),
    sideMm: roots.reduce((sum, one) => sum + 2 * footRadiusMm(one.foot) + 20, 0)
  }
}

/** Whether what a piece stands on is cleared. */
function goesWith(one: Standing, standing: readonly Standing[]): boolean {
  let on = one.placed.on
  while (on !== null) {
    const below = standing.find((other) => other.placed.id === on)
    if (!below) return false
    if (!below.placed.atMeal) return true
    on = below.placed.on
  }
  return false
}
