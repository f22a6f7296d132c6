import type { Fullness } from '../design/look.js'

/**
 * Least ratio of enclosing to enclosed radius for n equal circles, n = 1 to 13 and 19. To 6 the ring 1 + 1/sin(pi/n); proven optimal to
 * 13 (Pirl 1969; Melissen 1994; Fodor 1999, 2000, 2003; value from memory).
 */
export const circlePackingRatio: readonly (readonly [count: number, ratio: number])[] = [
  [1, 1],
  [2, 2],
  [3, 1 + 1 / Math.sin(Math.PI / 3)],
  [4, 1 + Math.SQRT2],
  [5, 1 + 1 / Math.sin(Math.PI / 5)],
  [6, 3],
  [7, 3],
  [8, 1 + 1 / Math.sin(Math.PI / 7)],
  [9, 1 + Math.sqrt(2 * (2 + Math.SQRT2))],
  [10, 3.8130256],
  [11, 1 + 1 / Math.sin(Math.PI / 9)],
  [12, 4.0296018],
  [13, 2 + Math.sqrt(5)],
  [19, 1 + Math.SQRT2 + Math.sqrt(6)]
]

/** Share of a mouth that stems fill at most: common practice, no source. */
export const MOUTH_FILL = 0.7

/** Head area over dome area: our own starting values. */
export const coverShare: Record<Fullness, number> = { sparse: 0.45, usual: 0.75, lush: 1.1 }

/** Cut away before the stem goes into water: 1 to 2 in, common practice (direction: Reid & Jiang 2012, Hort. Reviews 40). */
export const RECUT_MM = 38.1

/**
 * What stays on plants that are laid or arranged as they grew: the greens of carrots, radishes, beets and turnips, the roots of leeks and spring
 * bulbs. Common practice, no source.
 */
export const boughtWith: Readonly<Record<string, 'tops' | 'roots'>> = {
  Daucus: 'tops',
  Raphanus: 'tops',
  Beta: 'tops',
  Brassica: 'tops',
  Pastinaca: 'tops',
  Allium: 'roots',
  Muscari: 'roots',
  Galanthus: 'roots'
}
