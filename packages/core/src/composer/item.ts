import { isForUse, longerMm } from '../design/piece.js'
import type { PieceIndex } from '../design/find.js'
import { newPlaced } from '../design/newLook.js'
import type { Arrangement, Placed } from '../design/look.js'
import { fromFrame, type Point } from '../geometry/point.js'
import { FRESH_CLEAR_MM } from '../reference/burning.js'
import { numberedId } from '../units/slug.js'
import type { Brief } from './brief.js'
import { heightOf, lengthOf, widthOf } from '../composition/families.js'
import type { Frame } from '../composition/frames.js'
import { lightAtMin, type Option } from './stock.js'

/** What a thing is for in its middle. */
export type Role = 'hero' | 'support' | 'light' | 'base' | 'accent' | 'bud' | 'skirt'

/** A thing of a middle as the structure lays it: in its frame, x along the spine. */
export interface Item {
  readonly option: Option
  readonly role: Role
  readonly x: number
  readonly y: number
  readonly turnDeg: number
  readonly flowers: Arrangement | null
  /** Stands on the tray or board of the middle, in its frame. */
  readonly onBase: boolean
  /** Of several trays or boards which one it belongs to. */
  readonly group: number
  /** Stands there already and is kept. */
  readonly kept: boolean
  /** Share of its length that is laid. */
  readonly part: number
  /** Lies round the foot of the hero and reaches so far from its middle; 0 for what does not. */
  readonly roundMm: number
}

export function item(option: Option, role: Role, x: number, y = 0, more: Partial<Pick<Item, 'flowers' | 'onBase' | 'kept' | 'turnDeg' | 'part'>> = {}): Item {
  return { option, role, x, y, turnDeg: 0, flowers: null, onBase: false, group: 0, kept: false, part: 1, roundMm: 0, ...more }
}

/** How far it reaches sideways, flowers included. */
export function radiusOf({ option, flowers }: Pick<Item, 'option' | 'flowers'>): number {
  return Math.max(widthOf(option.piece) / 2, (flowers?.spreadMm ?? 0) / 2)
}

/** How far it reaches along the spine: a trough farther than across. */
export function alongOf(one: Pick<Item, 'option' | 'flowers'>): number {
  return radiusOf(one) + stretchOf(one) / 2
}

/** How much longer than wide a vessel is, its flowers drawn out with it; or a thing that is used. */
function stretchOf({ option: { piece } }: Pick<Item, 'option'>): number {
  if (isForUse(piece)) return lengthOf(piece) - widthOf(piece)
  return piece.kind === 'vessel' ? longerMm(piece) : 0
}

function topOf({ option, flowers }: Item): number {
  const { piece } = option
  if (piece.kind === 'vessel') return piece.heightMm + (flowers?.riseMm ?? 0)
  return piece.kind === 'holder' && option.candle ? Math.max(heightOf(piece), piece.heightMm + option.candle.heightMm) : heightOf(piece)
}

/** Whether it burns with an open flame. */
export function isOpenFlame({ option }: Item): boolean {
  return burnsOpen(option)
}

/** Whether a light of the cupboard burns with a flame that no glass shields. */
export function burnsOpen({ piece, candle }: Option): boolean {
  if (piece.kind !== 'holder' || candle?.burn.kind !== 'wax') return false
  return !piece.chimney || piece.chimney.rimMm < piece.heightMm + candle.heightMm + 30
}

/** Hard things from settings and edges; soft ones keep what the frame asks. Design of the composer, tried on eight tables. */
const HARD_MARGIN_MM = 15
/** Open flames from an edge where somebody sits; a little more than the rule asks, for what is rounded. */
const SLEEVE_MM = 205

/** Whether all of it lies in the field with its margins, flames off the edges and clear of leaves, and nothing touches. */
export function fits(items: readonly Item[], frame: Frame, brief: Brief): boolean {
  const { field } = brief
  for (const one of items) {
    if (one.onBase || one.kept) continue
    const at = fromFrame(frame.pose, one)
    if (one.role === 'skirt') {
      if (field.clearMm(at) < one.roundMm + HARD_MARGIN_MM) return false
      continue
    }
    if (isLong(one)) {
      if (rimOf(one).some((point) => field.clearMm(fromFrame(frame.pose, point)) < (one.flowers ? frame.softMm : HARD_MARGIN_MM - 5))) return false
    } else if (field.clearMm(at) < radiusOf(one) + (one.flowers ? frame.softMm : HARD_MARGIN_MM)) return false
    if (brief.handsMm > 0 && breaksOrBurns(one) && field.edgeMm(at) < brief.handsMm + widthOf(one.option.piece) / 2) return false
    if (isOpenFlame(one) && field.seatedMm(at) < SLEEVE_MM) return false
  }
  return items.every((one, i) => items.slice(i + 1).every((other) => areApart(one, other, brief)))
}

/** Leaves from an open flame: fresh ones by what stylists keep, and 12 in where the venue asks it or they are dry. */
export function leafGapMm(brief: Brief, isFresh = true): number {
  return brief.look.school.strictFlames || !isFresh ? 306 : FRESH_CLEAR_MM + 3
}

/** Between two trays in a line at least so much is bare: our own starting value. */
const BASES_APART_MM = 200

function areApart(a: Item, b: Item, brief: Brief): boolean {
  if (a.group !== b.group && a.role === 'base' && b.role === 'base')
    return Math.abs(a.x - b.x) > (lengthOf(a.option.piece) + lengthOf(b.option.piece)) / 2 + BASES_APART_MM
  if (a.role === 'base' || b.role === 'base' || a.onBase !== b.onBase || (a.onBase && a.group !== b.group)) return true
  if (a.role === 'skirt' || b.role === 'skirt') return isBesideSkirt(a, b, brief)
  const apart = Math.hypot(Math.max(0, Math.abs(a.x - b.x) - (stretchOf(a) + stretchOf(b)) / 2), a.y - b.y)
  if (apart < besideRadius(a, b) + besideRadius(b, a) + 4) return false
  const [flame, leaves] = isOpenFlame(a) && b.flowers ? [a, b] : isOpenFlame(b) && a.flowers ? [b, a] : [null, null]
  if (flame && leaves && apart - leaves.flowers!.spreadMm / 2 < leafGapMm(brief)) return false
  return !(isOpenFlame(a) && isOpenFlame(b)) || apart >= (brief.look.school.safety === 'US' ? 80 : 104)
}

/** Clear of the greens round a foot that is not its own, an open flame by what leaves ask. */
function isBesideSkirt(a: Item, b: Item, brief: Brief): boolean {
  const [skirt, other] = a.role === 'skirt' ? [a, b] : [b, a]
  if (other.x === skirt.x && other.y === skirt.y) return true
  return Math.hypot(a.x - b.x, a.y - b.y) - skirt.roundMm >= skirtGapMm(skirt, other, brief)
}

/** From the rim of the greens round a foot to the middle of what stands beside them, at the least. */
export function skirtGapMm(skirt: Item, other: Item, brief: Brief): number {
  return isOpenFlame(other) ? leafGapMm(brief, skirt.option.piece.material === 'plant') : radiusOf(other) + 4
}

/** What is lower than a vessel's rim may stand under its flowers. */
function besideRadius(one: Item, other: Item): number {
  const { piece } = one.option
  return one.flowers && piece.kind === 'vessel' && topOf(other) <= piece.heightMm ? piece.widestMm / 2 : radiusOf(one)
}

function breaksOrBurns({ option: { piece, candle } }: Item): boolean {
  return piece.material === 'glass' || piece.material === 'porcelain' || piece.kind === 'vessel' || candle?.burn.kind === 'wax'
}

function isLong(one: Item): boolean {
  return lengthOf(one.option.piece) > 1.3 * widthOf(one.option.piece)
}

/** Points round a long thing along the spine. */
function rimOf(one: Item): Point[] {
  const leaves = radiusOf(one) - widthOf(one.option.piece) / 2
  const halfX = (lengthOf(one.option.piece) * one.part) / 2 + leaves
  const halfY = radiusOf(one)
  return [-1, -0.6, -0.2, 0.2, 0.6, 1].flatMap((share) => [
    { x: one.x + share * halfX, y: one.y + halfY },
    { x: one.x + share * halfX, y: one.y - halfY }
  ])
}

/** Items of a frame as placed pieces, after those that stand there already. */
export function placedOf(items: readonly Item[], frame: Frame, brief: Brief, before: readonly Placed[], index: PieceIndex): Placed[] {
  const placed: Placed[] = []
  const baseIds = new Map<number, string>()
  const heroIds = new Map<string, string>()
  const spotOf = ({ x, y }: Item) => `${x} ${y}`
  const last = (one: Item) => Number(one.role === 'skirt')
  const turn = Math.round((frame.pose.turnRad * 180) / Math.PI)
  for (const one of [...items].sort((a, b) => Number(b.role === 'base') - Number(a.role === 'base') || last(a) - last(b))) {
    if (one.kept) continue
    const { piece, candle } = one.option
    const round = one.role === 'skirt' ? heroIds.get(spotOf(one)) : undefined
    const at = round ? { x: 0, y: 0 } : one.onBase ? one : fromFrame(frame.pose, one)
    const id = numberedId(piece.id, [...before, ...placed], 1)
    placed.push({
      ...newPlaced(id, piece.id, Math.round(at.x), Math.round(at.y)),
      turnDeg: one.onBase ? one.turnDeg : turn + one.turnDeg,
      on: round ?? (one.onBase ? (baseIds.get(one.group) ?? null) : null),
      how: round ? 'around' : 'standing',
      part: one.part,
      candle: candle && index.has(candle.id) ? { candleId: candle.id, lightAtMin: lightAtMin(brief.look) } : null,
      arrangement: one.flowers
    })
    if (one.role === 'base' && piece.kind === 'tray') baseIds.set(one.group, id)
    if (one.role === 'hero') heroIds.set(spotOf(one), id)
  }
  return placed
}

/** How much of each piece is laid, parts of a length as parts. */
export function countsOf(placed: readonly Placed[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>()
  for (const { pieceId, part } of placed) counts.set(pieceId, (counts.get(pieceId) ?? 0) + part)
  return counts
}
