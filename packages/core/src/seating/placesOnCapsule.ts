import { edgeAt, edgeOf, inwardNormal, type Edge, type Outline } from '../geometry/outline.js'
import { distanceMm, type Point } from '../geometry/point.js'
import { settle, widthOf } from './placeWidths.js'
import { placePose, type Place } from './places.js'

/** Where the plates' middles run: 1 in from the edge and half a 10 1/2 in plate further. */
export const PLATE_LINE_MM = 160

/**
 * Places round a curved table, counter-clockwise, one for each width asked for: the edge is parted at equal chords, wider where somebody asks
 * for more than that, and each guest sits in the middle of one part. With `tip` 'seat' the first sits at the +x tip; with 'gap' the tip lies
 * between two guests.
 */
export function placesOnCapsule(outline: Outline & { kind: 'capsule' }, askedMm: readonly number[], tip: 'seat' | 'gap'): Place[] {
  const count = askedMm.length
  const edge = edgeOf(outline)
  const { totalMm } = edge
  const at = (runMm: number) => edgeAt(edge, runMm)
  const bounds = boundaryRuns(edge, askedMm, tip)
  return bounds.map((start, i) => {
    const end = i === count - 1 ? bounds[0]! + totalMm : bounds[i + 1]!
    const from = at(start)
    const to = at(end)
    const middle = inwardNormal(outline, at((start + end) / 2))
    const inside = (p: Point) => {
      const n = inwardNormal(outline, p)
      return { x: p.x + n.inwardX * PLATE_LINE_MM, y: p.y + n.inwardY * PLATE_LINE_MM }
    }
    return {
      number: i + 1,
      side: 'curve',
      ...placePose(middle.x, middle.y, middle.inwardX, middle.inwardY),
      widthMm: count === 1 ? totalMm : distanceMm(from, to),
      plateLineWidthMm: count === 1 ? totalMm : distanceMm(inside(from), inside(to))
    }
  })
}

/** Boundaries between the guests: at equal chords, or at the chords asked for where those are wider. */
function boundaryRuns(edge: Edge, askedMm: readonly number[], tip: 'seat' | 'gap'): number[] {
  const bounds = equalChordRuns(edge, askedMm.length, tip)
  if (askedMm.length < 3 || Math.max(...askedMm) === 0) return bounds
  const equal = chordBetween(edge, bounds[0]!, bounds[1]!)
  if (askedMm.every((asked) => asked <= equal)) return bounds
  const { base, granted } = settle(equal, (chords) => leftOver(edge, chords, tip), askedMm)
  return walk(
    edge,
    askedMm.map((asked) => widthOf(asked, base, granted)),
    tip
  ).bounds
}

/** Steps off chord after chord from the +x tip, or from half the first chord before it. */
function walk(edge: Edge, chords: readonly number[], tip: 'seat' | 'gap'): { readonly bounds: number[]; readonly endMm: number } {
  const bounds = [tip === 'seat' ? -halfChordFromTip(edge, chords[0]!) : 0]
  for (const chord of chords) bounds.push(stepByChord(edge, bounds[bounds.length - 1]!, chord))
  return { bounds: bounds.slice(0, -1), endMm: bounds[bounds.length - 1]! }
}

function leftOver(edge: Edge, chords: readonly number[], tip: 'seat' | 'gap'): number {
  const { bounds, endMm } = walk(edge, chords, tip)
  return bounds[0]! + edge.totalMm - endMm
}

function chordBetween(edge: Edge, fromMm: number, toMm: number): number {
  return distanceMm(edgeAt(edge, fromMm), edgeAt(edge, toMm))
}

/** How near the walk round must end to where it should, in millimeters of running length. */
const CLOSE_MM = 0.01
const MOST_ROUNDS = 60

/**
 * Running lengths that part the edge at one and the same chord. The edge is its own mirror image about its long axis, so one half is walked:
 * `chords` steps from the +x tip ('gap') or from half a chord beside it ('seat') must end at the -x tip, or half a chord short of it.
 */
function equalChordRuns(edge: Edge, count: number, tip: 'seat' | 'gap'): number[] {
  if (count < 3) return Array.from({ length: count }, (_, i) => ((i - (tip === 'seat' ? 0.5 : 0)) * edge.totalMm) / count)
  const halves = tip === 'seat' ? 1 : 0
  const chords = Math.floor((count - halves) / 2)
  const far = (count - halves) % 2 === 1
  const half = halfWalk(edge, count, chords, halves === 1, far)
  const mirrored = half.map((run) => edge.totalMm - run).reverse()
  if (tip === 'seat') return [mirrored[mirrored.length - 1]! - edge.totalMm, ...half, ...mirrored.slice(far ? 0 : 1, -1)]
  return [...half, ...mirrored.slice(far ? 0 : 1, -1)]
}

/** Boundaries on the half edge, by false position on the chord. */
function halfWalk(edge: Edge, count: number, chords: number, halfAtStart: boolean, halfAtEnd: boolean): number[] {
  const middle = edge.totalMm / 2
  let low = 0
  let high = edge.totalMm / count
  let chordMm = (edge.totalMm / Math.PI) * Math.sin(Math.PI / count)
  let runs: number[] = []
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const besideTip = halfAtStart || halfAtEnd ? halfChordFromTip(edge, chordMm) : 0
    runs = [halfAtStart ? besideTip : 0]
    for (let i = 0; i < chords; i++) runs.push(stepByChord(edge, runs[i]!, chordMm))
    const ends = runs[chords]! + (halfAtEnd ? besideTip : 0)
    if (Math.abs(ends - middle) < CLOSE_MM / 2) break
    if (ends > middle) high = chordMm
    else low = chordMm
    const next = (chordMm * middle) / ends
    chordMm = next > low && next < high ? next : (low + high) / 2
  }
  return runs
}

/** Running length from the +x tip to where the edge is half a chord off the long axis, by Newton's method. */
function halfChordFromTip(edge: Edge, chordMm: number): number {
  let run = chordMm / 2
  for (let round = 0; round < 12; round++) {
    const { y } = edgeAt(edge, run)
    if (Math.abs(chordMm / 2 - y) < CLOSE_MM / 10) break
    run += (chordMm / 2 - y) / Math.max(0.2, edgeAt(edge, run + 1).y - y)
  }
  return run
}

/** The first point further along whose straight distance is the chord, by Newton's method. */
function stepByChord(edge: Edge, fromMm: number, chordMm: number): number {
  const { x, y } = edgeAt(edge, fromMm)
  let run = fromMm + chordMm
  for (let round = 0; round < 12; round++) {
    const p = edgeAt(edge, run)
    const dx = p.x - x
    const dy = p.y - y
    const away = Math.sqrt(dx * dx + dy * dy)
    const shortMm = chordMm - away
    if (Math.abs(shortMm) < CLOSE_MM / 10) break
    const ahead = edgeAt(edge, run + 1)
    const slope = ((ahead.x - p.x) * dx + (ahead.y - p.y) * dy) / away
    run += shortMm / Math.max(0.2, slope)
  }
  return run
}
