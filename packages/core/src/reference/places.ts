import type { Comfort } from '../design/look.js'
import { inches } from '../units/length.js'

/**
 * Width of a place along the edge. Tight: common practice, no source. Usual and roomy: also Panero & Zelnik, Human Dimension
 * and Interior Space, 1979, residential dining, 24 and 30 in (value from memory).
 */
export const placeWidthMm: Record<Comfort, number> = { tight: inches(22), usual: inches(24), roomy: inches(30) }

/**
 * Dishes that must stay clear of the dishes round a taken corner, from 1 in inside the edge: plate, fork and knife, 16 in wide and 13 in
 * deep. At a tight table only the dinner plates, 10 1/2 in, keep clear of each other. Derived; see docs/decisions/0002-places.md.
 */
export const cornerCoreMm = { widthMm: inches(16), depthMm: inches(13) } as const
export const TIGHT_PLATE_MM = inches(10.5)

/** A drawn-up chair with its guest, behind the edge: our own starting value. */
export const CHAIR_WIDTH_MM = 500
export const CHAIR_DEPTH_MM = 450

/** Room for a seated guest's knees, in front of the place: our own starting value. */
export const KNEE_WIDTH_MM = 400
export const KNEE_DEPTH_MM = 450

/** Distance of the lowest plate, the flatware and the mat from the edge: Emily Post, Etiquette, about 1 in (value from memory). */
export const EDGE_GAP_MM = 25

/** Glasses are moved outward by hand no farther than this from where the rule has them: about the foot of a goblet and a half. Our own starting value. */
export const MOST_GLASSES_OUT_MM = 120

/** Air between neighboring mats: common practice, no source. */
export const MAT_GAP_MM = inches(1)
