import { inches } from '../units/length.js'

/**
 * Nothing on a table may fall at this tilt: the incline of the candle-holder fire-safety standards ASTM F2417 and EN 15493 (value from memory).
 * Where children, cats or dogs reach it, our own starting value.
 */
export const TILT_LEAST_DEG = 10
export const TILT_REACHED_DEG = 15

/** Glass stands this far from the edge; a toddler reaches this far over it: our own starting values. */
export const EDGE_MM = 40
export const SMALL_HANDS_MM = inches(12)

/** What stands in something shows at least this far above its rim, or half of it: our own starting value. */
export const SHOWS_LEAST_MM = 30

/** A dog's tail sweeps surfaces up to this high, this far in from the edge: our own starting values. */
export const TAIL_TOP_MM = 560
export const TAIL_REACH_MM = inches(10)
