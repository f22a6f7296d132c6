import { lampGreensCount } from '../centerpiece/lampGreens.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { Look, PlaceSetting } from '../design/look.js'
import { settingIds } from '../design/settingIds.js'
import type { NeedGroup, TableZone } from '../design/money.js'
import type { Piece } from '../design/piece.js'
import { SPARE_CANDLE_PER } from '../reference/candles.js'
import { clothCount } from '../linens/linenFindings.js'
import { runnerCount } from '../linens/runnerStrips.js'
import { seatPlan } from '../seating/seatPlan.js'
import { flatwareFor } from '../placing/flatwareFor.js'
import { leavesOf } from '../placing/leavesRound.js'
import { isSmallChild, kindKeys, kindsByPlace, settingFor } from '../settings/settingKinds.js'
import { servingNeeds } from '../menu/dishes.js'
import { supplyNeeds, type SupplyNeed } from './supplyNeeds.js'

/** Why a need is what it is, and what covers it: own free pieces and borrowed ones first, then such as may stand in, then what was bought. */
export interface Need {
  readonly piece: Piece
  readonly group: NeedGroup
  readonly zone: TableZone
  readonly perGuest: number
  readonly perLook: number
  readonly spares: number
  readonly needed: number
  readonly owned: number
  /** Of those owned, laid elsewhere on a day too near. */
  readonly claimed: number
  /** Free pieces of other kinds that stand in. */
  readonly lent: readonly { readonly pieceId: string; readonly count: number }[]
  readonly borrowed: number
  readonly bought: number
  readonly short: number
  /** What calls for a supply; null for a piece of the look. */
  readonly cause: SupplyNeed['cause'] | null
}

type Line = Pick<Need, 'piece' | 'group' | 'zone' | 'perGuest' | 'perLook' | 'spares' | 'cause'>

/** A line while its uses are counted. */
type Counting = { -readonly [Member in keyof Line]: Line[Member] }

/** What of a look decides what is needed. */
export type NeedsOf = Pick<
  Look,
  | 'linens'
  | 'table'
  | 'guests'
  | 'school'
  | 'setting'
  | 'kinds'
  | 'menu'
  | 'occasion'
  | 'pieces'
  | 'centerpiece'
  | 'claims'
  | 'buying'
  | 'interchangeable'
  | 'room'
>

/** Everything a look uses, one line a piece, against what the household has free that day. */
export function needs(look: NeedsOf): Need[] {
  const lines = usedLines(look)
  const used = new Set(lines.map((line) => line.piece.id))
  const supplies = supplyNeeds(look, used).map(({ piece, count, cause }): Line => ({
    piece,
    group: 'supplies',
    zone: 'middle',
    perGuest: 0,
    perLook: count,
    spares: 0,
    cause
  }))
  return allocate(look, [...lines, ...supplies])
}

function usedLines(look: NeedsOf): Line[] {
  const index = pieceIndex(look)
  const lines = new Map<string, Counting>()
  const add = (id: string | null | undefined, group: NeedGroup, zone: TableZone, perGuest: number, perLook: number) => {
    const piece = id ? index.get(id) : undefined
    if (!id || !piece) return
    const line = lines.get(id)
    if (!line) lines.set(id, { piece, group, zone, perGuest, perLook, spares: 0, cause: null })
    else {
      line.perGuest += perGuest
      line.perLook += perLook
    }
  }
  add(look.linens.clothId, 'linens', 'under', 0, clothCount(look.table, look.linens.lapMm))
  if (look.linens.runner) add(look.linens.runner.pieceId, 'linens', 'under', 0, runnersLaid(look, look.linens.runner))
  add(look.linens.topper?.pieceId, 'linens', 'under', 0, clothCount(look.table))
  add(look.linens.matId, 'linens', 'under', 1, 0)
  for (const { setting, perGuest, places } of laidKinds(look)) {
    for (const id of layersOf(look, setting)) add(id, 'settings', 'places', perGuest, places)
    const leaves = leavesOf(setting, index)
    if (leaves) add(leaves.stem.id, 'florals', 'places', perGuest * leaves.count, places * leaves.count)
  }
  for (const { pieceId, count } of servingNeeds(look)) add(pieceId, 'settings', 'middle', 0, count)
  for (const placed of look.centerpiece) {
    if (placed.part === 1) add(placed.pieceId, index.get(placed.pieceId)?.kind === 'holder' ? 'light' : 'centerpiece', 'middle', 0, 1)
    add(placed.candle?.candleId, 'light', 'middle', 0, 1)
    if (placed.filling) add(placed.filling.pieceId, 'centerpiece', 'middle', 0, placed.filling.count)
    for (const { stemId, count } of placed.arrangement?.stems ?? []) add(stemId, 'florals', 'middle', 0, count)
  }
  if (look.room.fixture?.greens) add(look.room.fixture.greens.pieceId, 'centerpiece', 'middle', 0, lampGreensCount(look.room.fixture, index))
  for (const [pieceId, parts] of cutParts(look)) add(pieceId, 'centerpiece', 'middle', 0, Math.ceil(parts - 1e-6))
  return [...lines.values()].map((line) => ({ ...line, spares: sparesOf(line, look) }))
}

/** Lengths cut from something long, added up piece by piece. */
function cutParts(look: NeedsOf): Map<string, number> {
  const parts = new Map<string, number>()
  for (const { pieceId, part } of look.centerpiece) if (part < 1) parts.set(pieceId, (parts.get(pieceId) ?? 0) + part)
  return parts
}

/** A runner at each pair needs the places; the others do not. */
function runnersLaid(look: NeedsOf, runner: NonNullable<Look['linens']['runner']>): number {
  return runnerCount(runner, look.table.shape, runner.lay === 'each-pair' ? seatPlan(look).places : [])
}

/** Settings with how often each is laid: by guest when everybody has the same, by places otherwise. */
function laidKinds(look: NeedsOf): { readonly setting: PlaceSetting; readonly perGuest: number; readonly places: number }[] {
  const small = look.guests.map((guest) => look.kinds.childSafe && isSmallChild(guest))
  if (look.kinds.spread === 'same' && !small.includes(true)) return [{ setting: settingFor(look, 'A', false), perGuest: 1, places: 0 }]
  const kinds = kindsByPlace(look, seatPlan(look).places)
  return kindKeys(look).flatMap((key) =>
    [false, true].map((forSmall) => ({
      setting: settingFor(look, key, forSmall),
      perGuest: 0,
      places: kinds.filter((one, i) => one === key && small[i] === forSmall).length
    }))
  )
}

/** Ids of what one guest has of a setting: its plates, napkin, glasses and favor, and the flatware its courses ask for. */
function layersOf(look: NeedsOf, setting: PlaceSetting): string[] {
  const index = pieceIndex(look)
  const { left, right, above, broughtIn } = flatwareFor(look.occasion.courses, setting.dessertAbove, look.menu)
  const flatware = [...left, ...right, ...above, ...broughtIn].flatMap(
    (role) =>
      setting.flatwareIds.find((id) => findPiece(index, id, 'flatware')?.role === role) ?? setting.substitutes.find((one) => one.role === role)?.pieceId ?? []
  )
  return settingIds({ ...setting, flatwareIds: flatware, substitutes: [], leavesId: null })
}

/** Candles: one in ten. Stems: the look's own share. Nothing else has spares by itself. */
function sparesOf({ piece, perGuest, perLook }: Line, look: NeedsOf): number {
  const used = perGuest * look.guests.length + perLook
  if (used === 0) return 0
  if (piece.kind === 'candle') return Math.ceil(used / SPARE_CANDLE_PER)
  if (piece.kind === 'stem') return Math.ceil((used * look.school.spareStemsPercent) / 100)
  return 0
}

/** Id under which a piece is counted and bought: another use of a thing counts as the thing. */
export function countedAs(piece: Piece): string {
  return piece.of ?? piece.id
}

function allocate(look: NeedsOf, lines: readonly Line[]): Need[] {
  const index = pieceIndex(look)
  const ownedOf = (piece: Piece) => index.get(countedAs(piece))?.owned ?? piece.owned
  const claimed = sumBy(
    look.claims.filter((claim) => !claim.settled),
    (claim) => claim.pieceId,
    (claim) => claim.count
  )
  const bought = sumBy(
    look.buying.bought,
    (one) => one.pieceId,
    (one) => one.pieces
  )
  const lentUs = sumBy(
    look.buying.borrowed,
    (one) => one.pieceId,
    (one) => one.count
  )
  const borrowedOf = (piece: Piece) => lentUs.get(countedAs(piece)) ?? 0
  const free = new Map<string, number>()
  const freeOf = (piece: Piece) => free.get(countedAs(piece)) ?? Math.max(0, ownedOf(piece) - (claimed.get(countedAs(piece)) ?? 0)) + borrowedOf(piece)
  const take = (piece: Piece, count: number) => {
    const taken = Math.min(count, freeOf(piece))
    free.set(countedAs(piece), freeOf(piece) - taken)
    return taken
  }
  const first = lines.map((line) => {
    const needed = line.perGuest * look.guests.length + line.perLook + line.spares
    return { line, needed, missing: needed - take(line.piece, needed) }
  })
  return first.map(({ line, needed, missing }) => {
    const got = Math.min(missing, bought.get(line.piece.id) ?? 0)
    const lent = standIns(look, line.piece, missing - got, take)
    const short = missing - got - lent.reduce((sum, one) => sum + one.count, 0)
    const away = claimed.get(countedAs(line.piece)) ?? 0
    const { piece, group, zone, perGuest, perLook, spares, cause } = line
    const [owned, borrowed] = [ownedOf(piece), borrowedOf(piece)]
    return { piece, group, zone, perGuest, perLook, spares, cause, needed, owned, claimed: away, lent, borrowed, bought: bought.get(piece.id) ?? 0, short }
  })
}

/** What other pieces of the same group still have free. */
function standIns(look: NeedsOf, piece: Piece, missing: number, take: (piece: Piece, count: number) => number): { pieceId: string; count: number }[] {
  const index = pieceIndex(look)
  const lent: { pieceId: string; count: number }[] = []
  for (const other of standInsFor(look, piece.id)) {
    const taken = index.has(other) ? take(index.get(other)!, missing) : 0
    if (taken > 0) lent.push({ pieceId: other, count: taken })
    missing -= taken
  }
  return lent
}

/** Ids of the pieces that may stand in for one. */
export function standInsFor(look: Pick<Look, 'interchangeable'>, pieceId: string): string[] {
  const others = look.interchangeable.filter((group) => group.includes(pieceId)).flat()
  return [...new Set(others)].filter((id) => id !== pieceId)
}

function sumBy<T>(items: readonly T[], key: (item: T) => string, value: (item: T) => number): Map<string, number> {
  const sums = new Map<string, number>()
  for (const item of items) sums.set(key(item), (sums.get(key(item)) ?? 0) + value(item))
  return sums
}
