import type { Look } from '../design/look.js'
import { pieceIndex } from '../design/find.js'
import { extentSize, longerMm, type Piece } from '../design/piece.js'
import { gapTo, overlapMm, ready, type Footprint } from '../geometry/footprint.js'
import { contains, halfLengthMm, type Outline } from '../geometry/outline.js'
import { fromFrame, type Point } from '../geometry/point.js'
import { REACH_MM, SHOULDER_MM } from '../reference/portions.js'
import type { SeatPlan } from '../seating/seatPlan.js'
import { TOUCH_MM, type LaidItem } from '../settings/settingCrowding.js'
import type { Serving } from './dishes.js'

/** A dish on the table: where it stands, or that it found no room. */
export interface TableDish {
  readonly dishId: string
  readonly radiusMm: number
  readonly at: Point | null
  /** Which of its dish's vessels it is, whether the stylist stood it there, and whether nothing is in its way. */
  readonly vessel: number
  readonly placed: boolean
  readonly clear: boolean
  /** Share of the guests who reach it without asking. */
  readonly inReach: number
}

const STEP_MM = 60
const GAP_MM = 10

/**
 * Finds room for the dishes of family service between the settings and what stands in the middle at the meal: largest first, each where most
 * guests reach it.
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
      return Array.from({ length: serving.vessels }, (_, vessel) => ({
        dishId: serving.dish.id,
        vessel,
        radiusMm: piece ? radiusOf(piece) : 130,
        spot: serving.dish.spots[vessel]
      }))
    })
    .sort((a, b) => Number(!a.spot) - Number(!b.spot) || b.radiusMm - a.radiusMm)
  if (wanted.length === 0) return []
  const grid = gridOf(plan)
  const far = Math.max(...wanted.map((one) => one.radiusMm)) + GAP_MM
  const clear = settingsClear(grid, laid, far).slice()
  for (const one of standing) if (one.placed.atMeal) keepClear(grid, clear, one.foot, far)
  // in the way of dishes that the stylist has stood somewhere
  const obstacles = wanted[0]!.spot ? [...laid.flat().map((item) => item.shape), ...standing.filter((one) => one.placed.atMeal).map((one) => one.foot)] : []
  return wanted.map(({ dishId, vessel, radiusMm, spot: chosen }): TableDish => {
    const one = { dishId, vessel, radiusMm, placed: chosen !== undefined }
    const spot = chosen
      ? { at: { x: chosen.xMm, y: chosen.yMm }, reach: reachOf(grid, chosen.xMm, chosen.yMm, radiusMm) }
      : bestSpot(plan.outline, grid, clear, radiusMm)
    if (!spot) return { ...one, at: null, clear: false, inReach: 0 }
    const disc = { kind: 'disc', ...spot.at, radiusMm } as const
    const free = !chosen || (onTable(plan.outline, spot.at, radiusMm) && obstacles.every((shape) => overlapMm(disc, shape) <= TOUCH_MM))
    if (chosen) obstacles.push(disc)
    keepClear(grid, clear, disc, far)
    return { ...one, at: spot.at, clear: free, inReach: plan.places.length > 0 ? spot.reach / plan.places.length : 0 }
  })
}

/** How many guests reach a dish at a spot. */
function reachOf(grid: Grid, x: number, y: number, radiusMm: number): number {
  const within = (REACH_MM + radiusMm) ** 2
  let reach = 0
  for (const shoulder of grid.shoulders) if ((shoulder.x - x) ** 2 + (shoulder.y - y) ** 2 <= within) reach++
  return reach
}

/** The free spot most guests reach; the nearest to the middle of such. */
function bestSpot(outline: Outline, grid: Grid, clear: Float64Array, radiusMm: number): { readonly at: Point; readonly reach: number } | undefined {
  const known = grid.reached.get(radiusMm) ?? new Uint8Array(grid.spots.length).fill(NOT_ASKED)
  grid.reached.set(radiusMm, known)
  let [best, most] = [-1, -1]
  for (let i = 0; i < clear.length; i++) {
    if (clear[i]! < radiusMm + GAP_MM) continue
    const at = grid.spots[i]!
    const reach = known[i] === NOT_ASKED ? (known[i] = reachOf(grid, at.x, at.y, radiusMm)) : known[i]!
    if (reach > most && onTable(outline, at, radiusMm)) [best, most] = [i, reach]
  }
  return best < 0 ? undefined : { at: grid.spots[best]!, reach: most }
}

/** Where a dish could stand, a square grid over the tabletop, nearest the middle first. */
interface Grid {
  readonly spots: readonly Point[]
  readonly shoulders: readonly Point[]
  readonly columns: number
  readonly rows: number
  /** Place of a spot in the list, row by row from the lowest; -1 off the table. */
  readonly byCell: Int32Array
  /** How many guests reach a dish of a radius at each spot, where it was asked. */
  readonly reached: Map<number, Uint8Array>
}

const NOT_ASKED = 255

const grids = new WeakMap<SeatPlan, Grid>()

function gridOf(plan: SeatPlan): Grid {
  const known = grids.get(plan)
  if (known) return known
  const grid = {
    ...topOf(plan.outline),
    shoulders: plan.places.map((place) => fromFrame(place, { x: 0, y: -SHOULDER_MM })),
    reached: new Map<number, Uint8Array>()
  }
  grids.set(plan, grid)
  return grid
}

type Top = Omit<Grid, 'shoulders' | 'reached'>
const tops = new Map<string, Top>()
const MOST_TOPS = 12

/** The spots of a tabletop; worked out once for its form. */
function topOf(outline: Outline): Top {
  const form = JSON.stringify(outline)
  const known = tops.get(form)
  if (known) return known
  const [columns, rows] = [Math.floor(halfLengthMm(outline) / STEP_MM), Math.floor(outline.halfWidthMm / STEP_MM)]
  const byCell = new Int32Array((2 * columns + 1) * (2 * rows + 1)).fill(-1)
  const spots: Point[] = []
  for (let row = 0; row <= rows; row++)
    for (let column = 0; column <= columns; column++)
      for (let quarter = 0; quarter < 4; quarter++) {
        const [right, up] = [quarter % 2, quarter >> 1]
        if ((row === 0 && up === 0) || (column === 0 && right === 0)) continue
        const [x, y] = [right ? column : -column, up ? row : -row]
        const at = { x: x * STEP_MM, y: y * STEP_MM }
        if (!contains(outline, at)) continue
        byCell[(y + rows) * (2 * columns + 1) + x + columns] = spots.length
        spots.push(at)
      }
  if (tops.size >= MOST_TOPS) tops.clear()
  const top = { spots, columns, rows, byCell }
  tops.set(form, top)
  return top
}

const cleared = new WeakMap<object, { readonly grid: Grid; readonly far: number; readonly clear: Float64Array }>()

/** How far each spot is from the settings; worked out once for a laid table. */
function settingsClear(grid: Grid, laid: readonly (readonly LaidItem[])[], far: number): Float64Array {
  const known = cleared.get(laid)
  if (known?.grid === grid && known.far === far) return known.clear
  const clear = new Float64Array(grid.spots.length).fill(far)
  for (const item of laid.flat()) keepClear(grid, clear, item.shape, far)
  cleared.set(laid, { grid, far, clear })
  return clear
}

/** Lowers the clearance of the spots round a thing to their distance from it, as far as it matters. */
function keepClear(grid: Grid, clear: Float64Array, shape: Footprint, far: number): void {
  const { columns, rows, byCell } = grid
  const own = ready(shape)
  const reach = own.reachMm + far
  const [left, right] = [Math.max(-columns, Math.ceil((shape.x - reach) / STEP_MM)), Math.min(columns, Math.floor((shape.x + reach) / STEP_MM))]
  const [low, high] = [Math.max(-rows, Math.ceil((shape.y - reach) / STEP_MM)), Math.min(rows, Math.floor((shape.y + reach) / STEP_MM))]
  for (let row = low; row <= high; row++) {
    const cell = (row + rows) * (2 * columns + 1) + columns
    for (let column = left; column <= right; column++) {
      const i = byCell[cell + column]!
      if (i < 0) continue
      const mm = gapTo(own, column * STEP_MM, row * STEP_MM)
      if (mm < clear[i]!) clear[i] = mm
    }
  }
}

function radiusOf(piece: Piece): number {
  if (piece.kind === 'vessel') return (piece.widestMm + longerMm(piece)) / 2
  if (piece.kind === 'plate') return piece.diameterMm / 2
  if ('extent' in piece) return Math.hypot(extentSize(piece.extent).lengthMm, extentSize(piece.extent).widthMm) / 2.4
  return 130
}

function onTable(outline: Outline, at: Point, radiusMm: number): boolean {
  return [0, 1, 2, 3, 4, 5, 6, 7].every((i) =>
    contains(outline, { x: at.x + radiusMm * Math.cos((i * Math.PI) / 4), y: at.y + radiusMm * Math.sin((i * Math.PI) / 4) })
  )
}
