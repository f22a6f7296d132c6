import type { Comfort, Guest, Look, Table } from '../design/look.js'
import { perimeterMm, type Outline } from '../geometry/outline.js'
import { overlapMm } from '../geometry/footprint.js'
import { fromFrame, type Point } from '../geometry/point.js'
import { KNEE_DEPTH_MM, KNEE_WIDTH_MM, placeWidthMm } from '../reference/places.js'
import { placesOnBox } from './placesOnBox.js'
import { placesOnCapsule } from './placesOnCapsule.js'
import type { Place } from './places.js'
import { tableOutline } from './tableOutline.js'

/** The table's edge with a place for each guest; `guests[i]` sits at `places[i]`. */
export interface SeatPlan {
  readonly outline: Outline
  readonly places: readonly Place[]
  readonly guests: readonly Guest[]
  /** Middles of the legs; empty with a pedestal. */
  readonly legs: readonly Point[]
  /** Numbers of the places whose knees meet a leg. */
  readonly kneesAtLeg: readonly number[]
}

/** Lays out the places of a look's table, as many as it has guests. */
export function seatPlan(look: Pick<Look, 'table' | 'guests' | 'school'>): SeatPlan {
  const outline = tableOutline(look.table)
  const legs = legMiddles(look.table, outline)
  const places = layPlaces(look.table, outline, legs, look.guests.length, look.school.comfort)
  return { outline, places, guests: look.guests, legs, kneesAtLeg: kneesAtLeg(places, legs, look.table) }
}

function layPlaces(table: Table, outline: Outline, legs: readonly Point[], count: number, comfort: Comfort): Place[] {
  if (count === 0) return []
  if (outline.kind === 'box') return placesOnBox(outline, count, { heads: table.heads, comfort, legReachMm: legReachMm(table) })
  if (isCircle(outline)) return fewestKneesAtLeg([placesOnCapsule(outline, count, 'seat'), placesOnCapsule(outline, count, 'gap')], legs, table)
  return placesOnCapsule(outline, count, table.heads === 'open' ? 'seat' : 'gap')
}

function isCircle(outline: Outline & { kind: 'capsule' }): boolean {
  return outline.straightMm === 0 && outline.endMm === outline.halfWidthMm
}

/** A circle has no heads, so it is turned to keep knees off the legs. */
function fewestKneesAtLeg(choices: Place[][], legs: readonly Point[], table: Table): Place[] {
  const hits = choices.map((places) => kneesAtLeg(places, legs, table).length)
  return choices[hits.indexOf(Math.min(...hits))]!
}

function legReachMm(table: Table): number {
  return table.support.kind === 'legs' ? table.support.insetMm + table.support.legMm : 0
}

/** Legs stand in the corners of a rectangle, and on the diagonals of a curved table. */
export function legMiddles(table: Table, outline: Outline): Point[] {
  const support = table.support
  if (support.kind !== 'legs') return []
  const inMm = support.insetMm + support.legMm / 2
  const corner =
    outline.kind === 'box'
      ? { x: outline.halfLengthMm - inMm, y: outline.halfWidthMm - inMm }
      : { x: outline.straightMm / 2 + (outline.endMm - inMm) * Math.SQRT1_2, y: (outline.halfWidthMm - inMm) * Math.SQRT1_2 }
  return [
    { x: corner.x, y: corner.y },
    { x: -corner.x, y: corner.y },
    { x: -corner.x, y: -corner.y },
    { x: corner.x, y: -corner.y }
  ]
}

function kneesAtLeg(places: readonly Place[], legs: readonly Point[], table: Table): number[] {
  const support = table.support
  if (support.kind !== 'legs') return []
  const half = support.legMm / 2
  return places
    .filter((place) => {
      const middle = fromFrame(place, { x: 0, y: KNEE_DEPTH_MM / 2 })
      const knees = { kind: 'rect', ...middle, turnRad: place.turnRad, halfXMm: KNEE_WIDTH_MM / 2, halfYMm: KNEE_DEPTH_MM / 2 } as const
      return legs.some((leg) => overlapMm(knees, { kind: 'rect', ...leg, turnRad: 0, halfXMm: half, halfYMm: half }) > 1)
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
 * How many a table seats at a comfort: the largest count at which every guest has that width of edge and no corner and no leg is in the way
 * of dishes or knees.
 */
export function capacity(table: Table, comfort: Comfort): number {
  const outline = tableOutline(table)
  const legs = legMiddles(table, outline)
  const neededMm = placeWidthMm[comfort] - WIDTH_TOLERANCE_MM
  const most = Math.min(200, Math.floor(perimeterMm(outline) / neededMm) + (outline.kind === 'box' ? 2 : 0))
  for (let count = most; count > 0; count--) {
    const places = layPlaces(table, outline, legs, count, comfort)
    if (narrowestMm(places) >= neededMm && kneesAtLeg(places, legs, table).length === 0) return count
  }
  return 0
}

/** Narrowest width left at the line of the plates, millimeters. */
export function narrowestPlateLineMm(places: readonly Place[]): number {
  return Math.min(Infinity, ...places.map((place) => place.plateLineWidthMm))
}
