import { pieceIndex } from '../design/find.js'
import type { Look, PlaceSetting } from '../design/look.js'
import { allSettings } from '../design/settingIds.js'
import { overlapMm, reachMm, type Footprint } from '../geometry/footprint.js'
import type { Pose } from '../geometry/point.js'
import { withoutChargers } from './chargers.js'
import { itemShape, settingItems, type SettingLayout } from './settingItems.js'

/** What decides what lies before a guest. */
export type Laid = Pick<Look, 'setting' | 'kinds' | 'occasion' | 'menu' | 'pieces'>

const STEP_MM = 10
const FARTHEST_MM = 1200

const known = new WeakMap<PlaceSetting, { readonly of: readonly unknown[]; readonly keepMm: number }>()

/**
 * How far the middle of a place on a long side must be from the corner, so that nothing laid there touches what is laid at the end; the same on both
 * sides of the end, so that guests sit face to face. Worked out once for a setting on a table of one width.
 */
export function cornerKeepMm(look: Laid, halfWidthMm: number): number {
  const of = [look.kinds, look.occasion.courses, look.menu, look.pieces, halfWidthMm]
  const earlier = known.get(look.setting)
  if (earlier?.of.every((one, i) => one === of[i])) return earlier.keepMm
  const layout = widest(look)
  const keepMm = Math.max(keptMm(layout, halfWidthMm, -1), keptMm(layout, halfWidthMm, 1))
  known.set(look.setting, { of, keepMm })
  return keepMm
}

/** The setting of whichever kind is widest. */
function widest(look: Laid): SettingLayout {
  const index = pieceIndex(look)
  const layouts = allSettings(look).map((setting) =>
    settingItems({ ...look, setting: look.kinds.charger === 'none' ? withoutChargers(index, setting) : setting })
  )
  return layouts.reduce((a, b) => (b.widthMm > a.widthMm ? b : a))
}

/** The end's guest faces -x from the edge x = 0; a guest on the long side at `sign * halfWidthMm` faces the middle. */
function keptMm(layout: SettingLayout, halfWidthMm: number, sign: 1 | -1): number {
  const atEnd = shapesAt(layout, { x: 0, y: 0, turnRad: Math.PI / 2 })
  const least = shapesAt(layout, { x: 0, y: sign * halfWidthMm, turnRad: sign > 0 ? Math.PI : 0 })
  const touches = (byMm: number) => least.some((one) => atEnd.some((other) => meet({ ...one, x: one.x - byMm }, other)))
  let kept = FARTHEST_MM
  while (kept > 0 && !touches(kept - STEP_MM)) kept -= STEP_MM
  return kept
}

function meet(a: Footprint, b: Footprint): boolean {
  const reach = reachMm(a) + reachMm(b)
  return Math.abs(a.x - b.x) < reach && Math.abs(a.y - b.y) < reach && overlapMm(a, b) > 0
}

function shapesAt(layout: SettingLayout, pose: Pose): Footprint[] {
  return layout.items.filter((item) => !item.stacked).map((item) => itemShape(item, pose))
}
