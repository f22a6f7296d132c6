import type { Point } from './point.js'
import { seededRandom, type Random } from './random.js'

/** What discs are packed into: a circle or a rectangle, around the origin. */
export type PackInto = { readonly kind: 'round'; readonly radiusMm: number } | { readonly kind: 'rect'; readonly halfXMm: number; readonly halfYMm: number }

const STARTS = 24
const ROUNDS = 400
/** Discs that run into each other or the wall by no more than this touch. */
const TOUCH_MM = 0.5

/** Places for so many equal discs that touch at the most; null when none was found. Same input, same places. */
export function packDiscs(into: PackInto, radiusMm: number, count: number): Point[] | null {
  if (count === 0) return []
  const room = inner(into, radiusMm)
  if (!room) return null
  const random = seededRandom(count)
  for (let start = 0; start < STARTS; start++) {
    const at = start % 3 === 0 ? spiral(room, count, start) : scatter(room, count, random)
    if (settle(at, room, radiusMm)) return at
  }
  return null
}

/** The most equal discs for which places were found, and the places; `most` bounds the search. */
export function packMost(into: PackInto, radiusMm: number, most: number): Point[] {
  let best: Point[] = []
  for (let count = 1; count <= most; count++) {
    const places = packDiscs(into, radiusMm, count)
    if (!places) break
    best = places
  }
  return best
}

/** Where middles of the discs may lie; null when not even one goes in. */
function inner(into: PackInto, radiusMm: number): PackInto | null {
  if (into.kind === 'round') return into.radiusMm < radiusMm - TOUCH_MM ? null : { kind: 'round', radiusMm: Math.max(0, into.radiusMm - radiusMm) }
  if (Math.min(into.halfXMm, into.halfYMm) < radiusMm - TOUCH_MM) return null
  return { kind: 'rect', halfXMm: Math.max(0, into.halfXMm - radiusMm), halfYMm: Math.max(0, into.halfYMm - radiusMm) }
}

type Mutable = { x: number; y: number }

const halves = (room: PackInto) => (room.kind === 'round' ? [room.radiusMm, room.radiusMm] : [room.halfXMm, room.halfYMm]) as [number, number]

/** Seeds of a sunflower, turned a little with every start. */
function spiral(room: PackInto, count: number, start: number): Mutable[] {
  const [halfX, halfY] = halves(room)
  return Array.from({ length: count }, (_, i) => {
    const r = Math.sqrt((i + (start % 2 === 0 ? 0 : 0.5)) / Math.max(1, count - 0.5))
    const turn = i * 2.399963 + start
    return { x: halfX * r * Math.cos(turn), y: halfY * r * Math.sin(turn) }
  })
}

function scatter(room: PackInto, count: number, random: Random): Mutable[] {
  const [halfX, halfY] = halves(room)
  return Array.from({ length: count }, () => ({ x: halfX * (2 * random() - 1), y: halfY * (2 * random() - 1) }))
}

/** Pushes discs apart and back inside until nothing runs into anything; false when it does not come to that. */
function settle(at: Mutable[], room: PackInto, radiusMm: number): boolean {
  const wide = 2 * radiusMm
  for (let round = 0; round < ROUNDS; round++) {
    let worst = 0
    for (let i = 0; i < at.length; i++) {
      for (let j = 0; j < i; j++) {
        const [dx, dy] = [at[i]!.x - at[j]!.x, at[i]!.y - at[j]!.y]
        const far = Math.hypot(dx, dy)
        const deep = wide - far
        if (deep <= 0) continue
        worst = Math.max(worst, deep)
        const push = deep / 2 / (far || 1)
        const [px, py] = far > 1e-9 ? [dx * push, dy * push] : [deep / 2, 0]
        at[i]!.x += px
        at[i]!.y += py
        at[j]!.x -= px
        at[j]!.y -= py
      }
    }
    for (const disc of at) worst = Math.max(worst, bringIn(disc, room))
    if (worst <= TOUCH_MM) return true
  }
  return false
}

/** How far a disc was beyond the wall before it was brought in. */
function bringIn(disc: Mutable, room: PackInto): number {
  if (room.kind === 'round') {
    const far = Math.hypot(disc.x, disc.y)
    if (far <= room.radiusMm) return 0
    disc.x *= room.radiusMm / far
    disc.y *= room.radiusMm / far
    return far - room.radiusMm
  }
  const before = { ...disc }
  disc.x = Math.max(-room.halfXMm, Math.min(room.halfXMm, disc.x))
  disc.y = Math.max(-room.halfYMm, Math.min(room.halfYMm, disc.y))
  return Math.hypot(disc.x - before.x, disc.y - before.y)
}
