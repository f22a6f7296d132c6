import type { Layer } from '../design/layers.js'
import type { Look } from '../design/look.js'
import type { Cloth, Piece } from '../design/piece.js'
import { accentsMet, colorFit, groundFit } from '../intent/paletteFit.js'
import { likedBy } from '../intent/liked.js'
import { clothFit } from '../linens/clothFit.js'
import { seatPlan } from '../seating/seatPlan.js'
import { fitsBeside } from '../settings/fitsBeside.js'
import { mixedFit } from './byTurns.js'
import type { Direction } from './direction.js'
import { BARE_TOP, coverKinship, glassKinship, isHeldToPalette, LIKED, LIKED_LAYERS, likedFit, metalKinship, wishFit } from './kinship.js'
import { platesOf, type Cover, type Uncosted } from './laidCast.js'
import { keepingRecipe, layerOptions, type LayerOptions, type Stack } from './layerOptions.js'
import { layLayers } from './layLayers.js'
import { suitsDirection } from './suitsDirection.js'
import { waresOf, type Wares } from './wares.js'
import type { WholeLookOptions } from './wholeLook.js'

/** A cloth that hangs off what its style asks loses by so much. Our own starting value. */
const OFF_MM = 110
/** Settings that run into their neighbors' are worth so much of those that do not. Our own starting value. */
const CROWDED = 0.6
/** From so many times the money on it falls no faster than the price rises: what nobody can pay is still cast, the cheaper first, and told. */
const DEAREST = 60

/** What may be cast for a table, and what it is worth: factors of single things, of things together, and of the room they find. */
export interface CastModel {
  readonly look: Look
  readonly wares: Wares
  readonly layers: LayerOptions
  /** What one thing adds by itself whatever is laid with it: how a cloth hangs, and what has to be paid. */
  readonly own: {
    readonly cloth: (cloth: LayerOptions['cloths'][number]) => number
    readonly runner: (runner: LayerOptions['runners'][number]) => number
    readonly stack: (stack: Stack) => number
    readonly napkin: (napkin: LayerOptions['napkins'][number]) => number
    readonly glasses: (glasses: LayerOptions['glasses'][number]) => number
  }
  /** How linens, plates and napkin go together and with a direction. */
  readonly cover: (cover: Cover, direction: Direction) => number
  /** What is left for want of room at the places: 1 where there is room. */
  readonly room: (cast: Uncosted) => number
  readonly costCents: (cast: Uncosted) => number
  /** How well all of it goes together whatever the direction and the money. */
  readonly kinship: (cast: Uncosted) => number
  /** The most that what a guest of honor likes can gain. */
  readonly likedGain: number
}

/** What a cast is worth by a direction. */
export function castWorth({ look, own, cover, room }: CastModel, cast: Uncosted, direction: Direction): number {
  const alone = own.cloth(cast.cloth) * own.runner(cast.runner) * own.stack(cast) * own.napkin(cast.napkin) * own.glasses(cast.glasses)
  return alone * cover(cast, direction) * glassKinship(look, cast) * metalKinship(cast) * room(cast)
}

export function castModel(look: Look, options: WholeLookOptions, workingCents: number): CastModel {
  const wares = waresOf(look, options)
  const keep = new Set(options.keep)
  const layers = keepingRecipe(options.recipe, layerOptions(look, wares, keep))
  const guests = Math.max(1, look.guests.length)
  const by = likedBy(look.intent)
  const hang = hangOf(look)
  const room = roomAtPlaces(look, keep)
  const { turns } = layers
  const cost = (pieces: readonly (Piece | null)[], count: number) =>
    costOf(
      wares,
      pieces.filter((piece) => piece && !turns.has(piece)),
      count
    )
  const paid = (pieces: readonly (Piece | null)[], count: number) => leftAt(cost(pieces, count) / Math.max(1, workingCents)) * mixedFit(turns, pieces)
  const together = (cover: Cover) => coverKinship(look, cover) * wishFit(look, cover) * likedFit(cover, by)
  const all: readonly (Piece | null)[] = [...layers.cloths, ...layers.runners, ...layers.stacks.flatMap(platesOf), ...layers.napkins]
  return {
    look,
    wares,
    layers,
    own: {
      cloth: (cloth) => hang(cloth) * paid([cloth], 1),
      runner: (runner) => paid([runner], 1),
      stack: (stack) => paid(platesOf(stack), guests),
      napkin: (napkin) => paid([napkin], guests),
      glasses: (glasses) => paid(glasses, guests)
    },
    cover: (cover, direction) => together(cover) * suitsDirection(direction, look, cover),
    room,
    costCents: (cast) => cost([...platesOf(cast), cast.napkin, ...cast.glasses], guests) + cost([cast.cloth, cast.runner], 1),
    kinship: (cast) =>
      together(cast) *
      hang(cast.cloth) *
      glassKinship(look, cast) *
      metalKinship(cast) *
      room(cast) *
      mixedFit(turns, [...platesOf(cast), cast.napkin, ...cast.glasses]),
    likedGain: all.some((piece) => piece && by(piece) !== undefined) ? LIKED ** LIKED_LAYERS : 1
  }
}

/** What one layer leaves of a cast by itself for the palette that is wished, and which accents of it it meets, a bit each. */
export interface Kept {
  readonly fit: number
  readonly met: number
}

export function clothKept({ look: { intent } }: CastModel, cloth: Cloth | null): Kept {
  const { palette } = intent
  return cloth ? { fit: groundFit(cloth.color, palette), met: accentsMet(cloth.color, palette) } : { fit: palette.length > 0 ? BARE_TOP : 1, met: 0 }
}

export function layerKept({ look: { intent } }: CastModel, pieces: readonly (Piece | null)[]): Kept {
  const { palette } = intent
  const held = pieces.flatMap((piece) => (piece && isHeldToPalette(piece) ? [piece.color] : []))
  return {
    fit: held.reduce((product, color) => product * colorFit(color, palette), 1),
    met: held.reduce((bits, color) => bits | accentsMet(color, palette), 0)
  }
}

/** What a price leaves of a thing's worth, by how many times the money it is. */
const leftAt = (times: number) => (times < DEAREST ? Math.exp(-times) : (Math.exp(-DEAREST) * DEAREST) / times)

function hangOf(look: Look): (cloth: Cloth | null) => number {
  const { outline } = seatPlan(look)
  const known = new Map<Cloth, number>()
  return (cloth) => {
    if (!cloth) return 1
    const hang = known.get(cloth) ?? Math.exp(-clothFit(look, outline, cloth).offMm / OFF_MM)
    known.set(cloth, hang)
    return hang
  }
}

function costOf(wares: Wares, pieces: readonly (Piece | null)[], count: number): number {
  return pieces.reduce((cents, piece) => cents + (piece ? (wares.costCents(piece.id, count) ?? 0) : 0), 0)
}

/** Whether a cast finds room at every place, asked once for all that take as much. */
function roomAtPlaces(look: Look, keep: ReadonlySet<Layer>): (cast: Uncosted) => number {
  const known = new Map<string, number>()
  return (cast) => {
    const widest = Math.max(0, ...platesOf(cast).map((plate) => plate?.diameterMm ?? 0))
    const key = [widest, ...cast.glasses.map((glass) => glass.id), ...cast.flatware.map((one) => one.id)].join(' ')
    const before = known.get(key)
    if (before !== undefined) return before
    const room = fitsBeside(layLayers(look, { ...cast, costCents: 0, kinship: 1 }, 'tonal', keep)) ? 1 : CROWDED
    known.set(key, room)
    return room
  }
}
