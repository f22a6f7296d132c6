import type { Look } from '../design/look.js'
import type { Cloth } from '../design/piece.js'
import { likedBy } from '../intent/liked.js'
import { clothFit } from '../linens/clothFit.js'
import type { Layer } from '../design/layers.js'
import { fitsBeside } from '../settings/fitsBeside.js'
import { seatPlan } from '../seating/seatPlan.js'
import { kinshipOf, likedFit, wishFit } from './kinship.js'
import type { Uncosted } from './laidCast.js'
import type { LayerCast } from './layerCast.js'
import { layerOptions, type LayerOptions } from './layerOptions.js'
import { layLayers } from './layLayers.js'
import { suitsDirection } from './suitsDirection.js'
import { waresOf, type Wares } from './wares.js'
import type { Direction } from './direction.js'
import type { WholeLookOptions } from './wholeLook.js'

/** A cloth that hangs off what its style asks loses by so much. Our own starting value. */
const OFF_MM = 110

/** Settings that run into their neighbors' are worth so much of those that do not. Our own starting value. */
const CROWDED = 0.6

/** All casts of the layers that can be had for every guest, none of them judged by a direction yet. */
export function layerCasts(look: Look, options: WholeLookOptions): LayerCast[] {
  const wares = waresOf(look, options)
  const { outline } = seatPlan(look)
  const hangs = new Map<Cloth, number>()
  const hangOf = (cloth: Cloth | null) => {
    if (!cloth) return 1
    const known = hangs.get(cloth) ?? Math.exp(-clothFit(look, outline, cloth).offMm / OFF_MM)
    hangs.set(cloth, known)
    return known
  }
  const by = likedBy(look.intent)
  const keep = new Set(options.keep)
  const room = roomAtPlaces(look, keep)
  return combined(layerOptions(look, wares, keep)).map((cast) => ({
    ...cast,
    kinship: kinshipOf(look, cast) * wishFit(look, cast) * hangOf(cast.cloth) * likedFit(cast, by) * (room(cast) ? 1 : CROWDED),
    costCents: costOf(cast, wares, Math.max(1, look.guests.length))
  }))
}

/** Whether a cast finds room at every place, asked once for all that take as much. */
function roomAtPlaces(look: Look, keep: ReadonlySet<Layer>): (cast: Uncosted) => boolean {
  const known = new Map<string, boolean>()
  return (cast) => {
    const widest = Math.max(0, ...[cast.charger, cast.dinner, ...cast.upper].map((plate) => plate?.diameterMm ?? 0))
    const key = [widest, ...cast.glasses.map((glass) => glass.id), ...cast.flatware.map((one) => one.id)].join(' ')
    const before = known.get(key)
    if (before !== undefined) return before
    const fits = fitsBeside(layLayers(look, { ...cast, costCents: 0, kinship: 1 }, 'tonal', keep))
    known.set(key, fits)
    return fits
  }
}

function combined({ cloths, runners, stacks, napkins, glasses, flatware }: LayerOptions): Uncosted[] {
  const with_ = <A extends object, K extends string, B>(list: readonly A[], name: K, values: readonly B[]) =>
    list.flatMap((one) => values.map((value) => ({ ...one, [name]: value }) as A & Record<K, B>))
  const linens = with_(with_([{}], 'cloth', cloths), 'runner', runners)
  const laid = linens.flatMap((one) => stacks.map(({ charger, dinner, upper }) => ({ ...one, charger, dinner, upper })))
  return with_(with_(with_(laid, 'napkin', napkins), 'glasses', glasses), 'flatware', flatware)
}

function costOf({ cloth, runner, charger, dinner, upper, napkin, glasses }: Uncosted, wares: Wares, guests: number): number {
  const sum = (pieces: readonly ({ readonly id: string } | null)[], count: number) =>
    pieces.reduce((cents, piece) => cents + (piece ? (wares.costCents(piece.id, count) ?? 0) : 0), 0)
  return sum([charger, dinner, ...upper, napkin, ...glasses], guests) + sum([cloth, runner], 1)
}

/** The casts that suit a direction and the money best first. `newness` lowers those too like what was chosen before. */
export function bestCasts(
  look: Look,
  casts: readonly LayerCast[],
  direction: Direction,
  workingCents: number,
  newness: (cast: LayerCast) => number,
  most: number
): LayerCast[] {
  const worth = (cast: LayerCast) =>
    cast.kinship * suitsDirection(direction, look, cast) * Math.exp(-cast.costCents / Math.max(1, workingCents)) * newness(cast)
  return casts
    .map((cast) => ({ cast, worth: worth(cast) }))
    .sort((a, b) => b.worth - a.worth)
    .slice(0, most)
    .map(({ cast }) => cast)
}
