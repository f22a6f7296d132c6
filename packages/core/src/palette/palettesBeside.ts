import { chromaOf, colorDistance, hueOf } from '../color/colorWords.js'
import type { PaletteEntry } from '../design/intent.js'
import type { Piece } from '../design/piece.js'
import { ANSWERS, isOutside } from '../intent/paletteFit.js'
import { metals } from '../reference/materials.js'
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
const isOfPalette = (group: ColorGroup) => group.share >= SEEN && group.parts.some((part) => part.where !== 'table')

/** What two tables have in common in color, bare tabletops left out. */
export function paletteBeside(here: readonly ColorGroup[], other: readonly ColorGroup[]): PaletteBeside {
  const [own, theirs] = [here.filter(isOfPalette), other.filter(isOfPalette)]
  const answered = (group: ColorGroup, by: readonly ColorGroup[]) => by.some((one) => colorDistance(one.color, group.color) < ANSWERS)
  const seen = own.reduce((sum, group) => sum + group.share, 0)
  return {
    sharedShare: seen === 0 ? 0 : own.reduce((sum, group) => sum + (answered(group, theirs) ? group.share : 0), 0) / seen,
    added: own.filter((group) => !answered(group, theirs)),
    gone: theirs.filter((group) => !answered(group, own))
  }
}

/** A table's colors as a palette. */
export const paletteOfGroups = (groups: readonly ColorGroup[]): PaletteEntry[] => groups.filter(isOfPalette).map(({ color, role }) => ({ color, role }))

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

/** Without so much OKLab chroma a thing goes with every palette: our own starting value. */
const NEUTRAL = 0.04
const LEAF_HUES = [100, 175] as const
const kinds = new Set<Piece['kind']>(['cloth', 'runner', 'napkin', 'mat', 'plate', 'glass', 'candle', 'vessel', 'ornament', 'tray'])

/** Whether a color was chosen for it: metals, wood, leaves and flowers have theirs by nature. */
function isColored(piece: Piece): boolean {
  const hue = hueOf(piece.color)
  return (
    chromaOf(piece.color) >= NEUTRAL &&
    !metals.has(piece.material) &&
    piece.material !== 'wood' &&
    piece.material !== 'rattan' &&
    !(hue > LEAF_HUES[0] && hue < LEAF_HUES[1])
  )
}

/** Sets of the house that fall out of a palette, and what it has nothing for. */
export function houseFit(pieces: readonly Piece[], palette: readonly PaletteEntry[]): HouseFit {
  const own = pieces.filter((piece) => piece.owned > 0 && kinds.has(piece.kind))
  const inColor = own.filter(isColored)
  const count = (list: readonly Piece[]) => list.reduce((sum, piece) => sum + piece.owned, 0)
  return {
    inColor,
    fallOut: inColor.filter((piece) => isOutside(piece.color, palette)).sort((a, b) => b.owned - a.owned),
    gaps: palette.filter((entry) => !own.some((piece) => colorDistance(piece.color, entry.color) < ANSWERS)),
    neutralShare: own.length === 0 ? 0 : 1 - count(inColor) / count(own)
  }
}

/** With how many of some palettes a piece goes. */
export const worksWith = (piece: Piece, palettes: readonly (readonly PaletteEntry[])[]): number =>
  palettes.filter((palette) => !isColored(piece) || !isOutside(piece.color, palette)).length
