import { chromaOf, hueApart, lightnessOf } from '../color/colorWords.js'
import type { Look } from '../design/look.js'
import { offPalette } from '../intent/paletteFit.js'
import type { Material, Piece } from '../design/piece.js'
import { platesOf, type Cover } from './laidCast.js'
import type { Direction } from './direction.js'

/** Below it a color is a neutral; and one so much grayer than an accent stands for none. Our own starting values. */
const HUE = 0.045
const GRAYER = 0.6
/** A tonal table without a cloth, and without a charger; a color too strong for a natural one. Our own starting values. */
const BARE = 0.8
const PLAIN = 0.92
const VIVID = 0.1
export const naturalMaterials: ReadonlySet<Material> = new Set<Material>(['wood', 'rattan', 'linen', 'cotton', 'wool', 'stoneware', 'stone', 'plant', 'dried'])

/** How well layers follow a direction, 0 to 1: common practice put into numbers of our own. */
export function suitsDirection(direction: Direction, look: Look, cast: Cover): number {
  const ground = cast.cloth?.color ?? look.table.color
  const plates = platesOf(cast).filter((piece) => piece !== null)
  const all: Piece[] = [cast.cloth, cast.runner, ...plates, cast.napkin].filter((piece) => piece !== null)
  const hues = all.filter((piece) => chromaOf(piece.color) >= HUE)
  const top = plates[plates.length - 1]
  switch (direction) {
    case 'tonal':
      return quiet(all) * (cast.cloth ? 1 : BARE) * (cast.charger ? 1 : PLAIN)
    case 'accent': {
      // one thing in color at each place, all else quiet
      const others = hues.filter((piece) => piece !== cast.napkin && piece !== cast.runner)
      return (
        napkinAtMost('accent', look, cast.napkin) *
        0.8 ** others.length *
        (cast.runner && cast.napkin && chromaOf(cast.runner.color) >= HUE && hueApart(cast.runner.color, cast.napkin.color) > 40 ? 0.75 : 1)
      )
    }
    case 'contrast': {
      const step = top ? Math.abs(lightnessOf(top.color) - lightnessOf(cast.charger?.color ?? ground)) : 0
      const napkin = cast.napkin && top ? Math.abs(lightnessOf(cast.napkin.color) - lightnessOf(top.color)) : 0
      const runner = cast.runner ? Math.min(1, Math.abs(lightnessOf(cast.runner.color) - lightnessOf(ground)) / 25) : 1
      return (0.35 + 0.35 * Math.min(1, step / 35) + 0.3 * Math.min(1, napkin / 35)) * (0.7 + 0.3 * runner)
    }
    case 'natural': {
      const share = all.length > 0 ? all.filter((piece) => naturalMaterials.has(piece.material)).length / all.length : 0
      return (0.4 + 0.6 * share) * (cast.cloth ? 0.8 : 1) * 0.85 ** hues.filter((piece) => chromaOf(piece.color) >= VIVID).length
    }
    case 'colorful': {
      const [napkin, runner] = [cast.napkin, cast.runner ?? cast.cloth]
      const both = napkin && runner && chromaOf(napkin.color) >= HUE && chromaOf(runner.color) >= HUE * 0.6
      return napkinAtMost('colorful', look, napkin) * (both ? Math.min(1, 0.6 + hueApart(napkin.color, runner.color) / 200) : hues.length > 0 ? 0.5 : 0.35)
    }
  }
}

/** The most that a napkin lets a direction be followed. */
export function napkinAtMost(direction: Direction, look: Look, napkin: Cover['napkin']): number {
  if (direction === 'tonal') return napkin ? quiet([napkin]) : 1
  if (direction === 'accent') return wished(look, napkin) ?? (napkin && chromaOf(napkin.color) >= HUE ? Math.min(1, 0.6 + 4 * chromaOf(napkin.color)) : 0.4)
  if (direction === 'colorful') return wished(look, napkin) ?? (napkin ? Math.min(1, 0.5 + chromaOf(napkin.color) / 0.2) : 0.5)
  return 1
}

/** The most that linens, or linens and plates, let a direction be followed whatever napkin comes: times that napkin's own most. */
export function suitsAtMost(direction: Direction, cover: Cover): number {
  const plates = platesOf(cover).filter((piece) => piece !== null)
  const all: Piece[] = [cover.cloth, cover.runner, ...plates].filter((piece) => piece !== null)
  const hues = (least: number, of: readonly Piece[]) => of.filter((piece) => chromaOf(piece.color) >= least).length
  switch (direction) {
    case 'tonal':
      return quiet(all) * (cover.cloth ? 1 : BARE) * (cover.charger || plates.length === 0 ? 1 : PLAIN)
    case 'accent':
      return 0.8 ** hues(HUE, cover.cloth ? [cover.cloth, ...plates] : plates)
    case 'natural':
      return 0.85 ** hues(VIVID, all)
    default:
      return 1
  }
}

/** Where the brief says which accents it wants, how near the napkin comes to one of them, 0.4 to 1; undefined where it says none. */
function wished({ intent }: Look, napkin: Cover['napkin']): number | undefined {
  const accents = intent.palette.filter((entry) => entry.role === 'accent')
  if (accents.length === 0) return undefined
  if (!napkin) return 0.4
  // a gray beside a grayish blue is near to it and is no accent
  const isGray = chromaOf(napkin.color) < GRAYER * Math.min(...accents.map((entry) => chromaOf(entry.color)))
  return Math.max(0.4, (isGray ? 0.6 : 1) * (1 - 3 * offPalette(napkin.color, accents)))
}

/** Near-neutral all through. */
function quiet(pieces: readonly Piece[]): number {
  return pieces.reduce((suits, piece) => suits * Math.min(1, Math.exp(-Math.max(0, chromaOf(piece.color) - 0.03) / 0.06)), 1)
}
