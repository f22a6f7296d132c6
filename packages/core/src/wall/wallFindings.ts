import type { Standing } from '../centerpiece/standing.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import type { Outline } from '../geometry/outline.js'
import { STANDING_EYE_MM } from '../reference/bodies.js'
import { ART_HIDDEN_MOST } from '../reference/composition.js'
import { rayMeets } from '../sight/rayMeets.js'
import type { WorldSolid } from '../solids/solid.js'

/** Somebody looks at a surface at a wall from this far in front of it, standing: common practice, no source. */
const BEFORE_MM = 2000
const GRID = 10

type Parts = Pick<Look, 'room' | 'table'>

/** A spot on the wall, or by its `y` before it: x along the surface, z above its top. */
export interface WallSpot {
  readonly x: number
  readonly y?: number
  readonly z: number
}

/** Pictures on the wall that a piece hides or fights, and sockets that nothing covers, of a surface seen from one side. */
export function wallFindings(look: Parts, standing: readonly Standing[], outline: Outline): BareFinding[] {
  const { behind } = look.room
  if (!behind) return []
  const found = behind.art.flatMap((art) => {
    const spots = Array.from({ length: GRID * GRID }, (_, i) => ({
      x: art.xMm + art.widthMm * (((i % GRID) + 0.5) / GRID - 0.5),
      z: art.bottomMm - look.table.heightMm + (art.heightMm * (Math.floor(i / GRID) + 0.5)) / GRID
    }))
    return standing.flatMap((one): BareFinding[] => {
      const share = spots.filter((spot) => one.solids.some((solid) => covers(look, outline, solid, spot))).length / spots.length
      if (share <= ART_HIDDEN_MOST) return []
      return [
        {
          code: 'art.hidden',
          severity: 'note',
          at: { kind: 'piece', placedId: one.placed.id },
          measured: { share },
          limit: { share: ART_HIDDEN_MOST },
          because: 'fights-picture'
        }
      ]
    })
  })
  const bare = bareSockets(look, standing, outline).length
  if (bare === 0) return found
  return [...found, { code: 'socket.bare', severity: 'note', at: { kind: 'table' }, measured: { spots: bare }, limit: { spots: 0 }, because: 'socket-seen' }]
}

/** Sockets that somebody standing in front still sees. */
export function bareSockets(look: Parts, standing: readonly Standing[], outline: Outline): WallSpot[] {
  return (look.room.behind?.sockets ?? [])
    .map(({ xMm, heightMm }) => ({ x: xMm, z: heightMm - look.table.heightMm }))
    .filter((spot) => !standing.some((one) => one.solids.some((solid) => solid.opacity > 0.3 && covers(look, outline, solid, spot))))
}

/** Whether a solid stands before a spot of the wall or of the surface, for somebody standing straight in front of it. */
export function covers({ table }: Pick<Look, 'table'>, outline: Outline, solid: WorldSolid, spot: WallSpot): boolean {
  const eye = { x: spot.x, y: -outline.halfWidthMm - BEFORE_MM, z: STANDING_EYE_MM - table.heightMm }
  return rayMeets(solid, eye, { x: spot.x, y: spot.y ?? outline.halfWidthMm, z: spot.z })
}
