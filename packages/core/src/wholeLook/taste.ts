import { chromaOf, lightnessOf, oklab } from '../color/colorWords.js'
import { standings } from '../centerpiece/standing.js'
import { pieceIndex } from '../design/find.js'
import { laidPieces } from '../design/laidPieces.js'
import { naturalMaterials } from './suitsDirection.js'
import type { WholeLook } from './wholeLook.js'

/** What of a look somebody may like or not, each 0 to 1 or a little more. */
export const traits = [
  'flowers',
  'candles',
  'fruit',
  'greens',
  'things',
  'height',
  'cloth',
  'runner',
  'charger',
  'color',
  'warmth',
  'lightness',
  'natural',
  'spend'
] as const
export type Trait = (typeof traits)[number]
export type Traits = Readonly<Record<Trait, number>>

/** One look that was laid or kept, and those shown beside it. */
export interface TasteChoice {
  readonly kept: Traits
  readonly others: readonly Traits[]
}

/** What somebody prefers, by weights of a conditional logit; 0 where nothing is known. */
export interface Taste {
  readonly weights: Traits
  readonly choices: number
}

const CHROMA_FULL = 0.1
const WARM_FULL = 0.08
const HEIGHT_FULL_MM = 400

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

/** What a trait has to say before it counts, and how far weights are held back: tried on two hundred simulated tastes. How they are found. */
export const SAYS_NOTHING = 0.6
export const HELD_BACK = 0.02
const STEPS = 600
const STEP = 0.35

/**
 * The weights under which what was kept is likeliest chosen among what was shown: conditional logit (McFadden 1974, from memory), held to few traits by
 * a lasso (Tibshirani 1996, from memory), by gradient ascent. Same choices, same weights; all 0 where there are none.
 */
export function learnTaste(choices: readonly TasteChoice[]): Taste {
  const sets = choices.map(({ kept, others }) => [kept, ...others].map((one) => traits.map((trait) => one[trait])))
  const weights: number[] = traits.map(() => 0)
  for (let round = 0; round < STEPS && sets.length > 0; round++) {
    const slope = weights.map((weight) => -HELD_BACK * weight)
    for (const set of sets) {
      const shares = softmax(set.map((one) => dot(weights, one)))
      set.forEach((one, i) => one.forEach((value, j) => (slope[j]! += ((i === 0 ? 1 : 0) - shares[i]!) * value)))
    }
    const step = STEP / Math.sqrt(sets.length)
    slope.forEach((value, j) => {
      const next = weights[j]! + step * value
      weights[j] = Math.sign(next) * Math.max(0, Math.abs(next) - step * SAYS_NOTHING)
    })
  }
  return { weights: Object.fromEntries(traits.map((trait, j) => [trait, weights[j]!])) as Traits, choices: choices.length }
}

/** How much somebody likes traits beside others, on an open scale. */
export function likingOf({ weights }: Taste, of: Traits): number {
  return traits.reduce((sum, trait) => sum + weights[trait] * of[trait], 0)
}

/** So many choices are half believed. Our own starting value. */
const HALF_BELIEVED = 4

/** Looks as somebody with a taste would order them, the likeliest first: their score counts while little is known of the taste. */
export function byTaste(looks: readonly WholeLook[], taste: Taste): WholeLook[] {
  const believed = taste.choices / (taste.choices + HALF_BELIEVED)
  const worth = new Map(looks.map((one) => [one, Math.log(Math.max(0.01, one.score)) + believed * likingOf(taste, traitsOf(one))]))
  return [...looks].sort((a, b) => worth.get(b)! - worth.get(a)!)
}

const dot = (weights: readonly number[], values: readonly number[]) => weights.reduce((sum, weight, i) => sum + weight * values[i]!, 0)

function softmax(values: readonly number[]): number[] {
  const most = Math.max(...values)
  const parts = values.map((value) => Math.exp(value - most))
  const sum = parts.reduce((total, part) => total + part, 0)
  return parts.map((part) => part / sum)
}
