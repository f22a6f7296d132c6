import type { BareFinding } from '../design/finding.js'
import type { Layer } from '../design/layers.js'
import type { Look, PatternName } from '../design/look.js'
import type { SmallerStep } from '../design/remedyShapes.js'
import type { Offer, Piece } from '../design/piece.js'
import type { Refusal } from '../composer/idea.js'
import type { Source } from '../composer/stock.js'
import type { Direction } from './direction.js'
import type { LookRecipe } from './recipe.js'
import type { Taste } from './taste.js'
import type { LookFigures } from './lookFigures.js'

export interface WholeLookOptions {
  readonly from: Exclude<Source, 'placed'>
  /** So many looks that differ. */
  readonly want: number
  readonly seed: number
  /** Layers that stay as they are laid now. */
  readonly keep?: readonly Layer[]
  /** Ids of pieces not to be used. */
  readonly without?: readonly string[]
  /** Looks shown before, from which these are to differ. */
  readonly earlier?: readonly { readonly pieceIds: readonly string[]; readonly heroId: string | null; readonly pattern: PatternName | null }[]
  /** Groups of ids the stylist has said belong together. */
  readonly together?: readonly (readonly string[])[]
  /** What the shops sell, beside what the look carries. */
  readonly shelf?: { readonly pieces: readonly Piece[]; readonly offers: readonly Offer[] }
  /** Candles by daylight too. */
  readonly wishLight?: boolean
  /** Laid after another look: its direction, pattern, colors, layers and fold, as far as they can be had. */
  readonly recipe?: LookRecipe
  /** What this stylist has kept and dropped: of equals the likelier is laid, and the likeliest comes first. */
  readonly taste?: Taste
  /** Of the usual width of the search, 1 unsaid; from 4 on four times the casts are laid whole, and every pattern is tried on them. */
  readonly effort?: number
  /** Found before this was broken off: it goes on from there to the same looks. */
  readonly begun?: readonly WholeLook[]
  /** Told after every look with what was found so far; false ends with that. */
  readonly onProgress?: (done: number, of: number, found: readonly WholeLook[]) => boolean
}

/** Why a piece was chosen for a layer. */
export interface LayerChoice {
  readonly layer: Exclude<Layer, 'middle'>
  readonly pieceId: string
  readonly why: readonly (
    'owned' | 'hangs' | 'ground' | 'stands-out' | 'one-family' | 'metal' | 'natural' | 'quiet' | 'color' | 'answers' | 'by-turns' | 'liked' | 'kept' | 'bought'
  )[]
}

/** What everybody needs and nothing could be laid of: how many of one kind there are, and how many are asked for. */
export interface Lacking {
  readonly what: 'dinner' | 'salad' | 'bowl' | 'napkin'
  readonly have: number
  readonly asked: number
}

/** A complete table somebody could lay. */
export interface WholeLook {
  readonly direction: Direction
  readonly look: Look
  readonly pattern: PatternName | null
  /** Id of the piece that leads the middle. */
  readonly heroId: string | null
  readonly choices: readonly LayerChoice[]
  /** Colors by what is seen of them, the ground first. */
  readonly palette: readonly string[]
  /** 0 to 1: how its layers go together and with the direction, and how its middle keeps what eyes prefer. */
  readonly score: number
  readonly castScore: number
  /** Whether its layers show the direction: what may be laid does not always have it. */
  readonly followed: boolean
  /** What is left to mend: stops and warnings. */
  readonly toMend: readonly BareFinding[]
  /** Its middle is of what is owned, because buying for it went over the money. */
  readonly spared: boolean
  /** What was given up at the places so that there is room for a middle. */
  readonly smaller: readonly SmallerStep[]
  /** What everybody needs and could not be had for everybody. */
  readonly lacking: readonly Lacking[]
  /** Its middle leaves the table before the food comes. */
  readonly clearedForMeal: boolean
  /** Why there is nothing in the middle. */
  readonly refusals: readonly Refusal[]
  readonly figures: LookFigures
}
