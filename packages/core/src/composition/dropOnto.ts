import type { Standing } from '../centerpiece/standing.js'
import { offSupportMm } from '../centerpiece/collisions.js'
import { extentSize } from '../design/piece.js'
import { toFrame, type Point } from '../geometry/point.js'
import { floorExtent, isSupport } from '../solids/pieceSolids.js'

/**
 * What a piece would stand on or in if it were let go of at a spot: the highest support whose floor holds its whole foot there; null for the
 * table itself. A vase with stems in it carries nothing.
 */
export function dropOnto(at: Point, self: Standing, others: readonly Standing[]): Standing | null {
  const there = { ...self, foot: { ...self.foot, x: at.x, y: at.y } }
  const holding = others.filter((one) => {
    if (!isSupport(one.piece) || one.placed.arrangement || one.placed.id === self.placed.id || above(one, self, others)) return false
    const { lengthMm, widthMm } = extentSize(floorExtent(one.piece))
    const local = toFrame(one.pose, at)
    return Math.abs(local.x) <= lengthMm / 2 && Math.abs(local.y) <= widthMm / 2 && offSupportMm(there, one) === 0
  })
  return holding.sort((a, b) => b.footMm - a.footMm)[0] ?? null
}

/** Whether one stands, by way of others, on a piece. */
function above(one: Standing, below: Standing, others: readonly Standing[]): boolean {
  let on = one.placed.on
  while (on !== null) {
    if (on === below.placed.id) return true
    on = others.find((other) => other.placed.id === on)?.placed.on ?? null
  }
  return false
}
