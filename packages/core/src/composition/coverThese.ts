import { bodySolids, type Standing } from '../centerpiece/standing.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { extentSize, levelMm2 } from '../design/piece.js'
import { overlapMm, type Footprint } from '../geometry/footprint.js'
import { fromFrame, type Point } from '../geometry/point.js'
import { mechanicsOf } from '../florals/mechanics.js'
import { pieceIndex } from '../design/find.js'
import type { SeatPlan } from '../seating/seatPlan.js'
import { solidFootprint } from '../solids/solid.js'

/** A spot of the middle that something should cover: the end of a garland, a gap below legs, what holds stems. */
export interface CoverThis extends Point {
  readonly placedId: string
  readonly what: 'end' | 'gap' | 'mouth' | 'glass-wall'
  /** Share of it that shows. */
  readonly bare: number
}

type Parts = Pick<Look, 'pieces' | 'room'>

/** A gap is looked at in so many spots along each side, and so far before it. */
const GAP_SPOTS = 5
const BEFORE_MM = 30
const END_MM = 25
/** Heads at the rim cover this share of what all heads would: our own starting value. */
const RIM_SHARE = 0.5
/** A gap or a mouth that shows no more than this reads as covered: our own starting value. */
const BARE_MOST = 0.4

/** Everything of the middle that wants covering, with how much of it shows. */
export function coverThese(look: Parts, standing: readonly Standing[], plan: SeatPlan): CoverThis[] {
  const sides = sidesSeen(look, plan)
  return standing.flatMap((one) => [...gapsOf(one, standing, sides), ...endsOf(one, standing), ...mechanicsSeen(look, one)])
}

/** Directions from which people look: where somebody sits, or only from the front of a surface at a wall; all round where nobody sits. */
function sidesSeen(look: Parts, plan: SeatPlan): Point[] {
  const all = [
    { x: 0, y: -1 },
    { x: 0, y: 1 },
    { x: 1, y: 0 },
    { x: -1, y: 0 }
  ]
  if (look.room.behind) return all.slice(0, 1)
  const seats = all.filter((side) =>
    plan.places.some((place) => Math.cos(place.turnRad + Math.PI / 2) * side.x + Math.sin(place.turnRad + Math.PI / 2) * side.y < -0.7)
  )
  return seats.length > 0 ? seats : all
}

/** Below a stand on legs, from each side. */
function gapsOf(one: Standing, standing: readonly Standing[], sides: readonly Point[]): CoverThis[] {
  if (one.piece.kind !== 'riser' || !one.piece.legs) return []
  const { heightMm } = one.piece
  const others = standing
    .filter((other) => other !== one && other.carrierId !== one.placed.id)
    .concat(standing.filter((other) => other.placed.on === one.placed.id && other.manner?.kind === 'draped'))
  return sides.flatMap((side) => {
    const spots = alongSide(one.foot, side)
    const bare = spots.filter((spot) => !others.some((other) => standsAt(other, spot, one.footMm, heightMm))).length / GAP_SPOTS
    const middle = spots[Math.floor(GAP_SPOTS / 2)]!
    return bare > BARE_MOST ? [{ placedId: one.placed.id, what: 'gap' as const, x: middle.x, y: middle.y, bare }] : []
  })
}

/** Spots just before one side of a foot, seen from a direction. */
function alongSide(foot: Footprint, side: Point): Point[] {
  const turn = foot.kind === 'disc' ? 0 : foot.turnRad
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
  const [halfX, halfY] = foot.kind === 'disc' ? [foot.radiusMm, foot.radiusMm] : [foot.halfXMm, foot.halfYMm]
  // the side of the piece itself that faces the direction most
  const own = { x: side.x * cos + side.y * sin, y: side.y * cos - side.x * sin }
  const alongX = Math.abs(own.y) >= Math.abs(own.x)
  return Array.from({ length: GAP_SPOTS }, (_, i) => {
    const t = (2 * (i + 0.5)) / GAP_SPOTS - 1
    const local = alongX ? { x: t * halfX * 0.9, y: Math.sign(own.y) * (halfY + BEFORE_MM) } : { x: Math.sign(own.x) * (halfX + BEFORE_MM), y: t * halfY * 0.9 }
    return fromFrame({ x: foot.x, y: foot.y, turnRad: turn }, local)
  })
}

function standsAt(other: Standing, spot: Point, footMm: number, heightMm: number): boolean {
  const near: Footprint = { kind: 'disc', x: spot.x, y: spot.y, radiusMm: BEFORE_MM }
  if (!isNear(other, spot, BEFORE_MM)) return false
  return other.solids.some(
    (solid) => solid.z0Mm <= footMm + heightMm * 0.3 && solid.z1Mm >= footMm + heightMm * 0.5 && overlapMm(near, solidFootprint(solid)) > 0
  )
}

/** Whether any of a thing may reach into a circle. */
function isNear({ pose, reachMm }: Standing, at: Point, radiusMm: number): boolean {
  return (pose.x - at.x) ** 2 + (pose.y - at.y) ** 2 < (reachMm + radiusMm) ** 2
}

/** The ends of a garland that join no other and lie under nothing. */
function endsOf(one: Standing, standing: readonly Standing[]): CoverThis[] {
  if (one.piece.kind !== 'ornament' || one.piece.form !== 'garland' || one.placed.how !== 'standing') return []
  const half = (extentSize(one.piece.extent).lengthMm * one.placed.part) / 2
  return [-half, half].flatMap((x) => {
    const at = fromFrame(one.pose, { x, y: 0 })
    const near: Footprint = { kind: 'disc', ...at, radiusMm: END_MM }
    const covered = standing.some(
      (other) => other !== one && isNear(other, at, END_MM) && bodySolids(other).some((solid) => overlapMm(near, solidFootprint(solid)) > 0)
    )
    return covered ? [] : [{ placedId: one.placed.id, what: 'end' as const, x: at.x, y: at.y, bare: 1 }]
  })
}

/** Foam, wire and tape seen through a glass wall, or in a mouth the flowers do not cover. */
function mechanicsSeen(look: Parts, one: Standing): CoverThis[] {
  const { arrangement } = one.placed
  if (!arrangement || one.piece.kind !== 'vessel') return []
  const held = mechanicsOf(one.piece, arrangement)
  if (held === 'none' || held === 'frog') return []
  const spot = { placedId: one.placed.id, x: one.pose.x, y: one.pose.y }
  if (one.piece.material === 'glass' && held !== 'tape') return [{ ...spot, what: 'glass-wall', bare: 1 }]
  const index = pieceIndex(look)
  const headsMm2 = arrangement.stems.reduce((sum, { stemId, count }) => {
    const stem = index.get(stemId)
    return stem?.kind === 'stem' ? sum + count * (Math.PI / 4) * stem.headMm ** 2 : sum
  }, 0)
  const bare = 1 - Math.min(1, (RIM_SHARE * headsMm2) / levelMm2(one.piece, one.piece.mouthMm))
  return bare > BARE_MOST ? [{ ...spot, what: 'mouth', bare }] : []
}

/** One finding for each piece that shows what it should not, unless it is meant so. */
export function coverTheseFindings(school: Look['school'], spots: readonly CoverThis[]): BareFinding[] {
  if (school.meant.includes('cover.bare')) return []
  return [...new Set(spots.map((spot) => spot.placedId))].map((placedId): BareFinding => {
    const own = spots.filter((spot) => spot.placedId === placedId)
    return {
      code: 'cover.bare',
      severity: 'note',
      at: { kind: 'piece', placedId },
      measured: { spots: own.length, share: Math.max(...own.map((spot) => spot.bare)) },
      limit: { spots: 0 },
      because: `bare-${own[0]!.what}`
    }
  })
}
