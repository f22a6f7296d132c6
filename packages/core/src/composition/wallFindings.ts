import type { Standing } from '../centerpiece/standing.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import type { Outline } from '../geometry/outline.js'
import type { WorldSolid } from '../solids/solid.js'

/** Somebody looks at a surface at a wall from this far in front of it, standing: common practice, no source. */
const BEFORE_MM = 2000
const EYE_MM = 1550
/** More of a picture than this behind a thing reads as a mistake: our own starting value. */
export const ART_HIDDEN_MOST = 0.2
const GRID = 10

type Parts = Pick<Look, 'room' | 'table'>

/** A spot on the wall, x along the surface, z above its top. */
interface WallSpot {
  readonly x: number
  readonly z: number
}

/** Pictures on the wall that a piece hides or fights, and sockets that nothing covers, of a surface seen from one side. */
export function wallFindings(look: Parts, standing: readonly Standing[], outline: Outline): BareFinding[] {
  const { behind } = look.room
  if (!behind) return []
  const view = viewOf(look, outline)
  const found = behind.art.flatMap((art) => {
    const spots = Array.from({ length: GRID * GRID }, (_, i) => ({
      x: art.xMm + art.widthMm * (((i % GRID) + 0.5) / GRID - 0.5),
      z: art.bottomMm - look.table.heightMm + (art.heightMm * (Math.floor(i / GRID) + 0.5)) / GRID
    }))
    return standing.flatMap((one): BareFinding[] => {
      const share = spots.filter((spot) => one.solids.some((solid) => covers(view, solid, spot))).length / spots.length
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
  const view = viewOf(look, outline)
  return (look.room.behind?.sockets ?? [])
    .map(({ xMm, heightMm }) => ({ x: xMm, z: heightMm - look.table.heightMm }))
    .filter((spot) => !standing.some((one) => one.solids.some((solid) => solid.opacity > 0.3 && covers(view, solid, spot))))
}

interface View {
  readonly eyeY: number
  readonly eyeZ: number
  readonly wallY: number
}

function viewOf({ table }: Parts, outline: Outline): View {
  return { eyeY: -outline.halfWidthMm - BEFORE_MM, eyeZ: EYE_MM - table.heightMm, wallY: outline.halfWidthMm }
}

/** Whether a solid stands before a spot of the wall, seen from straight in front of the spot. */
function covers({ eyeY, eyeZ, wallY }: View, solid: WorldSolid, spot: WallSpot): boolean {
  const share = (solid.y - eyeY) / (wallY - eyeY)
  const z = eyeZ + (spot.z - eyeZ) * share
  if (z < solid.z0Mm || z > solid.z1Mm) return false
  const up = (z - solid.z0Mm) / Math.max(1, solid.z1Mm - solid.z0Mm)
  const half =
    solid.kind === 'frustum'
      ? solid.r0Mm + (solid.r1Mm - solid.r0Mm) * up
      : Math.abs(solid.halfXMm * Math.cos(solid.turnRad)) + Math.abs(solid.halfYMm * Math.sin(solid.turnRad))
  return Math.abs(spot.x - solid.x) <= half
}
