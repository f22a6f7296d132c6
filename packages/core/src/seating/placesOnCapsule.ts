import { edgeAt, edgeOf, inwardNormal, type Edge, type Outline } from '../geometry/outline.js'
import { distanceMm, type Point } from '../geometry/point.js'
import { placePose, type Place } from './places.js'

/** Where the plates' middles run: 1 in from the edge and half a 10 1/2 in plate further. */
export const PLATE_LINE_MM = 160

/**
 * Places round a curved table, counter-clockwise, all of one width: the edge is parted at equal chords, and each guest sits in the middle of
 * one part. With `tip` 'seat' the first sits at the +x tip; with 'gap' the tip lies between two guests.
 */
export function placesOnCapsule(outline: Outline & { kind: 'capsule' }, count: number, tip: 'seat' | 'gap'): Place[] {
  const edge = edgeOf(outline)
  const { totalMm } = edge
  const at = (runMm: number) => edgeAt(edge, runMm)
  const bounds = equalChordRuns(edge, count, tip)
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

/** Chord and rounds to which the solvers below go: a hundredth of a millimeter of running length. */
const CLOSE_MM = 0.01
const MOST_ROUNDS = 60

/**
 * Running lengths that part the edge at one and the same chord, by the secant method on the chord: the walk round by `count` chords must end
 * where it began. With `tip` 'seat' the first part is centered on the tip.
 */
function equalChordRuns(edge: Edge, count: number, tip: 'seat' | 'gap'): number[] {
  const evenly = Array.from({ length: count }, (_, i) => ((i - (tip === 'seat' ? 0.5 : 0)) * edge.totalMm) / count)
  if (count < 3) return evenly
  let start = evenly[0]!
  let runs = evenly
  for (let round = 0; round < 4; round++) {
    runs = closedWalk(edge, count, start)
    const centered = tip === 'seat' ? -(runs[1]! - runs[0]!) / 2 : 0
    if (Math.abs(centered - start) < CLOSE_MM) break
    start = centered
  }
  return runs.slice(0, count)
}

function closedWalk(edge: Edge, count: number, start: number): number[] {
  const chordOf = edge.totalMm / Math.PI
  let low = 0
  let high = edge.totalMm / count
  let chordMm = chordOf * Math.sin(Math.PI / count)
  let runs: number[] = []
  for (let round = 0; round < MOST_ROUNDS; round++) {
    runs = [start]
    for (let i = 0; i < count; i++) runs.push(stepByChord(edge, runs[i]!, chordMm))
    const overMm = runs[count]! - start - edge.totalMm
    if (Math.abs(overMm) < CLOSE_MM) break
    if (overMm > 0) high = chordMm
    else low = chordMm
    const next = chordMm - (overMm / (edge.totalMm + overMm)) * chordMm
    chordMm = next > low && next < high ? next : (low + high) / 2
  }
  return runs
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
