import { standings, type Standing } from '../centerpiece/standing.js'
import { findPiece, pieceIndex, type PieceIndex } from '../design/find.js'
import type { FoldKind } from '../design/foldKinds.js'
import type { Look } from '../design/look.js'
import { extentSize, type Cloth, type Mat, type Piece } from '../design/piece.js'
import type { Footprint } from '../geometry/footprint.js'
import { fromFrame, toFrame, type Pose } from '../geometry/point.js'
import { clothOutline, joinedExtent } from '../linens/clothDrop.js'
import { laidRunners } from '../linens/runnerStrips.js'
import { itemShape, type SettingItem } from '../placing/settingItems.js'
import { EDGE_GAP_MM } from '../reference/places.js'
import type { Place } from '../seating/places.js'
import { isBody, solidFootprint, solidReachMm } from '../solids/solid.js'
import { seatPlan, type SeatPlan } from '../seating/seatPlan.js'
import { placeLayouts, settingOf, type PlaceLayout } from '../settings/settingKinds.js'
import { lotOf, OFF, paintOutline, paintShape, tableRaster, type PartOfCell, type Raster } from './raster.js'

/** What of the table one sees from above in one color: of a piece, or of the bare table. */
export interface SeenPart {
  readonly pieceId: string | null
  readonly color: string
  readonly where: 'table' | 'linens' | 'places' | 'middle'
  /** So many things of it. */
  readonly count: number
  /** Share of the tabletop seen in it. */
  readonly share: number
}

/** The tabletop as it is seen from above, cell by cell; a cell holds the index of its part. */
export interface VisibleColors extends Raster {
  readonly parts: readonly SeenPart[]
}

/** Cells along the table. */
const CELLS_LONG = 360
/** How much of a rectangle around it flatware covers, across; of a glass, which lets the ground through: our own starting values. */
const FLATWARE_WIDE = 0.55
export const GLASS_SEEN = 0.45

/** What is seen of each color from straight above; napkins and plates by their own shapes, flowers by the area of their heads. */
export function visibleColors(look: Look, cellsLong = CELLS_LONG, plan: SeatPlan = seatPlan(look)): VisibleColors {
  const painter = layFlat(look, plan, cellsLong, true)
  const byHeight = [...standings(look)].sort((a, b) => a.footMm - b.footMm || a.topMm - b.topMm)
  for (const one of byHeight) layStanding(one, pieceIndex(look), painter)
  return painter.seen()
}

/** Linens and places painted on the bare table; without glasses where they are seen standing. */
export function layFlat(look: Look, plan: SeatPlan, cellsLong: number, withGlasses: boolean): Painter {
  const painter = createPainter(tableRaster(plan.outline, cellsLong), look)
  layLinens(look, plan, painter)
  const layouts = placeLayouts(look, plan.places)
  for (const [i, place] of plan.places.entries()) if (layouts[i]) laySetting(look, layouts[i], place, painter, withGlasses)
  return painter
}

export interface Painter {
  readonly raster: Raster
  /** The number of what a piece shows in its color, counted once more. */
  readonly part: (piece: Piece, where: SeenPart['where']) => number
  readonly whole: (shape: Footprint, piece: Piece, where: SeenPart['where']) => void
  readonly some: (shape: Footprint, of: PartOfCell) => void
  readonly seen: () => VisibleColors
}

function createPainter(raster: Raster, look: Look): Painter {
  const parts: { pieceId: string | null; color: string; where: SeenPart['where']; count: number }[] = [
    { pieceId: null, color: look.table.color, where: 'table', count: 1 }
  ]
  const part = ({ id, color }: Piece, where: SeenPart['where']) => {
    const known = parts.findIndex((one) => one.pieceId === id && one.where === where)
    if (known >= 0) parts[known]!.count++
    // more kinds of things than a cell can tell apart are one
    return known >= 0 ? known : Math.min(OFF, parts.push({ pieceId: id, color, where, count: 1 })) - 1
  }
  const whole = (shape: Footprint, piece: Piece, where: SeenPart['where']) => {
    paintShape(raster, shape, part(piece, where))
  }
  return { raster, part, whole, some: (shape, of) => paintShape(raster, shape, of), seen: () => ({ ...raster, parts: shared(raster, parts) }) }
}

function shared({ cells }: Raster, parts: readonly Omit<SeenPart, 'share'>[]): SeenPart[] {
  const counts = new Float64Array(OFF + 1)
  for (const part of cells) counts[part]!++
  const total = cells.length - counts[OFF]!
  return parts.map((part, i) => ({ ...part, share: total > 0 && i < OFF ? counts[i]! / total : 0 }))
}

function layLinens({ linens, ...look }: Look, plan: SeatPlan, { raster, part, whole }: Painter): void {
  const index = pieceIndex(look)
  const cloth = findPiece(index, linens.clothId, 'cloth')
  if (cloth) paintOutline(raster, clothOutline(joinedExtent(cloth.extent, linens.lapMm)), part(cloth, 'linens'))
  const topper = findPiece(index, linens.topper?.pieceId, 'cloth')
  if (topper) whole(flat(topper, { x: 0, y: 0, turnRad: linens.topper?.turned ? Math.PI / 4 : 0 }), topper, 'linens')
  const runner = index.get(linens.runner?.pieceId ?? '')
  const strips = laidRunners({ linens, table: look.table }, index, plan)?.strips ?? []
  if (runner) for (const strip of strips) whole({ kind: 'rect', turnRad: 0, ...strip }, runner, 'linens')
  const mat = findPiece(index, linens.matId, 'mat')
  if (!mat) return
  const deep = extentSize(mat.extent).widthMm / 2
  for (const place of plan.places) whole(flat(mat, { ...fromFrame(place, { x: 0, y: deep + EDGE_GAP_MM }), turnRad: place.turnRad }), mat, 'linens')
}

/** A flat thing at a pose; an oval as the disc of its own area. */
function flat({ extent }: Cloth | Mat, pose: Pose): Footprint {
  const { lengthMm, widthMm } = extentSize(extent)
  if (extent.kind === 'round' || extent.kind === 'oval') return { kind: 'disc', x: pose.x, y: pose.y, radiusMm: Math.sqrt(lengthMm * widthMm) / 2 }
  return { kind: 'rect', ...pose, halfXMm: lengthMm / 2, halfYMm: widthMm / 2 }
}

function laySetting(look: Look, { key, layout, mirrored }: PlaceLayout, place: Place, painter: Painter, withGlasses: boolean): void {
  const fold = settingOf(look, key).napkin?.fold ?? 'flat'
  for (const item of layout.items) {
    if (item.what === 'glass' && !withGlasses) continue
    const shape = itemShape(item, place, mirrored)
    if (item.what === 'plate' || item.what === 'bread-plate') painter.whole(shape, item.piece, 'places')
    else painter.some(shape, shows(item, shape, fold, painter.part(item.piece, 'places')))
  }
}

/** Which cells of the room an item takes show it. */
function shows(item: SettingItem, shape: Footprint, fold: FoldKind, part: number): PartOfCell {
  if (item.what === 'glass' || shape.kind === 'disc') return (_, cell) => (lotOf(cell) < GLASS_SEEN ? part : null)
  const inside = (at: { readonly x: number; readonly y: number }) => {
    const { x, y } = toFrame(shape, at)
    return [x / shape.halfXMm, y / shape.halfYMm] as const
  }
  if (item.what === 'napkin') return (at) => (foldCovers(fold, ...inside(at)) ? part : null)
  const across = item.halfXMm < item.halfYMm ? 0 : 1
  return (at) => (Math.abs(inside(at)[across]) <= FLATWARE_WIDE ? part : null)
}

/** Whether a folded napkin covers a point of the rectangle around it, -1 to 1 both ways: a knot is narrow in its middle, points and fans are narrow at one end. */
function foldCovers(fold: FoldKind, u: number, v: number): boolean {
  switch (fold) {
    case 'knot':
      return Math.abs(u) <= 0.25 + 0.75 * Math.abs(v)
    case 'triangle':
    case 'pyramid':
    case 'tree':
      return Math.abs(u) <= (1 - v) / 2
    case 'fan':
      return u * u + v * v <= 1
    default:
      return true
  }
}

function layStanding(one: Standing, index: PieceIndex, { whole, part, some }: Painter): void {
  whole(groundOf(one), one.piece, 'middle')
  const loose = one.solids.find((solid) => solid.part === 'filling')
  if (loose && one.filling) whole(solidFootprint(loose), one.filling, 'middle')
  const stems = one.placed.arrangement?.stems ?? []
  if (stems.length === 0 && one.candle) whole({ kind: 'disc', x: one.pose.x, y: one.pose.y, radiusMm: one.candle.diameterMm / 2 }, one.candle, 'middle')
  const byLot = headsByLot(one, index, part)
  if (byLot) some(one.spread, (_, cell) => byLot(lotOf(cell)))
}

/** What a piece covers as it is seen from above, without its flowers: a bowl as far as its belly or rim reaches. */
function groundOf({ foot, solids }: Standing): Footprint {
  if (foot.kind === 'rect') return foot
  return { ...foot, radiusMm: Math.max(foot.radiusMm, ...solids.filter(isBody).map(solidReachMm)) }
}

/** The part a lot from 0 to 1 falls on among the flowers of an arrangement, by the area of their heads; undefined where it has none. */
export function headsByLot(one: Standing, index: PieceIndex, part: Painter['part']): ((lot: number) => number | null) | undefined {
  const heads = (one.placed.arrangement?.stems ?? []).flatMap(({ stemId, count }) => {
    const stem = findPiece(index, stemId, 'stem')
    return stem ? [{ part: part(stem, 'middle'), area: count * stem.headMm ** 2 }] : []
  })
  const total = heads.reduce((sum, head) => sum + head.area, 0)
  return total > 0 ? (lot) => drawn(heads, lot * total) : undefined
}

/** The part whose stretch of all head areas holds a point. */
function drawn(heads: readonly { readonly part: number; readonly area: number }[], at: number): number | null {
  let left = at
  return heads.find((head) => (left -= head.area) <= 0)?.part ?? null
}
