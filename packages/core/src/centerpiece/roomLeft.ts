import type { Look } from '../design/look.js'
import { corners, type Footprint } from '../geometry/footprint.js'
import { toFrame, type Point, type Pose } from '../geometry/point.js'
import { EDGE_GAP_MM } from '../reference/places.js'
import { seatPlan } from '../seating/seatPlan.js'
import { placeLayouts } from '../settings/settingKinds.js'
import { solidFootprint } from '../solids/solid.js'
import { standings } from './standing.js'

/** What begins higher hangs over a place and takes nothing of it: a tall glass. Common practice, no source. */
const OVER_MM = 230

/** How much of the table the middle leaves for the settings, from the edge inward. */
export interface RoomLeft {
  /** The place with the least, and how deep it is clear, over the width of its setting. */
  readonly number: number
  readonly depthMm: number
  /** The least at any other place that has something before it; null where there is none. */
  readonly elsewhereMm: number | null
  /** How deep the deepest setting is. */
  readonly neededMm: number
  /** The largest plate that lies clear of the middle at every place, 1 in from the edge; 0 where none does. */
  readonly plateMm: number
}

/** Undefined while nothing of the middle lies before any guest. */
export function roomLeft(look: Look): RoomLeft | undefined {
  const { places } = seatPlan(look)
  const layouts = placeLayouts(look, places)
  const feet = standings(look).flatMap((one) => one.solids.filter((solid) => solid.z0Mm < OVER_MM).map(solidFootprint))
  const left = places
    .map((place, i) => {
      const { widthMm } = layouts[i]!.layout
      const halfMm = Math.min(widthMm || place.widthMm, place.widthMm) / 2
      return { number: place.number, depthMm: Math.max(0, Math.min(...feet.map((foot) => reachedAtMm(foot, place, halfMm)))) }
    })
    .filter((one) => Number.isFinite(one.depthMm))
    .sort((a, b) => a.depthMm - b.depthMm)
  const [least, next] = left
  if (!least) return undefined
  const neededMm = Math.max(0, ...layouts.map(({ layout }) => layout.depthMm))
  return { ...least, elsewhereMm: next?.depthMm ?? null, neededMm, plateMm: Math.max(0, least.depthMm - EDGE_GAP_MM) }
}

/** Where a footprint begins in a strip before a place, from the edge inward; Infinity where it is not in it. */
export function reachedAtMm(foot: Footprint, place: Pose, halfMm: number): number {
  if (foot.kind === 'disc') {
    const { x, y } = toFrame(place, foot)
    const aside = Math.max(0, Math.abs(x) - halfMm)
    return aside < foot.radiusMm ? y - Math.sqrt(foot.radiusMm ** 2 - aside ** 2) : Infinity
  }
  const points = corners(foot).map((corner) => toFrame(place, corner))
  return Math.min(...points.map((point, i) => lowestMm(point, points[(i + 1) % points.length]!, halfMm)))
}

/** The lowest point of a segment within a strip. */
function lowestMm(a: Point, b: Point, halfMm: number): number {
  const ends = [-halfMm, halfMm].filter((x) => (a.x - x) * (b.x - x) < 0).map((x) => a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x))
  const within = [a, b].filter((point) => Math.abs(point.x) <= halfMm).map((point) => point.y)
  return Math.min(...ends, ...within)
}
