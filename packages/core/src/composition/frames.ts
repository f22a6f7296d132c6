import type { Look } from '../design/look.js'
import { halfLengthMm, type Outline } from '../geometry/outline.js'
import { fromFrame, toFrame, type Point, type Pose } from '../geometry/point.js'
import type { Place } from '../seating/places.js'
import { joinedTables } from '../seating/polygonTables.js'
import type { Field } from './field.js'

/** An axis a middle is laid along: the spine of a table, or of one arm of tables joined. Positions are along the pose's x. */
export interface Frame {
  readonly pose: Pose
  /** Free to both sides of its middle. */
  readonly halfMm: number
  /** The widest thing that stands on it somewhere near its middle. */
  readonly roomMm: number
  /** The widest thing that stands in the very middle. */
  readonly middleMm: number
  /** Half the length of the tabletop along it. */
  readonly tableHalfMm: number
  /** Across the whole table, and what sizes are judged by: more than that where nobody sits and the wall is part of the picture. */
  readonly acrossMm: number
  readonly scaleMm: number
  /** Stations in line with the gaps between guests, and opposite the plates; empty where the two sides do not match. */
  readonly bays: readonly number[]
  readonly plates: readonly number[]
  /** A round or a square: directions of the gaps between guests; null for a line. */
  readonly ring: readonly number[] | null
  /** What is soft, as flowers, keeps this far from settings and edges. */
  readonly softMm: number
  /** Seen from one side only: the wall is on +y. */
  readonly oneSided: boolean
}

/** Less than this beside the spine is its end: our own starting value. */
const NARROW_MM = 45
/** On a table so small for two one stem between them is a middle: half its length, and less than this beside the spine is its end. Our own starting values. */
const SMALL_HALF_MM = 460
const SLENDER_MM = 36
/** Flowers from what is laid: design of the composer, tried on eight tables; on a table so small nearer: our own starting value. */
const SOFT_MM = 26
const SMALL_SOFT_MM = 14
const STEP_MM = 15
/**
 * Where tables meet to an L, a T or a U and less than this share of the width is free in the middle, the middle moves no further than this share
 * of half the length, for at least so much more room. Our own starting values.
 */
const HERO_SHARE = 0.22
const SHIFT = 0.12
const ROOMIER = 1.4
/** Tables wider than this are dressed as if they were this wide; a surface at a wall as if it were so much wider. Our own starting values. */
const WIDEST_MM = 1400
const WALL = 2
/** Nearly a place: a gap beyond it is another table's. */
const JUMP_MM = 560
/** The two sides of a table match within this: design of the composer, tried on eight tables. */
const MATCH_MM = 60
/** Longer than this share of its width a table is no ring. */
const RING_RATIO = 1.12

/** The axes of a table, the main one first. */
export function framesOf(look: Pick<Look, 'table' | 'room'>, outline: Outline, places: readonly Place[], field: Field): Frame[] {
  const { shape } = look.table
  const oneSided = look.room.behind !== null
  if (shape.kind === 'joined' && outline.kind === 'polygon') return armsOf(shape, places, field)
  const tableHalfMm = halfLengthMm(outline)
  const acrossMm = 2 * outline.halfWidthMm
  const isRing = !oneSided && look.table.set === 'whole' && outline.kind !== 'polygon' && tableHalfMm / outline.halfWidthMm < RING_RATIO
  const isSmall = !oneSided && outline.kind !== 'polygon' && tableHalfMm <= SMALL_HALF_MM
  const betweenTwo = isRing || isSmall ? axisBetweenTwo(places) : null
  if (betweenTwo !== null) {
    const [halfMm, wideMm] = Math.abs(Math.cos(betweenTwo)) > 0.7 ? [tableHalfMm, acrossMm] : [outline.halfWidthMm, 2 * tableHalfMm]
    return [lineFrame({ x: 0, y: 0, turnRad: betweenTwo }, halfMm, wideMm, places, field, isSmall ? small : usual)].filter((frame) => frame.halfMm > 0)
  }
  if (isRing) return [ringFrame(outline.kind === 'box', tableHalfMm, acrossMm, places, field)]
  const middle = outline.kind === 'polygon' ? outline.middleY : 0
  return [lineFrame({ x: 0, y: middle, turnRad: 0 }, tableHalfMm, acrossMm, places, field, { ...usual, oneSided })].filter((frame) => frame.halfMm > 0)
}

/** Tables joined to an L, a T or a U: a line for the tables end to end, and one for each arm. */
function armsOf(shape: Parameters<typeof joinedTables>[0], places: readonly Place[], field: Field): Frame[] {
  const tables = joinedTables(shape)
  const rows = new Map<string, { x: number; y: number; upright: boolean }[]>()
  for (const table of tables) {
    const key = table.upright ? `arm ${table.x}` : 'main'
    rows.set(key, [...(rows.get(key) ?? []), table])
  }
  return [...rows.values()]
    .map((row) => {
      const upright = row[0]!.upright
      const mean = (of: (table: Point) => number) => row.reduce((sum, table) => sum + of(table), 0) / row.length
      const pose = { x: mean((one) => one.x), y: mean((one) => one.y), turnRad: upright ? Math.PI / 2 : 0 }
      return lineFrame(pose, (row.length * shape.lengthMm) / 2, shape.widthMm, places, field, { ...usual, mayShift: !upright })
    })
    .filter((frame) => frame.halfMm > 0)
}

/** From the middle outward, as far as half a place: where a plate covers the middle, the spine begins at the gap beside it. */
const STARTS = [0, 30, 60, 120, 180, 240, 300, 360].flatMap((x) => (x === 0 ? [0] : [x, -x]))

/** How a line is laid. */
interface LineRules {
  readonly oneSided: boolean
  /** Less than this beside the spine is its end, and flowers keep so far from what is laid. */
  readonly narrowMm: number
  readonly softMm: number
  /** Its middle may move to more room. */
  readonly mayShift: boolean
}
const usual: LineRules = { oneSided: false, narrowMm: NARROW_MM, softMm: SOFT_MM, mayShift: false }
const small: LineRules = { ...usual, narrowMm: SLENDER_MM, softMm: SMALL_SOFT_MM }

function lineFrame(pose: Pose, tableHalfMm: number, acrossMm: number, places: readonly Place[], field: Field, rules: LineRules): Frame {
  const { oneSided, narrowMm, softMm, mayShift } = rules
  const centered = withinAcross(pose, tableHalfMm, acrossMm, places, field)
  const berth = (x: number) => field.clearMm(fromFrame(centered, { x, y: 0 }))
  const free = (x: number) => berth(x) >= narrowMm
  const start = STARTS.find(free)
  if (start === undefined)
    return { pose: centered, halfMm: 0, roomMm: 0, middleMm: 0, tableHalfMm, acrossMm, scaleMm: acrossMm, bays: [], plates: [], ring: null, softMm, oneSided }
  let [low, high] = [start, start]
  // past a plate that comes near, for as long as the next gap between guests is free again
  for (let x = high + STEP_MM; x <= Math.min(tableHalfMm, high + JUMP_MM); x += STEP_MM) if (free(x)) high = x
  for (let x = low - STEP_MM; x >= Math.max(-tableHalfMm, low - JUMP_MM); x -= STEP_MM) if (free(x)) low = x
  const evenly = (low + high) / 2
  const isTight = 2 * berth(evenly) < HERO_SHARE * acrossMm
  const middle = mayShift && isTight ? roomierNear(evenly, SHIFT * tableHalfMm, berth) : evenly
  const shift = Math.abs(middle) <= STEP_MM ? 0 : middle
  const origin = fromFrame(centered, { x: shift, y: 0 })
  const at = { ...origin, turnRad: pose.turnRad }
  const halfMm = Math.min(high - middle, middle - low)
  return {
    pose: at,
    halfMm,
    roomMm: roomOf(at, halfMm, field),
    middleMm: 2 * field.clearMm(at),
    tableHalfMm,
    acrossMm,
    scaleMm: Math.min(WIDEST_MM, (oneSided ? WALL : 1) * acrossMm),
    ...orPeaks(stationsOf(at, tableHalfMm, places), at, halfMm, field),
    ring: null,
    softMm,
    oneSided
  }
}

/** The widest berth up to `mostMm` beside a middle, where it is so much wider. */
function roomierNear(middle: number, mostMm: number, berth: (x: number) => number): number {
  let best = middle
  for (let x = STEP_MM; x <= mostMm; x += STEP_MM) for (const at of [middle + x, middle - x]) if (berth(at) > berth(best)) best = at
  return berth(best) >= ROOMIER * berth(middle) ? best : middle
}

/** Twice the widest berth on the spine, the outer thirds left out. */
function roomOf(pose: Pose, halfMm: number, field: Field): number {
  let berth = 0
  for (let x = -0.65 * halfMm; x <= 0.65 * halfMm; x += STEP_MM) berth = Math.max(berth, field.clearMm(fromFrame(pose, { x, y: 0 })))
  return 2 * berth
}

/** The pose moved across to the middle of what is free about it; no more than a hand's breadth where guests sit on both sides, and not at all where they face each other. */
function withinAcross(pose: Pose, tableHalfMm: number, acrossMm: number, places: readonly Place[], field: Field): Pose {
  const sides = new Set(places.map((place) => Math.sign(Math.round(toFrame(pose, place).y))))
  const both = sides.has(1) && sides.has(-1)
  if (both && stationsOf(pose, tableHalfMm, places).plates.length > 0) return pose
  const free = (x: number, y: number) => field.clearMm(fromFrame(pose, { x, y })) >= NARROW_MM / 2
  const middles = [-0.3, -0.15, 0, 0.15, 0.3].flatMap((share) => {
    const x = share * tableHalfMm
    const start = fromMiddle(acrossMm / 2).find((y) => free(x, y))
    if (start === undefined) return []
    let [low, high] = [start, start]
    while (high + STEP_MM <= acrossMm / 2 && free(x, high + STEP_MM)) high += STEP_MM
    while (low - STEP_MM >= -acrossMm / 2 && free(x, low - STEP_MM)) low -= STEP_MM
    return [(low + high) / 2]
  })
  if (middles.length === 0) return pose
  const sorted = middles.sort((a, b) => a - b)
  const middle = sorted[Math.floor(sorted.length / 2)]!
  const most = both ? MATCH_MM : Infinity
  const shift = Math.abs(middle) <= 2 * STEP_MM ? 0 : Math.sign(middle) * Math.min(most, Math.abs(middle))
  return shift === 0 ? pose : { ...fromFrame(pose, { x: 0, y: shift }), turnRad: pose.turnRad }
}

/** 0 and then outward to both sides. */
function fromMiddle(reachMm: number): number[] {
  const list = [0]
  for (let y = STEP_MM; y <= reachMm; y += STEP_MM) list.push(y, -y)
  return list
}

/** Where guests sit along the sides, and the gaps between them. */
function stationsOf(pose: Pose, tableHalfMm: number, places: readonly Place[]): Pick<Frame, 'bays' | 'plates'> {
  const seats = places.flatMap((place) => {
    const at = toFrame(pose, place)
    const inward = Math.abs(Math.cos(place.turnRad - pose.turnRad))
    return inward > 0.7 && Math.abs(at.x) < tableHalfMm ? [at] : []
  })
  const sideOf = (sign: number) =>
    seats
      .filter((seat) => Math.sign(seat.y) === sign)
      .map((seat) => seat.x)
      .sort((a, b) => a - b)
  const [north, south] = [sideOf(1), sideOf(-1)]
  const both = north.length > 0 && south.length > 0
  if (both && (north.length !== south.length || north.some((x, i) => Math.abs(x - south[i]!) > MATCH_MM))) return { bays: [], plates: [] }
  const plates = both ? north.map((x, i) => (x + south[i]!) / 2) : north.length > 0 ? north : south
  const mirrored = plates.every((x, i) => Math.abs(x + plates[plates.length - 1 - i]!) <= MATCH_MM)
  if (!mirrored) return { bays: [], plates: [] }
  const exact = plates.map((x, i) => (x - plates[plates.length - 1 - i]!) / 2)
  return { plates: exact, bays: exact.slice(1).map((x, i) => (x + exact[i]!) / 2) }
}

/** Less than this is no berth for a mass. */
const BERTH_MM = 75
const BERTHS_APART_MM = 240

/** Where the two sides do not match: the widest berths to both sides of the middle alike, in place of the gaps between guests. */
function orPeaks(stations: Pick<Frame, 'bays' | 'plates'>, pose: Pose, halfMm: number, field: Field): Pick<Frame, 'bays' | 'plates'> {
  if (stations.plates.length > 0) return stations
  const berth = (x: number) => Math.min(...[x, -x].map((at) => field.clearMm(fromFrame(pose, { x: at, y: 0 }))))
  const xs = Array.from({ length: Math.floor(halfMm / STEP_MM) + 1 }, (_, i) => i * STEP_MM).sort((a, b) => berth(b) - berth(a))
  const bays: number[] = []
  for (const x of xs)
    if (berth(x) >= BERTH_MM && bays.every((other) => Math.abs(other - x) >= BERTHS_APART_MM && (x === 0 || other !== 0 || x >= BERTHS_APART_MM))) bays.push(x)
  const both = bays.flatMap((x) => (x < BERTHS_APART_MM / 2 ? [0] : [-x, x])).sort((a, b) => a - b)
  return { bays: both, plates: [] }
}

/** Two who face each other leave a line between them, square to where they look; null for any others. */
function axisBetweenTwo(places: readonly Place[]): number | null {
  const [a, b] = places
  if (places.length !== 2 || !a || !b || Math.abs(Math.cos(a.turnRad - b.turnRad) + 1) > 0.02) return null
  const axis = Math.atan2(b.y - a.y, b.x - a.x) + Math.PI / 2
  // the same line read from its other end
  return Math.abs(axis) % Math.PI < 0.01 ? 0 : ((axis + Math.PI / 2) % Math.PI) - Math.PI / 2
}

/** A round or a square: its axis through the gap between guests that leaves most room. */
function ringFrame(isSquare: boolean, tableHalfMm: number, acrossMm: number, places: readonly Place[], field: Field): Frame {
  const seats = places.map((place) => Math.atan2(place.y, place.x)).sort((a, b) => a - b)
  const gaps = seats.map((angle, i) => (angle + (seats[i + 1] ?? seats[0]! + 2 * Math.PI)) / 2)
  const reach = (turnRad: number) => {
    let out = 0
    while (out < tableHalfMm && [1, -1].every((sign) => field.clearMm({ x: sign * out * Math.cos(turnRad), y: sign * out * Math.sin(turnRad) }) >= NARROW_MM))
      out += STEP_MM
    return out
  }
  const square = [0, Math.PI / 2]
  const axis = (isSquare ? square : [0, ...gaps]).map((angle) => ({ angle, mm: reach(angle) })).sort((a, b) => b.mm - a.mm)[0]!
  const turnRad = axis.mm - reach(0) < 2 * STEP_MM ? 0 : axis.angle
  const middleMm = 2 * field.clearMm({ x: 0, y: 0 })
  const ring = gaps.length > 0 ? gaps.map((angle) => angle - turnRad) : [0.25, 0.75, 1.25, 1.75].map((part) => part * Math.PI)
  return {
    pose: { x: 0, y: 0, turnRad },
    halfMm: reach(turnRad),
    roomMm: middleMm,
    middleMm,
    tableHalfMm,
    acrossMm,
    scaleMm: acrossMm,
    bays: [],
    plates: [],
    ring,
    softMm: SOFT_MM,
    oneSided: false
  }
}

/** Half of 96 in: longer, one group in the middle leaves most guests nothing. */
const LONG_HALF_MM = 1220

/** Whether a table is so long that it has groups all along it. */
export const isLongTable = ({ ring, tableHalfMm }: Pick<Frame, 'ring' | 'tableHalfMm'>) => !ring && tableHalfMm > LONG_HALF_MM
