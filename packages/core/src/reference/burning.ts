import type { Material } from '../design/piece.js'
import { inches } from '../units/length.js'

/** How a thing takes fire: not at all; watered leaves and flowers; solid wood; and all that is dry, faux, paper or cloth. */
export type Fuel = 'none' | 'fresh' | 'wood' | 'dry'

/** Whole fruit does not burn; resin chars like wood: common practice, no source. */
export const fuelOf: Record<Material, Fuel> = {
  porcelain: 'none',
  stoneware: 'none',
  glass: 'none',
  brass: 'none',
  steel: 'none',
  silver: 'none',
  stone: 'none',
  wax: 'none',
  fruit: 'none',
  plant: 'fresh',
  wood: 'wood',
  resin: 'wood',
  rattan: 'dry',
  linen: 'dry',
  cotton: 'dry',
  wool: 'dry',
  dried: 'dry',
  faux: 'dry',
  paper: 'dry'
}

/** Cloth and paper that lie flat, far enough below a flame, are what every candle stands over. */
export const liesFlat: ReadonlySet<Material> = new Set(['linen', 'cotton', 'wool', 'paper'])

/**
 * Clear distances around a flame, millimeters. US: fire-service and candle-trade guidance, 12 in from anything that burns and 3 in
 * between flames; EU: EN 15494-type labels, 10 cm between flames (values from memory). The candle's own label and the venue's
 * rules come first.
 */
export const flameClearance = {
  US: { fromCombustibleMm: inches(12), betweenFlamesMm: inches(3) },
  EU: { fromCombustibleMm: inches(12), betweenFlamesMm: 100 }
} as const

/** What stylists keep between a flame and fresh, watered leaves or wood beside it, and how near counts as touching: common practice, no source. */
export const FRESH_CLEAR_MM = inches(4)
export const TOUCHING_MM = inches(1)

/** From a flame to an edge where somebody sits, and to the line of an arm that reaches for a dish: our own starting values. */
export const SLEEVE_CLEAR_MM = inches(8)
export const ARM_CLEAR_MM = inches(3)

/** Hot air rises in a column this far round the flame, a quarter wider for all it rises: our own starting values. */
export const PLUME_MM = inches(2)
export const PLUME_SPREAD = 0.25
