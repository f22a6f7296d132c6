import { pieceIndex } from '../design/find.js'
import type { Look, Placed } from '../design/look.js'
import { standings, type Standing } from '../centerpiece/standing.js'
import { toFrame } from '../geometry/point.js'
import type { Frame } from '../composition/frames.js'
import type { Brief } from './brief.js'
import { nobody, type Cast } from './cast.js'
import { draftOfPart, recipesOf, type Draft } from './drafts.js'
import { fits, item, placedOf, radiusOf, type Item } from './item.js'
import { budAt, massAt, mirrored, type Table } from './mass.js'
import { hasStems, stemsToHave, stockOf, type Option, type StockOptions } from './stock.js'

/** What stands farther out than this share of how far the middle reaches stands at its ends, where that is well off the table's middle: our own starting values. */
const END_SHARE = 0.6
const OFF_MIDDLE_SHARE = 0.3
const STEP_MM = 40
/** Air between what stands at an end and the light beside it. */
const BESIDE_MM = 45
const MOST_THINGS = 14
const MOST_LIGHTS = 3
/** The ends are as rich as the rest: flowers of so many recipes are tried there, and no wider than this. */
const MOST_RECIPES = 2
const WIDEST_MM = 220
/** An end with its light, beside one without. */
const LIT = 1.05

/** The brief for what stays when the ends are taken off, along the axis that the bare table has. */
export function withoutEnds(look: Look, briefFor: (kept: readonly Placed[]) => Brief): Brief {
  const { frames } = briefFor([])
  const ends = atEnds(look, frames[0])
  return { ...briefFor(look.centerpiece.filter((placed) => !ends.has(placed))), frames }
}

/** What stands at the ends of the middle and is not locked, with all that it carries. */
function atEnds(look: Look, frame: Frame | undefined): ReadonlySet<Placed> {
  if (!frame || frame.ring) return new Set()
  const standing = standings(look)
  const along = (one: Standing) => Math.abs(toFrame(frame.pose, one.pose).x)
  const roots = standing.filter((one) => one.placed.on === null)
  const reach = Math.max(0, ...roots.map(along))
  const out = new Set(
    roots
      .filter((one) => along(one) > END_SHARE * reach && along(one) > OFF_MIDDLE_SHARE * frame.tableHalfMm && one.placed.part === 1)
      .map((one) => one.placed.id)
  )
  const locked = new Set(standing.filter((one) => one.placed.locked).map((one) => one.rootId))
  return new Set(standing.filter((one) => out.has(one.rootId) && !locked.has(one.rootId)).map((one) => one.placed))
}

/** The same things at both ends, as far out as they find room, alone or with a light on their inner side; `around` has the middle without its ends. */
export function endDrafts(around: Brief, options: StockOptions): Draft[] {
  const [frame] = around.frames
  if (!frame || frame.ring) return []
  const index = pieceIndex(around.look)
  const table: Table = { brief: around, frame, index, scale: 1 }
  const stock = stockOf(around, options)
  const twice = (list: readonly Option[]) => list.filter((option) => option.count >= 2)
  const lights = twice([...stock.stick, ...stock.hurricane, ...stock.votive])
  const things = twice([...stock.bud, ...stock.compote, ...stock.fruit, ...stock.small, ...stock.mass]).sort((a, b) => b.suits - a.suits)
  const recipes = recipesOf(around, options).slice(0, MOST_RECIPES)
  const toHave = stemsToHave(around.look, options.from)
  const drafts: Draft[] = []
  const add = (cast: Partial<Cast>, promise: number, items: readonly Item[] | undefined) => {
    if (!items || !fits(items, frame, around)) return
    const centerpiece = [...around.kept, ...placedOf(items, frame, around, around.kept, index)]
    if (hasStems(centerpiece, around.kept, toHave)) drafts.push(draftOfPart(cast, promise, centerpiece))
  }
  for (const light of lights)
    add(
      { light },
      light.suits,
      farthest(frame, around, (x) => item(light, 'light', x))
    )
  for (const accent of things.slice(0, MOST_THINGS))
    for (const recipe of accent.part === 'bud' || accent.part === 'mass' ? recipes : [null]) {
      const cast: Cast = { ...nobody, accent, recipe }
      const promise = accent.suits * (recipe?.suits ?? 1)
      const make = (x: number) => (accent.part === 'bud' ? budAt(table, cast, accent, x, 0) : massAt(table, cast, accent, 'accent', x, 0, WIDEST_MM))
      const ends = farthest(frame, around, make)
      add(cast, promise, ends)
      const [, end] = ends ?? []
      for (const light of end ? lights.slice(0, MOST_LIGHTS) : []) {
        const x = Math.round(end!.x - radiusOf(end!) - BESIDE_MM - radiusOf(item(light, 'light', 0)))
        add({ ...cast, light }, promise * light.suits * LIT, x > 0 ? [...ends!, ...mirrored(item(light, 'light', x))!] : undefined)
      }
    }
  return drafts.sort((a, b) => b.promise - a.promise)
}

/** A pair as far out as it finds room. */
function farthest(frame: Frame, brief: Brief, make: (x: number) => Item | undefined): readonly Item[] | undefined {
  for (let x = frame.tableHalfMm; x > OFF_MIDDLE_SHARE * frame.tableHalfMm; x -= STEP_MM) {
    const pair = mirrored(make(Math.round(x)))
    if (pair && fits(pair, frame, brief)) return pair
  }
  return undefined
}
