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

/** What the stylist means with the look. It steers what is composed and what is noticed, and forces nothing. */
export interface Intent {
  readonly kind: OccasionKind | null
  readonly moods: readonly Mood[]
  /** A piece all else goes with, and the hero where it can be one; one that is no longer among the pieces counts as none. */
  readonly anchorId: string | null
  readonly palette: readonly PaletteEntry[]
  /** What must not be on the table: words for colors, materials, kinds of things, plants or names. */
  readonly avoid: readonly string[]
  /** Minutes there are to build it by one pair of hands; null where nobody asks. */
  readonly effortMin: number | null
}

/** Nothing said. */
export const noIntent: Intent = { kind: null, moods: [], anchorId: null, palette: [], avoid: [], effortMin: null }
