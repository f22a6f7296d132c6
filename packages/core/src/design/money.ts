/** The money side of a look. Sums in integer minor units of the budget's currency, days in ISO. */

export const needGroups = ['linens', 'settings', 'centerpiece', 'florals', 'light', 'supplies'] as const
/** What a need belongs to. */
export type NeedGroup = (typeof needGroups)[number]

export const tableZones = ['under', 'places', 'middle'] as const
/** Where on the table a need shows: what lies under everything, the guests' places, the middle. */
export type TableZone = (typeof tableZones)[number]

/** How the working budget is parted: not at all, a cap for each group, or a cap for each zone. A part without a cap is free. */
export type BudgetSplit =
  | { readonly kind: 'plain' }
  | { readonly kind: 'groups'; readonly caps: readonly { readonly part: NeedGroup; readonly capCents: number }[] }
  | { readonly kind: 'zones'; readonly caps: readonly { readonly part: TableZone; readonly capCents: number }[] }

export interface Budget {
  /** ISO 4217 code. */
  readonly currency: string
  readonly totalCents: number
  /** Share of the total put aside first, in percent of the total. */
  readonly reservePercent: number
  /** Sales tax in percent of what a shop charges. */
  readonly taxPercent: number
  /** Whether shown prices hold the tax already or it is added at the till. */
  readonly taxMode: 'included' | 'added'
  readonly split: BudgetSplit
}

/** Pieces laid by another occasion on a day too near to have them back. */
export interface Claim {
  readonly pieceId: string
  readonly count: number
  readonly occasion: string
  readonly date: string
  /** True when the stylist has settled that both can have them. */
  readonly settled: boolean
}

/** A price reduction a shop gives once. */
export interface Coupon {
  readonly code: string
  readonly off: { readonly kind: 'percent'; readonly percent: number } | { readonly kind: 'amount'; readonly cents: number }
  /** Least sum of goods it is given on. */
  readonly fromCents: number
  readonly untilDay: string
}

export interface Shop {
  readonly name: string
  /** Whether one can go there. */
  readonly visit: boolean
  /** What delivery costs, and from which sum of goods it is free; null when it does not deliver. */
  readonly delivery: { readonly cents: number; readonly freeFromCents: number | null } | null
  readonly coupon: Coupon | null
}

/** Durable things are bought ahead; what wilts is bought in the last days. */
export type BuySlot = 'ahead' | 'fresh'

export interface OrderLine {
  readonly offerId: string
  readonly packs: number
  /** Kept as it is when the plan is made again. */
  readonly locked: boolean
}

/** One trip to a shop or one delivery from it. */
export interface Order {
  readonly shop: string
  readonly slot: BuySlot
  readonly way: 'trip' | 'delivery'
  readonly coupon: boolean
  readonly lines: readonly OrderLine[]
}

/** What was really bought. */
export interface Bought {
  readonly id: string
  readonly pieceId: string
  readonly pieces: number
  readonly cents: number
  readonly day: string
  readonly shop: string
  readonly note: string
  /** Id of the receipt's photo, or null. */
  readonly photoId: string | null
}

/** Pieces somebody lends for the day. */
export interface Borrowed {
  readonly id: string
  readonly pieceId: string
  readonly count: number
  /** Whose they are, and the ISO day they go back; empty and null while nobody has said. */
  readonly from: string
  readonly backDay: string | null
}

/** Money moved from the reserve into the working budget, with its cause. */
export interface Draw {
  readonly id: string
  readonly cents: number
  readonly cause: string
  readonly day: string
}

/** The sums a plan foresaw on the day it was made: what was spent already and what was to spend, by kind, by zone, and what belongs to no part. */
export interface PlannedSums {
  readonly day: string
  readonly groups: readonly { readonly part: NeedGroup; readonly cents: number }[]
  readonly zones: readonly { readonly part: TableZone; readonly cents: number }[]
  readonly extrasCents: number
}

export interface Buying {
  /** What a trip to a shop is worth to the stylist. */
  readonly tripCents: number
  /** What a spare piece is worth later, in percent of its price; more than 50 counts as 50. */
  readonly reusePercent: number
  /** Day the prices were asked for; null before. */
  readonly pricesOn: string | null
  /** The chosen plan; empty before one is made. */
  readonly orders: readonly Order[]
  /** The plan as it was made; it stays while things are bought. Null before one was kept. */
  readonly planned: PlannedSums | null
  /** Ids of needed pieces the stylist goes without. */
  readonly skipped: readonly string[]
  readonly bought: readonly Bought[]
  readonly draws: readonly Draw[]
  readonly borrowed: readonly Borrowed[]
}

/** Money and buying of a look nobody has decided on yet. */
export const plainBuying: Buying = {
  tripCents: 800,
  reusePercent: 25,
  pricesOn: null,
  orders: [],
  planned: null,
  skipped: [],
  bought: [],
  draws: [],
  borrowed: []
}
export const noTax = { taxPercent: 0, taxMode: 'included', split: { kind: 'plain' } } as const
