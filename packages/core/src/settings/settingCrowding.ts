import { overlapMm, reachMm, sameFootprint, type Footprint } from '../geometry/footprint.js'
import { distanceMm } from '../geometry/point.js'
import type { Place } from '../seating/places.js'
import { itemShape, type SettingItem, type SettingLayout } from '../placing/settingItems.js'

/** A thing of a setting where it lies on the table. */
export interface LaidItem {
  /** A plate that is eaten from, or that one stands on. */
  readonly isPlate: boolean
  readonly number: number
  readonly shape: Footprint
  readonly reachMm: number
  readonly heightMm: number
}

/** The setting's items before one guest, in the table's frame; what is stacked on a plate is left out. */
export function laidItems(place: Place, layout: SettingLayout, mirrored = false): LaidItem[] {
  return layout.items
    .filter((item) => !item.stacked)
    .map((item) => {
      const shape = itemShape(item, place, mirrored)
      return {
        isPlate: item.piece.kind === 'plate' && item.piece.role !== 'bread',
        number: place.number,
        shape,
        reachMm: reachMm(shape),
        heightMm: heightOf(item)
      }
    })
}

/** Whether two tables are laid in the very same outlines, of whatever pieces. */
export function sameLaid(before: readonly (readonly LaidItem[])[], after: readonly (readonly LaidItem[])[]): boolean {
  return (
    before.length === after.length && before.every((items, i) => items.length === after[i]!.length && items.every((item, j) => sameItem(item, after[i]![j]!)))
  )
}

function sameItem(a: LaidItem, b: LaidItem): boolean {
  return a.isPlate === b.isPlate && a.number === b.number && a.heightMm === b.heightMm && sameFootprint(a.shape, b.shape)
}

function heightOf(item: SettingItem): number {
  return 'heightMm' in item.piece ? item.piece.heightMm : 10
}

/** The deepest run of one guest's things into another's. */
export interface Crowding {
  readonly from: number
  readonly to: number
  readonly overlapMm: number
}

/** Things may touch by this much before it counts: our own starting value. */
export const TOUCH_MM = 3

/** Every two guests whose settings run into each other, worst first. */
export function settingCrowding(laid: readonly (readonly LaidItem[])[], places: readonly Place[], layout: SettingLayout): Crowding[] {
  const reach = Math.hypot(Math.max(layout.leftMm, layout.rightMm), layout.depthMm)
  const crowded: Crowding[] = []
  for (let a = 0; a < places.length; a++) {
    for (let b = a + 1; b < places.length; b++) {
      if (distanceMm(places[a]!, places[b]!) > 2 * reach) continue
      const worst = worstOverlapMm(laid[a]!, laid[b]!)
      if (worst > TOUCH_MM) crowded.push({ from: places[a]!.number, to: places[b]!.number, overlapMm: worst })
    }
  }
  return crowded.sort((x, y) => y.overlapMm - x.overlapMm)
}

function worstOverlapMm(a: readonly LaidItem[], b: readonly LaidItem[]): number {
  let worst = 0
  for (const one of a) {
    for (const other of b) {
      if (distanceMm(one.shape, other.shape) > one.reachMm + other.reachMm) continue
      worst = Math.max(worst, overlapMm(one.shape, other.shape))
    }
  }
  return worst
}
