import { edgeTable, inwardNormal, type Outline } from '../geometry/outline.js'
import { distanceMm, type Point } from '../geometry/point.js'
import { placePose, type Place } from './places.js'

/** Where the plates' middles run: 1 in from the edge and half a 10 1/2 in plate further. */
export const PLATE_LINE_MM = 160

/**
 * Places round a curved table, counter-clockwise, all of one width: the edge is parted at equal chords, and each guest sits in the middle of
 * one part. With `tip` 'seat' the first sits at the +x tip; with 'gap' the tip lies between two guests.
 */
export function placesOnCapsule(outline: Outline & { kind: 'capsule' }, count: number, tip: 'seat' | 'gap'): Place[] {
  const edge = edgeTable(outline)
  const totalMm = edge.runMm[edge.runMm.length - 1]!
  const at = (runMm: number) => pointAt(edge, ((runMm % totalMm) + totalMm) % totalMm)
  const bounds = equalChordRuns(at, totalMm, count, tip === 'seat' ? -0.5 : 0)
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

/** Running lengths of `count` points with one and the same chord between neighbors, by bisection on the chord. */
function equalChordRuns(at: (runMm: number) => Point, totalMm: number, count: number, offset: number): number[] {
  if (count < 3) return Array.from({ length: count }, (_, i) => ((i + offset) * totalMm) / count)
  const walk = (chordMm: number, startMm: number) => {
    const runs = [startMm]
    for (let i = 1; i <= count; i++) runs.push(stepByChord(at, runs[i - 1]!, chordMm, totalMm))
    return runs
  }
  let startMm = (offset * totalMm) / count
  let runs: number[] = []
  for (let round = 0; round < (offset === 0 ? 1 : 4); round++) {
    const shiftMm = startMm
    let low = 0
    let high = totalMm / count
    for (let i = 0; i < 40; i++) {
      const chordMm = (low + high) / 2
      runs = walk(chordMm, shiftMm)
      if (runs[count]! - shiftMm < totalMm) low = chordMm
      else high = chordMm
    }
    startMm = offset === 0 ? 0 : -(runs[1]! - runs[0]!) / 2
  }
  return runs.slice(0, count)
}

/** The first point further along whose straight distance is the chord. */
function stepByChord(at: (runMm: number) => Point, fromMm: number, chordMm: number, totalMm: number): number {
  const start = at(fromMm)
  let low = fromMm + chordMm
  let high = fromMm + Math.min(chordMm * 1.6 + 1, totalMm / 2 + chordMm)
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2
    if (distanceMm(start, at(middle)) < chordMm) low = middle
    else high = middle
  }
  return (low + high) / 2
}

function pointAt(edge: ReturnType<typeof edgeTable>, runMm: number): Point {
  let low = 0
  let high = edge.runMm.length - 1
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (edge.runMm[middle]! <= runMm) low = middle
    else high = middle
  }
  const span = edge.runMm[high]! - edge.runMm[low]!
  const share = span > 0 ? (runMm - edge.runMm[low]!) / span : 0
  return { x: edge.x[low]! + share * (edge.x[high]! - edge.x[low]!), y: edge.y[low]! + share * (edge.y[high]! - edge.y[low]!) }
}
