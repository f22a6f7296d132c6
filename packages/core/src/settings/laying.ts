import { leavesOf } from '../placing/leavesRound.js'
import { pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import { folds } from '../reference/folds.js'
import { EDGE_GAP_MM } from '../reference/places.js'
import { seatPlan } from '../seating/seatPlan.js'
import { placeLayouts, settingOf, type KindKey, type PlaceLayout } from './settingKinds.js'

/** To carry a thing to its place and set it straight, and to walk to the next place: our own starting values. */
const SECONDS_A_THING = 5
const SECONDS_A_PLACE = 20

/** Minutes one person takes to fold the napkins and lay all places. */
export interface LayingMinutes {
  readonly folding: number
  readonly laying: number
}

export function layingMinutes(look: Look): LayingMinutes {
  return layoutMinutes(look, placeLayouts(look, seatPlan(look).places))
}

/** The same for places that are laid out already. */
export function layoutMinutes(look: Pick<Look, 'setting' | 'kinds'>, layouts: readonly PlaceLayout[]): LayingMinutes {
  let folding = 0
  let seconds = 0
  for (const { key, layout } of layouts) {
    const { napkin, card, favorId } = settingOf(look, key)
    if (napkin) folding += folds[napkin.fold].minutes
    seconds += SECONDS_A_PLACE + SECONDS_A_THING * (layout.items.length + Number(card) + Number(favorId !== null))
  }
  return { folding, laying: seconds / 60 }
}

export const checkCodes = [
  'practice',
  'places',
  'kinds',
  'edge',
  'flatware',
  'blades',
  'glasses',
  'bread',
  'napkin',
  'leaves',
  'star',
  'card',
  'care',
  'left-handed',
  'child',
  'charger'
] as const

/** One line of the list for whoever checks the laid table. */
export interface LayingCheck {
  readonly code: (typeof checkCodes)[number]
  readonly params: Readonly<Record<string, string | number>>
}

/** What to look for at each place, in the order one looks; names are those of guests and pieces. */
export function layingChecks(look: Look): LayingCheck[] {
  const index = pieceIndex(look)
  const layouts = placeLayouts(look, seatPlan(look).places)
  const first = layouts[0]?.layout
  if (!first) return []
  const { setting } = look
  const leaves = leavesOf(setting, index)
  const has = (what: string) => first.items.some((item) => item.what === what)
  const care = [...new Set(first.items.map((item) => item.piece).filter((piece) => piece.first.length > 0))]
  const named = (is: (i: number) => boolean) => look.guests.filter((_, i) => is(i)).map((guest) => guest.name)
  const mirrored = named((i) => layouts[i]?.mirrored ?? false)
  const kinds = new Map<KindKey, number>()
  for (const { key } of layouts) kinds.set(key, (kinds.get(key) ?? 0) + 1)
  const chargers = layouts.filter(({ layout }) => layout.items.some((item) => item.piece.kind === 'plate' && item.piece.role === 'charger')).length
  const fold = setting.napkin && { fold: setting.napkin.fold, tries: folds[setting.napkin.fold].practice }
  const checks: (LayingCheck | false)[] = [
    fold !== null && fold.tries > 1 && { code: 'practice', params: fold },
    { code: 'places', params: { count: layouts.length } },
    kinds.size > 1 && { code: 'kinds', params: { kinds: [...kinds].map(([key, count]) => `${key} ${count}`).join(', ') } },
    has('plate') && { code: 'edge', params: { edgeMm: EDGE_GAP_MM } },
    has('flatware') && { code: 'flatware', params: { left: first.order.left.length, right: first.order.right.length, above: first.order.above.length } },
    first.order.right.some((role) => role.endsWith('knife')) && { code: 'blades', params: {} },
    has('glass') && { code: 'glasses', params: { count: setting.glassIds.length } },
    has('bread-plate') && { code: 'bread', params: {} },
    setting.napkin !== null && { code: 'napkin', params: { fold: setting.napkin.fold, place: setting.napkin.place } },
    leaves !== null && { code: 'leaves', params: { count: leaves.count, name: leaves.stem.name } },
    setting.starId !== null && { code: 'star', params: { name: index.get(setting.starId)?.name ?? '' } },
    setting.card && { code: 'card', params: { names: look.guests.map((guest) => guest.name).join(', ') } },
    care.length > 0 && { code: 'care', params: { names: care.map((piece) => piece.name).join(', ') } },
    mirrored.length > 0 && { code: 'left-handed', params: { names: mirrored.join(', ') } },
    look.kinds.childSafe && { code: 'child', params: {} },
    chargers > 0 && look.kinds.charger === 'lifted-before-main' && { code: 'charger', params: { count: chargers } }
  ]
  return checks.filter((check) => check !== false)
}

/** Fewest pieces to buy so that every place has a layer the household has too few of: what is short, by piece of the setting. */
export function partialSets(look: Look): { readonly pieceId: string; readonly owned: number; readonly needed: number }[] {
  const index = pieceIndex(look)
  const layouts = placeLayouts(look, seatPlan(look).places)
  const counts = new Map<string, number>()
  for (const { layout } of layouts) for (const item of layout.items) counts.set(item.piece.id, (counts.get(item.piece.id) ?? 0) + 1)
  return [...counts].flatMap(([pieceId, needed]) => {
    const owned = index.get(pieceId)?.owned ?? 0
    return owned < needed ? [{ pieceId, owned, needed }] : []
  })
}
