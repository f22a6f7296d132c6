import { seededRandom } from '../../geometry/random.js'
import { fromFrame } from '../../geometry/point.js'
import type { Cast } from '../cast.js'
import { isOpenFlame, item, radiusOf, type Item } from '../item.js'
import type { Table } from '../mass.js'

/** So much of a top for each thing strewn over all of it: our own starting value. */
const SPRAWL_MM2 = 215 * 215
const MOST_SPRAWLED = 22

/**
 * Many of one small kind with lights of one kind or small things of another, evenly strewn, none outside what is free, and mirrored: along the
 * middle and denser toward it, or for show over the whole top.
 */
export function scatter(cast: Cast, table: Table, seed: number): Item[][] {
  const { accent, light, support } = cast
  if (!accent || !(light ?? support)) return []
  const { frame, brief } = table
  const byLength = Math.max(4, Math.min(9, frame.halfMm / 110))
  const byArea = Math.min(MOST_SPRAWLED, (frame.tableHalfMm * frame.acrossMm) / SPRAWL_MM2)
  return [1, 0.8, 0.62].flatMap((share) => {
    const small = support ? [accent, support] : [accent]
    const wanted = Math.round(share * (brief.sprawls ? Math.max(byLength, byArea) : byLength))
    const random = seededRandom(seed * 31 + Math.round(share * 100))
    const half: Item[] = []
    const isLeft = (option: Item['option']) => 2 * half.filter((one) => one.option === option).length + 2 <= option.count
    for (let misses = 0; misses < MOST_MISSES && half.length < wanted;) {
      const turn = light && half.length % 2 === 0 ? light : small[Math.floor(half.length / 2) % small.length]!
      const one = brief.sprawls
        ? firstOf([turn, ...small, light], (kind) => (kind && isLeft(kind) ? spot(kind, kind === light, table, random, half) : undefined))
        : spot(turn, turn === light, table, random, half)
      if (one) half.push(one)
      else misses++
    }
    const both = half.flatMap((one) => [one, { ...one, x: -one.x, y: -one.y }])
    const enough = [...new Set(both.map((one) => one.option))].every((option) => both.filter((one) => one.option === option).length <= option.count)
    return enough && half.length >= Math.max(3, (brief.sprawls ? byLength : wanted) - 2) ? [both] : []
  })
}

/** What is first found, of whatever is tried. */
function firstOf<From, To>(from: readonly From[], find: (one: From) => To | undefined): To | undefined {
  for (const one of from) {
    const found = find(one)
    if (found) return found
  }
  return undefined
}

const MOST_MISSES = 6
/** Random spots tried for each thing; more where most of the top is laid. */
const TRIES = 14
const SPRAWL_TRIES = 60

type Spot = { readonly x: number; readonly y: number }

/** Beside the spine, as far as it is free there. */
function alongMiddle({ frame, brief }: Table, r: number, random: () => number): Spot | null {
  const x = frame.halfMm * 0.92 * random() ** 1.25
  const room = brief.field.clearMm(fromFrame(frame.pose, { x, y: 0 })) - r - 20
  if (room < 0) return null
  return { x: Math.max(x, r + 18), y: (random() * 2 - 1) * Math.min(room, 0.13 * frame.acrossMm) }
}

/** Anywhere on one half of the top. */
function anywhere(frame: Table['frame'], random: () => number): Spot {
  return { x: frame.tableHalfMm * random(), y: (random() - 0.5) * frame.acrossMm }
}

/** The farthest from its neighbors of a few random spots, nearer the middle oftener (best candidates: Mitchell 1991, value from memory). */
function spot(option: Item['option'], lit: boolean, table: Table, random: () => number, others: readonly Item[]): Item | undefined {
  const { frame, brief } = table
  const one = item(option, lit ? 'light' : 'accent', 0)
  const r = radiusOf(one)
  let best: { at: Item; apart: number } | undefined
  for (let i = 0; i < (brief.sprawls ? SPRAWL_TRIES : TRIES); i++) {
    const drawn = brief.sprawls ? anywhere(frame, random) : alongMiddle(table, r, random)
    if (!drawn) continue
    const at = { ...one, ...drawn }
    const isFree = (x: number, y: number) => {
      const world = fromFrame(frame.pose, { x, y })
      return brief.field.clearMm(world) >= r + 18 && !(isOpenFlame(at) && brief.field.seatedMm(world) < 206)
    }
    if (!isFree(at.x, at.y) || !isFree(-at.x, -at.y)) continue
    const apart = Math.min(
      ...others
        .flatMap((other) => [other, { ...other, x: -other.x, y: -other.y }])
        .map((other) => Math.hypot(other.x - at.x, other.y - at.y) - radiusOf(other) - r),
      Infinity
    )
    if (apart > 42 && (!best || apart > best.apart)) best = { at, apart: Math.min(apart, 400) }
  }
  return best?.at
}
