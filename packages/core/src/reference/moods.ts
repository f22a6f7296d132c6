import type { Literalness, Mood, OccasionKind, PaletteEntry } from '../design/intent.js'
import type { Material } from '../design/piece.js'

/** What an occasion suggests; common practice, no source. It suggests and never forces. */
export const moodsOfKind: Readonly<Record<OccasionKind, readonly Mood[]>> = {
  birthday: ['festive', 'lively'],
  'wedding-anniversary': ['romantic', 'elegant'],
  holiday: ['festive', 'elegant'],
  harvest: ['rustic'],
  brunch: ['fresh', 'calm'],
  picnic: ['fresh', 'lively'],
  tea: ['romantic', 'fresh'],
  'dinner-party': ['elegant'],
  'family-meal': ['calm', 'rustic'],
  farewell: ['lively'],
  memorial: ['calm', 'elegant'],
  'ordinary-week': ['calm']
}

/** How saturated a table of a mood is: the mean OKLab chroma of what is seen, from least to most. Our own starting values. */
export const chromaOfMood: Readonly<Record<Mood, readonly [least: number, most: number]>> = {
  calm: [0, 0.055],
  elegant: [0, 0.065],
  romantic: [0.01, 0.075],
  rustic: [0.015, 0.09],
  fresh: [0.01, 0.09],
  festive: [0.025, 0.15],
  lively: [0.035, 0.2],
  bold: [0.04, 0.25]
}

/** A palette a mood word stands for, to begin from; our own. */
export const paletteOfMood: Readonly<Record<Mood, readonly PaletteEntry[]>> = {
  calm: entries('#f2ece0', '#cfc4ae', '#9fb0a2'),
  elegant: entries('#f6f3ec', '#b9b4aa', '#2b2d33'),
  romantic: entries('#f7efe9', '#e3c3bb', '#b5727c'),
  rustic: entries('#d9c7a5', '#a9764a', '#6d7a52'),
  fresh: entries('#fbfaf4', '#a9c3a0', '#e6c65a'),
  festive: entries('#f5efe2', '#7a2f33', '#c09a4e'),
  lively: entries('#fbf6ea', '#e58b4c', '#3f7f8c'),
  bold: entries('#20242c', '#e9e4d8', '#d2492a')
}

function entries(base: string, support: string, accent: string): PaletteEntry[] {
  return [
    { color: base, role: 'base' },
    { color: support, role: 'support' },
    { color: accent, role: 'accent' }
  ]
}

/** How much of what is seen each role takes: the rule of sixty, thirty and ten; common practice, no source. */
export const shareOfRole = { base: 0.6, support: 0.3, accent: 0.1 } as const

/** Materials that speak against a mood: common practice, no source. */
export const againstMood: Readonly<Partial<Record<Mood, readonly Material[]>>> = {
  elegant: ['rattan', 'paper', 'faux', 'resin'],
  romantic: ['steel', 'paper', 'resin'],
  rustic: ['silver', 'steel', 'resin'],
  fresh: ['dried', 'faux', 'wool'],
  bold: ['paper']
}

/** So many kinds of things show a season or a theme where it is hinted at, shown, or spelled out: two is common practice, the others our own. */
export const literalKinds: Readonly<Record<Literalness, readonly [least: number, most: number]>> = {
  hinted: [0, 2],
  shown: [1, 5],
  'spelled-out': [4, Infinity]
}
