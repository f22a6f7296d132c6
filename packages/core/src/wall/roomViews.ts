import type { Standing } from '../centerpiece/standing.js'
import type { BareFinding } from '../design/finding.js'
import type { Look, RoomView, Side } from '../design/look.js'
import { halfLengthMm, type Outline } from '../geometry/outline.js'
import type { Point3, Pose } from '../geometry/point.js'
import { STANDING_EYE_MM } from '../reference/bodies.js'
import { ART_HIDDEN_MOST } from '../reference/composition.js'
import { rayMeets } from '../sight/rayMeets.js'
import type { WorldSolid } from '../solids/solid.js'

/** Walls nobody measured stand so far from the table's edge: our own starting value. */
const WALL_MM = 2000
const GRID = 10

type Parts = Pick<Look, 'room' | 'table'>

/** How far the wall of a side stands from the table's edge. */
const outMm = (room: Look['room'], side: Side) => room.clearMm[side] ?? WALL_MM

/** Where somebody who comes in stands, eyes above the tabletop; null while nobody said where the door is. */
export function doorEye({ room, table }: Parts, outline: Outline): Point3 | null {
  if (!room.door) return null
  return { ...onSide(room.door, outline, outMm(room, room.door), 0), z: STANDING_EYE_MM - table.heightMm }
}

/** A spot so far out from the table's edge on a side, and so far along that side. */
function onSide(side: Side, outline: Outline, outMm: number, alongMm: number): { x: number; y: number } {
  switch (side) {
    case 'north':
      return { x: alongMm, y: outline.halfWidthMm + outMm }
    case 'south':
      return { x: alongMm, y: -outline.halfWidthMm - outMm }
    case 'east':
      return { x: halfLengthMm(outline) + outMm, y: alongMm }
    case 'west':
      return { x: -halfLengthMm(outline) - outMm, y: alongMm }
  }
}

/** A spot of a wall, so far along it, facing the table. */
export function viewPlace({ room }: Pick<Look, 'room'>, side: Side, alongMm: number, outline: Outline): Pose {
  const turnRad = { north: 0, east: -Math.PI / 2, south: Math.PI, west: Math.PI / 2 }[side]
  return { ...onSide(side, outline, outMm(room, side), alongMm), turnRad }
}

/** The walls round the table, the one a surface stands at right behind it. */
export function extentOfRoom(
  { room }: Pick<Look, 'room'>,
  outline: Outline
): { readonly x0: number; readonly x1: number; readonly y0: number; readonly y1: number } {
  const out = (side: Side) => outMm(room, side)
  return {
    x0: -halfLengthMm(outline) - out('west'),
    x1: halfLengthMm(outline) + out('east'),
    y0: -outline.halfWidthMm - out('south'),
    y1: outline.halfWidthMm + (room.behind ? 0 : out('north'))
  }
}

/** One of the spots all over a thing on a wall, above the tabletop, row by row from the lowest. */
function spotOf({ room, table }: Parts, view: RoomView, outline: Outline, i: number): Point3 {
  const { x, y } = onSide(view.side, outline, outMm(room, view.side), view.xMm + view.widthMm * (((i % GRID) + 0.5) / GRID - 0.5))
  return { x, y, z: view.bottomMm - table.heightMm + (view.heightMm * (Math.floor(i / GRID) + 0.5)) / GRID }
}
const SPOTS = GRID * GRID

/** Pictures, windows and plants that a piece stands before, for somebody who comes in at the door. */
export function viewFindings(look: Parts, standing: readonly Standing[], outline: Outline): BareFinding[] {
  const eye = doorEye(look, outline)
  if (!eye) return []
  const worst = new Map<string, number>()
  for (const view of look.room.views) {
    if (view.side === look.room.door) continue
    const spot = (i: number) => spotOf(look, view, outline, i)
    const [first, last] = [spot(0), spot(SPOTS - 1)]
    const seen = { eye, first, last, spot, from: [eye.x, eye.y, eye.z, first.x, first.y, first.z, last.x, last.y, last.z] }
    for (const one of standing) {
      const share = hiddenOf(one, view, seen)
      if (share > (worst.get(one.placed.id) ?? ART_HIDDEN_MOST)) worst.set(one.placed.id, share)
    }
  }
  return [...worst].map(([placedId, share]): BareFinding => ({
    code: 'view.hidden',
    severity: 'note',
    at: { kind: 'piece', placedId },
    measured: { share },
    limit: { share: ART_HIDDEN_MOST },
    because: 'fights-view'
  }))
}

const known = new WeakMap<Standing, Map<RoomView, { readonly from: readonly number[]; readonly share: number }>>()

/** The eye at the door, and the spots of a thing on a wall with the first and the last of them. */
interface SeenFrom {
  readonly eye: Point3
  readonly first: Point3
  readonly last: Point3
  readonly spot: (i: number) => Point3
  /** Where the eye and these two are. */
  readonly from: readonly number[]
}

/** Kept for as long as the piece, the view and the door stay where they are. */
function hiddenOf(one: Standing, view: RoomView, { eye, first, last, spot, from }: SeenFrom): number {
  const views = known.get(one) ?? known.set(one, new Map()).get(one)!
  const earlier = views.get(view)
  if (earlier?.from.every((value, i) => value === from[i])) return earlier.share
  const solids = one.solids.filter((solid) => solid.opacity > 0.3 && isBetween(solid, eye, first, last))
  let hidden = 0
  if (solids.length > 0)
    for (let i = 0; i < SPOTS; i++) {
      const at = spot(i)
      if (solids.some((solid) => rayMeets(solid, eye, at))) hidden++
    }
  const share = hidden / SPOTS
  views.set(view, { from, share })
  return share
}

/** Whether a solid reaches, from above, into the angle under which a thing between two spots is seen. */
function isBetween(solid: WorldSolid, eye: Point3, first: Point3, last: Point3): boolean {
  const reach = solid.kind === 'box' ? Math.hypot(solid.halfXMm, solid.halfYMm) : Math.max(solid.r0Mm, solid.r1Mm)
  const turn = Math.sign((first.x - eye.x) * (last.y - eye.y) - (first.y - eye.y) * (last.x - eye.x)) || 1
  const beside = (edge: Point3, side: number) =>
    (side * ((edge.x - eye.x) * (solid.y - eye.y) - (edge.y - eye.y) * (solid.x - eye.x))) / (Math.hypot(edge.x - eye.x, edge.y - eye.y) || 1)
  return beside(first, turn) >= -reach && beside(last, -turn) >= -reach
}

/** What is behind a guest for whoever sits most nearly across. */
export interface BehindGuest {
  readonly number: number
  readonly from: number
  readonly viewId: string
}

/** What each guest is seen against: the thing on a wall that the line from the eyes opposite through the face meets. */
export function behindGuests(look: Parts, eyes: readonly Point3[], outline: Outline): BehindGuest[] {
  return eyes.flatMap((eye, i) => {
    const across = eyes
      .map((other, j) => ({ j, cos: j === i ? 1 : (eye.x * other.x + eye.y * other.y) / (Math.hypot(eye.x, eye.y) * Math.hypot(other.x, other.y) || 1) }))
      .sort((a, b) => a.cos - b.cos)[0]
    if (!across || across.j === i) return []
    const from = eyes[across.j]!
    return look.room.views.filter((view) => lineMeets(look, view, outline, from, eye)).map((view) => ({ number: i + 1, from: across.j + 1, viewId: view.id }))
  })
}

/** Whether the line from one point on through another meets a thing on a wall. */
function lineMeets(look: Parts, view: RoomView, outline: Outline, from: Point3, through: Point3): boolean {
  const along = view.side === 'north' || view.side === 'south' ? 'x' : 'y'
  const out = along === 'x' ? 'y' : 'x'
  const wall = onSide(view.side, outline, outMm(look.room, view.side), 0)[out]
  const t = (wall - from[out]) / (through[out] - from[out] || 1e-9)
  if (t <= 1) return false
  const z = from.z + t * (through.z - from.z) + look.table.heightMm
  const at = from[along] + t * (through[along] - from[along])
  return Math.abs(at - view.xMm) <= view.widthMm / 2 && z >= view.bottomMm && z <= view.bottomMm + view.heightMm
}
