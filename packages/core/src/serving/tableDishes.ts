import type { Look } from '../design/look.js'
import { pieceIndex } from '../design/find.js'
import { extentSize, type Piece } from '../design/piece.js'
import { overlapMm, reachMm, type Footprint } from '../geometry/footprint.js'
import { contains, halfLengthMm, type Outline } from '../geometry/outline.js'
import { distanceMm, fromFrame, type Point } from '../geometry/point.js'
import { REACH_MM } from '../reference/portions.js'
import type { SeatPlan } from '../seating/seatPlan.js'
import type { LaidItem } from '../settings/settingCrowding.js'
import type { Serving } from './dishes.js'

/** A dish on the table: where it stands, or that it found no room. */
export interface TableDish {
  readonly dishId: string
  readonly radiusMm: number
  readonly at: Point | null
  /** Share of the guests who reach it without asking. */
  readonly inReach: number
}

const STEP_MM = 50
const GAP_MM = 10
/** A shoulder is this far behind the edge: our own starting value. */
const SHOULDER_MM = 50

/**
 * Finds room for the dishes of family service between the settings and what stands in the middle at the meal: largest first, each where most
 * guests not yet served by one of its kind reach it.
 */
export function tableDishes(
  look: Pick<Look, 'pieces'>,
  plan: SeatPlan,
  laid: readonly (readonly LaidItem[])[],
  standing: readonly { readonly foot: Footprint; readonly placed: { readonly atMeal: boolean } }[],
  servings: readonly Serving[]
): TableDish[] {
  const index = pieceIndex(look)
  const wanted = servings
    .filter((serving) => serving.service === 'family' && serving.vessels > 0)
    .flatMap((serving) => {
      const piece = serving.dish.vesselId === null ? undefined : index.get(serving.dish.vesselId)
      return Array.from({ length: serving.vessels }, () => ({ dishId: serving.dish.id, radiusMm: piece ? radiusOf(piece) : 130 }))
    })
    .sort((a, b) => b.radiusMm - a.radiusMm)
  if (wanted.length === 0) return []
  const taken = [...laid.flat().map((item) => item.shape), ...standing.filter((one) => one.placed.atMeal).map((one) => one.foot)].map(withReach)
  const spots = spotsOf(plan)
  return wanted.map(({ dishId, radiusMm }): TableDish => {
    let best: { at: Point; reach: number } | undefined
    for (const { at, aways } of spots) {
      let reach = 0
      while (reach < aways.length && aways[reach]! <= REACH_MM + radiusMm) reach++
      if (best && reach <= best.reach) continue
      if (isFree(at, radiusMm + GAP_MM, taken) && onTable(plan.outline, at, radiusMm)) best = { at, reach }
    }
    if (best) taken.push(withReach({ kind: 'disc', ...best.at, radiusMm }))
    return { dishId, radiusMm, at: best?.at ?? null, inReach: best && plan.places.length > 0 ? best.reach / plan.places.length : 0 }
  })
}

interface Taken {
  readonly shape: Footprint
  readonly reach: number
}

const withReach = (shape: Footprint): Taken => ({ shape, reach: reachMm(shape) })

function isFree(at: Point, radiusMm: number, taken: readonly Taken[]): boolean {
  for (const { shape, reach } of taken) {
    const [dx, dy] = [shape.x - at.x, shape.y - at.y]
    const near = radiusMm + reach
    if (dx * dx + dy * dy < near * near && overlapMm({ kind: 'disc', ...at, radiusMm }, shape) > 0) return false
  }
  return true
}

function radiusOf(piece: Piece): number {
  if (piece.kind === 'vessel') return piece.widestMm / 2
  if (piece.kind === 'plate') return piece.diameterMm / 2
  if ('extent' in piece) return Math.hypot(extentSize(piece.extent).lengthMm, extentSize(piece.extent).widthMm) / 2.4
  return 130
}

interface Spot {
  readonly at: Point
  /** Distances from the guests' shoulders, the nearest first. */
  readonly aways: Float64Array
}

const known = new WeakMap<SeatPlan, readonly Spot[]>()

/** Where a dish could stand, with how far everybody has to reach; worked out once a plan. */
function spotsOf(plan: SeatPlan): readonly Spot[] {
  const before = known.get(plan)
  if (before) return before
  const shoulders = plan.places.map((place) => fromFrame(place, { x: 0, y: -SHOULDER_MM }))
  const spots = gridOf(plan.outline)
    .filter((at) => contains(plan.outline, at))
    .map((at) => ({ at, aways: Float64Array.from(shoulders, (shoulder) => distanceMm(shoulder, at)).sort() }))
  known.set(plan, spots)
  return spots
}

function gridOf(outline: Outline): Point[] {
  const spots: Point[] = []
  for (let y = 0; y <= outline.halfWidthMm; y += STEP_MM)
    for (let x = 0; x <= halfLengthMm(outline); x += STEP_MM)
      for (const sx of x === 0 ? [1] : [1, -1]) for (const sy of y === 0 ? [1] : [1, -1]) spots.push({ x: sx * x, y: sy * y })
  return spots
}

function onTable(outline: Outline, at: Point, radiusMm: number): boolean {
  return [0, 1, 2, 3, 4, 5, 6, 7].every((i) =>
    contains(outline, { x: at.x + radiusMm * Math.cos((i * Math.PI) / 4), y: at.y + radiusMm * Math.sin((i * Math.PI) / 4) })
  )
}
