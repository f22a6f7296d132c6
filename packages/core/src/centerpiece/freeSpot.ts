import { withAllAbove } from '../design/takeOff.js'
import type { Look } from '../design/look.js'
import { halfLengthMm, type Outline } from '../geometry/outline.js'
import { radians, toFrame, type Point } from '../geometry/point.js'
import type { LaidItem } from '../settings/settingCrowding.js'
import { offSupportMm, offTableMm, piecesOverlapMm, settingHit } from './collisions.js'
import { standings, type Standing } from './standing.js'

/** What a free spot is looked for in. */
export interface Surroundings {
  readonly outline: Outline
  readonly laid: readonly (readonly LaidItem[])[]
}

const STEP_MM = 25
const SPOKES = 16

/**
 * The spot nearest to where a piece stands at which it, and all it carries, runs into nothing and `accept` agrees; in the frame of what it
 * stands on. Undefined when the search over the whole table finds none.
 */
export function freeSpot(look: Look, placedId: string, around: Surroundings, accept: (moved: Look, all: readonly Standing[]) => boolean = () => true): Point | undefined {
  const before = standings(look)
  const self = before.find((standing) => standing.placed.id === placedId)
  if (!self) return undefined
  const group = withAllAbove(look, placedId)
  const below = before.find((standing) => standing.placed.id === self.placed.on)
  for (const at of spiral(self.pose, 2 * halfLengthMm(around.outline))) {
    const moved = movedTo(look, placedId, below ? toFrame(below.pose, at) : at)
    const all = standings(moved)
    if (group.size > 0 && standsFree(all, group, around) && accept(moved, all)) return below ? toFrame(below.pose, at) : at
  }
  return undefined
}

/** Rings round a point, nearest first, on a slightly turned grid so that straight rows are tried too. */
function* spiral(from: Point, reachMm: number): Generator<Point> {
  yield { x: from.x, y: from.y }
  for (let radius = STEP_MM; radius <= reachMm; radius += STEP_MM) {
    for (let i = 0; i < SPOKES; i++) {
      const angle = radians((360 / SPOKES) * i)
      yield { x: from.x + radius * Math.cos(angle), y: from.y + radius * Math.sin(angle) }
    }
  }
}

function movedTo(look: Look, placedId: string, at: Point): Look {
  return { ...look, centerpiece: look.centerpiece.map((placed) => (placed.id === placedId ? { ...placed, xMm: at.x, yMm: at.y } : placed)) }
}

function standsFree(all: readonly Standing[], group: ReadonlySet<string>, { outline, laid }: Surroundings): boolean {
  return all.every((piece) => {
    if (!group.has(piece.placed.id)) return true
    if (offTableMm(piece, outline) > 0) return false
    if (offSupportMm(piece, all.find((other) => other.placed.id === piece.placed.on)) > 0) return false
    if (settingHit(piece, laid)) return false
    return all.every((other) => group.has(other.placed.id) ? true : piecesOverlapMm(piece, other) === 0)
  })
}
