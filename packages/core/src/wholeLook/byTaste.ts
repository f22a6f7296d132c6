import { chromaOf, lightnessOf, oklab } from '../color/colorWords.js'
import { standings } from '../centerpiece/standing.js'
import { pieceIndex } from '../design/find.js'
import { laidPieces } from '../design/laidPieces.js'
import { naturalMaterials } from './suitsDirection.js'
import type { WholeLook } from './wholeLook.js'
import { likingOf, type Taste, type Traits } from './taste.js'

/** Where a trait is at its full: our own starting values. */
const CHROMA_FULL = 0.1
const WARM_FULL = 0.08
const HEIGHT_FULL_MM = 400

/** What there is to like in a composed look. */
export function traitsOf({ look, palette, figures }: WholeLook): Traits {
  const index = pieceIndex(look)
  const guests = Math.max(1, look.guests.length)
  const placed = look.centerpiece.flatMap((one) => {
    const piece = index.get(one.pieceId)
    return piece ? [{ one, piece }] : []
  })
  const count = (of: (entry: (typeof placed)[number]) => boolean) => placed.filter(of).length
  const layers = laidPieces(look).filter((piece) => piece.kind !== 'flatware' && piece.kind !== 'glass')
  const has = (kind: 'cloth' | 'runner') => Number(layers.some((piece) => piece.kind === kind))
  const mean = (of: (color: string) => number) => (palette.length === 0 ? 0 : palette.reduce((sum, color) => sum + of(color), 0) / palette.length)
  const spent = figures.spendCents / Math.max(1, figures.spendCents + Math.max(0, figures.leftCents))
  return {
    flowers: Math.min(1, count(({ one }) => one.arrangement !== null) / (0.6 * guests)),
    candles: Math.min(1, count(({ one }) => one.candle !== null) / guests),
    fruit: Number(count(({ piece }) => piece.material === 'fruit') > 0),
    greens: Number(count(({ piece }) => piece.kind === 'ornament' && piece.form === 'garland') > 0),
    things: Math.min(1, placed.length / (2 * guests)),
    height: Math.max(0, ...standings(look).map((one) => one.topMm)) / HEIGHT_FULL_MM,
    cloth: has('cloth'),
    runner: has('runner'),
    charger: Number(layers.some((piece) => piece.kind === 'plate' && piece.role === 'charger')),
    color: Math.min(1, mean(chromaOf) / CHROMA_FULL),
    warmth: Math.min(1, Math.max(0, 0.5 + mean((color) => oklab(color)[2]) / (2 * WARM_FULL))),
    lightness: lightnessOf(palette[0] ?? look.table.color) / 100,
    natural: layers.length === 0 ? 0 : layers.filter((piece) => naturalMaterials.has(piece.material)).length / layers.length,
    spend: spent
  }
}

/** So many choices are half believed. Our own starting value. */
const HALF_BELIEVED = 4

/** Looks as somebody with a taste would order them, the likeliest first: their score counts while little is known of the taste. */
export function byTaste(looks: readonly WholeLook[], taste: Taste): WholeLook[] {
  const believed = taste.choices / (taste.choices + HALF_BELIEVED)
  const worth = new Map(looks.map((one) => [one, Math.log(Math.max(0.01, one.score)) + believed * likingOf(taste, traitsOf(one))]))
  return [...looks].sort((a, b) => worth.get(b)! - worth.get(a)!)
}
