import type { Standing } from '../centerpiece/standing.js'
import { colorDistance } from '../color/colorWords.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import type { Outline } from '../geometry/outline.js'
import { BLENDS_WITHIN, CORD_SEEN_MM } from '../reference/composition.js'
import { covers, type WallSpot } from './wallFindings.js'

type Parts = Pick<Look, 'room' | 'table' | 'pieces' | 'linens'>

/** The way of a cord: from its piece back to the wall, along the surface's back edge, and to the socket. */
export interface CordRoute {
  readonly placedId: string
  readonly socket: { readonly xMm: number; readonly heightMm: number }
  readonly needMm: number
  readonly haveMm: number
  /** How much of the way lies open to somebody in front. */
  readonly seenMm: number
  /** Spots of the way, for drawing. */
  readonly way: readonly Required<WallSpot>[]
}

const STEP_MM = 20

/** Each plugged thing on a surface at a wall with its way to the nearest socket; none where there are no sockets. */
export function cordRoutes(look: Parts, standing: readonly Standing[], outline: Outline): CordRoute[] {
  const sockets = look.room.behind?.sockets ?? []
  return plugged(standing).flatMap(({ one, cordMm }) => {
    const routes = sockets.map((socket) => {
      const way = wayTo(one, socket, outline, look.table.heightMm)
      const needMm = way.slice(1).reduce((sum, spot, i) => sum + Math.hypot(spot.x - way[i]!.x, spot.y - way[i]!.y, spot.z - way[i]!.z), 0)
      return { placedId: one.placed.id, socket, needMm, haveMm: cordMm, way, seenMm: seenOf(look, one, way, standing, outline) }
    })
    return routes.sort((a, b) => a.needMm - b.needMm).slice(0, 1)
  })
}

function plugged(standing: readonly Standing[]): { one: Standing; cordMm: number }[] {
  return standing.flatMap((one) => (one.piece.kind === 'ornament' && one.piece.cordMm !== null ? [{ one, cordMm: one.piece.cordMm }] : []))
}

function wayTo(one: Standing, socket: CordRoute['socket'], outline: Outline, tableHeightMm: number): Required<WallSpot>[] {
  const wall = outline.halfWidthMm
  const { x, y } = one.pose
  return [
    { x, y, z: one.footMm },
    { x, y: wall, z: 0 },
    { x: socket.xMm, y: wall, z: 0 },
    { x: socket.xMm, y: wall, z: socket.heightMm - tableHeightMm }
  ]
}

/** A cord of the color of what it lies on is not seen; below the surface nothing is looked at. */
function seenOf(look: Parts, one: Standing, way: readonly Required<WallSpot>[], standing: readonly Standing[], outline: Outline): number {
  const ground = findPiece(pieceIndex(look), look.linens.clothId, 'cloth')?.color ?? look.table.color
  if (colorDistance(one.piece.accent, ground) < BLENDS_WITHIN) return 0
  const others = standing.filter((other) => other !== one).flatMap((other) => other.solids.filter((solid) => solid.opacity > 0.3))
  let seen = 0
  for (let i = 1; i < way.length; i++) {
    const [from, to] = [way[i - 1]!, way[i]!]
    const long = Math.hypot(to.x - from.x, to.y - from.y, to.z - from.z)
    const steps = Math.ceil(long / STEP_MM)
    for (let k = 0; k < steps; k++) {
      const t = (k + 0.5) / steps
      const spot = { x: from.x + t * (to.x - from.x), y: from.y + t * (to.y - from.y), z: from.z + t * (to.z - from.z) + 1 }
      if (spot.z > 0 && !others.some((solid) => covers(look, outline, solid, spot))) seen += long / steps
    }
  }
  return seen
}

/** Cords that do not reach, that are seen, or that would cross a floor people walk on. */
export function cordFindings(look: Pick<Look, 'room' | 'table' | 'school'>, standing: readonly Standing[], routes: readonly CordRoute[]): BareFinding[] {
  return plugged(standing).flatMap(({ one, cordMm }): BareFinding[] => {
    const at = { kind: 'piece', placedId: one.placed.id } as const
    const route = routes.find((other) => other.placedId === one.placed.id)
    if (!look.room.behind) return [{ code: 'cord.floor', severity: 'warn', at, measured: { cordMm }, limit: { dropMm: look.table.heightMm }, because: 'trips' }]
    if (!route) return [{ code: 'cord.reach', severity: 'warn', at, measured: { cordMm }, limit: {}, because: 'no-socket' }]
    if (route.needMm > cordMm)
      return [{ code: 'cord.reach', severity: 'warn', at, measured: { cordMm }, limit: { cordMm: route.needMm }, because: 'cord-short' }]
    if (route.seenMm <= CORD_SEEN_MM || look.school.meant.includes('cord.seen')) return []
    return [{ code: 'cord.seen', severity: 'note', at, measured: { seenMm: route.seenMm }, limit: { seenMm: CORD_SEEN_MM }, because: 'cord-bare' }]
  })
}
