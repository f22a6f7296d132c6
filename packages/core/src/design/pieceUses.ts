import type { Draft } from 'immer'
import type { Look, Placed, PlaceSetting } from './look.js'
import type { PieceKind } from './piece.js'

/** What a piece is used as, with the kinds of piece that may be; null where any may. */
export const roleKinds = {
  cloth: ['cloth'],
  topper: ['cloth'],
  runner: ['runner', 'cloth'],
  mat: ['mat'],
  plate: ['plate'],
  'bread-plate': ['plate'],
  napkin: ['napkin'],
  flatware: ['flatware'],
  substitute: ['flatware'],
  glass: ['glass'],
  favor: null,
  leaves: ['stem'],
  star: null,
  vessel: null,
  tool: ['tool'],
  middle: null,
  candle: ['candle'],
  filling: ['supply', 'napkin', 'cloth', 'runner'],
  stem: ['stem'],
  lamp: ['ornament']
} as const satisfies Record<string, readonly PieceKind[] | null>
export type UseRole = keyof typeof roleKinds

/** One use of a piece: as what, and where in the look, as the keys that lead there. */
export interface PieceUse {
  readonly role: UseRole
  readonly pieceId: string
  readonly at: readonly (string | number)[]
}

type Uses = Pick<Look, 'linens' | 'setting' | 'kinds' | 'menu' | 'centerpiece' | 'room'>

/** Every use of every piece of a look, in its order. A star is named a second time: it is one of the layers. */
export function pieceUses(look: Uses): PieceUse[] {
  const { linens } = look
  return [
    ...one('cloth', linens.clothId, ['linens', 'clothId']),
    ...one('topper', linens.topper?.pieceId, ['linens', 'topper', 'pieceId']),
    ...one('runner', linens.runner?.pieceId, ['linens', 'runner', 'pieceId']),
    ...one('mat', linens.matId, ['linens', 'matId']),
    ...settingUses(look.setting, ['setting']),
    ...look.kinds.others.flatMap((other, i) => settingUses(other.setting, ['kinds', 'others', i, 'setting'])),
    ...look.menu.dishes.flatMap((dish, i) => [
      ...one('vessel', dish.vesselId, ['menu', 'dishes', i, 'vesselId']),
      ...one('tool', dish.toolId, ['menu', 'dishes', i, 'toolId'])
    ]),
    ...look.centerpiece.flatMap((placed, i) => placedUses(placed, ['centerpiece', i])),
    ...one('lamp', look.room.fixture?.greens?.pieceId, ['room', 'fixture', 'greens', 'pieceId'])
  ]
}

/** Uses of one place setting, flatware the whole pattern. */
export function settingUses(setting: PlaceSetting, at: readonly (string | number)[] = []): PieceUse[] {
  return [
    ...setting.plateIds.flatMap((id, i) => one('plate', id, [...at, 'plateIds', i])),
    ...one('bread-plate', setting.breadPlateId, [...at, 'breadPlateId']),
    ...one('napkin', setting.napkin?.pieceId, [...at, 'napkin', 'pieceId']),
    ...one('favor', setting.favorId, [...at, 'favorId']),
    ...one('leaves', setting.leavesId, [...at, 'leavesId']),
    ...setting.flatwareIds.flatMap((id, i) => one('flatware', id, [...at, 'flatwareIds', i])),
    ...setting.substitutes.flatMap((other, i) => one('substitute', other.pieceId, [...at, 'substitutes', i, 'pieceId'])),
    ...setting.glassIds.flatMap((id, i) => one('glass', id, [...at, 'glassIds', i])),
    ...one('star', setting.starId, [...at, 'starId'])
  ]
}

/** Uses of one placed piece: itself, its candle, what lies in it, its stems. */
export function placedUses(placed: Placed, at: readonly (string | number)[] = []): PieceUse[] {
  return [
    ...one('middle', placed.pieceId, [...at, 'pieceId']),
    ...one('candle', placed.candle?.candleId, [...at, 'candle', 'candleId']),
    ...one('filling', placed.filling?.pieceId, [...at, 'filling', 'pieceId']),
    ...(placed.arrangement?.stems ?? []).flatMap((line, i) => one('stem', line.stemId, [...at, 'arrangement', 'stems', i, 'stemId']))
  ]
}

function one(role: UseRole, pieceId: string | null | undefined, at: PieceUse['at']): PieceUse[] {
  return pieceId == null ? [] : [{ role, pieceId, at }]
}

/** Ids of the pieces a look uses, each once. */
export function usedIds(look: Uses): Set<string> {
  return new Set(pieceUses(look).map((use) => use.pieceId))
}

/** Puts another piece in the place of each of these uses. */
export function replaceUses(draft: Draft<Look>, uses: readonly PieceUse[], pieceId: string): void {
  for (const { at } of uses) {
    const holder = holderOf(draft, at.slice(0, -1))
    holder[at[at.length - 1]!] = pieceId
  }
}

/** Does without each of these uses: a list lets its line go, a place that may be empty is. What stands in the middle is taken off elsewhere. */
export function clearUses(draft: Draft<Look>, uses: readonly PieceUse[]): void {
  // from the back, so that places in lists stay where they are until they are reached
  for (const { at } of [...uses].reverse()) clearUse(draft, at)
}

function clearUse(draft: Draft<Look>, at: PieceUse['at']): void {
  const list = at.findLastIndex((key) => lineLists.includes(key))
  if (list >= 0) {
    ;(holderOf(draft, at.slice(0, list + 1)) as unknown as unknown[]).splice(at[list + 1] as number, 1)
    return
  }
  const whole = at[at.length - 1] === 'pieceId' || at[at.length - 1] === 'candleId' ? at.slice(0, -1) : at
  holderOf(draft, whole.slice(0, -1))[whole[whole.length - 1]!] = null
}

/** Lists of which a use is a line of its own: dishes, kinds and placed pieces stay when what they use goes. */
const lineLists: readonly (string | number)[] = ['plateIds', 'flatwareIds', 'glassIds', 'substitutes', 'stems']

function holderOf(draft: Draft<Look>, at: PieceUse['at']): Record<string | number, unknown> {
  return at.reduce<unknown>((node, key) => (node as Record<string | number, unknown>)[key], draft) as Record<string | number, unknown>
}
