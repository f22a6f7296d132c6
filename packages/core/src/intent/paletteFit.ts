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
  const met = (ground === null ? layers : [ground, ...layers]).reduce((all, color) => all | accentsMet(color, palette), 0)
  return (ground === null ? 1 : groundFit(ground, palette)) * layers.reduce((product, color) => product * colorFit(color, palette), 1) * missedFit(palette, met)
}

/** Which accents of a palette a color answers, a bit each. */
export function accentsMet(color: string, palette: readonly PaletteEntry[]): number {
  return palette.reduce((bits, entry, i) => (entry.role === 'accent' && colorDistance(entry.color, color) < ANSWERS ? bits | (1 << i) : bits), 0)
}

/** What is left where accents are met nowhere, 0 to 1. */
export function missedFit(palette: readonly PaletteEntry[], met: number): number {
  return palette.reduce((left, entry, i) => (entry.role === 'accent' && (met & (1 << i)) === 0 ? left * MISSED : left), 1)
}

/** 0 to 1: how well a ground alone keeps a palette: one of its colors that is no accent. */
export function groundFit(ground: string, palette: readonly PaletteEntry[]): number {
  const grounds = palette.filter((entry) => entry.role !== 'accent')
  return colorFit(ground, grounds.length > 0 ? grounds : palette)
}

/** 0 to 1: how well one color keeps a palette. */
export function colorFit(color: string, palette: readonly PaletteEntry[]): number {
  if (palette.length === 0) return 1
  const fits = known.get(palette) ?? new Map<string, number>()
  known.set(palette, fits)
  const fit = fits.get(color) ?? workedOut(color, palette)
  fits.set(color, fit)
  return fit
}

/** Asked of the same few colors in ten thousands of casts. */
const known = new WeakMap<readonly PaletteEntry[], Map<string, number>>()

function workedOut(color: string, palette: readonly PaletteEntry[]): number {
  const near = Math.min(1, Math.max(LEAST, 1 - STEEP * Math.max(0, offPalette(color, palette) - FREE)))
  return chromaOf(color) < NEUTRAL ? Math.max(NEUTRAL_FIT, near) : near
}
