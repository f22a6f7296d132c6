import type { Edit } from '../design/edit.js'
import { changeNapkin, changeSetting, layFlatware, layNapkin, removeLayer } from '../design/edits/settings.js'
import type { Look } from '../design/look.js'
import { EDGE_GAP_MM, MOST_GLASSES_OUT_MM } from '../reference/places.js'
import { settingItems, type SettingItem } from '../placing/settingItems.js'
import { settingOf, type KindKey } from './settingKinds.js'

/** So far outside the setting a thing let go is taken out of it. Our own starting value. */
const OUTSIDE_MM = 45
/** Glasses go outward by this much at a time. */
const STEP_MM = 5

/** What letting go of a thing at a point of the setting means. */
export type Dropped = 'left' | 'on-plate' | 'brought-in' | 'glasses-out' | 'glasses-in' | 'out'

/** An item of the laid setting and where it is let go, in the place's frame, mm: what that means by the rules of laying, or null where it stays. */
export function droppedAs(look: Look, key: KindKey, item: SettingItem, at: { readonly x: number; readonly y: number }): Dropped | null {
  const layout = settingItems({ ...look, setting: settingOf(look, key) })
  const plateMm = Math.max(0, ...layout.items.filter((one) => one.what === 'plate').map((one) => 2 * one.halfXMm))
  const isOut =
    at.x < -layout.leftMm - OUTSIDE_MM || at.x > layout.rightMm + OUTSIDE_MM || at.y < EDGE_GAP_MM - OUTSIDE_MM || at.y > layout.depthMm + OUTSIDE_MM
  const isNapkin = item.what === 'napkin'
  if (isNapkin && at.x < -plateMm / 2 && !isFarLeft(at.x, layout.leftMm, item)) return item.stacked ? 'left' : null
  if (isNapkin && Math.abs(at.x) <= plateMm / 2 && at.y > 0 && at.y < EDGE_GAP_MM + plateMm) return item.stacked ? null : 'on-plate'
  if (isOut) return 'out'
  const out = glassesOutMm(look, key, item, at.x)
  if (out !== null) return out > settingOf(look, key).glassesOutMm ? 'glasses-out' : 'glasses-in'
  if (isDessert(item) && settingOf(look, key).dessertAbove && at.y < EDGE_GAP_MM + plateMm) return 'brought-in'
  return null
}

/** A napkin may be let go beyond what lies left now, for it will be the outermost there. */
const isFarLeft = (x: number, leftMm: number, item: SettingItem) => x < -leftMm - 2 * item.halfXMm - OUTSIDE_MM

/** How far outward all glasses stand when one of them is let go there; null for other things, and where that is about as before. */
function glassesOutMm(look: Look, key: KindKey, item: SettingItem, x: number): number | null {
  const before = settingOf(look, key).glassesOutMm
  const after = Math.min(MOST_GLASSES_OUT_MM, Math.max(0, Math.round((before + x - item.x) / STEP_MM) * STEP_MM))
  return item.what !== 'glass' || after === before ? null : after
}

const isDessert = (item: SettingItem) => item.piece.kind === 'flatware' && item.y > 0 && item.halfXMm > item.halfYMm

/** What letting go there changes, or null. */
export function dropItem(look: Look, key: KindKey, item: SettingItem, at: { readonly x: number; readonly y: number }): Edit | null {
  const dropped = droppedAs(look, key, item, at)
  if (dropped === null) return null
  if (dropped === 'left' || dropped === 'on-plate') return changeNapkin(look, key, { place: dropped })
  if (dropped === 'brought-in') return changeSetting(look, key, { dessertAbove: false })
  if (dropped !== 'out') return changeSetting(look, key, { glassesOutMm: glassesOutMm(look, key, item, at.x) ?? 0 })
  return takeOut(look, key, item)
}

/** The setting without one of its things. */
export function takeOut(look: Look, key: KindKey, { piece, what }: SettingItem): Edit {
  const setting = settingOf(look, key)
  if (what === 'napkin') return layNapkin(look, key, null)
  if (what === 'bread-plate') return changeSetting(look, key, { breadPlateId: null })
  if (piece.kind === 'flatware') return layFlatware(look, key, piece.role, null)
  const list = what === 'plate' ? 'plateIds' : 'glassIds'
  return removeLayer(look, key, list, setting[list].lastIndexOf(piece.id))
}
