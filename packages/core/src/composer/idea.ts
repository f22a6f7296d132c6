import type { Edit } from '../design/edit.js'
import type { BareFinding } from '../design/finding.js'
import type { PatternName, Placed } from '../design/look.js'
import type { SmallerStep } from '../design/remedyShapes.js'
import type { Part, StockOptions } from './stock.js'
import type { MiddleScore } from '../composition/score.js'
import type { Why } from './why.js'

export interface ComposeOptions extends StockOptions {
  /** One pattern for ideas within it, several for the best of each. */
  readonly patterns: readonly PatternName[]
  /** So many different ideas. */
  readonly want: number
  readonly seed: number
  /** Id of the piece everything is laid round. */
  readonly anchorId?: string | null
  /** Candles by daylight too. */
  readonly wishLight?: boolean
  readonly steer?: Steer
  /** Casts laid and drafts measured, times the usual. */
  readonly effort?: number
  /** Told now and then; false ends the search with what is found. */
  readonly onProgress?: (done: number, of: number) => boolean
}

/** One-click variations that stay in the structure: each -1, 0 or 1. */
export interface Steer {
  /** Fewer or more things. */
  readonly amount?: number
  /** Lower or higher masses. */
  readonly height?: number
  /** Fewer or more kinds of things. */
  readonly richness?: number
  /** Cooler or warmer flowers. */
  readonly warmth?: number
}

/** A middle somebody could lay. */
export interface Idea {
  /** Null where the middle it is made of says none. */
  readonly pattern: PatternName | null
  /** Lays it in place of what is not locked. */
  readonly edit: Edit
  readonly centerpiece: readonly Placed[]
  readonly cast: CastNames
  readonly score: MiddleScore
  readonly why: readonly Why[]
  /** What it leaves: findings that the table has with it and not without it. */
  readonly brings: readonly BareFinding[]
  /** What the whole look comes to with it, and what of that it adds. */
  readonly spendCents: number
  readonly addsCents: number
  readonly lifts: number
  readonly minutes: number
  /** What is laid anew leaves the table before the food comes: beside it the dishes find no room. */
  readonly clearedForMeal: boolean
  /** Candles might burn, and there are none in it. */
  readonly unlit: boolean
}

/** Ids of what was chosen for each part; null where there is none. */
export interface CastNames {
  readonly heroId: string | null
  readonly supportId: string | null
  readonly lightId: string | null
  readonly baseId: string | null
  readonly accentId: string | null
  readonly focalId: string | null
  readonly fillerId: string | null
  readonly foliageId: string | null
}

/** Why a pattern is not laid, and the one thing that would make it possible. */
export interface Refusal {
  readonly pattern: PatternName | null
  readonly because: 'no-room' | 'no-pieces' | 'no-flowers' | 'faults'
  /** Parts of which the cupboard has too few. */
  readonly parts: readonly Part[]
  /** Findings no attempt was free of, by code. */
  readonly faults: readonly BareFinding['code'][]
  /** A smaller setting with which there is room; null where that is not it. */
  readonly smaller: { readonly edit: Edit; readonly steps: readonly SmallerStep[] } | null
}

export interface Composed {
  readonly ideas: readonly Idea[]
  readonly refusals: readonly Refusal[]
}

/** No idea, and why. */
export function refused(refusal: Pick<Refusal, 'pattern' | 'because'> & Partial<Refusal>): Composed {
  return { ideas: [], refusals: [{ parts: [], faults: [], smaller: null, ...refusal }] }
}
