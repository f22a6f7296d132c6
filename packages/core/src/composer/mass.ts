import type { PieceIndex } from '../design/find.js'
import { fromFrame } from '../geometry/point.js'
import type { Brief } from './brief.js'
import type { Cast } from './cast.js'
import { heightOf, widthOf } from '../composition/families.js'
import type { Frame } from '../composition/frames.js'
import { item, type Item, type Role } from './item.js'
import { budFor, flowersFor } from './recipe.js'
import type { Option } from './stock.js'

/** What structures lay with. */
export interface Table {
  readonly brief: Brief
  readonly frame: Frame
  readonly index: PieceIndex
  /** 1 as the design asks; less where that found no room or hid a face. */
  readonly scale: number
}

/** Rise of a mass over its spread, and how far it spreads beyond its vessel: design of the composer, tried on eight tables. */
const RISE = 0.66
const SPREAD_MOST = 1.85
const SPREAD_LEAST = 1.04
const RISE_LEAST_MM = 45
/** A mouth that does not take the stems of a wide dome takes those of a smaller one: our own starting values. */
const SMALLER = [1, 0.88, 0.77, 0.68]

/** How wide a thing may be at a spot of the frame. */
export function roomAt({ brief, frame }: Table, x: number, y = 0): number {
  return 2 * (brief.field.clearMm(fromFrame(frame.pose, { x, y })) - frame.softMm)
}

/** Less than this opposite the plates is no place even for a light: our own starting value. */
const TIGHT_MM = 60

/** Whether plates face each other so closely that only the gaps between guests are free. */
export function isTight(table: Table): boolean {
  return table.frame.plates.some((x) => Math.abs(x) < table.frame.halfMm && roomAt(table, x) < TIGHT_MM)
}

/** A mass at a spot, as wide as it may be at the most: flowers in a vessel, or fruit by itself. */
export function massAt(
  table: Table,
  cast: Cast,
  option: Option,
  role: Role,
  x: number,
  y: number,
  widestMm: number,
  topMm = table.brief.clearTopMm
): Item | undefined {
  const { heroKept } = table.brief
  if (heroKept && role === 'hero') return Math.abs(x) < 1 ? item(option, role, x, y, { flowers: heroKept.arrangement, kept: true }) : undefined
  const { piece } = option
  const bareMm = widthOf(piece)
  if (option.part === 'bud') return budAt(table, cast, option, x, y)
  if ((option.part !== 'mass' && option.part !== 'trough') || piece.kind !== 'vessel')
    return bareMm <= widestMm + 20 && heightOf(piece) <= topMm ? item(option, role, x, y) : undefined
  if (!cast.recipe) return undefined
  for (const share of SMALLER) {
    const spreadMm = Math.round(share * Math.min(widestMm, SPREAD_MOST * bareMm))
    const riseMm = Math.round(Math.min(RISE * spreadMm, topMm - piece.heightMm))
    if (spreadMm < SPREAD_LEAST * bareMm || riseMm < RISE_LEAST_MM) return undefined
    const flowers = flowersFor(piece, cast.recipe, spreadMm, riseMm, table.brief, table.index)
    if (flowers) return item(option, role, x, y, { flowers })
  }
  return undefined
}

/** A bud vase at a spot, with its stem or two. */
export function budAt(table: Table, cast: Cast, option: Option, x: number, y: number): Item | undefined {
  const { piece } = option
  if (piece.kind !== 'vessel' || !cast.recipe) return undefined
  const flowers = budFor(piece, cast.recipe, table.brief, table.index)
  return flowers && item(option, 'bud', x, y, { flowers })
}

/** The same thing to both sides of the middle. */
export function mirrored(one: Item | undefined): Item[] | undefined {
  return one && (Math.abs(one.x) < 1 ? [one] : [{ ...one, x: -one.x }, one])
}

/** All of them, or nothing where one could not be made. */
export function all(...parts: readonly (readonly Item[] | Item | undefined)[]): Item[] | undefined {
  const items: Item[] = []
  for (const part of parts) {
    if (part === undefined) return undefined
    items.push(...(Array.isArray(part) ? (part as readonly Item[]) : [part as Item]))
  }
  return items
}

/** How wide the hero is: a share of the table's width, less where the strip is narrow. Design of the composer, tried on eight tables. */
export function heroWidthMm(table: Table, x = 0): number {
  const { frame, scale } = table
  return Math.min(0.29 * scale * frame.scaleMm, roomAt(table, x))
}
