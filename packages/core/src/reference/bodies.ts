import type { Guest } from '../design/look.js'

/**
 * Sitting eye height above the seat, millimeters, at the 5th percentile, the mean and the 95th percentile.
 * Pheasant, Bodyspace, 2nd ed. 1996, British adults 19-65 (value from memory, rounded to 5 mm as printed).
 * `unstated` is halfway between the two rows.
 */
export const sittingEyeHeightMm = {
  woman: { short: 685, average: 740, tall: 795 },
  man: { short: 735, average: 790, tall: 845 },
  unstated: { short: 710, average: 765, tall: 820 }
} as const

/** Standard deviations of the same table, from which its percentiles follow. */
export const sittingEyeHeightSdMm = { woman: 33, man: 35 } as const

/** Relaxed sitting against sitting upright: Pheasant 1996 (value from memory). */
const SLUMP_MM = 40

/** A child's sitting eye height by age: common practice, no source. */
export const childEyeHeightMm: readonly (readonly [ageYears: number, eyeMm: number])[] = [
  [2, 440],
  [4, 505],
  [7, 575],
  [10, 640],
  [13, 700],
  [16, 745]
]

/** Face: a vertical ellipse centered below the eyes; derived in the handbook. */
export const FACE_HALF_HEIGHT_MM = 95
export const FACE_HALF_WIDTH_MM = 70
export const FACE_BELOW_EYES_MM = 30

/** How far behind the table's edge a seated guest's eyes are: our own starting value. */
export const EYES_BEHIND_EDGE_MM = 100

/** Eye height above the seat of a guest, relaxed, with the booster under a child. */
export function eyeAboveSeatMm(body: Guest['body']): number {
  if (body.kind === 'adult') return sittingEyeHeightMm[body.build][body.stature] - SLUMP_MM
  return interpolate(childEyeHeightMm, body.ageYears) - SLUMP_MM / 2 + body.boosterMm
}

function interpolate(table: readonly (readonly [number, number])[], at: number): number {
  const next = table.findIndex(([key]) => key >= at)
  if (next === 0) return table[0]![1]
  if (next < 0) return table[table.length - 1]![1]
  const [k0, v0] = table[next - 1]!
  const [k1, v1] = table[next]!
  return v0 + ((at - k0) / (k1 - k0)) * (v1 - v0)
}

/** Eyes of somebody standing, handbook section 2; of a child of about seven, standing: common practice, no source. */
export const STANDING_EYE_MM = 1550
export const CHILD_STANDING_EYE_MM = 1120
