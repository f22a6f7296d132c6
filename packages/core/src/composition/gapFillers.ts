import { standings, type Standing } from '../centerpiece/standing.js'
import { makeEdit, type Edit } from '../design/edit.js'
import type { Look } from '../design/look.js'
import { newPlaced } from '../design/newLook.js'
import { extentSize, isStanding, type Ornament, type Piece } from '../design/piece.js'
import { spareCount } from '../design/spare.js'
import { nearestFootprint } from '../geometry/nearness.js'
import { halfLengthMm } from '../geometry/outline.js'
import { distanceMm, type Point } from '../geometry/point.js'
import { FRESH_CLEAR_MM, flameClearance, fuelOf } from '../reference/burning.js'
import { GAP_NEAR_MM, GAP_SHARE } from '../reference/composition.js'
import { laidPlaces } from '../settings/laidPlaces.js'
import { numberedId } from '../units/slug.js'
import { fieldOf, type Field } from './field.js'

/** The bare table between and close round the things of a middle, and what of a small thing fills it. */
export interface GapFill {
  readonly piece: Ornament
  /** So many where each takes its share of the gaps' area, as far as there is room for them. */
  readonly count: number
  readonly spare: number
  readonly edit: Edit
}

export interface Gaps {
  readonly areaMm2: number
  /** Small things of the house first, those of which there are enough before the rest. */
  readonly fills: readonly GapFill[]
}

const fillerForms: ReadonlySet<Ornament['form']> = new Set(['fruit', 'pods', 'moss', 'grass', 'figure'])
/** What is wider is no filler. */
const WIDEST_MM = 160
const STEP_MM = 25
/** Fillers clear what stands there, and each other, by this much. */
const CLEAR_MM = 6
const MOST = 40
const MOST_FILLS = 8

function isFiller(piece: Piece): piece is Ornament {
  return isStanding(piece) && piece.kind === 'ornament' && fillerForms.has(piece.form) && extentSize(piece.extent).lengthMm <= WIDEST_MM
}

/** The gaps of a middle by area, and how many of each small thing fill them; no fills for an empty middle. */
export function gapsOf(look: Look): Gaps {
  const standing = standings(look)
  const { plan, laid } = laidPlaces(look)
  const spreads = standing.map((one) => one.spread)
  if (spreads.length === 0) return { areaMm2: 0, fills: [] }
  const field = fieldOf(plan, laid, spreads)
  const near = nearestFootprint(spreads, GAP_NEAR_MM + 1)
  const gaps = gridOf(halfLengthMm(plan.outline), plan.outline.halfWidthMm).filter((at) => field.clearMm(at) >= 0 && near(at.x, at.y) <= GAP_NEAR_MM)
  const areaMm2 = gaps.length * STEP_MM ** 2
  const fills = look.pieces
    .filter(isFiller)
    .map((piece) => fillOf(look, piece, gaps, areaMm2, field, standing))
    .filter((fill) => fill.count > 0)
    .sort((a, b) => Number(b.spare >= b.count) - Number(a.spare >= a.count) || b.spare / b.count - a.spare / a.count)
  return { areaMm2, fills: fills.slice(0, MOST_FILLS) }
}

function fillOf(look: Look, piece: Ornament, gaps: readonly Point[], areaMm2: number, field: Field, standing: readonly Standing[]): GapFill {
  const radiusMm = extentSize(piece.extent).lengthMm / 2
  const wish = Math.min(MOST, Math.max(1, Math.round((GAP_SHARE * areaMm2) / (Math.PI * radiusMm ** 2))))
  const free = gaps.filter((at) => field.clearMm(at) >= radiusMm + CLEAR_MM && isClearOfFlames(at, radiusMm, piece, standing))
  const spots = spreadOut(free, wish, 2 * radiusMm + CLEAR_MM, look.school.symmetry === 'symmetric')
  const edit = makeEdit(look, 'put-on', (draft) => {
    for (const { x, y } of spots) draft.centerpiece.push(newPlaced(numberedId(piece.id, draft.centerpiece, 1), piece.id, x, y))
  })
  return { piece, count: spots.length, spare: Math.max(0, spareCount(look, piece)), edit }
}

/** What burns keeps its distance to the side from every candle of wax, whatever height that stands at. */
function isClearOfFlames(at: Point, radiusMm: number, { material }: Ornament, standing: readonly Standing[]): boolean {
  const fuel = fuelOf[material]
  if (fuel === 'none') return true
  const clearMm = radiusMm + (fuel === 'dry' ? flameClearance.US.fromCombustibleMm : FRESH_CLEAR_MM)
  return standing.every((one) => one.candle?.burn.kind !== 'wax' || distanceMm(at, one.pose) >= clearMm)
}

/** So many spots, each the farthest from those before it; mirrored across the table's middle where that is asked. */
function spreadOut(free: readonly Point[], count: number, apartMm: number, mirrored: boolean): Point[] {
  const isFree = new Set(free.map(({ x, y }) => `${x} ${y}`))
  const side = mirrored ? free.filter(({ x, y }) => x >= apartMm / 2 && isFree.has(`${-x} ${y}`)) : free
  const spots: Point[] = []
  const apart = side.map(() => Infinity)
  while (spots.length + (mirrored ? 2 : 1) <= count) {
    let best = -1
    side.forEach((_, i) => {
      if (apart[i]! >= apartMm && (best < 0 || apart[i]! > apart[best]!)) best = i
    })
    if (best < 0) break
    const at = side[best]!
    const both = mirrored ? [at, { x: -at.x, y: at.y }] : [at]
    spots.push(...both)
    side.forEach((one, i) => (apart[i] = Math.min(apart[i]!, ...both.map((other) => distanceMm(one, other)))))
  }
  return spots
}

function gridOf(halfXMm: number, halfYMm: number): Point[] {
  const [across, down] = [Math.floor(halfXMm / STEP_MM), Math.floor(halfYMm / STEP_MM)]
  const points: Point[] = []
  for (let i = -across; i <= across; i++) for (let j = -down; j <= down; j++) points.push({ x: i * STEP_MM, y: j * STEP_MM })
  return points
}
