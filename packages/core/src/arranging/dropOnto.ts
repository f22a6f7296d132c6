import type { Standing } from '../centerpiece/standing.js'
import { offSupportMm } from '../centerpiece/collisions.js'
import { extentSize } from '../design/piece.js'
import { toFrame, type Point } from '../geometry/point.js'
import { floorExtent, isSupport, standHeightMm } from '../solids/pieceSolids.js'

/** What a piece comes to stand on, and on which of its levels. */
export interface Onto {
  readonly below: Standing
  readonly level: number
}

/**
 * What a piece would stand on or in if it were let go of at a spot: the highest floor that holds its whole foot there; null for the table itself.
 * A vase with stems in it carries nothing.
 */
export function dropOnto(at: Point, self: Standing, others: readonly Standing[]): Onto | null {
  const holding = others.flatMap((below) => {
    if (
      !isSupport(below.piece) ||
      below.placed.arrangement ||
      below.placed.how !== 'standing' ||
      below.placed.id === self.placed.id ||
      above(below, self, others)
    )
      return []
    const levels = below.piece.kind === 'tray' ? below.piece.upper.length : 0
    return Array.from({ length: levels + 1 }, (_, level) => ({ below, level })).filter((onto) => holds(at, self, onto))
  })
  return holding.sort((a, b) => heightOf(b) - heightOf(a))[0] ?? null
}

const heightOf = ({ below, level }: Onto) => below.footMm + standHeightMm(below.piece, level)

function holds(at: Point, self: Standing, { below, level }: Onto): boolean {
  if (!isSupport(below.piece)) return false
  const { lengthMm, widthMm } = extentSize(floorExtent(below.piece, level))
  const local = toFrame(below.pose, at)
  const there = { ...self, placed: { ...self.placed, how: 'standing' as const, level }, foot: { ...self.foot, x: at.x, y: at.y } }
  return Math.abs(local.x) <= lengthMm / 2 && Math.abs(local.y) <= widthMm / 2 && offSupportMm(there, below) === 0
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
