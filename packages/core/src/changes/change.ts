import type { Edit } from '../design/edit.js'
import type { BareFinding } from '../design/finding.js'
import type { ColorNote } from '../palette/colorFigures.js'

/** One thing changed on a table: another in its place, left out, or one more. */
export interface Trial {
  readonly kind: 'swap' | 'leave-out' | 'add'
  /** The piece it is about: what is swapped, left out or added. */
  readonly pieceId: string
  /** What takes its place. */
  readonly toId: string | null
  readonly edit: Edit
}

/** A change, measured. Differences are after less before. */
export interface Change extends Trial {
  /** How many of what comes have to be got. */
  readonly toGet: number
  readonly spendCents: number
  readonly faces: number
  readonly lifts: number
  /** Of the tallest thing in the middle, mm. */
  readonly heightMm: number
  /** To build it, by one pair of hands. */
  readonly minutes: number
  /** L* of the table as it is seen from above, 0 to 100. */
  readonly lightness: number
  /** CIEDE2000 of what goes to what comes; null where nothing does. */
  readonly deltaE: number | null
  /** Stops and warnings it brings or makes graver, and those it mends. */
  readonly brings: readonly BareFinding[]
  readonly mends: readonly BareFinding[]
  /** What is noticed of the colors only after it, and only before it. */
  readonly notesBrought: readonly ColorNote[]
  readonly notesMended: readonly ColorNote[]
  /** How much more the look is worth with it, of what it is worth now. */
  readonly gain: number
}
