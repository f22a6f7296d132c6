import { isLongTable } from '../../composition/frames.js'
import type { Cast } from '../cast.js'
import type { Item } from '../item.js'
import { alongOf, radiusOf } from '../item.js'
import { all, heroWidthMm, massAt, mirrored, roomAt, type Table } from '../mass.js'
import { besideMm, bothSides, inRing, lightsAt, ringSpots } from './lights.js'
import { threeSpots } from './repeats.js'
import { besideSkirtedMm, skirtOf } from './skirt.js'
import type { Stock } from '../stock.js'

/** One focus: a hero, twin supports close to it or none, twin lights, greens round its foot or none; on a long table like groups at every second gap between guests. */
export function focus(cast: Cast, table: Table, stock: Stock): Item[][] {
  const { frame } = table
  if (!cast.hero) return []
  if (frame.ring) return onRing(cast, table, stock)
  const layouts: Item[][] = []
  const long = isLongTable(frame) && cast.hero.count >= 3 ? threeSpots(table) : []
  for (const groups of [...long, [0]])
    for (const withSupport of cast.support && groups.length === 1 ? [true, false] : [false]) {
      const items = all(...groups.map((x) => group(cast, table, x, withSupport)))
      if (items) layouts.push(items)
    }
  const skirted = isLongTable(frame) ? undefined : skirtedGroup(cast, table, stock)
  if (skirted) layouts.splice(1, 0, skirted)
  // a table too small for lights beside it has the hero by itself
  const alone = cast.light ? group({ ...cast, light: null }, table, 0, false) : undefined
  return alone ? [...layouts, alone] : layouts
}

/** On a round, where much is wished, the greens come first, else they are one way more. */
const isLush = ({ brief }: Table) => brief.look.school.fullness === 'lush'

/** The hero in its greens, lights clear of the leaves. */
function skirtedGroup({ light, ...cast }: Cast, table: Table, stock: Stock): Item[] | undefined {
  const [hero] = group({ ...cast, light: null }, table, 0, false) ?? []
  const skirt = hero && skirtOf(hero, table, stock)
  if (!skirt) return undefined
  return [hero, skirt, ...(light ? lightsAt(light, bothSides(besideSkirtedMm(hero, skirt, light, table))) : [])]
}

function group(cast: Cast, table: Table, x: number, withSupport: boolean): Item[] | undefined {
  const { brief } = table
  const hero = massAt(table, cast, cast.hero!, 'hero', x, 0, heroWidthMm(table, x))
  if (!hero) return undefined
  const items: Item[] = [hero]
  let edgeMm = alongOf(hero)
  if (withSupport && cast.support) {
    const supportMm = 0.66 * 2 * radiusOf(hero)
    const probe = massAt(table, cast, cast.support, 'support', x, 0, supportMm, 0.74 * brief.clearTopMm)
    if (!probe) return undefined
    const away = alongOf(hero) + 34 + radiusOf(probe)
    const pair = massAt(table, cast, cast.support, 'support', away, 0, Math.min(2 * radiusOf(probe), roomAt(table, x + away)), 0.74 * brief.clearTopMm)
    const twins = mirrored(pair)?.map((one) => ({ ...one, x: one.x + x }))
    if (!twins) return undefined
    items.push(...twins)
    edgeMm = away
  }
  if (cast.light) {
    const last = items[items.length - 1]!
    const away = withSupport ? edgeMm + besideMm(last, cast.light, brief) : besideMm(hero, cast.light, brief)
    items.push(...lightsAt(cast.light, bothSides(away, x)))
  }
  return items
}

/** On a round: a hero in the middle, lights in a ring at the gaps between guests, or four at the corners. */
function onRing(cast: Cast, table: Table, stock: Stock): Item[][] {
  const { frame, brief } = table
  const hero = massAt(table, cast, cast.hero!, 'hero', 0, 0, heroWidthMm(table))
  if (!hero) return []
  const angles = frame.ring!
  const rings = angles.length >= 5 && angles.length <= 8 ? [angles, quarters] : [quarters, angles]
  const { light, support } = cast
  const layouts: Item[][] = []
  if (support && !light) {
    const probe = massAt(table, cast, support, 'support', 0, 0, 0.55 * 2 * radiusOf(hero), 0.72 * brief.clearTopMm)
    if (probe) {
      const r = radiusOf(hero) + 30 + radiusOf(probe)
      for (const ring of [angles, quarters]) layouts.push([hero, ...inRing(probe, r, ring)])
    }
  }
  for (const ring of rings) {
    if (!light || light.count < ring.length) continue
    const r = besideMm(hero, light, brief)
    layouts.push([hero, ...lightsAt(light, ringSpots(r, ring))])
  }
  if (light && light.count >= 2) layouts.push([hero, ...lightsAt(light, bothSides(besideMm(hero, light, brief)))])
  const skirt = skirtOf(hero, table, stock)
  const ring = light && rings.find((one) => light.count >= one.length)
  if (skirt && ring) {
    const away = besideSkirtedMm(hero, skirt, light, table)
    layouts.splice(isLush(table) ? 0 : 1, 0, [hero, skirt, ...lightsAt(light, ringSpots(away, ring))])
  }
  return [...layouts, [hero]]
}

const quarters = [0.25, 0.75, 1.25, 1.75].map((part) => part * Math.PI)
