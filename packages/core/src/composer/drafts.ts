import { pieceIndex } from '../design/find.js'
import type { Look, PatternName, Placed } from '../design/look.js'
import { isLit } from '../composition/compositionFigures.js'
import { familiesOf, lengthOf, widthOf } from '../composition/families.js'
import { isStanding } from '../design/piece.js'
import { oklab } from '../color/colorWords.js'
import { lowered, type Brief } from './brief.js'
import { onArms } from './arms.js'
import { castsFor, nobody, partsOfCast, type Cast, type Wanted } from './cast.js'
import { UNLIT } from './different.js'
import type { ComposeOptions } from './idea.js'
import { countsOf, fits, item, placedOf, type Item } from './item.js'
import type { Table } from './mass.js'
import { programs } from './programs.js'
import { recipesFor, type Recipe } from './recipe.js'
import { hasStems, stemsToHave, type Option, type Stock, type StockOptions } from './stock.js'

/** A cast as a structure lays it, free of what the field can tell; not yet measured. */
export interface Draft {
  readonly cast: Cast
  readonly centerpiece: readonly Placed[]
  /** What it promises before it is measured. */
  readonly promise: number
  /** Share of the room for dishes that was kept off the spine. */
  readonly reserve: number
  /** Leaves the table before the food comes. */
  readonly clearedForMeal: boolean
  /** There are lights that might burn in it, and none does. */
  readonly unlit: boolean
}

/** The draft of a middle of which only a part is composed. */
export function draftOfPart(cast: Partial<Cast>, promise: number, centerpiece: readonly Placed[]): Draft {
  return { cast: { ...nobody, ...cast }, centerpiece, promise, reserve: 0, clearedForMeal: false, unlit: false }
}

/** So many casts are laid for a pattern, and so many are weighed. */
const MOST_CASTS = 40
const UNLIT_CASTS = 4
const MOST_WEIGHED = 400
/** Room and height tried one after the other: as the design asks, smaller, lower, both. */
const tries = [
  { scale: 1, height: 1 },
  { scale: 0.86, height: 1 },
  { scale: 0.86, height: 0.88 },
  { scale: 0.72, height: 0.8 },
  { scale: 0.6, height: 0.7 }
] as const
/** Dishes that come to the table need their places: none of the spine for them, half of what they take in a row, all of it. */
const reserves = [0, 0.5, 1] as const

/** Flowers that may be had and are wanted, as recipes. */
export function recipesOf(brief: Brief, options: StockOptions): Recipe[] {
  const toHave = stemsToHave(brief.look, options.from)
  return recipesFor(brief, (stemId) => (options.without?.includes(stemId) ? 0 : toHave(stemId)))
}

const lights = ['stick', 'votive', 'hurricane'] as const

/** All drafts of a pattern, the most promising first. */
export function draftsOf(pattern: PatternName, brief: Brief, stock: Stock, options: ComposeOptions): Draft[] {
  const frame = brief.frames[0]
  if (!frame) return []
  const recipes = steered(recipesOf(brief, options), options.steer?.warmth ?? 0)
  const effort = options.effort ?? 1
  const wanted = programs[pattern].wanted(stock, frame, brief)
  const kept = keptOption(brief)
  const casts = anchored(kept ? { ...wanted, hero: [kept] } : wanted, options.anchorId ?? null).flatMap((one) => castsFor(one, recipes, MOST_WEIGHED * effort))
  const lit = spread(casts, MOST_CASTS * effort)
  // a few without a light, for where no flame may stand
  const chosen = lit.some((cast) => cast.light === null)
    ? lit
    : [
        ...lit,
        ...spread(
          casts.filter((cast) => cast.light === null),
          UNLIT_CASTS
        )
      ]
  const toHave = stemsToHave(brief.look, options.from)
  const drafts = reserves
    .filter((reserve) => reserve === 0 || brief.dishesMm > 0)
    .flatMap((reserve) =>
      chosen.flatMap((cast) => laid(pattern, cast, besideDishes(brief, reserve), stock, toHave, options).map((draft) => ({ ...draft, reserve })))
    )
  // a layout may leave a part of its cast out, but never what all goes round
  const anchorId = options.anchorId ?? null
  const whole = anchorId === null ? drafts : drafts.filter((draft) => draft.centerpiece.some((placed) => placed.pieceId === anchorId))
  return whole.sort((a, b) => b.promise - a.promise)
}

/** What is asked of casts that have the anchor, in each part it can be; the same where there is no anchor. */
function anchored(wanted: Wanted, anchorId: string | null): Wanted[] {
  if (anchorId === null) return [wanted]
  return partsOfCast.flatMap((part) => {
    const option = wanted[part]?.find((one) => one?.piece.id === anchorId)
    return option ? [{ ...wanted, [part]: [option] }] : []
  })
}

/** The kept piece in the middle as the hero of every cast. */
function keptOption({ look, heroKept }: Brief): Option | null {
  const piece = heroKept && pieceIndex(look).get(heroKept.pieceId)
  if (!piece || !isStanding(piece)) return null
  const family = familiesOf(look.pieces).find((one) => one.pieces.some((other) => other.id === piece.id))!
  return { piece, family, part: 'compote', count: 1, candle: null, suits: 1 }
}

/** The same laid for when guests arrive: it leaves as the food comes, and the dishes have the table. */
export function clearedDrafts(pattern: PatternName, brief: Brief, stock: Stock, options: ComposeOptions): Draft[] {
  const kept = new Set(brief.kept)
  return draftsOf(pattern, { ...brief, dishesMm: 0 }, stock, options).map((draft) => ({
    ...draft,
    clearedForMeal: true,
    centerpiece: draft.centerpiece.map((placed) => (kept.has(placed) ? placed : { ...placed, atMeal: false }))
  }))
}

function besideDishes(brief: Brief, reserve: number): Brief {
  const [main, ...arms] = brief.frames
  return { ...brief, frames: [{ ...main!, halfMm: Math.max(0, main!.halfMm - (reserve * brief.dishesMm) / 2) }, ...arms] }
}

/** Recipes by how warm their focal flower is, where that is wished. */
function steered(recipes: readonly Recipe[], warmth: number): Recipe[] {
  const warm = ({ focal }: Recipe) => {
    const [, a, b] = oklab(focal.color)
    return a + b
  }
  return recipes.map((recipe) => ({ ...recipe, suits: Math.min(1, recipe.suits * Math.exp(4 * warmth * warm(recipe))) })).sort((a, b) => b.suits - a.suits)
}

/** The best casts of every hero, base and palette, so that those that are tried differ. */
function spread(casts: readonly Cast[], most: number): Cast[] {
  const groups = new Map<string, Cast[]>()
  for (const cast of casts) {
    const key = `${cast.hero?.piece.id} ${cast.base?.piece.id} ${cast.recipe?.focal.id}`
    groups.set(key, [...(groups.get(key) ?? []), cast])
  }
  const list: Cast[] = []
  for (let round = 0; list.length < most && round < most; round++)
    for (const group of groups.values()) if (group[round] && list.length < most) list.push(group[round]!)
  return list
}

/** A cast laid on every frame of the table at the largest scale that fits. */
function laid(pattern: PatternName, cast: Cast, brief: Brief, stock: Stock, toHave: (stemId: string) => number, options: ComposeOptions): Draft[] {
  const index = pieceIndex(brief.look)
  const main = brief.frames[0]!
  const { lay, fixed } = programs[pattern]
  const mayBeLit = brief.candles !== 'none' && lights.some((part) => stock[part].length > 0)
  const found: Draft[] = []
  for (const { scale, height } of fixed ? tries.slice(0, 1) : tries) {
    const low = lowered(brief, height)
    const table: Table = { brief: low, frame: main, index, scale }
    const draftsWith = (cast: Cast) => {
      const layouts = lay(cast, table, stock, options.seed).filter((items) => fits(items, main, low))
      return ordered(layouts, options.steer?.amount ?? 0)
        .slice(0, 2)
        .map((items, i): Draft => {
          const whole = withUseful(items, table, stock)
          const centerpiece = onArms(pattern, cast, table, stock, options.seed, [...brief.kept, ...placedOf(whole, main, low, brief.kept, index)])
          const unlit = mayBeLit && !centerpiece.some(({ pieceId, candle }) => isLit(index.get(pieceId), candle))
          return {
            cast,
            centerpiece,
            reserve: 0,
            clearedForMeal: false,
            unlit,
            promise: promiseOf(cast, items, options) * (unlit ? UNLIT : 1) * scale ** 0.7 * height ** 0.5 * 0.97 ** i
          }
        })
        .filter((draft) => hasEnough(draft.centerpiece, brief.look, stock))
    }
    const all = draftsWith(cast)
    const goesRound = (draft: Draft) => hasStems(draft.centerpiece, brief.kept, toHave)
    // where the small flowers between do not go round, the others do without them
    const plain = cast.recipe?.filler && !all.every(goesRound) ? draftsWith({ ...cast, recipe: { ...cast.recipe, filler: null } }) : []
    const drafts = [...all, ...plain].filter(goesRound)
    found.push(...drafts)
    // a light that there is no room for beside the rest may find it beside less
    if (drafts.some((draft) => !draft.unlit) || (found.length > 0 && cast.light === null)) return found
  }
  return found
}

/** Step of the search for a place, and how far off the spine it goes. */
const USEFUL_STEP_MM = 20
const OFF_SPINE_MM = [0, 60, -60, 110, -110]

/** Clear of a tray or a garland, whose own room nothing else of the fit asks for. */
function isBeside({ option: base, x, y, part }: Item, { piece }: Option, atX: number, atY: number): boolean {
  const apart = (a: number, b: number, sizeMm: number) => Math.abs(a - b) >= sizeMm / 2 + 12
  return apart(x, atX, lengthOf(base.piece) * part + lengthOf(piece)) || apart(y, atY, widthOf(base.piece) + widthOf(piece))
}

/**
 * On a table for every day also what is used there, as near to the middle as there is room: salt where
 * each guest has a napkin, else napkins. Nothing where there is no room.
 */
function withUseful(items: readonly Item[], { brief, frame }: Table, stock: Stock): readonly Item[] {
  const { look } = brief
  const form = look.setting.napkin ? 'shakers' : 'napkin-holder'
  const option = stock.useful.find(({ piece }) => piece.kind === 'ornament' && piece.form === form) ?? stock.useful[0]
  if (!option || look.intent.use !== 'daily' || brief.kept.some((placed) => placed.pieceId === option.piece.id)) return items
  for (let x = 0; x <= frame.halfMm; x += USEFUL_STEP_MM)
    for (const y of OFF_SPINE_MM) {
      const whole = [...items, item(option, 'accent', x, y)]
      if (fits(whole, frame, brief) && items.every((one) => one.role !== 'base' || isBeside(one, option, x, y))) return whole
    }
  return items
}

/** The fullest first, or by how many things there are. */
function ordered(layouts: readonly Item[][], amount: number): Item[][] {
  return amount === 0 ? [...layouts] : [...layouts].sort((a, b) => amount * (b.length - a.length))
}

/** A few things look meager, one kind more or less is a wish. */
function promiseOf(cast: Cast, items: readonly Item[], { steer }: ComposeOptions): number {
  const kinds = new Set(items.map((one) => one.option.family.id)).size
  return cast.suits * (0.6 + 0.4 * Math.min(1, items.length / 5)) * Math.exp(0.5 * (steer?.richness ?? 0) * kinds + 0.12 * (steer?.amount ?? 0) * items.length)
}

/** No more of a piece than there is. */
function hasEnough(centerpiece: readonly Placed[], look: Look, stock: Stock): boolean {
  const options = optionsById(stock)
  return [...countsOf(centerpiece)].every(([id, count]) => {
    const option = options.get(id)
    return !option || Math.ceil(count - 0.01) <= option.count + look.centerpiece.filter((placed) => placed.pieceId === id).length
  })
}

const byId = new WeakMap<Stock, ReadonlyMap<string, Option>>()

function optionsById(stock: Stock): ReadonlyMap<string, Option> {
  const known = byId.get(stock)
  if (known) return known
  const options = new Map<string, Option>()
  for (const option of Object.values(stock).flat()) if (!options.has(option.piece.id)) options.set(option.piece.id, option)
  byId.set(stock, options)
  return options
}
