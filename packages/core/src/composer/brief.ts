import type { Measured } from '../assess/measure.js'
import { chromaOf, colorDistance } from '../color/colorWords.js'
import { pieceIndex } from '../design/find.js'
import type { Look, Placed } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { usedIds } from '../design/pieceUses.js'
import { avoidedIds } from '../intent/avoids.js'
import { likedBy } from '../intent/liked.js'
import { laidPieces } from '../design/laidPieces.js'
import { tableDishesPart } from '../menu/parts.js'
import { metals } from '../reference/materials.js'
import { DAYLIGHT_UNTIL_MIN, HUE_CHROMA } from '../reference/composition.js'
import { SMALL_HANDS_MM } from '../reference/stability.js'
import { laidPart } from '../settings/parts.js'
import { planPart } from '../seating/parts.js'
import type { Footprint } from '../geometry/footprint.js'
import { standings, type Standing } from '../centerpiece/standing.js'
import type { Outline } from '../geometry/outline.js'
import { fieldOf, type Field } from '../composition/field.js'
import { framesOf, type Frame } from '../composition/frames.js'

/** Everything about a table that a middle is composed for. */
export interface Brief {
  /** The look with only what is kept in its middle, and without pieces that must not be laid. */
  readonly look: Look
  readonly kept: readonly Placed[]
  /** A kept piece in the very middle, round which patterns with a hero are laid; null where there is none, or it counts as an obstacle. */
  readonly heroKept: Placed | null
  readonly field: Field
  readonly frames: readonly Frame[]
  /** Masses stay below this, millimeters above the tabletop. */
  readonly clearTopMm: number
  /** By day no candle is lit unless wished. */
  readonly candles: 'lit' | 'flameless' | 'none'
  /** Whose taste a piece is of, where the brief says what a guest of honor likes. */
  readonly likedBy: (piece: Piece) => string | undefined
  /** Colors of what is laid already and of the palette that is wished; the accents among them. */
  readonly colors: readonly string[]
  readonly accents: readonly string[]
  /** The metal of flatware and rims; null where there is none. */
  readonly metal: string | null
  /** What breaks or burns stays this far from the edge where small hands are about. */
  readonly handsMm: number
  /** Nobody sits down to eat: what is strewn goes over all that is free, not along the middle alone. */
  readonly sprawls: boolean
  /** Length of the spine that dishes brought to the table take. */
  readonly dishesMm: number
  /** Money that is left with the table as it is laid. */
  readonly leftCents: number
}

/** Masses of flowers among adults, and where a child sits at the table: design of the composer, tried on eight tables. */
const CLEAR_TOP_MM = 318
const CLEAR_TOP_CHILD_MM = 300
/** Where nobody looks across: our own starting value. */
const SHOW_TOP_MM = 420
/** A piece this near the middle of the table leads it: our own starting value. */
const IN_MIDDLE_MM = 70
/** Between a dish and what stands beside it: our own starting value. */
const DISH_AIR_MM = 24

/** What is known before anything is chosen. `wishLight` lights candles by day too. */
export function briefOf(look: Look, measured: Measured, kept: readonly Placed[], wishLight: boolean, roundKept = false): Brief {
  const plan = measured.get(planPart)
  const laid = measured.get(laidPart)
  const standing = standings({ pieces: look.pieces, centerpiece: kept })
  const heroKept = roundKept ? (standing.find((one) => isInMiddle(one, plan.outline)) ?? null) : null
  const others = standing.filter((one) => one.rootId !== heroKept?.placed.id)
  const dishes = measured.get(tableDishesPart)
  const chosen = dishes.flatMap(({ placed, at, radiusMm }): Footprint[] => (placed && at ? [{ kind: 'disc', ...at, radiusMm }] : []))
  const taken = [...others.map((one) => one.spread), ...chosen]
  const field = fieldOf(plan, laid, taken)
  const frames = framesOf(look, plan.outline, plan.places, field)
  const child = look.guests.some((guest) => guest.body.kind === 'child')
  const { cats, dogs, toddlers } = look.household
  const { use } = look.intent
  const daylight = look.occasion.endMin <= DAYLIGHT_UNTIL_MIN
  const laidColors = colorsOf(look)
  const wished = look.intent.palette.map((entry) => entry.color)
  return {
    look: allowed({ ...look, centerpiece: kept }),
    kept,
    heroKept: heroKept?.placed ?? null,
    field,
    frames,
    clearTopMm: plan.places.length === 0 || use === 'show' ? SHOW_TOP_MM : child ? CLEAR_TOP_CHILD_MM : CLEAR_TOP_MM,
    // what stands for days stands where nobody watches it
    candles: daylight && !wishLight ? 'none' : cats || dogs || toddlers || use === 'daily' ? 'flameless' : 'lit',
    likedBy: likedBy(look.intent),
    colors: [...laidColors, ...wished],
    accents: (wished.length > 0 ? wished : laidColors).filter((color) => chromaOf(color) >= HUE_CHROMA),
    metal: metalOf(look),
    handsMm: toddlers && (frames[0]?.acrossMm ?? 0) > 2.6 * SMALL_HANDS_MM ? SMALL_HANDS_MM + 2 : 0,
    sprawls: use === 'show' || plan.places.length === 0,
    dishesMm: use === 'show' ? 0 : dishes.reduce((sum, dish) => sum + (dish.placed ? 0 : 2 * dish.radiusMm + DISH_AIR_MM), 0),
    leftCents: measured.figures.money.leftCents
  }
}

/** What a guest of honor likes suits at least so well, and so much better than without: our own starting values. */
const LIKED_LEAST = 0.85
const LIKED = 1.2

/** How well a piece suits, raised where a guest of honor likes it. */
export function raised({ likedBy: by }: Pick<Brief, 'likedBy'>, piece: Piece, suits: number): number {
  return by(piece) === undefined ? suits : Math.max(LIKED_LEAST, LIKED * suits)
}

/** The look without pieces that must not be on the table, as far as none of them is laid. */
function allowed(look: Look): Look {
  const avoided = new Set(avoidedIds(look.pieces, look.intent.avoid))
  if (avoided.size === 0) return look
  const used = usedIds(look)
  return { ...look, pieces: look.pieces.filter((piece) => used.has(piece.id) || !avoided.has(piece.id)) }
}

/** The same with masses lower or higher. */
export function lowered(brief: Brief, height: number): Brief {
  return height === 1 ? brief : { ...brief, clearTopMm: Math.round(brief.clearTopMm * height) }
}

/** In the very middle of the table by itself. */
function isInMiddle(one: Standing, outline: Outline): boolean {
  const middleY = outline.kind === 'polygon' ? outline.middleY : 0
  return one.placed.on === null && one.placed.part === 1 && Math.hypot(one.pose.x, one.pose.y - middleY) <= IN_MIDDLE_MM
}

/** Colors of what is laid, flatware aside, each once. */
function colorsOf(look: Look): string[] {
  const pieces = laidPieces(look).filter((piece) => piece.kind !== 'flatware')
  const colors = pieces.flatMap((piece) => [piece.color, ...(piece.kind === 'plate' ? [piece.accent] : [])])
  return colors.filter((color, i) => colors.findIndex((other) => colorDistance(color, other) < 0.04) === i)
}

/** The metal most flatware is of. */
function metalOf(look: Look): string | null {
  const index = pieceIndex(look)
  const counts = new Map<string, number>()
  for (const piece of look.setting.flatwareIds.flatMap((id): Piece[] => (index.has(id) ? [index.get(id)!] : [])))
    if (metals.has(piece.material)) counts.set(piece.material, (counts.get(piece.material) ?? 0) + 1)
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null
}
