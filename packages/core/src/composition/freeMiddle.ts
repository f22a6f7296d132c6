import { halfLengthMm, halfWidthAtMm, contains, grown } from '../geometry/outline.js'
import { reachMm, type Footprint } from '../geometry/footprint.js'
import type { Place } from '../seating/places.js'
import type { SeatPlan } from '../seating/seatPlan.js'
import { SHOW_MARGIN_MM } from '../reference/composition.js'

/** The tabletop between the places, as a grid of cells; `free` has 1 for a cell of it, row by row from the lowest. */
export interface FreeMiddle {
  readonly stepMm: number
  readonly columns: number
  readonly rows: number
  readonly free: Uint8Array
  readonly cells: number
  readonly areaMm2: number
  /** Its reach along the table and across it, through the middle. */
  readonly lengthMm: number
  readonly widthMm: number
}

const STEP_MM = 30

const known = new WeakMap<SeatPlan, { readonly depthMm: number; readonly free: FreeMiddle }>()

/** The free middle of a laid table, or of the end that is laid: less the places as deep as the settings lie, or with nobody seated less a margin of 2 in. */
export function freeMiddle(plan: SeatPlan, depthMm: number): FreeMiddle {
  const earlier = known.get(plan)
  if (earlier && earlier.depthMm === depthMm) return earlier.free
  const free = workOut(plan, depthMm)
  known.set(plan, { depthMm, free })
  return free
}

/** The middle of the part of the table that is laid, along it, and half its length. */
export function laidPart({ outline, laidFromMm }: Pick<SeatPlan, 'outline' | 'laidFromMm'>): { readonly middleMm: number; readonly halfMm: number } {
  const end = halfLengthMm(outline)
  return { middleMm: (laidFromMm + end) / 2, halfMm: (end - laidFromMm) / 2 }
}

function workOut({ outline, places, laidFromMm }: SeatPlan, depthMm: number): FreeMiddle {
  const within = places.length === 0 ? grown(outline, -SHOW_MARGIN_MM) : outline
  const columns = Math.ceil((2 * halfLengthMm(outline)) / STEP_MM)
  const rows = Math.ceil((2 * outline.halfWidthMm) / STEP_MM)
  const free = new Uint8Array(columns * rows)
  const zones = places.map((place) => zoneOf(place, depthMm))
  // of any other form everything within its width is on it
  const isPolygon = within.kind === 'polygon'
  let cells = 0
  for (let column = 0; column < columns; column++) {
    const x = (column - (columns - 1) / 2) * STEP_MM
    if (x < laidFromMm) continue
    const halfWidthMm = halfWidthAtMm(within, x)
    const near = zones.filter((zone) => (x - zone.x) ** 2 <= zone.reach2)
    for (let row = 0; row < rows; row++) {
      const y = (row - (rows - 1) / 2) * STEP_MM
      if (Math.abs(y) > halfWidthMm || isInAny(near, x, y) || (isPolygon && !contains(within, { x, y }))) continue
      free[row * columns + column] = 1
      cells++
    }
  }
  const along = spanOf((i) => free[Math.floor(rows / 2) * columns + i] === 1, columns)
  const middle = Math.floor(columns / 2 + laidPart({ outline, laidFromMm }).middleMm / STEP_MM)
  const across = spanOf((i) => free[i * columns + middle] === 1, rows)
  return { stepMm: STEP_MM, columns, rows, free, cells, areaMm2: cells * STEP_MM ** 2, lengthMm: along * STEP_MM, widthMm: across * STEP_MM }
}

/** A place's rectangle, ready for thousands of points. */
function zoneOf({ x, y, turnRad, widthMm }: Place, depthMm: number) {
  return { x, y, cos: Math.cos(turnRad), sin: Math.sin(turnRad), halfMm: widthMm / 2, depthMm, reach2: (widthMm / 2) ** 2 + depthMm ** 2 }
}

function isInAny(zones: readonly ReturnType<typeof zoneOf>[], x: number, y: number): boolean {
  for (let i = 0; i < zones.length; i++) {
    const zone = zones[i]!
    const dx = x - zone.x
    const dy = y - zone.y
    if (dx * dx + dy * dy > zone.reach2) continue
    const inward = dy * zone.cos - dx * zone.sin
    if (inward >= 0 && inward <= zone.depthMm && Math.abs(dx * zone.cos + dy * zone.sin) <= zone.halfMm) return true
  }
  return false
}

/** How many cells lie between the first and the last that are free. */
function spanOf(isFree: (i: number) => boolean, count: number): number {
  let first = -1
  let last = -2
  for (let i = 0; i < count; i++)
    if (isFree(i)) {
      if (first < 0) first = i
      last = i
    }
  return Math.max(0, last - first + 1)
}

/** Share of the free middle that footprints cover. */
export function coveredShare(middle: FreeMiddle, feet: readonly Footprint[]): number {
  if (middle.cells === 0) return 0
  const { columns, rows, free } = middle
  const covered = new Uint8Array(free.length)
  let count = 0
  for (const foot of feet) {
    const reach = reachMm(foot)
    const [left, right] = rangeOf(foot.x, reach, columns)
    const [low, high] = rangeOf(foot.y, reach, rows)
    for (let row = low; row <= high; row++)
      for (let column = left; column <= right; column++) {
        const i = row * columns + column
        if (free[i] === 0 || covered[i] === 1) continue
        if (!isUnder(foot, (column - (columns - 1) / 2) * STEP_MM, (row - (rows - 1) / 2) * STEP_MM)) continue
        covered[i] = 1
        count++
      }
  }
  return count / middle.cells
}

/** Whether a footprint covers a point; without an object, since hundreds of cells are asked for each piece. */
function isUnder(foot: Footprint, x: number, y: number): boolean {
  const [dx, dy] = [x - foot.x, y - foot.y]
  if (foot.kind === 'disc') return dx * dx + dy * dy <= foot.radiusMm * foot.radiusMm
  const [cos, sin] = [Math.cos(foot.turnRad), Math.sin(foot.turnRad)]
  return Math.abs(dx * cos + dy * sin) <= foot.halfXMm && Math.abs(dy * cos - dx * sin) <= foot.halfYMm
}

function rangeOf(middleMm: number, reachMm: number, count: number): [number, number] {
  const at = (mm: number) => mm / STEP_MM + (count - 1) / 2
  return [Math.max(0, Math.ceil(at(middleMm - reachMm))), Math.min(count - 1, Math.floor(at(middleMm + reachMm)))]
}
