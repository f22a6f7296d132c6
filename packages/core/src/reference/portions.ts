import type { PortionKind } from '../design/menu.js'
import type { GlassRole, Material, ServingTool } from '../design/piece.js'
import type { Drink } from '../design/menu.js'

/** A portion for an adult: grams, or milliliters of soup and sauce. Common practice, no source; dessert and bread our own starting values. */
export const portionOf: Record<PortionKind, { readonly amount: number; readonly unit: 'g' | 'ml' }> = {
  main: { amount: 200, unit: 'g' },
  side: { amount: 130, unit: 'g' },
  salad: { amount: 90, unit: 'g' },
  soup: { amount: 225, unit: 'ml' },
  sauce: { amount: 60, unit: 'ml' },
  dessert: { amount: 150, unit: 'g' },
  bread: { amount: 60, unit: 'g' }
}

/** A child eats half (common practice, no source), up to this age (our own starting value). */
export const CHILD_SHARE = 0.5
export const CHILD_UP_TO_YEARS = 12

/** What a milliliter of it weighs in a heap: our own starting values. */
export const gramsPerMl: Record<PortionKind, number> = { main: 0.8, side: 0.7, salad: 0.25, soup: 1, sauce: 1, dessert: 0.6, bread: 0.25 }

/** A vessel is filled to this share of its brim, and a flat dish is heaped this high: our own starting values. */
export const FILL_SHARE = 0.8
export const HEAP_MM = 35

export const toolFor: Record<PortionKind, ServingTool> = {
  main: 'fork',
  side: 'spoon',
  salad: 'tongs',
  soup: 'ladle',
  sauce: 'ladle',
  dessert: 'knife',
  bread: 'tongs'
}

/** Guests who share one dish on the table; shared small things, one to so many. Common practice, no source. */
export const GUESTS_PER_DISH = 8
export const GUESTS_PER_SHARED = 4

/** A dish is in reach within this distance of a shoulder: handbook section 4, our own starting value. */
export const REACH_MM = 700
/** A shoulder is this far behind the edge: our own starting value. */
export const SHOULDER_MM = 50

/** Room each dish takes on a buffet: common practice, no source. */
export const BUFFET_DISH_MM = 325

/** Materials that need a liner under food until a label says otherwise; of all others too the label counts. */
export const linedMaterials: readonly Material[] = [
  'brass',
  'rattan',
  'wood',
  'resin',
  'faux',
  'stone',
  'paper',
  'dried',
  'plant',
  'wax',
  'linen',
  'cotton',
  'wool'
]

/** Glass a drink is poured into; hot drinks need none. */
export const glassFor: Record<Exclude<Drink, 'hot'>, GlassRole> = { water: 'water', white: 'white', red: 'red', sparkling: 'flute' }
