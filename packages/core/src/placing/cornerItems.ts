import { pieceIndex } from '../design/find.js'
import type { ForCourses, Look, PlaceSetting } from '../design/look.js'
import { allSettings } from '../design/settingIds.js'
import { overlapMm, reachMm, type Footprint } from '../geometry/footprint.js'
import type { Pose } from '../geometry/point.js'
import { withoutChargers } from './chargers.js'
import { itemShape, settingItems, type SettingLayout } from './settingItems.js'

/** What decides what lies before a guest. */
export type Laid = Pick<Look, 'setting' | 'kinds' | 'menu' | 'pieces'> & ForCourses

const STEP_MM = 10
const FARTHEST_MM = 1200

interface Known {
  readonly of: readonly unknown[]
  readonly layout: SettingLayout
  readonly keepMm: Map<number, number>
}
const known = new WeakMap<PlaceSetting, Known>()

/**
 * How far the middle of a place must be from a corner, so that nothing laid there touches what is laid round the corner, whose middle is `aroundMm`
 * from it; the same on both sides, so that guests sit face to face. Worked out once for a setting and a distance, to the next 10 mm.
 */
export function cornerKeepMm(look: Laid, aroundMm: number): number {
  const of = [look.kinds, look.occasion.courses, look.menu, look.pieces]
  const earlier = known.get(look.setting)
  const fresh = earlier?.of.every((one, i) => one === of[i]) ? earlier : { of, ...asWideAs(widest(look)) }
  if (fresh !== earlier) known.set(look.setting, fresh)
  const around = STEP_MM * Math.round(aroundMm / STEP_MM)
  const keepMm = fresh.keepMm.get(around) ?? Math.max(keptMm(fresh.layout, around, -1), keptMm(fresh.layout, around, 1))
  fresh.keepMm.set(around, keepMm)
  return keepMm
}

const asWide = new Map<string, Pick<Known, 'layout' | 'keepMm'>>()
const MOST_KNOWN = 60

/** Settings that take the same room keep the same distances, whatever they are of. */
function asWideAs(layout: SettingLayout): Pick<Known, 'layout' | 'keepMm'> {
  const key = JSON.stringify(shapesAt(layout, { x: 0, y: 0, turnRad: 0 }))
  const one = asWide.get(key) ?? { layout, keepMm: new Map<number, number>() }
  if (asWide.size >= MOST_KNOWN) asWide.clear()
  asWide.set(key, one)
  return one
}

/** The setting of whichever kind is widest. */
function widest(look: Laid): SettingLayout {
  const index = pieceIndex(look)
  const layouts = allSettings(look).map((setting) =>
    settingItems({ ...look, setting: look.kinds.charger === 'none' ? withoutChargers(index, setting) : setting })
  )
  return layouts.reduce((a, b) => (b.widthMm > a.widthMm ? b : a))
}

/** One guest faces -x from the edge x = 0; the other, round the corner at `sign * aroundMm`, faces the middle. */
function keptMm(layout: SettingLayout, aroundMm: number, sign: 1 | -1): number {
  const atEnd = shapesAt(layout, { x: 0, y: 0, turnRad: Math.PI / 2 })
  const least = shapesAt(layout, { x: 0, y: sign * aroundMm, turnRad: sign > 0 ? Math.PI : 0 })
  const touches = (byMm: number) => least.some((one) => atEnd.some((other) => meet({ ...one, x: one.x - byMm }, other)))
  // no two of them reach each other farther out
  const reachesMm = Math.max(0, ...least.map((one) => one.x + reachMm(one))) - Math.min(0, ...atEnd.map((other) => other.x - reachMm(other)))
  let kept = Math.min(FARTHEST_MM, STEP_MM * (1 + Math.ceil(reachesMm / STEP_MM)))
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
