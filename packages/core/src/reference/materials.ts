import type { Material } from '../design/piece.js'

/** Density of the material itself, grams a cubic centimeter: handbook values of materials (values from memory, rounded). */
export const densityGPerCm3: Record<Material, number> = {
  porcelain: 2.4,
  stoneware: 2.3,
  glass: 2.5,
  brass: 8.5,
  steel: 7.8,
  silver: 10.4,
  wood: 0.65,
  rattan: 0.4,
  linen: 0.5,
  cotton: 0.5,
  wool: 0.4,
  stone: 2.6,
  wax: 0.9,
  plant: 0.9,
  dried: 0.2,
  faux: 0.3,
  paper: 0.7,
  fruit: 0.9,
  resin: 1.1
}

/** How thick walls of vessels are made: our own starting values. */
export const shellMm: Record<Material, number> = {
  porcelain: 4,
  stoneware: 6,
  glass: 4,
  brass: 1.2,
  steel: 1,
  silver: 1,
  wood: 14,
  rattan: 6,
  linen: 1,
  cotton: 1,
  wool: 2,
  stone: 12,
  wax: 10,
  plant: 4,
  dried: 4,
  faux: 4,
  paper: 2,
  fruit: 10,
  resin: 4
}

/** Share of its outline that a thing which is no vessel fills: our own starting values. */
export const solidFill: Record<Material, number> = {
  porcelain: 0.25,
  stoneware: 0.3,
  glass: 0.4,
  brass: 0.12,
  steel: 0.12,
  silver: 0.12,
  wood: 0.7,
  rattan: 0.2,
  linen: 0.5,
  cotton: 0.5,
  wool: 0.5,
  stone: 0.9,
  wax: 1,
  plant: 0.05,
  dried: 0.05,
  faux: 0.05,
  paper: 0.2,
  fruit: 0.6,
  resin: 0.4
}

/** Water stands to this share of a vase's depth; weight of a flower head by its width squared; our own starting values. */
export const WATER_SHARE = 0.66
export const STEM_DENSITY = 0.9
export const HEAD_GRAMS_PER_CM2 = 0.25

export const metals: ReadonlySet<string> = new Set(['brass', 'steel', 'silver'])
