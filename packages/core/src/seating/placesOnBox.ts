import type { Comfort } from '../design/look.js'
import type { Outline } from '../geometry/outline.js'
import { cornerCoreMm, EDGE_GAP_MM, KNEE_WIDTH_MM, TIGHT_PLATE_MM } from '../reference/places.js'
import { shareWidths } from './placeWidths.js'
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
  /** What is really laid; null judges by the rule for dishes alone. */
  readonly laid: LaidRules | null
}

/** How far from a corner the middle of a place keeps, by how far from it the next one round the corner sits; and the width at which nobody is pushed any further. */
export interface LaidRules {
  readonly keepMm: (aroundMm: number) => number
  readonly leastMm: number
}

/**
 * How far from a corner the long sides' places must keep, so that their dishes stay clear of the dishes at a taken head and their knees of
 * a corner leg; 0 when nothing is in the way. Rule and derivation: docs/decisions/0002-places.md.
 */
export function cornerKeptMm(outline: Pick<Box, 'halfWidthMm'>, headTaken: boolean, rules: BoxRules, widthMm: number): number {
  const legs = rules.legReachMm > 0 ? Math.max(0, rules.legReachMm + KNEE_WIDTH_MM / 2 - widthMm / 2) : 0
  return headTaken ? Math.max(legs, dishesKeptMm(outline, rules.comfort, widthMm)) : legs
}

/** The same by what is really laid, for a place of any width. */
export function laidKept({ keepMm }: LaidRules, aroundMm: number, taken: boolean, legReachMm: number): (widthMm: number) => number {
  const legs = legReachMm > 0 ? legReachMm + KNEE_WIDTH_MM / 2 : 0
  const middle = Math.max(legs, taken ? keepMm(aroundMm) : 0)
  return (widthMm) => Math.max(0, middle - widthMm / 2)
}

/** The part of what corners would have a side keep that is left to them when everybody there has the least width. */
export function cornerShare({ leastMm }: LaidRules, lengthMm: number, askedMm: readonly number[], keptMm: number): number {
  const spareMm = Math.max(0, lengthMm - askedMm.reduce((sum, asked) => sum + Math.max(asked, leastMm), 0))
  return Math.min(1, spareMm / Math.max(1, keptMm))
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

/** Corners that move by less from one round to the next are settled. */
const SETTLED_MM = 1e-6

/** Places on a rectangle, one for each width asked for, counter-clockwise from the +x head; the long sides' places share what the corners leave them. */
export function placesOnBox(outline: Box, askedMm: readonly number[], rules: BoxRules): Place[] {
  const split = splitOnBox(askedMm.length, rules.heads)
  const north = askedMm.slice(split.headEast, split.headEast + split.north)
  const south = askedMm.slice(askedMm.length - split.south)
  const places = [
    ...(split.headEast ? [headPlace(outline, 1)] : []),
    ...sidePlaces(outline, 1, north.reverse(), split, rules).reverse(),
    ...(split.headWest ? [headPlace(outline, -1)] : []),
    ...sidePlaces(outline, -1, south, split, rules)
  ]
  return places.map((place, i) => ({ ...place, number: i + 1 }))
}

function headPlace(outline: Box, sign: 1 | -1): Unnumbered {
  const widthMm = 2 * outline.halfWidthMm
  return { side: 'head', ...placePose(sign * outline.halfLengthMm, 0, -sign, 0), widthMm, plateLineWidthMm: widthMm }
}

/**
 * Places on one long side from -x to +x. The corner rule depends on the widths, so the two are settled in a few rounds. Nobody is pushed off a corner so far
 * that places become narrower than they should be: over capacity they are spread evenly, as a person lays them, and what touches is told.
 */
function sidePlaces(outline: Box, sign: 1 | -1, askedMm: readonly number[], split: BoxSplit, rules: BoxRules): Unnumbered[] {
  if (askedMm.length === 0) return []
  const lengthMm = 2 * outline.halfLengthMm
  const kept = (taken: boolean) =>
    rules.laid ? laidKept(rules.laid, outline.halfWidthMm, taken, rules.legReachMm) : (widthMm: number) => cornerKeptMm(outline, taken, rules, widthMm)
  const [keptEast, keptWest] = [kept(split.headEast === 1), kept(split.headWest === 1)]
  let widths = askedMm.map(() => lengthMm / askedMm.length)
  let [eastMm, westMm] = [0, 0]
  for (let round = 0; round < 30; round++) {
    const [east, west] = [keptEast(widths[widths.length - 1]!), keptWest(widths[0]!)]
    const share = rules.laid ? cornerShare(rules.laid, lengthMm, askedMm, east + west) : 1
    const settled = Math.abs(east * share - eastMm) + Math.abs(west * share - westMm) < SETTLED_MM
    ;[eastMm, westMm] = [east * share, west * share]
    widths = shareWidths(Math.max(1, lengthMm - eastMm - westMm), askedMm)
    if (settled) break
  }
  let fromMm = westMm - outline.halfLengthMm
  return widths.map((widthMm) => {
    const x = fromMm + widthMm / 2
    fromMm += widthMm
    return { side: 'long' as const, ...placePose(x, sign * outline.halfWidthMm, 0, -sign), widthMm, plateLineWidthMm: widthMm }
  })
}
