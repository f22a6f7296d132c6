import type { Material } from '../design/piece.js'

/** What is poured is counted in cups of a quarter of a liter, as kitchens have them. */
export const CUP_MM3 = 250_000
/** Thickness of table textiles by what they are woven of, millimeters: common practice, no source. */
export const textileThickMm: Readonly<Partial<Record<Material, number>>> = { linen: 0.6, cotton: 0.7 }
/** Cloth crumpled up loosely takes so many times its own volume: our own starting value. */
export const CRUMPLED = 5
/** Days that berries and moss look fresh out of water in a heated room: common practice, no source. */
export const FRESH_DAYS: Readonly<Partial<Record<Material, number>>> = { fruit: 7, plant: 3 }
/** Of what is poured this share is no air: random packing of spheres is 0.64 (Scott 1960, recalled). */
export const POURED_SHARE = 0.64
