import { chromaOf, colorDistance } from '../color/colorWords.js'
import type { PaletteEntry } from '../design/intent.js'

/** Nearer in OKLab a color answers one of the palette; without so much chroma it is neutral and goes with all. Our own starting values. */
export const ANSWERS = 0.13
const NEUTRAL = 0.04
/** Free, a color off the palette costs by its distance, a neutral one little; each accent that is met nowhere costs as well. Our own starting values. */
const FREE = 0.05
const STEEP = 4
const LEAST = 0.2
const NEUTRAL_FIT = 0.9
const MISSED = 0.7

/** How far a color lies from the nearest of a palette; 0 for an empty one. */
export function offPalette(color: string, palette: readonly PaletteEntry[]): number {
  return palette.length === 0 ? 0 : Math.min(...palette.map((entry) => colorDistance(entry.color, color)))
}

/** Whether a color is none of the palette's and not neutral either. */
export function isOutside(color: string, palette: readonly PaletteEntry[]): boolean {
  return palette.length > 0 && chromaOf(color) >= NEUTRAL && offPalette(color, palette) >= ANSWERS
}

/** 0 to 1: how well the ground, where it is one that was chosen, and the layers on it keep a palette; 1 where none is wished. */
export function paletteFit(palette: readonly PaletteEntry[], ground: string | null, layers: readonly string[]): number {
  if (palette.length === 0) return 1
  const grounds = palette.filter((entry) => entry.role !== 'accent')
  const accents = palette.filter((entry) => entry.role === 'accent')
  const met = ground === null ? layers : [ground, ...layers]
  const missed = accents.filter(({ color }) => met.every((one) => colorDistance(one, color) >= ANSWERS)).length
  const grounded = ground === null ? 1 : fit(ground, grounds.length > 0 ? grounds : palette)
  return grounded * layers.reduce((product, color) => product * fit(color, palette), 1) * MISSED ** missed
}

function fit(color: string, palette: readonly PaletteEntry[]): number {
  const near = Math.min(1, Math.max(LEAST, 1 - STEEP * Math.max(0, offPalette(color, palette) - FREE)))
  return chromaOf(color) < NEUTRAL ? Math.max(NEUTRAL_FIT, near) : near
}
