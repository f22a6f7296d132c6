import type { Chair } from '../design/look.js'
import { inches } from '../units/length.js'

/**
 * A wheelchair place: clear knees high, wide and deep, and the surface from low to high. 2010 ADA Standards, 306.3.1, 306.3.3, 306.2, 902.3
 * (values from memory). Local codes and the guest's own word come first.
 */
export const wheelchairMm = {
  kneeHeight: inches(27),
  kneeWidth: inches(30),
  kneeDepth: inches(19),
  surfaceLow: inches(28),
  surfaceHigh: inches(34),
  clearWidth: inches(30),
  clearDepth: inches(48),
  route: inches(36)
} as const

/** Behind a seated guest: to a wall, and for somebody to walk past. Panero & Zelnik 1979 (values from memory). */
export const BEHIND_WALL_MM = inches(30)
export const BEHIND_PASS_MM = inches(48)

/** Least room for an adult on each kind of seat: common practice, no source. */
export const seatRoomMm: Record<Chair['kind'], number> = { arm: inches(26), side: inches(20), bench: inches(20) }

/** Usual width of the chair itself: common practice, no source. */
export const chairWidthMm: Record<Chair['kind'], number> = { arm: inches(24), side: inches(20), bench: inches(60) }
export const ARMCHAIR_MM = chairWidthMm.arm

/** A high chair's own width, the height of its seat, and the age labels usually end at: common practice, no source; the chair's own label counts. */
export const HIGH_CHAIR_MM = 540
export const HIGH_CHAIR_SEAT_MM = 520
export const HIGH_CHAIR_UP_TO_YEARS = 3

/** Air kept between neighboring chairs: our own starting value. */
export const CHAIR_GAP_MM = 25

/** Air under a lamp above whatever stands below it: our own starting value. */
export const FIXTURE_CLEAR_MM = inches(4)
