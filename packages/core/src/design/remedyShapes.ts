import type { Course } from './course.js'
import type { Comfort, DropStyle, Fullness, Mechanics, RunnerLayKind, School } from './look.js'
import type { FoldKind } from './foldKinds.js'
import type { Drink } from './menu.js'
import type { NeedGroup, TableZone } from './money.js'

/** Nothing more to say than the code. */
export interface Plain {
  readonly [name: string]: never
}
export const smallerSteps = ['dessert-brought-in', 'napkin-on-plate', 'smaller-charger', 'no-bread-plate', 'no-charger'] as const
/** A step by which a place setting becomes smaller. */
export type SmallerStep = (typeof smallerSteps)[number]

/** A piece of the middle. */
interface OnPlaced {
  readonly placedId: string
}
/** A piece wherever it is used, or of the cupboard. */
interface OnPiece {
  readonly pieceId: string
}
interface Swapped {
  readonly fromId: string
  readonly toId: string
}
interface Count {
  readonly count: number
}

/** What each remedy needs for its words: lengths in mm, counts, minor units, ids. `ProposalOf` makes the types of the proposals of it. */
export interface RemedyShapes {
  'leaf-in': { readonly leaves: number; readonly addedMm: number }
  'heads-open': Plain
  'heads-closed': Plain
  comfort: { readonly comfort: Comfort }
  'fewer-guests': Count & { readonly awayIds: readonly string[] }
  'skip-layer': OnPiece
  'napkin-on-plate': Plain
  'dessert-brought-in': Plain
  'glasses-in': Plain
  'smaller-setting': { readonly steps: readonly SmallerStep[] }
  'add-flatware': OnPiece
  'skip-course': { readonly courses: readonly Course[] }
  swap: Swapped
  'drop-style': { readonly drop: DropStyle }
  'take-off': OnPlaced
  'take-off-linen': OnPiece
  'turn-runner': { readonly lay: RunnerLayKind }
  'turn-topper': Plain
  'fold-runner': OnPiece & { readonly lengthMm: number; readonly widthMm: number }
  'runner-across': OnPiece
  'join-cloths': { readonly byMm: number }
  'one-cloth': Plain
  'cover-spot': OnPlaced
  move: OnPlaced & { readonly byMm: number }
  'stand-on-table': OnPlaced & { readonly byMm: number }
  lower: OnPlaced & { readonly heightMm: number; readonly byMm: number }
  'clear-for-meal': OnPlaced
  'light-later': { readonly atMin: number }
  'no-candle': OnPlaced
  'no-candle-of': OnPiece
  'no-candles': Plain
  'enclose-flames': Count
  'no-flames': { readonly flameless: number }
  'fewer-stems': OnPlaced & { readonly stems: number }
  'more-stems': OnPlaced & { readonly stems: number }
  'smaller-spread': OnPlaced & { readonly spreadMm: number }
  'leave-out-plants': OnPiece
  'leave-out-stems': OnPlaced & { readonly kinds: number }
  'raise-budget': { readonly totalCents: number }
  'use-reserve': { readonly cents: number }
  'raise-cap': { readonly part: NeedGroup | TableZone; readonly cents: number }
  'fewer-draws': { readonly cents: number }
  'settle-claim': OnPiece
  'go-without': OnPiece
  borrow: OnPiece & Count
  /** Offers of one shop, with the last day to order. */
  buy: OnPiece & Count & { readonly cents: number; readonly shop: string; readonly leadDays: number }
  cheaper: { readonly pieceIds: readonly string[]; readonly cents: number }
  substitute: OnPiece
  'eaten-usual': Plain
  'finger-food': Plain
  'swap-seats': { readonly guestId: string; readonly otherId: string }
  'raise-table': { readonly heightMm: number }
  'side-chairs': Plain
  'longer-bench': { readonly lengthMm: number }
  bench: Plain
  'no-pass': Plain
  'shift-table': { readonly byMm: number }
  'raise-fixture': { readonly heightMm: number }
  'bare-lamp': OnPiece
  'lay-cloth': OnPiece
  'no-star': Plain
  fold: { readonly fold: FoldKind }
  'child-safe': Plain
  'add-glass': OnPiece
  'one-glass': Plain
  'no-drink': { readonly drinks: readonly Drink[] }
  'choose-vessel': OnPiece
  'serve-plated': Plain
  'serve-some-plated': Count
  'serve-buffet': Plain
  'add-dish': { readonly name: string }
  'skip-dish': { readonly dishId: string }
  'other-tool': OnPiece
  'no-chargers': Plain
  'napkin-left': Plain
  'find-place': Plain
  'plain-chair': Plain
  'put-on-riser': OnPlaced & OnPiece
  'lay-filling': OnPlaced & OnPiece & Count
  rise: OnPlaced & { readonly byMm: number }
  exchange: OnPlaced & { readonly otherId: string }
  'add-piece': OnPiece
  'shift-all': { readonly byMm: number }
  'thin-out': Count
  fullness: { readonly fullness: Fullness }
  groups: { readonly groups: School['groups'] }
  'turn-round': OnPlaced
  echo: OnPiece
  'without-accent': { readonly color: string }
  'open-middle': Plain
  meant: Plain
  'let-sockets': Plain
  'lean-right': OnPlaced & { readonly otherId: string; readonly leanDeg: number }
  'lean-on': OnPlaced & { readonly otherId: string; readonly leanDeg: number }
  'other-level': OnPlaced & { readonly level: number }
  'stand-all-on-table': Count
  'drape-over': OnPlaced & OnPiece
  mechanics: OnPlaced & { readonly mechanics: Mechanics }
  'cord-along': OnPlaced & { readonly byMm: number }
  'on-cells': Swapped
  'keep-at-meal': OnPlaced
  /** `cents` is null while nobody knows the price, 0 for a can of the house. */
  spray: OnPiece & { readonly cents: number | null; readonly dryHours: number }
}
