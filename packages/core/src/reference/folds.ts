import type { FoldKind } from '../design/foldKinds.js'
import { inches } from '../units/length.js'

/** How a napkin can be folded. Sizes as shares of its side; least sides, minutes and steps: our own starting values unless marked. */
export interface Fold {
  /** Least side it can be made of. */
  readonly leastMm: number
  /** Half the folded width and depth, and the height, as shares of the side. */
  readonly halfX: number
  readonly halfY: number
  readonly height: number
  /** Whether it only holds when pressed (common practice, no source). */
  readonly pressed: boolean
  readonly minutes: number
  readonly holdsCutlery: boolean
  readonly tie: 'none' | 'ring' | 'twine'
  /** Tries it takes until it goes well. */
  readonly practice: number
}

export const folds = {
  flat: { leastMm: inches(10), halfX: 1 / 6, halfY: 1 / 4, height: 0.02, pressed: false, minutes: 0.3, holdsCutlery: false, tie: 'none', practice: 1 },
  band: { leastMm: inches(14), halfX: 1 / 8, halfY: 1 / 4, height: 0.02, pressed: false, minutes: 0.5, holdsCutlery: true, tie: 'none', practice: 1 },
  knot: { leastMm: inches(16), halfX: 1 / 8, halfY: 1 / 5, height: 0.08, pressed: false, minutes: 0.5, holdsCutlery: false, tie: 'none', practice: 1 },
  ring: { leastMm: inches(14), halfX: 1 / 8, halfY: 3 / 10, height: 0.08, pressed: false, minutes: 0.4, holdsCutlery: false, tie: 'ring', practice: 1 },
  pocket: { leastMm: inches(18), halfX: 1 / 8, halfY: 1 / 4, height: 0.02, pressed: true, minutes: 1, holdsCutlery: true, tie: 'none', practice: 2 },
  fan: { leastMm: inches(18), halfX: 1 / 4, halfY: 1 / 8, height: 0.25, pressed: true, minutes: 2, holdsCutlery: false, tie: 'none', practice: 3 },
  pyramid: { leastMm: inches(18), halfX: 1 / 4, halfY: 1 / 6, height: 0.3, pressed: true, minutes: 1.2, holdsCutlery: false, tie: 'none', practice: 2 },
  tree: { leastMm: inches(18), halfX: 1 / 5, halfY: 1 / 4, height: 0.03, pressed: true, minutes: 2.5, holdsCutlery: false, tie: 'none', practice: 3 },
  roll: { leastMm: inches(14), halfX: 1 / 14, halfY: 1 / 4, height: 0.1, pressed: false, minutes: 0.6, holdsCutlery: true, tie: 'ring', practice: 1 },
  bundle: { leastMm: inches(16), halfX: 1 / 10, halfY: 1 / 4, height: 0.08, pressed: false, minutes: 1, holdsCutlery: true, tie: 'twine', practice: 1 },
  draped: { leastMm: inches(18), halfX: 1 / 8, halfY: 2 / 5, height: 0.02, pressed: true, minutes: 0.4, holdsCutlery: false, tie: 'none', practice: 1 },
  triangle: { leastMm: inches(12), halfX: 1 / 4, halfY: 1 / 4, height: 0.02, pressed: false, minutes: 0.3, holdsCutlery: false, tie: 'none', practice: 1 }
} as const satisfies Record<FoldKind, Fold>
