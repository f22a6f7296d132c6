import type { Cast } from '../cast.js'
import { isOpenFlame, item, leafGapMm, radiusOf, type Item } from '../item.js'
import { budAt, type Table } from '../mass.js'
import type { Option } from '../stock.js'
import { lightsAt, ringSpots } from './lights.js'
import { ringRoomMm } from './run.js'

/** Bud vases evenly on the spine with a light in every gap, or without lights closer; on rounds a ring at the gaps between guests. */
export function budVases(cast: Cast, table: Table, buds: readonly Option[]): Item[][] {
  if (buds.length === 0) return []
  if (table.frame.ring) return [...onRing(cast, table, buds), ...clusters(cast, table, buds)]
  return [...onLine(cast, table, buds), ...clusters(cast, table, buds), ...atBays(cast, table, buds)]
}

/** Half of the zigzag across: design of the composer, tried on eight tables. */
const ZIGZAG_MM = 24
const STEP_MM = 150
const LAST_MM = 60

function onLine(cast: Cast, table: Table, buds: readonly Option[]): Item[][] {
  const { frame, brief } = table
  const { light } = cast
  const probe = budAt(table, cast, buds[0]!, 0, 0)
  if (!probe) return []
  const apart = light
    ? Math.max(STEP_MM, (isOpenFlame(item(light, 'light', 0)) ? leafGapMm(brief) : radiusOf(item(light, 'light', 0)) + 30) + radiusOf(probe))
    : 165
  const reach = Math.min(frame.halfMm - LAST_MM, 0.38 * 2 * frame.tableHalfMm)
  const layouts: Item[][] = []
  for (const share of [1, 0.8, 0.62]) {
    const most = buds.reduce((sum, bud) => sum + bud.count, 0)
    let steps = Math.floor((reach * share) / apart)
    // a bud vase at both ends: steps alternate light and bud from a bud in the middle
    if (light && steps % 2 === 1) steps--
    while (steps > 0 && (light ? steps + 1 : 2 * steps + 1) > most) steps -= light ? 2 : 1
    if (light && steps > light.count) steps = light.count - (light.count % 2)
    if (steps < 2) continue
    const stepMm = Math.min((reach * share) / steps, 1.25 * apart)
    const items: Item[] = []
    let failed = false
    for (let i = -steps; i <= steps; i++) {
      if (light && i % 2 !== 0) {
        items.push(...lightsAt(light, [[i * stepMm, 0]]))
        continue
      }
      const nth = light ? Math.abs(i) / 2 : Math.abs(i)
      const bud = budAt(table, cast, pickBud(buds, nth), i * stepMm, zigzag(nth, i, table))
      if (bud) items.push(bud)
      else failed = true
    }
    if (!failed && items.filter((one) => one.role === 'bud').length >= 3) layouts.push(items)
  }
  return layouts
}

/** Where a row finds no room: tight triangles of three at the gaps between guests, the highest behind, a light to both sides of each. */
function clusters(cast: Cast, table: Table, buds: readonly Option[]): Item[][] {
  const { frame, brief } = table
  const { light } = cast
  const spots = frame.bays.filter((x) => Math.abs(x) < frame.halfMm - 60)
  const at = spots.length > 0 ? spots : [0]
  const needed = 3 * at.length
  const three = buds.length >= 3 ? buds.slice(0, 3) : [buds[0]!, buds[0]!, buds[0]!]
  if (three.some((bud) => three.filter((one) => one === bud).length * at.length > bud.count) || needed === 0) return []
  const probe = budAt(table, cast, three[0]!, 0, 0)
  if (!probe) return []
  const r = 1.2 * radiusOf(probe) + 4
  const layouts: Item[][] = []
  for (const lit of light ? [true, false] : [false]) {
    const items: Item[] = []
    for (const x of at)
      three.forEach((bud, i) => {
        const angle = Math.PI / 2 + (i * 2 * Math.PI) / 3
        const one = budAt(table, cast, bud, x + r * Math.cos(angle), r * Math.sin(angle))
        if (one) items.push(one)
      })
    if (items.length < needed) continue
    const out = r + (light && isOpenFlame(item(light, 'light', 0)) ? leafGapMm(brief) + radiusOf(probe) : 2 * radiusOf(probe) + 26)
    const ends = [at[0]! - out, at[at.length - 1]! + out]
    const between = at.slice(1).map((x, i) => (x + at[i]!) / 2)
    layouts.push(
      lit
        ? [
            ...items,
            ...lightsAt(
              light,
              [...ends, ...between].map((x) => [x, 0] as const)
            )
          ]
        : items
    )
  }
  return layouts
}

/** Where plates leave only the gaps between guests: one bud vase in each, a light to both sides of it or one toward the middle, or none. */
function atBays(cast: Cast, table: Table, buds: readonly Option[]): Item[][] {
  const { frame, brief } = table
  const bays = frame.bays.filter((x) => Math.abs(x) < frame.halfMm + STEP_MM / 2)
  const option = buds.find((bud) => bud.count >= bays.length)
  if (bays.length < 2 || !option) return []
  const items = bays.flatMap((x) => budAt(table, cast, option, x, 0) ?? [])
  if (items.length < bays.length) return []
  const { light } = cast
  if (!light) return [items]
  const lit = item(light, 'light', 0)
  const away = radiusOf(items[0]!) + (isOpenFlame(lit) ? leafGapMm(brief) : radiusOf(lit) + 30)
  const inward = bays.map((x) => (x === 0 ? x + away : x - Math.sign(x) * away))
  return [[...bays.map((x) => x - away), ...bays.map((x) => x + away)], inward]
    .filter((xs) => xs.length <= light.count)
    .map((xs) => [
      ...items,
      ...lightsAt(
        light,
        xs.map((x) => [x, 0] as const)
      )
    ])
    .concat([items])
}

/** High in the middle, then low and middle by turns, the same to both sides. */
function pickBud(buds: readonly Option[], nth: number): Option {
  return buds[nth % buds.length]!
}

function zigzag(nth: number, i: number, { brief }: Table): number {
  return brief.look.school.symmetry === 'symmetric' ? 0 : nth === 0 ? 0 : (nth % 2 === 0 ? 1 : -1) * Math.sign(i) * ZIGZAG_MM
}

function onRing(cast: Cast, table: Table, buds: readonly Option[]): Item[][] {
  const angles = table.frame.ring!
  const { light } = cast
  const wanted = angles.length >= 4 ? angles : [...angles, ...angles.map((angle) => angle + Math.PI / angles.length)]
  const option = buds.find((bud) => bud.count >= wanted.length) ?? buds[0]!
  if (option.count < wanted.length) return []
  return [0.72, 0.6, 0.5].flatMap((share) => {
    const r = share * ringRoomMm(table)
    const ring = ringSpots(r, wanted).flatMap(([x, y]) => budAt(table, cast, option, x, y) ?? [])
    if (ring.length < wanted.length) return []
    const hero = budAt(table, cast, buds[0]!, 0, 0)
    if (!light) return [...(hero && option.count > wanted.length ? [[hero, ...ring]] : []), ring]
    const inner =
      r - (isOpenFlame(item(light, 'light', 0)) ? leafGapMm(table.brief) + radiusOf(ring[0]!) : radiusOf(ring[0]!) + radiusOf(item(light, 'light', 0)) + 30)
    const between = wanted.map((angle, i) => (angle + (wanted[i + 1] ?? wanted[0]! + 2 * Math.PI)) / 2)
    const lit = light.count >= wanted.length && inner >= 60 ? [[...ring, ...lightsAt(light, ringSpots(inner, between))]] : []
    return [...lit, ...(inner > 20 ? [[...ring, ...lightsAt(light, [[0, 0]])]] : [])]
  })
}
