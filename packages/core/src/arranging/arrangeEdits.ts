import { standings } from '../centerpiece/standing.js'
import { makeEdit, type Edit } from '../design/edit.js'
import type { Look, Placed } from '../design/look.js'
import { withAllAbove } from '../design/takeOff.js'
import { reachMm } from '../geometry/footprint.js'
import { contains, grown, halfLengthMm, type Outline } from '../geometry/outline.js'
import { distanceMm, type Point } from '../geometry/point.js'
import { numberedId } from '../units/slug.js'

/** Pieces of one name that move together; all of them let go when they are one group already. */
export function groupEdit(look: Look, ids: readonly string[]): Edit {
  const chosen = look.centerpiece.filter((placed) => ids.includes(placed.id))
  const [first] = chosen
  const together = first?.group != null && chosen.every((placed) => placed.group === first.group)
  const known = look.centerpiece.flatMap((placed) => (placed.group === null ? [] : [{ id: placed.group }]))
  const name = together ? null : numberedId('group', known, 1)
  return makeEdit(look, 'group', (draft) => {
    for (const placed of draft.centerpiece) {
      if (together && placed.group === first.group) placed.group = null
      else if (!together && ids.includes(placed.id)) placed.group = name
    }
  })
}

/** All chosen pieces put on the long axis. */
export function alignEdit(look: Look, ids: readonly string[], middleY: number): Edit {
  return makeEdit(look, 'move', (draft) => {
    for (const placed of draft.centerpiece) if (ids.includes(placed.id) && placed.on === null && !placed.locked) placed.yMm = Math.round(middleY)
  })
}

/** The chosen pieces between the first and the last of them along the table moved so that the gaps between all are equal. */
export function distributeEdit(look: Look, ids: readonly string[]): Edit {
  const row = standings(look)
    .filter((one) => ids.includes(one.placed.id) && one.placed.on === null)
    .sort((a, b) => a.pose.x - b.pose.x)
  const [first, last] = [row[0], row[row.length - 1]]
  if (!first || !last || row.length < 3) return makeEdit(look, 'move', () => {})
  const taken = row.slice(1, -1).reduce((sum, one) => sum + 2 * reachMm(one.foot), 0)
  const free = last.pose.x - reachMm(last.foot) - (first.pose.x + reachMm(first.foot)) - taken
  const gap = free / (row.length - 1)
  let at = first.pose.x + reachMm(first.foot) + gap
  const spots = new Map<string, number>()
  for (const one of row.slice(1, -1)) {
    spots.set(one.placed.id, Math.round(at + reachMm(one.foot)))
    at += 2 * reachMm(one.foot) + gap
  }
  return makeEdit(look, 'move', (draft) => {
    for (const placed of draft.centerpiece) if (spots.has(placed.id) && !placed.locked) placed.xMm = spots.get(placed.id)!
  })
}

const RAYS = 720

/** The chosen pieces spread along a line inside the table's edge, at even steps all round, in the order they stand there. Not for L, T and U. */
export function alongEdgeEdit(look: Look, ids: readonly string[], outline: Outline, insetMm: number): Edit {
  const within = grown(outline, -insetMm)
  const line = Array.from({ length: RAYS }, (_, i) => onEdge(within, (2 * Math.PI * i) / RAYS))
  const lengths = line.map((at, i) => distanceMm(at, line[(i + 1) % RAYS]!))
  const whole = lengths.reduce((sum, mm) => sum + mm, 0)
  const chosen = standings(look)
    .filter((one) => ids.includes(one.placed.id) && one.placed.on === null && !one.placed.locked)
    .map((one) => ({ id: one.placed.id, angle: (Math.atan2(one.pose.y, one.pose.x) + 2 * Math.PI) % (2 * Math.PI) }))
    .sort((a, b) => a.angle - b.angle)
  const spots = new Map<string, Point>()
  let [ray, walked] = [0, 0]
  chosen.forEach(({ id }, i) => {
    const wantedMm = (whole * (i + 0.5)) / chosen.length
    while (ray < RAYS - 1 && walked + lengths[ray]! < wantedMm) walked += lengths[ray++]!
    spots.set(id, line[ray]!)
  })
  return makeEdit(look, 'move', (draft) => {
    for (const placed of draft.centerpiece) {
      const at = spots.get(placed.id)
      if (at) Object.assign(placed, { xMm: Math.round(at.x), yMm: Math.round(at.y) })
    }
  })
}

/** Where a ray from the middle leaves an outline, by halving. */
function onEdge(outline: Outline, angle: number): Point {
  let [low, high] = [0, halfLengthMm(outline) + outline.halfWidthMm]
  for (let step = 0; step < 24; step++) {
    const middle = (low + high) / 2
    if (contains(outline, { x: middle * Math.cos(angle), y: middle * Math.sin(angle) })) low = middle
    else high = middle
  }
  return { x: low * Math.cos(angle), y: low * Math.sin(angle) }
}

/** Across the middle, so that the table's ends change places, or across its long axis, so that its sides do. */
export const mirrorAxes = ['ends', 'sides'] as const
export type MirrorAxis = (typeof mirrorAxes)[number]

/** A copy of a piece, with all that stands on it, at its mirror image. */
export function mirrorEdit(look: Look, placedId: string, axis: MirrorAxis = 'ends'): Edit {
  const copied = withAllAbove(look, placedId)
  const self = look.centerpiece.find((placed) => placed.id === placedId)
  if (!self || self.on !== null) return makeEdit(look, 'put-on', () => {})
  const flip = axis === 'ends' ? (placed: Placed) => ({ xMm: -placed.xMm }) : (placed: Placed) => ({ yMm: -placed.yMm })
  return makeEdit(look, 'put-on', (draft) => {
    const names = new Map<string, string>()
    for (const placed of look.centerpiece) {
      if (!copied.has(placed.id)) continue
      const id = numberedId(placed.pieceId, draft.centerpiece, 1)
      names.set(placed.id, id)
      const own = placed.id === placedId
      const copy: Placed = {
        ...structuredClone(placed),
        ...flip(placed),
        id,
        locked: false,
        on: own ? null : (names.get(placed.on ?? '') ?? null),
        turnDeg: mirroredTurn(placed, axis)
      }
      draft.centerpiece.push(copy as (typeof draft.centerpiece)[number])
    }
  })
}

/** A front that looks to -y looks to +y in the mirror across the long axis; things of like halves turn the other way. */
function mirroredTurn({ turnDeg }: Placed, axis: MirrorAxis): number {
  return axis === 'ends' ? -turnDeg : (180 - turnDeg) % 360
}

/** Ids that move when one does: its group, and in mirror mode the like piece at its mirror image. */
export function movedWith(look: Pick<Look, 'centerpiece'>, placedId: string): readonly string[] {
  const self = look.centerpiece.find((placed) => placed.id === placedId)
  if (!self || self.group === null) return [placedId]
  return look.centerpiece.filter((placed) => placed.group === self.group && placed.on === null).map((placed) => placed.id)
}

/** The like piece at the mirror image of one, within an inch; null where there is none. Across the middle it may lie on the other side too. */
export function twinOf(look: Pick<Look, 'centerpiece'>, placedId: string, axis: MirrorAxis = 'ends'): string | null {
  const self = look.centerpiece.find((placed) => placed.id === placedId)
  if (!self || self.on !== null) return null
  const near = (placed: Placed) =>
    axis === 'ends'
      ? Math.hypot(placed.xMm + self.xMm, Math.abs(placed.yMm) - Math.abs(self.yMm)) <= 25.4
      : Math.hypot(placed.xMm - self.xMm, placed.yMm + self.yMm) <= 25.4
  return look.centerpiece.find((placed) => placed.id !== placedId && placed.on === null && placed.pieceId === self.pieceId && near(placed))?.id ?? null
}
