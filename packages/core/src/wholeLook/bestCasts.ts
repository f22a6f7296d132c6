import { missedFit } from '../intent/paletteFit.js'
import { clothKept, layerKept, type CastModel, type Kept } from './castModel.js'
import type { Direction } from './direction.js'
import { coverKinship, GLASS_GAIN, glassKinship, metalKinship } from './kinship.js'
import { platesOf, type Cover, type Uncosted } from './laidCast.js'
import type { LayerCast } from './layerCast.js'
import { napkinAtMost, suitsAtMost } from './suitsDirection.js'

/** The layers by which looks are told apart. */
export type ToldLayer = 'cloth' | 'runner' | 'charger' | 'dinner' | 'napkin'

/** How new a piece, or none, is in a layer, 0 to 1. */
export type Newness = (layer: ToldLayer, pieceId: string | null) => number

/** One thing that may be cast: what it adds by itself, the most that it can be worth, and the accents of the palette it meets. */
interface Choice<T> {
  readonly one: T
  readonly own: number
  readonly most: number
  readonly met: number
}

interface Found {
  readonly cast: Uncosted
  readonly worth: number
}

/** Bounds are products of the same factors in another order. */
const ROUNDING = 1 + 1e-9

/**
 * Of all casts those that suit a direction and the money best, the best first; they differ in napkin, cloth or charger. Exact, by branch and bound from
 * the cloth up: what is laid so far is worth no more than its own factors times the most that each layer to come can be worth.
 */
export function bestCasts(model: CastModel, direction: Direction, newness: Newness, most: number): LayerCast[] {
  const { look } = model
  const { cloths, runners, stacks, napkins, glasses } = choicesOf(model, direction, newness)
  const gain = GLASS_GAIN * model.likedGain * top(glasses) * ROUNDING
  const [runnersMost, stacksMost, napkinsMost] = [top(runners), top(stacks), top(napkins)]
  const missed = (met: number) => missedFit(look.intent.palette, met)
  const napkinsWith = remembered((met) => Math.max(0, ...napkins.map((napkin) => napkin.most * missed(met | napkin.met))))
  const best = createBest(most)
  for (const cloth of cloths) {
    const first: Cover = { cloth: cloth.one, runner: null, charger: null, dinner: null, upper: [], napkin: null }
    const onCloth = cloth.most * gain
    if (onCloth * runnersMost * stacksMost * napkinsMost * coverKinship(look, first) <= best.least()) continue
    for (const runner of runners) {
      const second: Cover = { ...first, runner: runner.one }
      const onLinens = onCloth * runner.most * coverKinship(look, second) * suitsAtMost(direction, second)
      if (onLinens * stacksMost * napkinsMost <= best.least()) continue
      for (const stack of stacks) {
        if (onLinens * stack.most * napkinsMost <= best.least()) break
        const third: Cover = { ...second, ...stack.one }
        const onPlates = onCloth * runner.most * stack.most * coverKinship(look, third) * suitsAtMost(direction, third)
        const met = cloth.met | runner.met | stack.met
        if (onPlates * napkinsWith(met) <= best.least()) continue
        const own = cloth.own * runner.own * stack.own
        for (const napkin of napkins) {
          if (onPlates * napkin.most <= best.least()) break
          if (onPlates * napkin.most * missed(met | napkin.met) <= best.least()) continue
          const cover: Cover = { ...third, napkin: napkin.one }
          const key = `${napkin.one?.id} ${cloth.one?.id} ${stack.one.charger?.id}`
          const found = withWare(model, cover, own * napkin.own * model.cover(cover, direction), glasses, best.least(key))
          if (found) best.put(key, found)
        }
      }
    }
  }
  return best.ordered().map(({ cast }) => ({ ...cast, kinship: model.kinship(cast), costCents: model.costCents(cast) }))
}

/** What may be tried for each layer, what can be worth most first. */
function choicesOf(model: CastModel, direction: Direction, newness: Newness) {
  const { look, layers, own } = model
  const isNew = (layer: ToldLayer, piece: { readonly id: string } | null) => newness(layer, piece?.id ?? null)
  return {
    cloths: ranked(layers.cloths, (one) => choice(one, own.cloth(one) * isNew('cloth', one), clothKept(model, one))),
    runners: ranked(layers.runners, (one) => choice(one, own.runner(one) * isNew('runner', one), layerKept(model, [one]))),
    stacks: ranked(layers.stacks, (one) =>
      choice(one, own.stack(one) * isNew('charger', one.charger) * isNew('dinner', one.dinner), layerKept(model, platesOf(one)))
    ),
    napkins: ranked(layers.napkins, (one) => {
      const { fit, met } = layerKept(model, [one])
      return choice(one, own.napkin(one) * isNew('napkin', one), { fit: fit * napkinAtMost(direction, look, one), met })
    }),
    glasses: ranked(layers.glasses, (one) => choice(one, own.glasses(one), { fit: 1, met: 0 }))
  }
}

const choice = <T>(one: T, own: number, { fit, met }: Kept): Choice<T> => ({ one, own, most: own * fit, met })

/** The best so far, one for each napkin, cloth and charger. */
function createBest(most: number) {
  const byKey = new Map<string, Found>()
  let least = 0
  return {
    /** What one has to be worth more than: the least of the best, and what has the same napkin, cloth and charger. */
    least: (key?: string) => (key === undefined ? least : Math.max(least, byKey.get(key)?.worth ?? 0)),
    put: (key: string, found: Found) => {
      byKey.set(key, found)
      if (byKey.size > most) byKey.delete([...byKey].reduce((a, b) => (b[1].worth < a[1].worth ? b : a))[0])
      if (byKey.size === most) least = Math.min(...[...byKey.values()].map((one) => one.worth))
    },
    ordered: () => [...byKey.values()].sort((a, b) => b.worth - a.worth)
  }
}

/** A cover with the glasses and flatware it is worth most with; undefined where that is no more than `atLeast`. */
function withWare(
  { look, layers, room }: CastModel,
  cover: Cover,
  worth: number,
  glasses: readonly Choice<LayerCast['glasses']>[],
  atLeast: number
): Found | undefined {
  let found: Found | undefined
  let least = atLeast
  for (const glass of glasses) {
    if (worth * glass.own * GLASS_GAIN * ROUNDING <= least) break
    const filled = worth * glass.own * glassKinship(look, { ...cover, glasses: glass.one })
    if (filled <= least) continue
    for (const flatware of layers.flatware) {
      const cast: Uncosted = { ...cover, glasses: glass.one, flatware }
      const whole = filled * metalKinship(cast)
      if (whole <= least) continue
      const roomy = whole * room(cast)
      if (roomy <= least) continue
      least = roomy
      found = { cast, worth: roomy }
    }
  }
  return found
}

/** Those that can be worth most first, else in their order. */
function ranked<T>(list: readonly T[], of: (one: T) => Choice<T>): Choice<T>[] {
  return list.map(of).sort((a, b) => b.most - a.most)
}

function remembered(of: (met: number) => number): (met: number) => number {
  const known = new Map<number, number>()
  return (met) => {
    const value = known.get(met) ?? of(met)
    known.set(met, value)
    return value
  }
}

const top = (choices: readonly Choice<unknown>[]) => choices[0]?.most ?? 0
