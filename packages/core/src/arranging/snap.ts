import type { Standing } from '../centerpiece/standing.js'
import { reachMm } from '../geometry/footprint.js'
import type { Point } from '../geometry/point.js'

/** Why a spot was taken: the long axis, the very middle, a third of the free length, the mirror image of a like piece, equal gaps. */
export const snapKinds = ['axis', 'middle', 'third', 'mirror', 'gap'] as const
export type SnapKind = (typeof snapKinds)[number]

export interface Snap {
  readonly at: Point
  /** What held along the table and across it. */
  readonly alongBy: SnapKind | null
  readonly acrossBy: SnapKind | null
}

/** Draws a spot to the trade's own lines when it is within reach of one: each axis by itself, the nearest line first. */
export function snap(
  at: Point,
  self: Pick<Standing, 'placed' | 'foot'>,
  others: readonly Standing[],
  middle: { readonly lengthMm: number; readonly middleY: number },
  withinMm: number
): Snap {
  const roots = others.filter((one) => one.placed.on === null && one.placed.id !== self.placed.id)
  const twins = roots.filter((one) => one.placed.pieceId === self.placed.pieceId)
  const third = middle.lengthMm / 6
  const along = nearest(at.x, withinMm, [
    ['middle', 0],
    ['third', third],
    ['third', -third],
    ...twins.map((one) => ['mirror', -one.pose.x] as const),
    ...equalGaps(at, self, roots).map((x) => ['gap', x] as const)
  ])
  const across = nearest(at.y, withinMm, [
    ['axis', middle.middleY],
    ...twins.flatMap((one) => [['mirror', one.pose.y] as const, ['mirror', 2 * middle.middleY - one.pose.y] as const])
  ])
  return { at: { x: along?.[1] ?? at.x, y: across?.[1] ?? at.y }, alongBy: along?.[0] ?? null, acrossBy: across?.[0] ?? null }
}

type Line = readonly [SnapKind, number]

function nearest(value: number, withinMm: number, lines: readonly Line[]): Line | undefined {
  return lines.filter((line) => Math.abs(line[1] - value) <= withinMm).sort((a, b) => Math.abs(a[1] - value) - Math.abs(b[1] - value))[0]
}

/** Where the gaps to the neighbors on both sides would be equal. */
function equalGaps(at: Point, self: Pick<Standing, 'foot'>, roots: readonly Standing[]): number[] {
  const near = roots.filter((one) => Math.abs(one.pose.y - at.y) < reachMm(one.foot) + reachMm(self.foot))
  const left = near.filter((one) => one.pose.x < at.x).sort((a, b) => b.pose.x - a.pose.x)[0]
  const right = near.filter((one) => one.pose.x >= at.x).sort((a, b) => a.pose.x - b.pose.x)[0]
  if (!left || !right) return []
  return [(left.pose.x + reachMm(left.foot) + right.pose.x - reachMm(right.foot)) / 2]
}
