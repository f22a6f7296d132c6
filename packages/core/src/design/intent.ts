export const occasionKinds = [
  'birthday',
  'wedding-anniversary',
  'holiday',
  'harvest',
  'brunch',
  'picnic',
  'tea',
  'dinner-party',
  'family-meal',
  'farewell',
  'memorial',
  'ordinary-week'
] as const
export type OccasionKind = (typeof occasionKinds)[number]

export const moods = ['calm', 'elegant', 'romantic', 'rustic', 'fresh', 'festive', 'lively', 'bold'] as const
export type Mood = (typeof moods)[number]

export const colorRoles = ['base', 'support', 'accent'] as const
export type ColorRole = (typeof colorRoles)[number]

/** A color wished for, and how much of the table it is to be. */
export interface PaletteEntry {
  readonly color: string
  readonly role: ColorRole
}

/** A color of which there may be only so much: percent of what is seen of the table from above, 1 to 100. */
export interface ColorCap {
  readonly color: string
  readonly mostPercent: number
}

/** What the table is for: a meal on its day, every day for the household, or to be looked at while nobody eats at it. */
export const tableUses = ['event', 'daily', 'show'] as const
export type TableUse = (typeof tableUses)[number]

/** How far the season or the theme is spelled out by things that show it. */
export const literalness = ['hinted', 'shown', 'spelled-out'] as const
export type Literalness = (typeof literalness)[number]

export const touchKinds = ['talking-piece', 'surprise', 'sign', 'taste'] as const
/**
 * Something personal: a thing to talk about, one to be found, a sign of family or faith, and where it is; or what a guest of honor likes, in words
 * parted by commas, and whose taste that is.
 */
export interface PersonalTouch {
  readonly kind: (typeof touchKinds)[number]
  readonly what: string
  readonly where: string
}

/** What the stylist means with the look. It steers what is composed and what is noticed, and forces nothing. */
export interface Intent {
  readonly kind: OccasionKind | null
  readonly moods: readonly Mood[]
  /** A piece all else goes with, and the hero where it can be one; one that is no longer among the pieces counts as none. */
  readonly anchorId: string | null
  readonly palette: readonly PaletteEntry[]
  /** Colors that are welcome in small spots only. */
  readonly caps: readonly ColorCap[]
  /** What must not be on the table: words for colors, materials, kinds of things, plants or names. */
  readonly avoid: readonly string[]
  /** Minutes there are to build it by one pair of hands; null where nobody asks. */
  readonly effortMin: number | null
  readonly use: TableUse
  /** Season, place, story: in a few words; empty for none. */
  readonly theme: string
  /** Null where nobody minds. */
  readonly literal: Literalness | null
  readonly touches: readonly PersonalTouch[]
}

/** Nothing said. */
export const noIntent: Intent = {
  kind: null,
  moods: [],
  anchorId: null,
  palette: [],
  caps: [],
  avoid: [],
  effortMin: null,
  use: 'event',
  theme: '',
  literal: null,
  touches: []
}
