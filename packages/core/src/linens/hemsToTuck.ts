import { reachMm } from '../geometry/footprint.js'
import { halfLengthMm, spanMm, type Outline } from '../geometry/outline.js'
import type { Point } from '../geometry/point.js'
import { toSegmentMm } from '../geometry/polygon.js'
import type { LaidItem } from '../settings/settingCrowding.js'
import type { RunnerLay, Strip } from './runnerStrips.js'

/** Places whose lowest plate a hem runs under, where whoever lays the table tucks it out of sight: ends of runners and towels that stop on the table. */
export function hemsToTuck(runner: RunnerLay | null, outline: Outline, laid: readonly (readonly LaidItem[])[]): number[] {
  if (!runner) return []
  const hems = runner.strips.flatMap(endsOf).filter((hem) => hem.every((at) => isOnTable(at, outline)))
  return laid.flatMap((items) => {
    const lowest = items.find(({ isPlate }) => isPlate)
    return lowest && hems.some(([from, to]) => toSegmentMm(lowest.shape.x, lowest.shape.y, from, to) < reachMm(lowest.shape)) ? [lowest.number] : []
  })
}

/** The two short sides of a strip. */
function endsOf({ x, y, halfXMm, halfYMm }: Strip): (readonly [Point, Point])[] {
  return [-1, 1].map((side) =>
    halfXMm >= halfYMm
      ? ([
          { x: x + side * halfXMm, y: y - halfYMm },
          { x: x + side * halfXMm, y: y + halfYMm }
        ] as const)
      : ([
          { x: x - halfXMm, y: y + side * halfYMm },
          { x: x + halfXMm, y: y + side * halfYMm }
        ] as const)
  )
}

/** An end that hangs over shows its hem and is not tucked. */
function isOnTable({ x, y }: Point, outline: Outline): boolean {
  const middleY = outline.kind === 'polygon' ? outline.middleY : 0
  return Math.abs(x) < halfLengthMm(outline) && Math.abs(y - middleY) < spanMm(outline) / 2
}
