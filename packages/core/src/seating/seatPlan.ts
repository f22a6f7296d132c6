import type { Comfort, Guest, Look, School, Table } from '../design/look.js'
import { halfLengthMm, perimeterMm, type Outline } from '../geometry/outline.js'
import { overlapMm, type Footprint } from '../geometry/footprint.js'
import { fromFrame } from '../geometry/point.js'
import { KNEE_DEPTH_MM, KNEE_WIDTH_MM, placeWidthMm } from '../reference/places.js'
import { widthAskedMm } from './placeWidths.js'
import { cornerKeepMm, type Laid } from '../placing/cornerItems.js'
import { placesOnBox, type BoxRules } from './placesOnBox.js'
import { PLATE_LINE_MM, placesOnCapsule } from './placesOnCapsule.js'
import { placesOnRuns } from './placesOnRuns.js'
import type { Place } from './places.js'
import { tableOutline } from './tableOutline.js'
import { tableSupports } from './tableSupports.js'

/** The table's edge with a place for each guest; `guests[i]` sits at `places[i]`. */
export interface SeatPlan {
  readonly outline: Outline
  readonly places: readonly Place[]
  readonly guests: readonly Guest[]
  /** What the tabletop stands on, as far as knees can meet it. */
  readonly supports: readonly (Footprint & { readonly kind: 'rect' })[]
  /** Numbers of the places whose knees meet a support. */
  readonly kneesAtLeg: readonly number[]
  /** The part of the table that is laid begins here along it: its -x end, or with one end laid the edge of the last place. */
  readonly laidFromMm: number
}

/** Lays out the places of a look's table, as many as it has guests. */
export function seatPlan(look: Pick<Look, 'table' | 'guests'> & { readonly school: Pick<School, 'comfort'> } & Partial<Laid>): SeatPlan {
  const outline = tableOutline(look.table)
  const supports = tableSupports(look.table, outline)
  const asked = look.guests.map((guest) => widthAskedMm(guest, look.table))
  const laid =
    isLaid(look) && outline.kind !== 'capsule'
      ? { keepMm: (aroundMm: number) => cornerKeepMm(look, aroundMm), leastMm: placeWidthMm[look.school.comfort] }
      : null
  const places = layPlaces(look.table, outline, supports, asked, { comfort: look.school.comfort, laid })
  return {
    outline,
    places,
    guests: look.guests,
    supports,
    kneesAtLeg: kneesAtLeg(places, supports),
    laidFromMm: laidFromMm(look.table, outline, places, look.school.comfort)
  }
}

/** Half a place wide at least, so that the end alone has a middle. */
function laidFromMm(table: Table, outline: Outline, places: readonly Place[], comfort: Comfort): number {
  const half = halfLengthMm(outline)
  if (table.set === 'whole' || places.length === 0 || places.length >= capacity(table, comfort)) return -half
  return Math.max(-half, Math.min(half - outline.halfWidthMm, ...places.map((place) => place.x - (place.widthMm / 2) * Math.abs(Math.cos(place.turnRad)))))
}

function isLaid(look: Partial<Laid>): look is Laid {
  return (look.setting && look.kinds && look.occasion && look.menu && look.pieces) !== undefined
}

type Supports = readonly Footprint[]
type Rules = Pick<BoxRules, 'comfort' | 'laid'>

function layPlaces(table: Table, outline: Outline, supports: Supports, askedMm: readonly number[], rules: Rules): Place[] {
  if (table.set === 'whole') return spreadPlaces(table, outline, supports, askedMm, rules)
  const places = capacity(table, rules.comfort)
  return places <= askedMm.length ? spreadPlaces(table, outline, supports, askedMm, rules) : atOneEnd(table, outline, supports, askedMm, rules, places)
}

/** Everybody together at the +x end: the places of a full table that are nearest to it. */
function atOneEnd(table: Table, outline: Outline, supports: Supports, askedMm: readonly number[], rules: Rules, full: number): Place[] {
  const none = Array.from({ length: full }, () => 0)
  const near = spreadPlaces(table, outline, supports, none, rules)
    .map(({ x, y }, i) => ({ i, x, y }))
    .sort((a, b) => (Math.abs(a.x - b.x) > 1 ? b.x - a.x : b.y - a.y))
    .slice(0, askedMm.length)
    .map(({ i }) => i)
    .sort((a, b) => a - b)
  near.forEach((i, n) => (none[i] = askedMm[n]!))
  const places = spreadPlaces(table, outline, supports, none, rules)
  return near.map((i, n) => ({ ...places[i]!, number: n + 1 }))
}

function spreadPlaces(table: Table, outline: Outline, supports: Supports, askedMm: readonly number[], { comfort, laid }: Rules): Place[] {
  if (askedMm.length === 0) return []
  const rules = { heads: table.heads, comfort, legReachMm: legReachMm(table), laid }
  if (outline.kind === 'box') return placesOnBox(outline, askedMm, rules)
  if (outline.kind === 'polygon') return placesOnRuns(outline, askedMm, rules)
  if (isCircle(outline)) return fewestKneesAtLeg([placesOnCapsule(outline, askedMm, 'seat'), placesOnCapsule(outline, askedMm, 'gap')], supports)
  return placesOnCapsule(outline, askedMm, table.heads === 'open' ? 'seat' : 'gap')
}

function isCircle(outline: Outline & { kind: 'capsule' }): boolean {
  return outline.straightMm === 0 && outline.endMm === outline.halfWidthMm
}

/** A circle has no heads, so it is turned to keep knees off the legs. */
function fewestKneesAtLeg(choices: Place[][], supports: readonly Footprint[]): Place[] {
  const hits = choices.map((places) => kneesAtLeg(places, supports).length)
  return choices[hits.indexOf(Math.min(...hits))]!
}

function legReachMm(table: Table): number {
  return table.support.kind === 'legs' ? table.support.insetMm + table.support.legMm : 0
}

function kneesAtLeg(places: readonly Place[], supports: readonly Footprint[]): number[] {
  return places
    .filter((place) => {
      const middle = fromFrame(place, { x: 0, y: KNEE_DEPTH_MM / 2 })
      const knees = { kind: 'rect', ...middle, turnRad: place.turnRad, halfXMm: KNEE_WIDTH_MM / 2, halfYMm: KNEE_DEPTH_MM / 2 } as const
      return supports.some((support) => overlapMm(knees, support) > 1)
    })
    .map((place) => place.number)
}

/** Narrowest place of a plan, millimeters; Infinity with nobody at the table. */
export function narrowestMm(places: readonly Place[]): number {
  return Math.min(Infinity, ...places.map((place) => place.widthMm))
}

/** A place this much under its width still counts: half the finest step shown. */
export const WIDTH_TOLERANCE_MM = 1

/**
 * How many a table seats at a comfort: the largest count at which every guest has that width of edge and no corner is in the way of dishes;
 * but for a tight table, where some may have to sit astride a leg, no leg is in the way of knees either.
 */
export function capacity(table: Table, comfort: Comfort): number {
  const outline = tableOutline(table)
  const supports = tableSupports(table, outline)
  const neededMm = placeWidthMm[comfort] - WIDTH_TOLERANCE_MM
  // on a rectangle one at each head, and along a side no more than have that width if they share all of it
  const most =
    outline.kind === 'box'
      ? 2 * Math.floor((2 * outline.halfLengthMm) / neededMm) + 2
      : Math.floor(perimeterMm(outline) / neededMm) + (outline.kind === 'polygon' ? outline.runs.length : 0)
  for (let count = Math.min(200, most); count > 0; count--) {
    const places = spreadPlaces(
      table,
      outline,
      supports,
      Array.from({ length: count }, () => 0),
      { comfort, laid: null }
    )
    if (narrowestMm(places) >= neededMm && (comfort === 'tight' || kneesAtLeg(places, supports).length === 0)) return count
  }
  return 0
}

/** Narrowest room left at a distance inside the edge, millimeters: places on a curve narrow toward the middle. */
export function narrowestInsideMm(places: readonly Place[], insideMm: number): number {
  return Math.min(Infinity, ...places.map(({ widthMm, plateLineWidthMm }) => widthMm + ((plateLineWidthMm - widthMm) * insideMm) / PLATE_LINE_MM))
}
