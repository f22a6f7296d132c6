import { chromaOf, colorDistance, hueApart, lightnessOf, oklab } from '../color/colorWords.js'
import type { Look } from '../design/look.js'
import type { Glass, Piece } from '../design/piece.js'
import { paletteFit } from '../intent/paletteFit.js'
import { metals } from '../reference/materials.js'
import { platesOf, type Cover, type Uncosted } from './laidCast.js'

/** What each fault of a table costs, as a factor; glass that answers a color gains. Our own starting values, from what common practice calls a fault. */
const factor = {
  lowestLost: 0.85,
  rimShows: 0.95,
  bare: 0.88,
  chargerLost: 0.85,
  chargerPlain: 0.85,
  otherMetal: 0.5,
  coolMetal: 0.9,
  otherMaterial: 0.9,
  napkinLost: 0.72,
  runnerLost: 0.8,
  runnerStuff: 0.95,
  tumbler: 0.86,
  glassAnswers: 1.06,
  glassAlone: 0.92,
  quarrel: 0.75,
  hueTooMany: 0.78
} as const
const EVENING_MIN = 17 * 60
/** Nearer in OKLab a thing is lost on what it lies on; a hue is one from this chroma on, in glass earlier. Our own starting values. */
const LOST = 0.05
const HUE = 0.04
const GLASS_HUE = 0.025
const HUES_MOST = 2
/** Fewer courses need no charger; common practice, no source. */
const CHARGER_COURSES = 2
/** A bare tabletop beside a cloth of the palette that is wished. */
export const BARE_TOP = 0.8

/** What holds for every direction: nothing is lost on its ground, one metal, one family, few hues. Factors, so that one fault is not made good by others. */
export function kinshipOf(look: Look, cast: Uncosted): number {
  return coverKinship(look, cast) * metalKinship(cast) * glassKinship(look, cast)
}

/** The same of linens, plates and napkin alone. Layers put one after the other, from the cloth up to the napkin, never raise it. */
export function coverKinship(look: Look, cover: Cover): number {
  const ground = groundOf(look, cover)
  return plates(look, cover, ground) * linens(look, cover, ground) * fewHues(colorsOf(cover, ground))
}

const groundOf = ({ table }: Look, { cloth }: Pick<Cover, 'cloth'>) => cloth?.color ?? table.color

/** The most that glasses can gain a cast. */
export const GLASS_GAIN = factor.glassAnswers

/** Whether a piece is held against the palette that is wished: metal goes with all. */
export const isHeldToPalette = ({ material }: Piece) => !metals.has(material)

/** How well the layers keep the palette that is wished; 1 where none is. */
export function wishFit(look: Look, cover: Cover): number {
  const { cloth, runner, napkin } = cover
  const pieces = [runner, ...platesOf(cover), napkin].filter((piece) => piece !== null && isHeldToPalette(piece))
  const colors = pieces.map((piece) => piece!.color)
  if (cloth) return paletteFit(look.intent.palette, cloth.color, colors)
  // a bare tabletop is as it is: its colors are not chosen, but a cloth would show them
  return look.intent.palette.length > 0 ? BARE_TOP * paletteFit(look.intent.palette, null, colors) : 1
}

/** Each of `LIKED_LAYERS` that a guest of honor likes gains so much: our own starting values. */
export const LIKED = 1.07
export const LIKED_LAYERS = 2

/** More where the layers are of what a guest of honor likes. */
export function likedFit(cover: Cover, by: (piece: Piece) => string | undefined): number {
  const liked = [cover.cloth, cover.runner, ...platesOf(cover), cover.napkin].filter((piece) => piece && by(piece) !== undefined).length
  return LIKED ** Math.min(LIKED_LAYERS, liked)
}

const isLost = (a: string, b: string) => colorDistance(a, b) < LOST
const colorsOf = ({ runner, charger, dinner, napkin }: Cover, ground: string) =>
  [ground, runner?.color, charger?.color, dinner?.color, napkin?.color].filter((color) => color !== undefined)

function plates({ occasion }: Look, { charger, dinner, upper, napkin }: Cover, ground: string): number {
  const lowest = charger ?? dinner
  // a charger goes with courses that follow one another
  let suits = charger && occasion.courses.length < CHARGER_COURSES ? factor.chargerPlain : 1
  if (lowest && isLost(lowest.color, ground)) suits *= isLost(lowest.accent, ground) ? factor.lowestLost : factor.rimShows
  if (charger && dinner && isLost(charger.color, dinner.color)) suits *= factor.chargerLost
  for (const plate of upper) if (plate.material !== dinner?.material) suits *= factor.otherMaterial
  const top = upper[upper.length - 1] ?? dinner
  return napkin && top && isLost(napkin.color, top.color) ? suits * factor.napkinLost : suits
}

function linens({ occasion }: Look, { cloth, runner }: Cover, ground: string): number {
  const isFormal = occasion.endMin > EVENING_MIN && occasion.courses.length > 2
  const bare = !cloth && isFormal ? factor.bare : 1
  if (!runner) return bare
  return bare * (isLost(runner.color, ground) ? factor.runnerLost : 1) * (cloth && runner.material !== cloth.material ? factor.runnerStuff : 1)
}

/** One metal at a place: of the charger and the flatware. */
export function metalKinship({ charger, flatware }: Pick<Uncosted, 'charger' | 'flatware'>): number {
  const [first] = flatware
  if (!charger || !first) return 1
  const other = metals.has(charger.material) && charger.material !== first.material ? factor.otherMetal : 1
  return other * (isWarm(charger.accent) === isWarm(first.color) ? 1 : factor.coolMetal)
}

const isWarm = (color: string) => oklab(color)[2] > 0.03

/** Stems in the evening, and glass in color that answers a color of the cover. */
export function glassKinship(look: Look, cast: Cover & Pick<Uncosted, 'glasses'>): number {
  const { occasion } = look
  const [water, ...wines] = cast.glasses
  if (!water) return 1
  const tumbler = isTumbler(water) && occasion.endMin > EVENING_MIN && wines.length > 0 ? factor.tumbler : 1
  if (chromaOf(water.color) < GLASS_HUE) return tumbler
  const answers = colorsOf(cast, groundOf(look, cast)).some((color) => chromaOf(color) >= GLASS_HUE && hueApart(color, water.color) < 40)
  return tumbler * (answers ? factor.glassAnswers : factor.glassAlone)
}

const isTumbler = ({ heightMm, bowlMm }: Glass) => heightMm < 1.5 * bowlMm

/** More than two hues beside neutrals are a lot; hues that are near and not the same quarrel. */
function fewHues(colors: readonly string[]): number {
  const hues: string[] = []
  let suits = 1
  for (const color of colors) {
    if (chromaOf(color) < HUE || hues.some((hue) => colorDistance(hue, color) < 0.1)) continue
    if (hues.some((hue) => hueApart(hue, color) < 35 && colorDistance(hue, color) < 0.2 && Math.abs(lightnessOf(hue) - lightnessOf(color)) < 18))
      suits *= factor.quarrel
    hues.push(color)
  }
  return suits * factor.hueTooMany ** Math.max(0, hues.length - HUES_MOST)
}
