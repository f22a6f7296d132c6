import { overlapMm, reachMm, rimPoints, type Footprint } from '../geometry/footprint.js'
import { beyondMm, halfWidthAtMm, type Outline } from '../geometry/outline.js'
import type { LaidItem } from '../settings/settingCrowding.js'
import { extentSize } from '../design/piece.js'
import { floorExtent, isSupport } from '../solids/pieceSolids.js'
import { solidFootprint, type WorldSolid } from '../solids/solid.js'
import type { Standing } from './standing.js'

/** Hard things may touch by this much; leaves and flowers brush by this much. Our own starting values. */
const HARD_TOUCH_MM = 3
const SOFT_TOUCH_MM = 30

/** How far two pieces run into each other beyond a touch, 0 when they do not. Things nestle into a garland of greens. */
export function piecesOverlapMm(a: Standing, b: Standing): number {
  const reach = a.reachMm + b.reachMm
  const dx = a.pose.x - b.pose.x
  const dy = a.pose.y - b.pose.y
  if (dx * dx + dy * dy > reach * reach) return 0
  if (isGreens(a) || isGreens(b) || carries(a, b) || carries(b, a)) return 0
  let worst = 0
  a.solids.forEach((one) => {
    b.solids.forEach((other) => {
      if (Math.min(one.z1Mm, other.z1Mm) - Math.max(one.z0Mm, other.z0Mm) < 1) return
      const touch = isSoft(one) || isSoft(other) ? SOFT_TOUCH_MM : HARD_TOUCH_MM
      const deep = overlapMm(solidFootprint(one), solidFootprint(other))
      if (deep > touch) worst = Math.max(worst, deep)
    })
  })
  return worst
}

/** What things nestle into. */
const nestling = new Set(['greens', 'garland', 'moss', 'grass', 'beads', 'wreath', 'throw', 'lights'])

function isGreens(standing: Standing): boolean {
  return standing.piece.kind === 'ornament' && nestling.has(standing.piece.form)
}

/** Flowers and leaves above a vessel's rim. */
function isSoft({ part }: WorldSolid): boolean {
  return part === 'stems' || part === 'heads'
}

/** Whether one touches the other by what it is: stands on it or in it, leans, hangs over it or lies round it, beside it in the same thing, or on something that does. */
function carries(below: Standing, above: Standing): boolean {
  return above.placed.on === below.placed.id || above.carrierId === below.placed.id || (above.rootId === below.placed.id && isSupport(below.piece))
}

export interface SettingHit {
  readonly number: number
  readonly overlapMm: number
}

type Laid = readonly (readonly LaidItem[])[]
const hits = new WeakMap<Standing, { laid: Laid; hit: SettingHit | undefined }>()

/** How far a piece runs into a laid setting, and whose; undefined when it runs into none. Kept while neither has moved. */
export function settingHit(standing: Standing, laid: Laid): SettingHit | undefined {
  const earlier = hits.get(standing)
  if (earlier && earlier.laid === laid) return earlier.hit
  const hit = workOutHit(standing, laid)
  hits.set(standing, { laid, hit })
  return hit
}

/** What lies before a guest with a circle about all of it. */
interface Around {
  readonly x: number
  readonly y: number
  readonly reachMm: number
  readonly items: readonly LaidItem[]
}
const places = new WeakMap<Laid, readonly Around[]>()

function aroundEach(laid: Laid): readonly Around[] {
  const known = places.get(laid)
  if (known) return known
  const each = laid.map((items): Around => {
    const [x, y] = [mean(items.map((item) => item.shape.x)), mean(items.map((item) => item.shape.y))]
    return { x, y, reachMm: Math.max(0, ...items.map((item) => Math.hypot(item.shape.x - x, item.shape.y - y) + item.reachMm)), items }
  })
  places.set(laid, each)
  return each
}

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length)

/** Items whose bounding circles meet the piece's. */
function itemsNear({ pose, reachMm }: Standing, laid: Laid): LaidItem[] {
  const near: LaidItem[] = []
  for (const place of aroundEach(laid)) {
    if (isApart(place.x - pose.x, place.y - pose.y, place.reachMm + reachMm)) continue
    for (const item of place.items) if (!isApart(item.shape.x - pose.x, item.shape.y - pose.y, item.reachMm + reachMm)) near.push(item)
  }
  return near
}

const isApart = (dx: number, dy: number, reachMm: number) => dx * dx + dy * dy >= reachMm * reachMm

function workOutHit(standing: Standing, laid: Laid): SettingHit | undefined {
  const near = itemsNear(standing, laid)
  let hit: SettingHit | undefined
  if (near.length === 0) return hit
  standing.solids.forEach((solid) => {
    const shape = solidFootprint(solid)
    const touch = isSoft(solid) || isGreens(standing) ? SOFT_TOUCH_MM : HARD_TOUCH_MM
    for (const item of near) {
      if (solid.z0Mm >= item.heightMm) continue
      const deep = overlapMm(shape, item.shape)
      if (deep > touch && deep > (hit?.overlapMm ?? 0)) hit = { number: item.number, overlapMm: deep }
    }
  })
  return hit
}

/** Whether a square around a footprint lies within an outline; asked first, for most things stand far from the edge. */
export function isWellWithin(foot: Footprint, outline: Outline): boolean {
  const reach = reachMm(foot)
  return outline.kind !== 'polygon' && Math.abs(foot.y) + reach <= halfWidthAtMm(outline, Math.abs(foot.x) + reach)
}

/** How far a piece's foot sticks out over the table's edge; 0 on the table. */
export function offTableMm(standing: Standing, outline: Outline): number {
  if (standing.carrierId !== null || standing.placed.how === 'draped') return 0
  if (isWellWithin(standing.foot, outline)) return 0
  const worst = Math.max(0, ...rimPoints(standing.foot).map((p) => beyondMm(outline, p)))
  return worst > HARD_TOUCH_MM ? worst : 0
}

/** How far a piece's foot sticks out over what carries it; 0 when it stands wholly on it. */
export function offSupportMm(standing: Standing, below: Standing | undefined): number {
  if (!below || !isSupport(below.piece) || standing.placed.how !== 'standing') return 0
  const floor = floorExtent(below.piece, standing.placed.level)
  const { lengthMm, widthMm } = extentSize(floor)
  const round = floor.kind === 'round'
  const cos = Math.cos(below.pose.turnRad)
  const sin = Math.sin(below.pose.turnRad)
  let worst = 0
  for (const p of rimPoints(standing.foot)) {
    const dx = p.x - below.pose.x
    const dy = p.y - below.pose.y
    const lx = Math.abs(dx * cos + dy * sin)
    const ly = Math.abs(-dx * sin + dy * cos)
    worst = Math.max(worst, round ? Math.hypot(lx, ly) - lengthMm / 2 : Math.max(lx - lengthMm / 2, ly - widthMm / 2))
  }
  return worst > HARD_TOUCH_MM ? worst : 0
}
