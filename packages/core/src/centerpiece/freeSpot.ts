import { withAllAbove } from '../design/takeOff.js'
import type { Look } from '../design/look.js'
import { contains, halfLengthMm, type Outline } from '../geometry/outline.js'
import { radians, toFrame, type Point } from '../geometry/point.js'
import type { LaidItem } from '../settings/settingCrowding.js'
import { offSupportMm, offTableMm, piecesOverlapMm, settingHit } from './collisions.js'
import { standings, standingsOn, type Standing } from './standing.js'

/** What a free spot is looked for in. */
export interface Surroundings {
  readonly outline: Outline
  readonly laid: readonly (readonly LaidItem[])[]
}

const STEP_MM = 25
const SPOKES = 16

/**
 * The spot nearest to where a piece stands at which it, and all it carries, runs into nothing and `accept` agrees (given the moved pieces and all
 * others); in the frame of what it stands on. Undefined when the search over the whole table finds none.
 */
export function freeSpot(
  look: Look,
  placedId: string,
  around: Surroundings,
  accept: (moved: readonly Standing[], others: readonly Standing[]) => boolean = () => true
): Point | undefined {
  const before = standings(look)
  const self = before.find((standing) => standing.placed.id === placedId)
  if (!self) return undefined
  const group = withAllAbove(look, placedId)
  const below = before.find((standing) => standing.placed.id === self.placed.on)
  const others = before.filter((standing) => !group.has(standing.placed.id))
  const carried = look.centerpiece.filter((placed) => placed.id !== placedId && group.has(placed.id))
  // what stands has its foot round its axis, and is off the table where that is
  const keepsOn = !below && self.placed.how === 'standing'
  for (const at of spiral(self.pose, 2 * halfLengthMm(around.outline))) {
    if (keepsOn && !contains(around.outline, at)) continue
    const local = below ? toFrame(below.pose, at) : at
    const moved = standingsOn([{ ...self.placed, xMm: local.x, yMm: local.y }, ...carried], below, look)
    if (standFree(moved, others, below, around) && accept(moved, others)) return local
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

function standFree(moved: readonly Standing[], others: readonly Standing[], below: Standing | undefined, { outline, laid }: Surroundings): boolean {
  return moved.every((piece, i) => {
    const support = i === 0 ? below : moved.find((other) => other.placed.id === piece.placed.on)
    return (
      offTableMm(piece, outline) === 0 &&
      offSupportMm(piece, support) === 0 &&
      others.every((other) => piecesOverlapMm(piece, other) === 0) &&
      !settingHit(piece, laid)
    )
  })
}
