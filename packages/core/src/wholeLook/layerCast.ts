import type { Cloth, Flatware, Glass, Napkin, Plate, Runner } from '../design/piece.js'

/** What is laid for everybody, from the table up. */
export interface LayerCast {
  readonly cloth: Cloth | null
  readonly runner: Runner | null
  readonly charger: Plate | null
  readonly dinner: Plate | null
  /** Bowl or salad plate on top, as the courses ask. */
  readonly upper: readonly Plate[]
  readonly napkin: Napkin | null
  readonly glasses: readonly Glass[]
  readonly flatware: readonly Flatware[]
  readonly costCents: number
  /** How well all of it goes together, 0 to 1, before any direction. */
  readonly kinship: number
}
