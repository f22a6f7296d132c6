import type { Comfort } from '../design/look.js'
import type { ArrangementFigures } from '../florals/floralFindings.js'
import type { Place } from '../seating/places.js'
import type { CoverSpot } from '../linens/coverFindings.js'
import type { LinenFigures } from '../linens/linenFindings.js'
import type { CandleEvening } from '../light/lightFindings.js'
import type { BuyList } from '../money/buyList.js'
import type { BuffetStation, sharedItems } from '../serving/buffet.js'
import type { Serving } from '../serving/dishes.js'
import type { TableDish } from '../serving/tableDishes.js'
import type { SettingLayout } from '../settings/settingItems.js'
import type { CompositionFigures } from '../composition/compositionFigures.js'
import type { CordRoute } from '../composition/cords.js'
import type { CoverThis } from '../composition/coverThese.js'
import type { Clearing } from '../stability/clearing.js'
import type { Tilt } from '../stability/tilt.js'
import type { TableSight } from '../sight/tableSight.js'

/** Everything the ledger line and the panels show; lengths in mm, times in minutes, money in minor units. */
export interface Figures {
  readonly seats: {
    readonly guests: number
    readonly lengthMm: number
    readonly widthMm: number
    readonly places: readonly Place[]
    readonly narrowestMm: number | null
    readonly wantedMm: number
    readonly capacity: Readonly<Record<Comfort, number>>
  }
  readonly linens: LinenFigures & { /** Spots of the linens that something must cover. */ readonly spots: readonly CoverSpot[] }
  readonly setting: Omit<SettingLayout, 'items'>
  readonly composition: CompositionFigures & { /** What of the middle wants covering. */ readonly toCover: readonly CoverThis[] }
  /** The way of each cord to its socket. */
  readonly cords: readonly CordRoute[]
  readonly stability: { readonly tilts: readonly Tilt[]; readonly clearing: Clearing }
  readonly sight: Omit<TableSight, 'hidden'> & {
    /** Hidden share of each face by row (who looks) and column (who is looked at). */
    readonly hidden: readonly (readonly number[])[]
    /** Height above the tabletop at which each piece that hides somebody would hide nobody. */
    readonly clearHeights: readonly { readonly placedId: string; readonly heightMm: number; readonly clearMm: number }[]
  }
  readonly light: {
    readonly candles: readonly CandleEvening[]
    readonly shortestMin: number | null
    readonly flames: number
  }
  readonly florals: readonly ArrangementFigures[]
  readonly serving: {
    readonly servings: readonly Serving[]
    readonly onTable: readonly TableDish[]
    readonly buffet: readonly BuffetStation[]
    readonly shared: ReturnType<typeof sharedItems>
  }
  readonly money: BuyList
}
