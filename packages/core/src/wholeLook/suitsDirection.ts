import { chromaOf, hueApart, lightnessOf } from '../color/colorWords.js'
import type { Look } from '../design/look.js'
import { offPalette } from '../intent/paletteFit.js'
import type { Material, Piece } from '../design/piece.js'
import type { Uncosted } from './laidCast.js'
import type { Direction } from './direction.js'

/** Below it a color is a neutral; and one so much grayer than an accent stands for none. Our own starting values. */
const HUE = 0.045
const GRAYER = 0.6
export const naturalMaterials: ReadonlySet<Material> = new Set<Material>(['wood', 'rattan', 'linen', 'cotton', 'wool', 'stoneware', 'stone', 'plant', 'dried'])

/** How well layers follow a direction, 0 to 1: common practice put into numbers of our own. */
export function suitsDirection(direction: Direction, look: Look, cast: Uncosted): number {
  const ground = cast.cloth?.color ?? look.table.color
  const plates = [cast.charger, cast.dinner, ...cast.upper].filter((piece) => piece !== null)
  const all: Piece[] = [cast.cloth, cast.runner, ...plates, cast.napkin].filter((piece) => piece !== null)
  const hues = all.filter((piece) => chromaOf(piece.color) >= HUE)
  const top = plates[plates.length - 1]
  switch (direction) {
    case 'tonal':
      return quiet(all) * (cast.cloth ? 1 : 0.8) * (cast.charger ? 1 : 0.92)
    case 'accent': {
      // one thing in color at each place, all else quiet
      const others = hues.filter((piece) => piece !== cast.napkin && piece !== cast.runner)
      const free = cast.napkin && chromaOf(cast.napkin.color) >= HUE ? Math.min(1, 0.6 + 4 * chromaOf(cast.napkin.color)) : 0.4
      const shown = wished(look, cast) ?? free
      return (
        shown *
        0.8 ** others.length *
        (cast.runner && cast.napkin && chromaOf(cast.runner.color) >= HUE && hueApart(cast.runner.color, cast.napkin.color) > 40 ? 0.75 : 1)
      )
    }
    case 'contrast': {
      const step = top ? Math.abs(lightnessOf(top.color) - lightnessOf(cast.charger?.color ?? ground)) : 0
      const napkin = cast.napkin && top ? Math.abs(lightnessOf(cast.napkin.color) - lightnessOf(top.color)) : 0
      return 0.35 + 0.35 * Math.min(1, step / 35) + 0.3 * Math.min(1, napkin / 35)
    }
    case 'natural': {
      const share = all.length > 0 ? all.filter((piece) => naturalMaterials.has(piece.material)).length / all.length : 0
      return (0.4 + 0.6 * share) * (cast.cloth ? 0.8 : 1) * 0.85 ** hues.filter((piece) => chromaOf(piece.color) > 0.1).length
    }
    case 'colorful': {
      const [napkin, runner] = [cast.napkin, cast.runner ?? cast.cloth]
      const both = napkin && runner && chromaOf(napkin.color) >= HUE && chromaOf(runner.color) >= HUE * 0.6
      const vivid = wished(look, cast) ?? (napkin ? Math.min(1, 0.5 + chromaOf(napkin.color) / 0.2) : 0.5)
      return vivid * (both ? Math.min(1, 0.6 + hueApart(napkin.color, runner.color) / 200) : hues.length > 0 ? 0.5 : 0.35)
    }
  }
}

/** Where the brief says which accents it wants, how near the napkin comes to one of them, 0.4 to 1; undefined where it says none. */
function wished({ intent }: Look, { napkin }: Uncosted): number | undefined {
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
