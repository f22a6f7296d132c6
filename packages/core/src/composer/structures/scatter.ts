import { seededRandom } from '../../geometry/random.js'
import { fromFrame } from '../../geometry/point.js'
import type { Cast } from '../cast.js'
import { isOpenFlame, item, radiusOf, type Item } from '../item.js'
import type { Table } from '../mass.js'

/** Many of one small kind with lights of one kind or small things of another, evenly strewn, denser toward the middle, none outside the strip; mirrored where the look is. */
export function scatter(cast: Cast, table: Table, seed: number): Item[][] {
  const { accent, light, support } = cast
  if (!accent || !(light ?? support)) return []
  return [1, 0.8, 0.62].flatMap((share) => {
    const small = support ? [accent, support] : [accent]
    const wanted = Math.round(share * Math.max(4, Math.min(9, table.frame.halfMm / 110)))
    const random = seededRandom(seed * 31 + Math.round(share * 100))
    const half: Item[] = []
    for (let misses = 0; misses < MOST_MISSES && half.length < wanted;) {
      const kind = light && half.length % 2 === 0 ? light : small[Math.floor(half.length / 2) % small.length]!
      const one = spot(kind, kind === light, table, random, half)
      if (one) half.push(one)
      else misses++
    }
    const both = half.flatMap((one) => [one, { ...one, x: -one.x, y: -one.y }])
    const enough = [...new Set(both.map((one) => one.option))].every((option) => both.filter((one) => one.option === option).length <= option.count)
    return enough && half.length >= Math.max(3, wanted - 2) ? [both] : []
  })
}

const MOST_MISSES = 6

/** The farthest from its neighbors of a few random spots, nearer the middle oftener (best candidates: Mitchell 1991, value from memory). */
function spot(option: Item['option'], lit: boolean, table: Table, random: () => number, others: readonly Item[]): Item | undefined {
  const { frame, brief } = table
  const one = item(option, lit ? 'light' : 'accent', 0)
  const r = radiusOf(one)
  let best: { at: Item; apart: number } | undefined
  for (let i = 0; i < 14; i++) {
    const x = frame.halfMm * 0.92 * random() ** 1.25
    const room = brief.field.clearMm(fromFrame(frame.pose, { x, y: 0 })) - r - 20
    if (room < 0) continue
    const at = { ...one, x: Math.max(x, r + 18), y: (random() * 2 - 1) * Math.min(room, 0.13 * frame.acrossMm) }
    const world = fromFrame(frame.pose, at)
    if (brief.field.clearMm(world) < r + 18 || (isOpenFlame(at) && brief.field.seatedMm(world) < 206)) continue
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
