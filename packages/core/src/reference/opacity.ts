import type { Material } from '../design/piece.js'

/** Share of a face that a thing hides where it stands before it: our own starting values. */
export const opacity = { clearGlass: 0.15, airyBranches: 0.35, looseFlowers: 0.7, denseMass: 0.95, solid: 1 } as const

export function opacityOf(material: Material): number {
  return material === 'glass' ? opacity.clearGlass : opacity.solid
}

/** Materials that burn when a flame stands near. Fresh leaves dry out and count; whole fruit does not. */
export const combustible: Record<Material, boolean> = {
  porcelain: false,
  stoneware: false,
  glass: false,
  brass: false,
  steel: false,
  silver: false,
  stone: false,
  wax: false,
  fruit: false,
  wood: true,
  rattan: true,
  linen: true,
  cotton: true,
  wool: true,
  plant: true,
  dried: true,
  faux: true,
  paper: true,
  resin: true
}
