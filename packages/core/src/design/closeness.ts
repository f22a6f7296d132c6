import { colorDistance } from '../color/colorWords.js'
import { extentSize, type Piece } from './piece.js'

/** How much one thing weighs against another when a substitute is sought: our own starting values. */
const OTHER_MATERIAL = 0.4
const OTHER_FORM = 0.5
const COLOR_WEIGHT = 1.5

/** Lengths by which a piece is told apart from others of its kind, millimeters. */
function sizesOf(piece: Piece): readonly number[] {
  const own = ['diameterMm', 'heightMm', 'widthMm', 'sideMm', 'baseMm', 'widestMm', 'headMm', 'lengthMm'] as const
  const measured = piece as unknown as Record<string, number | null | undefined>
  const sizes = own.flatMap((name) => (typeof measured[name] === 'number' ? [measured[name]] : []))
  if (!('extent' in piece)) return sizes
  const { lengthMm, widthMm } = extentSize(piece.extent)
  return [...sizes, lengthMm, widthMm]
}

/** How far one piece is from standing in for another, 0 for its twin: by size, color, material and form. */
function farness(from: Piece, to: Piece): number {
  const [a, b] = [sizesOf(from), sizesOf(to)]
  const sizes = a.reduce((sum, size, i) => sum + Math.abs(Math.log((b[i] || 1) / (size || 1))), 0) / Math.max(1, a.length)
  const form = 'form' in from && 'form' in to && from.form !== to.form ? OTHER_FORM : 0
  return sizes + COLOR_WEIGHT * colorDistance(from.color, to.color) + (from.material === to.material ? 0 : OTHER_MATERIAL) + form
}

/** Farther than this a thing is another thing, no substitute: our own starting value. */
const LIKE_MOST = 0.9

/** Whether one piece can pass for another, by size, color, material and form. */
export function likeEnough(from: Piece, to: Piece): boolean {
  return farness(from, to) <= LIKE_MOST
}

/** Those that can stand in for a piece, the nearest to it first: what is owned in the number needed, then what has to be got. */
export function byCloseness<P extends Piece>(from: Piece, candidates: readonly P[], needed = 1): P[] {
  const rank = new Map(candidates.map((piece) => [piece, { short: piece.owned < needed, farness: farness(from, piece) }]))
  return [...candidates].sort((a, b) => {
    const [x, y] = [rank.get(a)!, rank.get(b)!]
    return Number(x.short) - Number(y.short) || x.farness - y.farness
  })
}
