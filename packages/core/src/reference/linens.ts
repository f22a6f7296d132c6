import type { DropStyle } from '../design/look.js'
import { inches } from '../units/length.js'

/** Drop of a cloth by style, least and most: common practice, no source. Formal is to the floor less 1/2 in and set by the table's height. */
export const dropRangeMm: Record<Exclude<DropStyle, 'formal'>, readonly [number, number]> = {
  casual: [inches(6), inches(10)],
  dressy: [inches(10), inches(15)]
}

/** A formal cloth ends this far above the floor at the most: common practice, no source. */
export const FORMAL_CLEAR_MM = [inches(0), inches(2)] as const

/** Overhang of a runner at each end, or no more than this short of it: common practice, no source. */
export const RUNNER_OVERHANG_MM = inches(6)
export const RUNNER_OVERHANG_MOST_MM = inches(15)

/** Two measured drops differ when more than this apart. */
export const UNEVEN_DROP_MM = inches(2)
