/**
 * Friction of a foot on cloth or wood, below which a leaning thing slips: 0.3, the low end of handbook tables of wood and glass on wood or
 * cloth (value from memory).
 */
export const FOOT_FRICTION = 0.3
/** A thing with nothing to lean on is drawn at this lean, and one that leans well stands so: our own starting value. */
export const LEAN_USUAL_DEG = 18
/** What is leaned on keeps this share of what it would take to tip it: our own starting value. */
export const LEAN_PUSH_SHARE = 0.5
/** Draped less than this down a side it slips off: our own starting value. */
export const DRAPE_LEAST_MM = 40
