import { inches } from '../units/length.js'
import type { Fullness, Symmetry } from '../design/look.js'
import type { Material } from '../design/piece.js'

/** Heights this far apart read as two levels, and how many a middle wants: common practice, no source. */
export const LEVEL_STEP_MM = inches(2)
export const LEVELS_WANTED = 2

/** Neighbors differ in height by this ratio at the least: common practice, no source. Below this height things are low and need not. */
export const NEIGHBOR_RATIO = 1.25
export const LOW_MM = 120
/** Pieces this near each other are neighbors, and stand in one group: our own starting values. */
export const NEIGHBOR_MM = 260
export const GROUP_GAP_MM = 50
/** Larger clusters are a run or a heap, not a group. */
export const GROUP_MOST = 6

/** Tall to medium to small of a graded three, within 15 %: common practice, no source. */
export const GRADED = [1, 0.75, 0.5] as const
export const GRADED_WITHIN = 0.15

/** Moment of the visual weight about each axis, as a share of half the free length: derived, handbook section 5. */
export const BALANCE_MOST: Record<Symmetry, number> = { symmetric: 0.08, 'by-weight': 0.2 }

/** Share of the free spine that things take, least and most: 45 to 60 % at usual was tried on eight tables, wider for what hands laid. On a round what they cover of its free disc: our own starting values. */
export const SPINE_SHARE: Record<Fullness, readonly [number, number]> = { sparse: [0.14, 0.48], usual: [0.26, 0.66], lush: [0.4, 0.85] }
export const RING_SHARE: Record<Fullness, readonly [number, number]> = { sparse: [0.03, 0.34], usual: [0.07, 0.48], lush: [0.14, 0.6] }

/** No piece wider than this share of the free width: common practice, no source. */
export const WIDTH_SHARE_MOST = 0.75

/** An accent is seen in so many places, not all in one third: common practice, no source. A color with this OKLab chroma is an accent. */
export const ACCENT_PLACES = 3
export const ACCENT_CHROMA = 0.09
/** A quieter hue that a flower can answer, and that counts among the hues of a middle, has this much: our own starting value. */
export const HUE_CHROMA = 0.055

/** Fewer of both look like a shop shelf: common practice, no source. */
export const FINISHES_WANTED = 2
export const TEXTURES_WANTED = 2

/** A mouth no wider is a bud vase's, which is never thin: our own starting value. */
export const BUD_MOUTH_MM = 40

/** Clear in the middle of a table with two foci: common practice, no source. */
export const OPEN_MIDDLE_MM = inches(12)

/** Without guests a table is dressed to within 2 in of its edge. */
export const SHOW_MARGIN_MM = inches(2)

/** How a material takes the light, and what it feels like: our own grouping. */
export const finishOf: Record<Material, 'shiny' | 'matte' | 'clear'> = {
  porcelain: 'shiny',
  stoneware: 'matte',
  glass: 'clear',
  brass: 'shiny',
  steel: 'shiny',
  silver: 'shiny',
  wood: 'matte',
  rattan: 'matte',
  linen: 'matte',
  cotton: 'matte',
  wool: 'matte',
  stone: 'matte',
  wax: 'matte',
  plant: 'matte',
  dried: 'matte',
  faux: 'matte',
  paper: 'matte',
  fruit: 'matte',
  resin: 'matte'
}
export const textureOf: Record<Material, string> = {
  porcelain: 'ceramic',
  stoneware: 'ceramic',
  glass: 'glass',
  brass: 'metal',
  steel: 'metal',
  silver: 'metal',
  wood: 'wood',
  rattan: 'woven',
  linen: 'cloth',
  cotton: 'cloth',
  wool: 'cloth',
  stone: 'stone',
  wax: 'wax',
  plant: 'leaf',
  dried: 'leaf',
  faux: 'leaf',
  paper: 'paper',
  fruit: 'fruit',
  resin: 'resin'
}
/** How things feel to the eye: hard and structural, or soft and airy. Fruit is neither. */
export const touchOf: Readonly<Record<string, 'hard' | 'soft'>> = {
  ceramic: 'hard',
  glass: 'hard',
  metal: 'hard',
  wood: 'hard',
  stone: 'hard',
  resin: 'hard',
  wax: 'hard',
  woven: 'soft',
  cloth: 'soft',
  leaf: 'soft',
  paper: 'soft'
}
/** Of so many kinds of things at least this share is hard, and this share soft: our own starting values. */
export const TOUCH_FROM_KINDS = 6
export const TOUCH_LEAST = 0.12
/** Bare table within this of a thing of the middle is one of its gaps; small things that fill them take so much of their area. Our own starting values. */
export const GAP_NEAR_MM = 140
export const GAP_SHARE = 0.22
/** Things with no more than this between them are neighbors; one more than so many times as large as the other is of another scale: our own starting values. */
export const NEIGHBORS_MM = 120
export const SCALE_APART = 5
export const greenMaterials: readonly Material[] = ['plant', 'dried', 'faux']

/** More of a picture, a window or a plant than this behind a thing reads as a mistake: our own starting value. */
export const ART_HIDDEN_MOST = 0.2
/** Two colors nearer than this in OKLab read as one across a room, as a cord on a table: our own starting value. */
export const BLENDS_WITHIN = 0.12
/** Less of a cord than this seen bare is not looked at: our own starting value. */
export const CORD_SEEN_MM = 120

/** Guests who leave before this hour eat by daylight, and a table then needs no light; minutes after midnight, our own starting value. */
export const DAYLIGHT_UNTIL_MIN = 17 * 60
