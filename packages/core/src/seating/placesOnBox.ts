import type { Comfort } from '../design/look.js'
import type { Outline } from '../geometry/outline.js'
import { cornerCoreMm, EDGE_GAP_MM, KNEE_WIDTH_MM, placeWidthMm, TIGHT_PLATE_MM } from '../reference/places.js'
import { placePose, type Place } from './places.js'

type Box = Outline & { kind: 'box' }

/** How many sit where on a rectangle: on the +x head, the +y side, the -x head and the -y side. */
export interface BoxSplit {
  readonly headEast: 0 | 1
  readonly north: number
  readonly headWest: 0 | 1
  readonly south: number
}

/** One guest at each head that is open, the rest shared by the long sides. */
export function splitOnBox(count: number, heads: 'open' | 'closed'): BoxSplit {
  const headCount = heads === 'open' ? Math.min(2, count) : 0
  const sides = count - headCount
  return { headEast: headCount > 0 ? 1 : 0, north: Math.ceil(sides / 2), headWest: headCount > 1 ? 1 : 0, south: Math.floor(sides / 2) }
}

/** What decides where places go on a rectangle. */
export interface BoxRules {
  readonly heads: 'open' | 'closed'
  readonly comfort: Comfort
  /** How far into each corner a leg reaches from the ends, millimeters; 0 without legs. */
  readonly legReachMm: number
}

/**
 * How far from a corner the long sides' places must keep, so that their dishes stay clear of the dishes at a taken head and their knees of
 * a corner leg; 0 when nothing is in the way. Rule and derivation: docs/decisions/0002-places.md.
 */
export function cornerKeptMm(outline: Pick<Box, 'halfWidthMm'>, headTaken: boolean, rules: BoxRules, widthMm: number): number {
  const legs = rules.legReachMm > 0 ? Math.max(0, rules.legReachMm + KNEE_WIDTH_MM / 2 - widthMm / 2) : 0
  return headTaken ? Math.max(legs, dishesKeptMm(outline, rules.comfort, widthMm)) : legs
}

function dishesKeptMm(outline: Pick<Box, 'halfWidthMm'>, comfort: Comfort, widthMm: number): number {
  if (comfort === 'tight') return Math.max(0, platesTouchMm(outline) - widthMm / 2)
  const core = cornerCoreMm
  const stripMm = EDGE_GAP_MM + core.depthMm
  if (outline.halfWidthMm - stripMm >= core.widthMm / 2) return 0
  return Math.max(0, stripMm - (widthMm - core.widthMm) / 2)
}

/** Distance of a side place's middle from the corner at which its dinner plate just touches the plate at the head. */
function platesTouchMm(outline: Pick<Box, 'halfWidthMm'>): number {
  const fromEdgeMm = EDGE_GAP_MM + TIGHT_PLATE_MM / 2
  const acrossMm = outline.halfWidthMm - fromEdgeMm
  return fromEdgeMm + (acrossMm >= TIGHT_PLATE_MM ? 0 : Math.sqrt(TIGHT_PLATE_MM ** 2 - acrossMm ** 2))
}

type Unnumbered = Omit<Place, 'number'>

/** Places on a rectangle, counter-clockwise from the +x head; the long sides' places share what the corners leave them. */
export function placesOnBox(outline: Box, count: number, rules: BoxRules, split = splitOnBox(count, rules.heads)): Place[] {
  const places = [
    ...(split.headEast ? [headPlace(outline, 1)] : []),
    ...sidePlaces(outline, 1, split.north, split, rules).reverse(),
    ...(split.headWest ? [headPlace(outline, -1)] : []),
    ...sidePlaces(outline, -1, split.south, split, rules)
  ]
  return places.map((place, i) => ({ ...place, number: i + 1 }))
}

/**
 * The same with everybody together at the +x end: one head at the most, and of the sides no more than they need at their comfort. Falls back to
 * the whole table where they would not have that.
 */
export function placesAtOneEnd(outline: Box, count: number, rules: BoxRules): Place[] {
  const head = rules.heads === 'open' ? 1 : 0
  const sides = count - Math.min(head, count)
  const split: BoxSplit = { headEast: head as 0 | 1, north: Math.ceil(sides / 2), headWest: 0, south: Math.floor(sides / 2) }
  const enough = (lengthMm: number) => {
    const part: Box = { ...outline, halfLengthMm: lengthMm / 2 }
    const places = placesOnBox(part, count, rules, split)
    return Math.min(...places.filter((place) => place.side === 'long').map((place) => place.widthMm), Infinity) >= placeWidthMm[rules.comfort] - 1e-6
  }
  const whole = 2 * outline.halfLengthMm
  if (!enough(whole)) return placesOnBox(outline, count, rules)
  let [low, high] = [0, whole]
  for (let round = 0; round < 40; round++) {
    const middle = (low + high) / 2
    if (enough(middle)) high = middle
    else low = middle
  }
  const shiftMm = outline.halfLengthMm - high / 2
  return placesOnBox({ ...outline, halfLengthMm: high / 2 }, count, rules, split).map((place) => ({ ...place, x: place.x + shiftMm }))
}

function headPlace(outline: Box, sign: 1 | -1): Unnumbered {
  const widthMm = 2 * outline.halfWidthMm
  return { side: 'head', ...placePose(sign * outline.halfLengthMm, 0, -sign, 0), widthMm, plateLineWidthMm: widthMm }
}

/** Places on one long side from -x to +x. The corner rule depends on the width, so the two are settled in a few rounds. */
function sidePlaces(outline: Box, sign: 1 | -1, count: number, split: BoxSplit, rules: BoxRules): Unnumbered[] {
  const lengthMm = 2 * outline.halfLengthMm
  let widthMm = lengthMm / Math.max(1, count)
  let westMm = 0
  for (let round = 0; round < 30; round++) {
    const eastMm = cornerKeptMm(outline, split.headEast === 1, rules, widthMm)
    westMm = cornerKeptMm(outline, split.headWest === 1, rules, widthMm)
    widthMm = Math.max(1, lengthMm - eastMm - westMm) / Math.max(1, count)
  }
  return Array.from({ length: count }, (_, i) => ({
    side: 'long' as const,
    ...placePose(-outline.halfLengthMm + westMm + (i + 0.5) * widthMm, sign * outline.halfWidthMm, 0, -sign),
    widthMm,
    plateLineWidthMm: widthMm
  }))
}
