import type { Look } from '../design/look.js'
import { seatPlan, type SeatPlan } from '../seating/seatPlan.js'
import { laidItems, type LaidItem } from './settingCrowding.js'
import { placeLayouts, type PlaceLayout } from './settingKinds.js'

/** A look's places with what lies before each guest. */
export function laidPlaces(look: Look): { readonly plan: SeatPlan; readonly layouts: readonly PlaceLayout[]; readonly laid: readonly (readonly LaidItem[])[] } {
  const plan = seatPlan(look)
  const layouts = placeLayouts(look, plan.places)
  return { plan, layouts, laid: plan.places.map((place, i) => laidItems(place, layouts[i]!.layout, layouts[i]!.mirrored)) }
}
