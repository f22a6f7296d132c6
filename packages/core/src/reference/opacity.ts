import type { Material } from '../design/piece.js'

/** Share of a face that a thing hides where it stands before it: our own starting values. */
export const opacity = { clearGlass: 0.15, airyBranches: 0.35, looseFlowers: 0.7, denseMass: 0.95, solid: 1 } as const

export function opacityOf(material: Material): number {
  return material === 'glass' ? opacity.clearGlass : opacity.solid
}
