import type { Budget, Buying, Claim, Shop } from './money.js'
import type { Offer, Piece } from './piece.js'

/** The look document, version 1: everything one design needs to be assessed anywhere. */
export interface Look {
  readonly format: 'hestiad-look'
  readonly version: 1
  readonly id: string
  readonly name: string
  readonly occasion: Occasion
  readonly household: Household
  readonly money: Budget
  readonly school: School
  readonly table: Table
  readonly guests: readonly Guest[]
  readonly linens: Linens
  readonly setting: PlaceSetting
  readonly centerpiece: readonly Placed[]
  readonly pieces: readonly Piece[]
  readonly offers: readonly Offer[]
  readonly shops: readonly Shop[]
  /** What other occasions lay of the same cupboard on days too near. */
  readonly claims: readonly Claim[]
  /** Ids of pieces that may stand in for one another, group by group. */
  readonly interchangeable: readonly (readonly string[])[]
  readonly buying: Buying
}

export type Course = 'oysters' | 'soup' | 'fish' | 'salad' | 'main' | 'dessert'

export interface Occasion {
  readonly title: string
  readonly place: string
  /** ISO date, `2027-02-06`. */
  readonly date: string
  /** Minutes after midnight; an end past midnight runs on beyond 1440. */
  readonly arriveMin: number
  readonly endMin: number
  readonly courses: readonly Course[]
  readonly notes: string
}

export interface Household {
  readonly cats: boolean
  readonly dogs: boolean
  readonly toddlers: boolean
}

export type Comfort = 'tight' | 'usual' | 'roomy'
export type DropStyle = 'casual' | 'dressy' | 'formal'
export type Fullness = 'sparse' | 'usual' | 'lush'

/** What the stylist chose to be measured against. */
export interface School {
  readonly comfort: Comfort
  readonly drop: DropStyle
  readonly fullness: Fullness
  readonly safety: 'US' | 'EU'
  /** Extra stems bought, as a percent of the stems used. */
  readonly spareStemsPercent: number
}

export type TableShape =
  | { readonly kind: 'rectangle'; readonly lengthMm: number; readonly widthMm: number }
  | { readonly kind: 'square'; readonly sideMm: number }
  | { readonly kind: 'round'; readonly diameterMm: number }
  | { readonly kind: 'oval'; readonly lengthMm: number; readonly widthMm: number }
  | { readonly kind: 'racetrack'; readonly lengthMm: number; readonly widthMm: number }

export type Support = { readonly kind: 'legs'; readonly legMm: number; readonly insetMm: number } | { readonly kind: 'pedestal' }

export interface Table {
  readonly name: string
  /** With no leaf in; leaves lengthen it along x. */
  readonly shape: TableShape
  readonly leaves: { readonly owned: number; readonly in: number; readonly eachMm: number }
  readonly support: Support
  readonly heightMm: number
  readonly seatHeightMm: number
  /** Whether somebody sits at the ends. */
  readonly heads: 'open' | 'closed'
  readonly color: string
}

export type Stature = 'short' | 'average' | 'tall'

export interface Guest {
  readonly id: string
  readonly name: string
  readonly body:
    | { readonly kind: 'adult'; readonly build: 'woman' | 'man' | 'unstated'; readonly stature: Stature }
    | { readonly kind: 'child'; readonly ageYears: number; readonly boosterMm: number }
  readonly leftHanded: boolean
  readonly wheelchair: boolean
}

export interface Linens {
  readonly clothId: string | null
  readonly runner: { readonly pieceId: string; readonly lay: 'along' | 'across' } | null
  readonly matId: string | null
}

/** What stands before each guest, bottom to top and outside in. */
export interface PlaceSetting {
  /** Plates from the bottom up. */
  readonly plateIds: readonly string[]
  readonly breadPlateId: string | null
  readonly napkin: { readonly pieceId: string; readonly place: 'on-plate' | 'left'; readonly fold: 'band' | 'knot' | 'flat' } | null
  /** One pattern: at most one piece for each role; what is laid follows from the courses. */
  readonly flatwareIds: readonly string[]
  readonly dessertAbove: boolean
  /** Water first, then wines in order of use. */
  readonly glassIds: readonly string[]
}

export interface Arrangement {
  readonly stems: readonly { readonly stemId: string; readonly count: number }[]
  /** How far the flowers rise above the rim. */
  readonly riseMm: number
  readonly spreadMm: number
}

/** A piece in the middle; its position is in the frame of what it stands on, or of the table. */
export interface Placed {
  readonly id: string
  readonly pieceId: string
  readonly xMm: number
  readonly yMm: number
  readonly turnDeg: number
  /** Id of the placed riser or tray below, or null on the table itself. */
  readonly on: string | null
  /** False when it is cleared before people eat. */
  readonly atMeal: boolean
  readonly candle: { readonly candleId: string; readonly lightAtMin: number } | null
  readonly arrangement: Arrangement | null
}
