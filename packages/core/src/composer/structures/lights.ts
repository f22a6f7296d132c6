import { alongOf, isOpenFlame, item, leafGapMm, radiusOf, type Item, type Role } from '../item.js'
import type { Brief } from '../brief.js'
import type { Table } from '../mass.js'
import type { Option } from '../stock.js'

/** From the middle of a mass to the middle of a light beside it: leaves clear of the flame, and a gap that looks meant. */
export function besideMm(mass: Item, light: Option, brief: Brief, gapMm = 85): number {
  const one = item(light, 'light', 0)
  const open = isOpenFlame(one) && mass.flowers !== null
  return alongOf(mass) + Math.max(gapMm / 2 + radiusOf(one), open ? leafGapMm(brief) + 2 : gapMm * 0.7 + radiusOf(one))
}

export type Spot = readonly [x: number, y: number]

/** The same distance to both sides of a point of the spine. */
export function bothSides(x: number, middleX = 0): Spot[] {
  return [
    [middleX - x, 0],
    [middleX + x, 0]
  ]
}

/** Spots of a ring at its directions. */
export function ringSpots(radiusMm: number, angles: readonly number[]): Spot[] {
  return angles.map((angle) => [radiusMm * Math.cos(angle), radiusMm * Math.sin(angle)])
}

/** The same thing at every spot of a ring. */
export function inRing(one: Item, radiusMm: number, angles: readonly number[]): Item[] {
  return ringSpots(radiusMm, angles).map(([x, y]) => ({ ...one, x, y }))
}

/** Lights at spots, none where there is no light. */
export function lightsAt(light: Option | null, spots: readonly Spot[], role: Role = 'light'): Item[] {
  return light ? spots.map(([x, y]) => item(light, role, x, y)) : []
}

/** The same layouts with a low light beyond each end, or two side by side, where there are such lights; those first. */
export function withTails(layouts: readonly Item[][], low: Option | null, table: Table): Item[][] {
  if (!low || low.count < 2) return [...layouts]
  const r = radiusOf(item(low, 'light', 0))
  return layouts.flatMap((items) => {
    const end = Math.max(...items.map((one) => one.x + (one.role === 'base' ? 0 : alongOf(one))))
    const last = items.reduce((far, one) => (one.x > far.x ? one : far), items[0]!)
    const x = end + Math.max(64, last.flowers && isOpenFlame(item(low, 'light', 0)) ? leafGapMm(table.brief) - r : 0) + r
    const one = lightsAt(low, bothSides(x))
    const two =
      low.count >= 4
        ? lightsAt(
            low,
            [-1, 1].flatMap((side) => [[side * x, -TAIL_MM] as const, [side * x, TAIL_MM] as const])
          )
        : []
    return [...(two.length > 0 && !items.some((other) => other.option.part === 'votive') ? [[...items, ...two]] : []), [...items, ...one], items]
  })
}

/** Half of what lies between two low lights side by side. */
const TAIL_MM = 62
