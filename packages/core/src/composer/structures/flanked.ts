import type { Cast } from '../cast.js'
import { alongOf, radiusOf, type Item } from '../item.js'
import { all, heroWidthMm, massAt, mirrored, roomAt, type Table } from '../mass.js'
import { besideMm, bothSides, inRing, lightsAt, ringSpots } from './lights.js'

/** Refused where the free spine is shorter. Design of the composer. */
export const LEAST_SPINE_MM = 700

/** A hero, the same group left and right, lights between at equal gaps; on a long table lights and groups go on outward. */
export function flanked(cast: Cast, table: Table): Item[][] {
  const { frame } = table
  const { hero: heroOf, support } = cast
  if (!heroOf || !support) return []
  const ring = frame.ring ? onRing(cast, table) : []
  if (2 * frame.halfMm < LEAST_SPINE_MM) return ring
  const hero = massAt(table, cast, heroOf, 'hero', 0, 0, heroWidthMm(table))
  if (!hero) return []
  const line = stations(cast, table, hero).flatMap((away) => {
    const items = all(hero, pairAt(cast, table, hero, away), between(cast, table, hero, away))
    const near = all(hero, pairAt(cast, table, hero, away), besideHero(cast, table, hero))
    return [...(items ? [...longer(cast, table, items, away), items] : []), ...(near ? [near] : [])]
  })
  return [...ring, ...line]
}

/** Lights close to the hero, where the middle of the gap is taken by a plate. */
function besideHero({ light }: Cast, { brief }: Table, hero: Item): Item[] {
  if (!light) return []
  const x = besideMm(hero, light, brief, 60)
  return lightsAt(light, bothSides(x))
}

/** Where the flanks stand: at gaps between guests where there are some near, else by the length of the whole. */
function stations(cast: Cast, table: Table, hero: Item): number[] {
  const { frame, brief } = table
  const supportMm = 0.66 * radiusOf(hero)
  const least = cast.light
    ? besideMm(hero, cast.light, brief, 60) +
      besideMm({ ...hero, flowers: hero.flowers && { ...hero.flowers, spreadMm: 2 * supportMm } }, cast.light, brief, 60) -
      (alongOf(hero) - radiusOf(hero))
    : alongOf(hero) + supportMm + 70
  const by = 0.27 * 2 * frame.tableHalfMm
  const found = [...frame.bays.filter((x) => x > 0), by, least + 20, least + 80]
  const inside = found.filter((x) => x >= least - 1 && x <= Math.min(frame.halfMm - supportMm / 2, Math.max(least + 260, 0.6 * frame.tableHalfMm)))
  return [...new Set(inside.map(Math.round))].sort((a, b) => Math.abs(a - by) - Math.abs(b - by))
}

function pairAt(cast: Cast, table: Table, hero: Item, away: number): Item[] | undefined {
  const widest = Math.min(0.68 * 2 * radiusOf(hero), roomAt(table, away), roomAt(table, -away))
  return mirrored(massAt(table, cast, cast.support!, 'support', away, 0, widest, 0.74 * table.brief.clearTopMm))
}

/** A light in the middle of each gap. */
function between(cast: Cast, table: Table, hero: Item, away: number): Item[] {
  const pair = pairAt(cast, table, hero, away)
  if (!cast.light || !pair) return []
  const from = alongOf(hero)
  const to = away - radiusOf(pair[0]!)
  const x = (from + to) / 2
  return lightsAt(cast.light, bothSides(x))
}

/** The same gaps carried on outward: lights beyond the flanks, then flanks again. */
function longer(cast: Cast, table: Table, items: readonly Item[], away: number): Item[][] {
  const { frame, brief } = table
  const { light, support } = cast
  const flank = items.find((one) => one.role === 'support')!
  if (!light || light.count < 4) return []
  const gap = items.find((one) => one.role === 'light')
  const outer = gap ? away + (away - Math.abs(gap.x)) : away + besideMm(flank, light, brief)
  const four = [...items, ...lightsAt(light, bothSides(outer))]
  const next = 2 * away
  const more =
    frame.tableHalfMm > 1500 && support!.count >= 4
      ? mirrored(massAt(table, cast, support!, 'support', next, 0, 2 * radiusOf(flank), 0.74 * brief.clearTopMm))
      : undefined
  return [...(more ? [[...four, ...more]] : []), four]
}

/** On a round: the hero in the middle, groups at half of the gaps between guests, lights at the others. */
function onRing(cast: Cast, table: Table): Item[][] {
  const { frame, brief } = table
  const hero = massAt(table, cast, cast.hero!, 'hero', 0, 0, heroWidthMm(table))
  const angles = frame.ring!
  if (!hero) return []
  const probe = massAt(table, cast, cast.support!, 'support', 0, 0, 0.62 * 2 * radiusOf(hero), 0.72 * brief.clearTopMm)
  if (!probe) return []
  const counts = angles.length % 2 === 0 ? [angles.length / 2] : [angles.length]
  return counts.flatMap((count) => {
    if (cast.support!.count < count || count < 2) return []
    const every = angles.filter((_, i) => i % (angles.length / count) === 0)
    const rest = angles.filter((_, i) => i % (angles.length / count) !== 0)
    const r = radiusOf(hero) + 40 + radiusOf(probe)
    const around = inRing(probe, r, every)
    if (!cast.light || rest.length === 0 || cast.light.count < rest.length) return [[hero, ...around]]
    const out = Math.max(r, besideMm(hero, cast.light, brief))
    return [
      [hero, ...around, ...lightsAt(cast.light, ringSpots(out, rest))],
      [hero, ...around]
    ]
  })
}
