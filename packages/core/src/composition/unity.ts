import { chromaOf, colorDistance, oklab } from '../color/colorWords.js'
import { pieceIndex, type PieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { laidPieces } from '../design/laidPieces.js'
import { ACCENT_PLACES, HUE_CHROMA } from '../reference/composition.js'
import { metals } from '../reference/materials.js'
import type { Scored } from './scored.js'

/** Besides greens, fruit and clear glass at most three materials, one metal, and two hues: design of the composer. */
const MATERIALS_MOST = 3
const HUES_MOST = 2
const SAME_HUE = 0.13
const ground = new Set(['plant', 'dried', 'faux', 'fruit', 'wax', 'resin'])

type Laid = Pick<Look, 'pieces' | 'setting' | 'kinds' | 'linens' | 'guests'>

export function unityOf(look: Laid, things: readonly Scored[]): number {
  const materials = new Set(things.map((one) => one.piece.material).filter((material) => !ground.has(material) && material !== 'glass'))
  const flatware = look.setting.flatwareIds.flatMap((id) => pieceIndex(look).get(id)?.material ?? []).find((material) => metals.has(material))
  const own = new Set([...materials].filter((material) => metals.has(material)))
  if (flatware) own.add(flatware)
  const hues = huesOf(things.flatMap((one) => colorsOf(look, one)))
  const less = (over: number, each: number) => Math.max(0, 1 - each * Math.max(0, over))
  return less(materials.size - MATERIALS_MOST, 0.2) * less(own.size - 1, 0.3) * less(hues.length - HUES_MOST, 0.2)
}

/** Every accent of the middle is met in three places of the whole look: a napkin at each place counts as many. */
export function echoOf(look: Laid, things: readonly Scored[]): number | null {
  const middle = things.map((one) => colorsOf(look, one))
  const hues = huesOf(middle.flat())
  if (hues.length === 0) return null
  const laid = laidPieces(look)
  const atPlaces = (hue: string) => (laid.some((piece) => isNear(piece.color, hue) || isNear(piece.accent, hue)) ? Math.max(1, look.guests.length) : 0)
  const places = (hue: string) => atPlaces(hue) + middle.filter((colors) => colors.some((color) => isNear(color, hue))).length
  return hues.reduce((sum, hue) => sum + Math.min(1, places(hue) / ACCENT_PLACES), 0) / hues.length
}

/** Few kinds of things: one idea. */
export function kindsOf(things: readonly Scored[]): number {
  const kinds = new Set(things.map((one) => one.familyId)).size
  return Math.max(0, 1 - 0.16 * Math.max(0, kinds - 4))
}

function isNear(a: string, b: string): boolean {
  return colorDistance(a, b) < SAME_HUE && chromaOf(a) >= HUE_CHROMA * 0.6
}

/** Of what has not moved, with the pieces it was worked out from. */
const known = new WeakMap<Scored, { readonly pieces: Look['pieces']; readonly colors: readonly string[] }>()

/** Accent colors of a thing: its own, its candle's and its flowers'; greens are the ground all accents stand on. */
function colorsOf({ pieces }: Pick<Look, 'pieces'>, thing: Scored): readonly string[] {
  const earlier = known.get(thing)
  if (earlier?.pieces === pieces) return earlier.colors
  const colors = accentsOf(pieceIndex({ pieces }), thing)
  known.set(thing, { pieces, colors })
  return colors
}

function accentsOf(index: PieceIndex, { piece, standing }: Scored): string[] {
  const stems = standing.placed.arrangement?.stems.flatMap(({ stemId }) => index.get(stemId) ?? []) ?? []
  const own: Piece[] = [...(metals.has(piece.material) && piece.kind !== 'ornament' ? [] : [piece]), ...(standing.candle ? [standing.candle] : []), ...stems]
  return own.map((one) => one.color).filter((color) => chromaOf(color) >= HUE_CHROMA && !isEarth(color))
}

/** Greens, woods and browns are no accents. */
function isEarth(color: string): boolean {
  const [lightness, a, b] = oklab(color)
  const hue = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360
  return (hue > 100 && hue < 175) || (hue > 45 && hue < 100 && (lightness < 0.72 || Math.hypot(a, b) < 0.1))
}

function huesOf(colors: readonly string[]): string[] {
  const hues: string[] = []
  for (const color of colors) if (!hues.some((hue) => colorDistance(hue, color) < SAME_HUE)) hues.push(color)
  return hues
}
