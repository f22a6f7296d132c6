import { findPiece, pieceIndex, type PieceIndex } from '../design/find.js'
import type { ForCourses, Look } from '../design/look.js'
import { glassRoles, type Flatware, type FlatwareRole, type Glass, type Napkin, type Plate } from '../design/piece.js'
import type { FoldKind } from '../design/foldKinds.js'
import type { Footprint } from '../geometry/footprint.js'
import { fromFrame, type Pose } from '../geometry/point.js'
import { folds } from '../reference/folds.js'
import { EDGE_GAP_MM } from '../reference/places.js'
import { flatwareFor, type FlatwareOrder } from './flatwareFor.js'
import { leavesOf, type Leaves } from './leavesRound.js'

/** One thing of a place setting, in the place's frame: x to the guest's right, y inward from the edge. */
export interface SettingItem {
  readonly what: 'plate' | 'bread-plate' | 'napkin' | 'flatware' | 'glass'
  readonly piece: Plate | Napkin | Flatware | Glass
  readonly x: number
  readonly y: number
  readonly halfXMm: number
  readonly halfYMm: number
  readonly round: boolean
  /** Stands on another item and takes no room of its own. */
  readonly stacked: boolean
  /** Leaves that line it; none round anything but the lowest plate. */
  readonly leaves?: Leaves
}

/** A place setting laid out, with the room it takes. */
export interface SettingLayout {
  readonly items: readonly SettingItem[]
  readonly order: FlatwareOrder
  /** Roles that the courses ask for and the pattern has no piece for. */
  readonly missing: readonly FlatwareRole[]
  /** Room to the left and right of the plates' middle, and what the two add up to. */
  readonly leftMm: number
  readonly rightMm: number
  readonly widthMm: number
  readonly depthMm: number
}

/** Air between neighboring items: common practice, no source. */
const ITEM_GAP_MM = 10

/**
 * Lays out the setting by the ordering rules: plates in the middle 1 in from the edge, forks left, knives and spoons right, dessert pieces
 * above, bread plate upper left, water glass above the knife's tip and wines outward to its right. Source: Emily Post, Etiquette (from memory).
 */
export function settingItems(look: Pick<Look, 'setting' | 'menu' | 'pieces'> & ForCourses): SettingLayout {
  const index = pieceIndex(look)
  const { setting } = look
  const plates = setting.plateIds.map((id) => findPiece(index, id, 'plate')).filter((p) => p !== undefined)
  const order = flatwareFor(look.occasion.courses, setting.dessertAbove, look.menu)
  const pattern = new Map([
    ...setting.substitutes.flatMap(({ role, pieceId }) => {
      const piece = findPiece(index, pieceId, 'flatware')
      return piece ? [[role, piece] as const] : []
    }),
    ...setting.flatwareIds.flatMap((id) => {
      const piece = findPiece(index, id, 'flatware')
      return piece ? [[piece.role, piece] as const] : []
    })
  ])
  const plateMm = Math.max(0, ...plates.map((p) => p.diameterMm))
  const left = laneOutward(order.left, pattern, -plateMm / 2, -1)
  const right = laneOutward(order.right, pattern, plateMm / 2, 1)
  const napkin = napkinItem(look, index, plateMm, left.endMm)
  const above = aboveItems(order.above, pattern, plateMm)
  const bread = breadItem(index, setting.breadPlateId, plateMm, left.items, [...left.items, ...napkin])
  const glasses = glassItems(look, index, plateMm, right.items, above)
  const items = [...plateItems(plates, plateMm, leavesOf(setting, index)), ...left.items, ...right.items, ...above, ...bread, ...napkin, ...glasses]
  const wanted = [...order.left, ...order.right, ...order.above, ...order.broughtIn]
  const solid = items.filter((item) => !item.stacked)
  const leftMm = Math.max(0, ...solid.map((item) => item.halfXMm - item.x))
  const rightMm = Math.max(0, ...solid.map((item) => item.halfXMm + item.x))
  return {
    items,
    order,
    missing: wanted.filter((role, i) => !pattern.has(role) && wanted.indexOf(role) === i),
    leftMm,
    rightMm,
    widthMm: leftMm + rightMm + (items.length > 0 ? ITEM_GAP_MM : 0),
    depthMm: Math.max(0, ...solid.map((item) => item.y + item.halfYMm))
  }
}

type Pattern = ReadonlyMap<FlatwareRole, Flatware>

function plateItems(plates: readonly Plate[], plateMm: number, leaves: Leaves | null): SettingItem[] {
  return plates.map((piece, i) => ({
    what: 'plate',
    piece,
    x: 0,
    y: EDGE_GAP_MM + plateMm / 2,
    halfXMm: piece.diameterMm / 2,
    halfYMm: piece.diameterMm / 2,
    round: true,
    stacked: i > 0,
    ...(leaves && i === 0 ? { leaves } : {})
  }))
}

function laneOutward(roles: readonly FlatwareRole[], pattern: Pattern, startMm: number, sign: 1 | -1): { items: SettingItem[]; endMm: number } {
  let edgeMm = startMm
  const items: SettingItem[] = []
  for (const role of roles) {
    const piece = pattern.get(role)
    if (!piece) continue
    const x = edgeMm + sign * (ITEM_GAP_MM + piece.widthMm / 2)
    items.push(flatItem(piece, x, EDGE_GAP_MM + piece.lengthMm / 2, piece.widthMm / 2, piece.lengthMm / 2))
    edgeMm = x + (sign * piece.widthMm) / 2
  }
  return { items, endMm: edgeMm }
}

function flatItem(piece: Flatware, x: number, y: number, halfXMm: number, halfYMm: number): SettingItem {
  return { what: 'flatware', piece, x, y, halfXMm, halfYMm, round: false, stacked: false }
}

/** Dessert fork just above the plate, spoon above the fork. */
function aboveItems(roles: readonly FlatwareRole[], pattern: Pattern, plateMm: number): SettingItem[] {
  let y = EDGE_GAP_MM + plateMm
  return roles.flatMap((role) => {
    const piece = pattern.get(role)
    if (!piece) return []
    y += ITEM_GAP_MM + piece.widthMm / 2
    const item = flatItem(piece, 0, y, piece.lengthMm / 2, piece.widthMm / 2)
    y += piece.widthMm / 2
    return [item]
  })
}

function breadItem(index: PieceIndex, id: string | null, plateMm: number, forks: readonly SettingItem[], below: readonly SettingItem[]): SettingItem[] {
  const piece = findPiece(index, id, 'plate')
  if (!piece) return []
  const r = piece.diameterMm / 2
  const forksMiddle = forks.length > 0 ? (forks[0]!.x + forks[forks.length - 1]!.x) / 2 : -plateMm / 2 - r
  const overMm = (x: number) => {
    const under = below.filter((item) => !item.stacked && Math.abs(item.x - x) < item.halfXMm + r)
    return Math.max(EDGE_GAP_MM + plateMm * 0.55, ...under.map((item) => item.y + item.halfYMm)) + ITEM_GAP_MM / 2 + r
  }
  const x = Math.min(forksMiddle, -clearOfPlateX(plateMm, overMm(forksMiddle), r))
  const y = overMm(x)
  return [{ what: 'bread-plate', piece, x, y, halfXMm: r, halfYMm: r, round: true, stacked: false }]
}

/** Least distance sideways at which a disc at height y clears the plates. */
function clearOfPlateX(plateMm: number, y: number, radiusMm: number): number {
  const reach = plateMm / 2 + radiusMm + ITEM_GAP_MM / 2
  const dy = y - (EDGE_GAP_MM + plateMm / 2)
  return Math.abs(dy) >= reach ? 0 : Math.sqrt(reach ** 2 - dy ** 2)
}

/**
 * Water glass above the tip of the knife nearest the plate; each wine stands outward of the glass before it, as low as the flatware under it
 * allows but no more than a glass's width below the water. Moved outward by hand they go straight outward, and farther in where flatware asks for it.
 */
function glassItems(
  look: Pick<Look, 'setting'>,
  index: PieceIndex,
  plateMm: number,
  right: readonly SettingItem[],
  above: readonly SettingItem[]
): SettingItem[] {
  const glasses = look.setting.glassIds
    .flatMap((id) => findPiece(index, id, 'glass') ?? [])
    .sort((a, b) => glassRoles.indexOf(a.role) - glassRoles.indexOf(b.role))
  const items: SettingItem[] = []
  for (const piece of glasses) {
    const r = Math.max(piece.footMm, piece.bowlMm) / 2
    const before = items[items.length - 1]
    let x = before ? before.x + before.halfXMm + ITEM_GAP_MM / 2 + r : (right[0]?.x ?? plateMm / 2)
    const clearOfTips = (at: number) =>
      Math.max(0, ...right.filter((item) => Math.abs(item.x - at) < item.halfXMm + r).map((item) => item.y + item.halfYMm)) + ITEM_GAP_MM / 2 + r
    let y = Math.max(clearOfTips(x), before ? items[0]!.y - 2 * r : EDGE_GAP_MM + plateMm * 0.75 + r)
    if (!before) {
      const dessertMm = above.filter((a) => Math.abs(a.y - y) < a.halfYMm + r).map((a) => a.x + a.halfXMm + ITEM_GAP_MM / 2 + r)
      x = Math.max(x, clearOfPlateX(plateMm, y, r), ...dessertMm) + look.setting.glassesOutMm
      y = Math.max(y, clearOfTips(x))
    }
    items.push({ what: 'glass', piece, x, y, halfXMm: r, halfYMm: r, round: true, stacked: false })
  }
  return items
}

/** Size of a napkin as folded. */
export function foldedNapkin(napkin: Pick<Napkin, 'sideMm'>, fold: FoldKind): { readonly halfXMm: number; readonly halfYMm: number } {
  return { halfXMm: napkin.sideMm * folds[fold].halfX, halfYMm: napkin.sideMm * folds[fold].halfY }
}

function napkinItem(look: Pick<Look, 'setting'>, index: PieceIndex, plateMm: number, leftEndMm: number): SettingItem[] {
  const wish = look.setting.napkin
  const piece = findPiece(index, wish?.pieceId, 'napkin')
  if (!wish || !piece) return []
  const { halfXMm, halfYMm } = foldedNapkin(piece, wish.fold)
  const onPlate = wish.place === 'on-plate'
  return [
    {
      what: 'napkin',
      piece,
      x: onPlate ? 0 : leftEndMm - ITEM_GAP_MM - halfXMm,
      y: onPlate ? EDGE_GAP_MM + plateMm / 2 : EDGE_GAP_MM + halfYMm,
      halfXMm,
      halfYMm,
      round: false,
      stacked: onPlate
    }
  ]
}

/** Where a place card stands, and how large it is: a tent of card beyond everything else of the setting. Our own starting values. */
export function cardAt({ depthMm }: Pick<SettingLayout, 'depthMm'>) {
  return { x: 0, y: depthMm + 26, halfXMm: 42, halfYMm: 14, heightMm: 50 } as const
}

/** What an item covers before a guest, mirrored for a left-handed one. */
export function itemShape(item: SettingItem, place: Pose, mirrored = false): Footprint {
  const at = fromFrame(place, mirrored ? { x: -item.x, y: item.y } : item)
  return item.round
    ? { kind: 'disc', ...at, radiusMm: item.halfXMm }
    : { kind: 'rect', ...at, turnRad: place.turnRad, halfXMm: item.halfXMm, halfYMm: item.halfYMm }
}
