import { colorDistance } from '../color/colorWords.js'
import { burnsOpen } from './item.js'
import type { Recipe } from './recipe.js'
import type { Option, Part, Stock } from './stock.js'
import { heightOf, lengthOf, widthOf } from '../composition/families.js'

/** What fills the parts of a pattern. */
export interface Cast {
  readonly hero: Option | null
  readonly support: Option | null
  readonly light: Option | null
  readonly base: Option | null
  readonly accent: Option | null
  /** One recipe for every arrangement; null where nothing is in flower. */
  readonly recipe: Recipe | null
  /** How well all of it goes together and with the table, 0 to 1. */
  readonly suits: number
}

/** Nothing cast. */
export const nobody: Cast = { hero: null, support: null, light: null, base: null, accent: null, recipe: null, suits: 1 }

export const partsOfCast = ['hero', 'support', 'light', 'base', 'accent'] as const
export type PartOfCast = (typeof partsOfCast)[number]

/** What a pattern asks of a cast: options for each part, null among them where the part may be left out. */
export type Wanted = Readonly<Partial<Record<PartOfCast, readonly (Option | null)[]>>>

/** Of each part so many are tried together: enough that the best of the design's eight tables was always among them. */
const MOST_EACH = 6
const MOST_RECIPES = 4
/** Weights of kinship: our own starting values. Factors are multiplied, so that one bad match is not made good by others. */
const kinshipOf = { family: 1, twin: 0.97, material: 0.9, color: 0.88, stranger: 0.74 } as const
const LEFT_OUT = 0.86
const NEAR_COLOR = 0.1

/** Casts for a pattern, the best first. */
export function castsFor(wanted: Wanted, recipes: readonly Recipe[], most: number): Cast[] {
  const many = recipes.filter((recipe) => !recipe.few).slice(0, MOST_RECIPES)
  const flowersOf: Readonly<Partial<Record<Part, readonly Recipe[]>>> = { mass: many, trough: many, bud: recipes.slice(0, MOST_RECIPES) }
  /** What would stand empty is not tried. */
  const isFilled = (one: Option | null) => one === null || flowersOf[one.part]?.length !== 0
  const listOf = (part: PartOfCast) => wanted[part]?.filter(isFilled).slice(0, MOST_EACH) ?? [null]
  const casts: Cast[] = []
  for (const hero of listOf('hero'))
    for (const support of listOf('support'))
      for (const light of listOf('light'))
        for (const base of listOf('base'))
          for (const accent of listOf('accent')) {
            const suits = together({ hero, support, light, base, accent }, wanted)
            if (suits === 0) continue
            const vessel =
              [hero, support, accent].find((one) => one?.part === 'mass' || one?.part === 'trough') ??
              [hero, support, accent].find((one) => one?.part === 'bud')
            for (const recipe of (vessel && flowersOf[vessel.part]) ?? [null])
              if (!(recipe && light && isDry(recipe) && burnsOpen(light)))
                casts.push({ hero, support, light, base, accent, recipe, suits: suits * (recipe ? 0.6 + 0.4 * recipe.suits : 0.85) })
          }
  return casts.sort((a, b) => b.suits - a.suits).slice(0, most)
}

/** Dry and faux flowers catch at once: no open flame goes with them. */
const isDry = ({ focal, filler, foliage }: Recipe) => [focal, filler, foliage].some((stem) => stem && stem.material !== 'plant')

function together(parts: Readonly<Record<PartOfCast, Option | null>>, wanted: Wanted): number {
  const chosen = partsOfCast.flatMap((part) => parts[part] ?? [])
  let suits = 1
  for (const part of partsOfCast) if (parts[part] === null && (wanted[part]?.length ?? 0) > 1) suits *= LEFT_OUT
  for (const one of chosen) suits *= one.suits
  const { hero, support, base, accent } = parts
  if (hero && support) suits *= kinship(hero, support) * (hero.piece.id === support.piece.id ? 0.94 : 1) * falls(hero, support)
  if (accent && base) suits *= shows(accent, base)
  if (accent && hero) suits *= Math.sqrt(kinship(hero, accent))
  return suits
}

/** What lies on a base stands out from it. */
function shows(accent: Option, base: Option): number {
  return Math.min(1, 0.55 + colorDistance(accent.piece.color, base.piece.color))
}

/** A support is smaller than its hero. */
function falls(hero: Option, support: Option): number {
  const width = bulkMm(support) / bulkMm(hero)
  const height = heightOf(support.piece) / heightOf(hero.piece)
  return width > 1.02 ? 0.5 : height > 1.15 ? 0.7 : 1
}

/** As wide as it looks: a trough as a round bowl of about its size. */
export const bulkMm = ({ piece, part }: Option) => (part === 'trough' ? Math.sqrt(widthOf(piece) * lengthOf(piece)) : widthOf(piece))

function kinship(a: Option, b: Option): number {
  if (a.family.id === b.family.id) return kinshipOf.family
  const near = colorDistance(a.piece.color, b.piece.color) < NEAR_COLOR
  if (a.piece.material === b.piece.material) return near ? kinshipOf.twin : kinshipOf.material
  return near ? kinshipOf.color : kinshipOf.stranger
}

/** Options of some parts of the stock of which there are so many. */
export function enough(stock: Stock, parts: readonly (keyof Stock)[], count: number): Option[] {
  return parts.flatMap((part) => stock[part].filter((option) => option.count >= count)).sort((a, b) => b.suits - a.suits)
}
