import type { Look } from '../design/look.js'
import { settingItems } from '../placing/settingItems.js'
import { laidPlaces } from './laidPlaces.js'
import { settingCrowding } from './settingCrowding.js'
import { widestLayout } from './settingKinds.js'

/** Whether nobody's things run into a neighbor's. */
export function fitsBeside(look: Look): boolean {
  const { plan, layouts, laid } = laidPlaces(look)
  const all = layouts.map((one) => one.layout)
  return settingCrowding(laid, plan.places, widestLayout(all, settingItems(look))).length === 0
}
