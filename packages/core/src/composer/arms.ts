import type { Frame } from '../composition/frames.js'
import type { PatternName, Placed } from '../design/look.js'
import { enough, partsOfCast, type Cast } from './cast.js'
import { countsOf, fits, placedOf, type Item } from './item.js'
import type { Table } from './mass.js'
import { programs } from './programs.js'
import type { Option, Part, Stock } from './stock.js'
import { budVases } from './structures/buds.js'
import { run } from './structures/run.js'

/** Smaller than on the main axis, where an arm is narrower or shorter: our own starting values. */
const SMALLER = [1, 0.86, 0.72] as const

/**
 * What is laid on the main axis, and on each other arm of tables joined: the same pattern with what is left of its cast, else the nearest to it that
 * finds room, so that no arm is bare beside one that is dressed. Two arms alike are laid alike.
 */
export function onArms(pattern: PatternName, cast: Cast, table: Table, stock: Stock, seed: number, main: readonly Placed[]): Placed[] {
  const { brief, index } = table
  const dressed = (before: readonly Placed[], arms: readonly Frame[]): Placed[] | undefined => {
    const used = countsOf(before)
    const inHouse = leftStock(stock, used, arms.length)
    const left = withLight(leftOf(cast, used, arms.length), cast.light, inHouse)
    const sized = ways(pattern, left, inHouse).flatMap((lay) =>
      SMALLER.map((share) => () => lay({ ...table, frame: arms[0]!, scale: table.scale * share }, seed))
    )
    const items = firstOf(sized, (found) => arms.every((frame) => fits(found, frame, brief)))
    return items && arms.reduce((all, frame) => [...all, ...placedOf(items, frame, brief, all, index)], [...before])
  }
  let all = [...main]
  for (const arms of alike(brief.frames.slice(1))) {
    const together = dressed(all, arms)
    if (together) all = together
    else if (arms.length > 1) for (const frame of arms) all = dressed(all, [frame]) ?? all
  }
  return all
}

/** Arms of one length beside each other. */
function alike(frames: readonly Frame[]): Frame[][] {
  const groups = new Map<string, Frame[]>()
  for (const frame of frames) {
    const key = [frame.tableHalfMm, frame.pose.turnRad, frame.pose.y].map(Math.round).join(' ')
    groups.set(key, [...(groups.get(key) ?? []), frame])
  }
  return [...groups.values()]
}

type Lay = (arm: Table, seed: number) => Item[][]

/** Ways to dress an arm, the most like the main axis first. */
function ways(pattern: PatternName, cast: Cast, stock: Stock): Lay[] {
  const asRun =
    (hero: Option | null): Lay =>
    (arm) =>
      hero ? [...run({ ...cast, hero }, arm), ...run({ ...cast, hero, light: null, accent: null }, arm)] : []
  const buds = cast.recipe ? enough(stock, ['bud'], 3).slice(0, 2) : []
  return [
    (arm, seed) => programs[pattern].lay(cast, arm, stock, seed),
    asRun(cast.hero),
    asRun(cast.support),
    ...buds.map(
      (hero): Lay =>
        (arm) =>
          budVases({ ...cast, hero }, arm, [hero])
    ),
    ...enough(stock, ['fruit', 'small', 'compote'], 3).slice(0, 3).map(asRun),
    ...(cast.light ? enough(stock, ['votive'], 5).slice(0, 1).map(asRun) : [])
  ]
}

function firstOf(layouts: readonly (() => Item[][])[], inside: (items: readonly Item[]) => boolean): Item[] | undefined {
  for (const lay of layouts) {
    const found = lay().find(inside)
    if (found) return found
  }
  return undefined
}

/** What is left of a piece for each of so many arms. */
function optionLeft(option: Option, used: ReadonlyMap<string, number>, arms: number): Option {
  return { ...option, count: Math.floor((option.count - Math.ceil((used.get(option.piece.id) ?? 0) - 0.01)) / arms) }
}

/** The cast with what is left of each piece, and nobody for what is used up. */
function leftOf(cast: Cast, used: ReadonlyMap<string, number>, arms: number): Cast {
  const parts = partsOfCast.map((part) => {
    const option = cast[part] && optionLeft(cast[part], used, arms)
    return [part, option && option.count > 0 ? option : null]
  })
  return { ...cast, ...(Object.fromEntries(parts) as Pick<Cast, (typeof partsOfCast)[number]>) }
}

/** Where the lights of the main axis are used up, votives, or sticks of the same material: an arm in the dark has none of the evening. */
function withLight(left: Cast, light: Option | null, stock: Stock): Cast {
  if (!light || left.light) return left
  const kin = stock.stick.filter(({ piece }) => piece.material === light.piece.material)
  return { ...left, light: [...stock.votive, ...kin].find(({ count }) => count >= LEAST_LIGHTS) ?? null }
}

const LEAST_LIGHTS = 2

function leftStock(stock: Stock, used: ReadonlyMap<string, number>, arms: number): Stock {
  const parts = Object.entries(stock).map(([part, options]) => [part, options.map((one) => optionLeft(one, used, arms)).filter(({ count }) => count > 0)])
  return Object.fromEntries(parts) as Record<Part, Option[]>
}
