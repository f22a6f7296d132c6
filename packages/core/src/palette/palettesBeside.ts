import { chromaOf, colorDistance, hueApart, hueOf } from '../color/colorWords.js'
import type { PaletteEntry } from '../design/intent.js'
import type { Piece } from '../design/piece.js'
import { ANSWERS } from '../intent/paletteFit.js'
import type { ColorGroup } from './colorFigures.js'

/** The colors of one table beside those of an earlier one. */
export interface PaletteBeside {
  /** Of what is seen here, the share in colors that the other has too. */
  readonly sharedShare: number
  /** Colors here that nothing of the other answers, and the other way round; the most seen first. */
  readonly added: readonly ColorGroup[]
  readonly gone: readonly ColorGroup[]
}

/** Less of a color than this is none of a palette: our own starting value. */
const SEEN = 0.004
const isSeen = (group: ColorGroup) => group.share >= SEEN && group.parts.some((part) => part.where !== 'table')

/** Without so much OKLab chroma a color goes with every palette; a beige, which has a yellow hue, with a little more. Our own starting values. */
const NEUTRAL = 0.04
const BEIGE = { chroma: 0.06, from: 55, to: 105 } as const
function hasHue(color: string): boolean {
  const hue = hueOf(color)
  return chromaOf(color) >= (hue >= BEIGE.from && hue <= BEIGE.to ? BEIGE.chroma : NEUTRAL)
}
/** Colors with a hue are the same where the hue is, those without where they are about as light; one with and one without only where hardly told apart. Our own starting values. */
const SAME_HUE = 25
const MIXED = 0.05
function isSameColor(a: string, b: string): boolean {
  const hued = [a, b].filter(hasHue).length
  return colorDistance(a, b) < (hued === 1 ? MIXED : ANSWERS) && (hued < 2 || hueApart(a, b) < SAME_HUE)
}

/** What two tables have in common in color, bare tabletops left out. */
export function paletteBeside(here: readonly ColorGroup[], other: readonly ColorGroup[]): PaletteBeside {
  const [own, theirs] = [here.filter(isSeen), other.filter(isSeen)]
  const answered = (group: ColorGroup, by: readonly ColorGroup[]) => by.some((one) => isSameColor(one.color, group.color))
  const seen = own.reduce((sum, group) => sum + group.share, 0)
  return {
    sharedShare: seen === 0 ? 0 : own.reduce((sum, group) => sum + (answered(group, theirs) ? group.share : 0), 0) / seen,
    added: own.filter((group) => !answered(group, theirs)),
    gone: theirs.filter((group) => !answered(group, own))
  }
}

/** A table's colors as a palette. */
export const paletteOfGroups = (groups: readonly ColorGroup[]): PaletteEntry[] => groups.filter(isSeen).map(({ color, role }) => ({ color, role }))

/** What the house has, held against a palette. */
export interface HouseFit {
  /** Owned pieces with a color of their own. */
  readonly inColor: readonly Piece[]
  /** Those of them in a color that the palette does not have, the most numerous first. */
  readonly fallOut: readonly Piece[]
  /** Colors of the palette that nothing of the house comes near. */
  readonly gaps: readonly PaletteEntry[]
  /** Of the pieces whose color counts, the share that goes with any palette. */
  readonly neutralShare: number
}

const kinds = new Set<Piece['kind']>(['cloth', 'runner', 'napkin', 'mat', 'plate', 'glass', 'candle', 'vessel', 'ornament', 'tray'])

/** What is dyed, glazed or cast in a color somebody chose; metals, wood, fruit, leaves and flowers have theirs by nature. */
const chosen = new Set<Piece['material']>(['porcelain', 'stoneware', 'glass', 'linen', 'cotton', 'wool', 'wax', 'paper', 'resin'])
const isColored = (piece: Piece) => (piece.kind !== 'ornament' || piece.form !== 'lights') && chosen.has(piece.material) && hasHue(piece.color)
const isOfPalette = (piece: Piece, palette: readonly PaletteEntry[]) => palette.some((entry) => isSameColor(entry.color, piece.color))

/** Sets of the house that fall out of a palette, and what it has nothing for. */
export function houseFit(pieces: readonly Piece[], palette: readonly PaletteEntry[]): HouseFit {
  const own = pieces.filter((piece) => piece.owned > 0 && kinds.has(piece.kind))
  const inColor = own.filter(isColored)
  const count = (list: readonly Piece[]) => list.reduce((sum, piece) => sum + piece.owned, 0)
  return {
    inColor,
    fallOut: inColor.filter((piece) => !isOfPalette(piece, palette)).sort((a, b) => b.owned - a.owned),
    gaps: palette.filter((entry) => !own.some((piece) => isSameColor(piece.color, entry.color))),
    neutralShare: own.length === 0 ? 0 : 1 - count(inColor) / count(own)
  }
}

/** With how many of some palettes a piece goes. */
export const worksWith = (piece: Piece, palettes: readonly (readonly PaletteEntry[])[]): number =>
  palettes.filter((palette) => !isColored(piece) || isOfPalette(piece, palette)).length
