import type { Guest, Look, Side } from '../design/look.js'
import { placeWidthMm } from '../reference/places.js'
import { distanceMm } from '../geometry/point.js'
import { wheelchairMm } from '../reference/room.js'
import { behindNeededMm, sideBehind } from './behind.js'
import type { Place } from './places.js'

/** What a seat should give a guest, in the order of how much it counts. Weights: our own starting values. */
export const wishWeights = { wheelchair: 6, child: 5, apart: 4, near: 3, hearing: 3, head: 2, light: 2, 'left-handed': 2 } as const
export type WishKind = keyof typeof wishWeights

/** One wish; a pair's wish names both. Indexes are into the guests. */
export interface Wish {
  readonly kind: WishKind
  readonly guest: number
  readonly other: number | null
}

/** Beside each other or face to face is as near as it gets; further off than this is apart. Our own starting values. */
const NEAR_MM = 1000
const FAR_MM = 2600
/** Elbows meet when the neighbor on the left sits closer than this: our own starting value. */
const ELBOW_MM = 760

/** All wishes of a company. */
export function wishesOf(guests: readonly Guest[]): Wish[] {
  const at = new Map(guests.map((guest, i) => [guest.id, i]))
  const adults = guests.filter((guest) => guest.body.kind === 'adult').length
  return guests.flatMap((guest, i): Wish[] => {
    const one = (kind: WishKind, is: boolean): Wish[] => (is ? [{ kind, guest: i, other: null }] : [])
    const pairs = (kind: 'near' | 'apart', ids: readonly string[]) =>
      ids.flatMap((id): Wish[] => {
        const other = at.get(id)
        const twice = other !== undefined && other < i && guests[other]![kind].includes(guest.id)
        return other === undefined || other === i || twice ? [] : [{ kind, guest: i, other }]
      })
    return [
      ...one('wheelchair', guest.wheelchair),
      ...one('child', guest.body.kind === 'child' && adults > 0),
      ...pairs('apart', guest.apart),
      ...pairs('near', guest.near),
      ...one('hearing', guest.hearing),
      ...one('head', guest.host),
      ...one('light', guest.sight),
      ...one('left-handed', guest.leftHanded)
    ]
  })
}

/** What the places say about wishes, worked out once for all seatings. */
export interface SeatFacts {
  readonly count: number
  /** How far two places are a pair, 1 beside or face to face and 0 far apart; row by row. */
  readonly nearness: Float64Array
  readonly central: Float64Array
  readonly head: Float64Array
  readonly reached: Float64Array
  readonly faceLight: Float64Array
  /** Place of the neighbor at the left hand within elbow's reach, or -1. */
  readonly leftOf: Int32Array
  readonly besides: readonly (readonly number[])[]
}

const sideNormal: Record<Side, readonly [number, number]> = { north: [0, 1], south: [0, -1], east: [1, 0], west: [-1, 0] }

export function seatFacts(look: Pick<Look, 'table' | 'room' | 'guests'>, places: readonly Place[]): SeatFacts {
  const count = places.length
  const nearness = new Float64Array(count * count)
  const mean = new Float64Array(count)
  for (let a = 0; a < count; a++)
    for (let b = 0; b < count; b++) {
      const away = distanceMm(places[a]!, places[b]!)
      const facing = Math.cos(places[a]!.turnRad - places[b]!.turnRad) < -0.7 && away < FAR_MM && lateralMm(places[a]!, places[b]!) < 250
      nearness[a * count + b] = a === b ? 0 : facing ? 1 : clamp((FAR_MM - away) / (FAR_MM - NEAR_MM))
      mean[a]! += away / Math.max(1, count - 1)
    }
  const [low, high] = [Math.min(...mean), Math.max(...mean)]
  const hasHeads = places.some((place) => place.side === 'head')
  const furthest = Math.max(...places.map((place) => Math.abs(place.x)))
  const light = look.room.lightFrom ? sideNormal[look.room.lightFrom] : null
  return {
    count,
    nearness,
    central: mean.map((away) => (high > low ? (high - away) / (high - low) : 1)),
    head: Float64Array.from(places, (place) => Number(hasHeads ? place.side === 'head' : Math.abs(place.x) > furthest - 1)),
    reached: Float64Array.from(places, (place) => reachedBy(look, place, canGive(places))),
    // the guest looks inward, along +y of the place's frame
    faceLight: Float64Array.from(places, (place) => (light ? (1 - (-Math.sin(place.turnRad) * light[0] + Math.cos(place.turnRad) * light[1])) / 2 : 1)),
    leftOf: Int32Array.from(places, (place) => leftNeighbor(place, places)),
    besides: places.map((place, i) => places.flatMap((other, j) => (i !== j && distanceMm(place, other) < NEAR_MM && sameSide(place, other) ? [j] : [])))
  }
}

const clamp = (x: number) => Math.max(0, Math.min(1, x))

/** How far one place is to the side of straight opposite another. */
function lateralMm(a: Place, b: Place): number {
  return Math.abs((b.x - a.x) * Math.cos(a.turnRad) + (b.y - a.y) * Math.sin(a.turnRad))
}

/** Beside, not opposite: facing within a right angle of each other. */
function sameSide(a: Place, b: Place): boolean {
  return Math.cos(a.turnRad - b.turnRad) > -0.2
}

/** Whether the guests at the sides can give a wheelchair its width among them and keep a tight place each. */
function canGive(places: readonly Place[]): boolean {
  const spare = places.filter((place) => place.side !== 'head').reduce((sum, place) => sum + place.widthMm - placeWidthMm.tight, 0)
  return spare >= wheelchairMm.kneeWidth - placeWidthMm.tight
}

/** A wheelchair reaches a place by its width, the room behind it, and easier at an end. */
function reachedBy(look: Pick<Look, 'room' | 'table'>, place: Place, given: boolean): number {
  const clear = look.room.clearMm[sideBehind(place)]
  const wide = given || place.widthMm >= wheelchairMm.kneeWidth ? 1 : 0
  const behind = clear === null || clear >= Math.max(wheelchairMm.clearDepth, behindNeededMm(look, [])) ? 1 : clear >= wheelchairMm.route ? 0.5 : 0
  return 0.5 * wide + 0.4 * behind + (place.side === 'head' ? 0.1 : 0)
}

/** The place within elbow's reach at a guest's left hand: local -x. */
function leftNeighbor(place: Place, places: readonly Place[]): number {
  const [leftX, leftY] = [-Math.cos(place.turnRad), -Math.sin(place.turnRad)]
  let found = -1
  let nearest = ELBOW_MM
  places.forEach((other, i) => {
    const away = distanceMm(place, other)
    const along = (other.x - place.x) * leftX + (other.y - place.y) * leftY
    if (other !== place && away < nearest && along > 0.7 * away) [found, nearest] = [i, away]
  })
  return found
}

/** How far a wish is met, 0 to 1, when guest g sits at place seat[g] and place p has guest at[p]. */
export function degreeOf(wish: Wish, guests: readonly Guest[], facts: SeatFacts, seat: ArrayLike<number>, at: ArrayLike<number>): number {
  const here = seat[wish.guest]!
  switch (wish.kind) {
    case 'near':
      return facts.nearness[here * facts.count + seat[wish.other!]!]!
    case 'apart':
      return 1 - facts.nearness[here * facts.count + seat[wish.other!]!]!
    case 'hearing':
      return facts.central[here]!
    case 'head':
      return facts.head[here]!
    case 'wheelchair':
      return facts.reached[here]!
    case 'light':
      return facts.faceLight[here]!
    case 'left-handed': {
      const left = facts.leftOf[here]!
      return left < 0 || guests[at[left]!]!.leftHanded ? 1 : 0
    }
    case 'child':
      return facts.besides[here]!.some((place) => guests[at[place]!]!.body.kind === 'adult') ? 1 : 0
  }
}
