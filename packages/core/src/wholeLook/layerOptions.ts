import { colorDistance } from '../color/colorWords.js'
import type { Look } from '../design/look.js'
import type { Cloth, Flatware, Glass, Napkin, PieceOf, Plate, Runner } from '../design/piece.js'
import { halfLengthMm } from '../geometry/outline.js'
import { clothFit } from '../linens/clothFit.js'
import { glassesAsked } from '../menu/menuFindings.js'
import { seatPlan } from '../seating/seatPlan.js'
import { flatwarePatterns } from '../settings/flatwarePatterns.js'
import { laidCast } from './laidCast.js'
import type { LayerCast } from './layerCast.js'
import { askedFlatware, askedUppers } from './askedWare.js'
import { turnsOf, type Turns } from './byTurns.js'
import type { LookRecipe } from './recipe.js'
import type { Wares } from './wares.js'
import type { Layer } from '../design/layers.js'

export type Stack = Pick<LayerCast, 'charger' | 'dinner' | 'upper'>

/** What may be tried for each layer; none of an empty list, so that there always is something to try. */
export interface LayerOptions {
  readonly cloths: readonly (Cloth | null)[]
  readonly runners: readonly (Runner | null)[]
  readonly stacks: readonly Stack[]
  readonly napkins: readonly (Napkin | null)[]
  readonly glasses: readonly (readonly Glass[])[]
  readonly flatware: readonly (readonly Flatware[])[]
  /** What of these are sets too small for everybody, and what lies at the other places. */
  readonly turns: Turns
}

/** A runner hangs over the ends no further than this, or covers at least this share of the table: our own starting values. */
const RUNNER_OVER_MM = 330
const RUNNER_SHORT = 0.55
/** A cloth that hangs further than this from what its style asks is not laid. Our own starting value. */
const MOST_OFF_MM = 90
/** A charger shows so much all round. Our own starting value. */
const CHARGER_SHOWS_MM = 10

/** All of each layer that can be had for everybody or take turns, or what is laid now where that is kept. */
export function layerOptions(look: Look, wares: Wares, keep: ReadonlySet<Layer>): LayerOptions {
  const count = Math.max(1, look.guests.length)
  const laid = laidCast(look)
  const turns = turnsOf(look, wares, keep)
  const having = <K extends 'plate' | 'napkin' | 'glass' | 'flatware'>(kind: K): PieceOf<K>[] => [
    ...wares.enough(kind, count),
    ...[...turns.keys()].filter((piece): piece is PieceOf<K> => piece.kind === kind)
  ]
  return withAnchor(look.intent.anchorId, {
    cloths: keep.has('linens') ? [laid.cloth] : [null, ...hanging(look, wares)],
    runners: keep.has('linens') ? [laid.runner] : [null, ...reaching(look, wares)],
    stacks: keep.has('plates') ? [{ charger: laid.charger, dinner: laid.dinner, upper: laid.upper }] : orElse(plateStacks(look, having('plate')), noPlates),
    napkins: keep.has('napkins') ? [laid.napkin] : orElse(having('napkin'), null),
    glasses: keep.has('glasses') ? [laid.glasses] : orElse(glassFamilies(look, having('glass')), []),
    flatware: keep.has('flatware') ? [laid.flatware] : orElse(fullPatterns(look, having('flatware')), []),
    turns
  })
}

/** A layer the anchor can be is tried with it alone. */
function withAnchor(anchorId: string | null, options: LayerOptions): LayerOptions {
  if (anchorId === null) return options
  const having = <T>(list: readonly T[], pieces: (one: T) => readonly ({ readonly id: string } | null)[]) => {
    const those = list.filter((one) => pieces(one).some((piece) => piece?.id === anchorId))
    return those.length > 0 ? those : list
  }
  return {
    ...options,
    cloths: having(options.cloths, (one) => [one]),
    runners: having(options.runners, (one) => [one]),
    stacks: having(options.stacks, ({ charger, dinner, upper }) => [charger, dinner, ...upper]),
    napkins: having(options.napkins, (one) => [one]),
    glasses: having(options.glasses, (one) => one),
    flatware: having(options.flatware, (one) => one)
  }
}

const orElse = <T>(list: readonly T[], otherwise: T): readonly T[] => (list.length > 0 ? list : [otherwise])

const noPlates: Stack = { charger: null, dinner: null, upper: [] }

/** Cloths that hang here nearly as their style asks. */
function hanging(look: Look, wares: Wares): Cloth[] {
  const { outline } = seatPlan(look)
  return wares.enough('cloth', 1).filter((cloth) => clothFit(look, outline, cloth).offMm < MOST_OFF_MM)
}

/** Runners that end on the table with some of it bare, or hang a little. */
function reaching(look: Look, wares: Wares): Runner[] {
  const lengthMm = 2 * halfLengthMm(seatPlan(look).outline)
  const fits = (runner: Runner) => runner.lengthMm >= RUNNER_SHORT * lengthMm && runner.lengthMm <= lengthMm + 2 * RUNNER_OVER_MM
  return wares.enough('runner', 1).filter((runner) => fits(runner) && runner.flaws.length === 0)
}

/** A dinner plate with what the courses put on it, with and without a charger. */
function plateStacks(look: Look, plates: readonly Plate[]): Stack[] {
  const of = (role: Plate['role']) => plates.filter((plate) => plate.role === role)
  const roles = askedUppers(look)
  return of('dinner').flatMap((dinner) => {
    const smaller = (role: Plate['role']) => of(role).filter((plate) => plate.diameterMm < dinner.diameterMm)
    const upper = roles.flatMap((role) => smaller(role).sort((a, b) => apart(a, dinner) - apart(b, dinner))[0] ?? [])
    const chargers = of('charger').filter((charger) => charger.diameterMm > dinner.diameterMm + 2 * CHARGER_SHOWS_MM)
    return [null, ...chargers].map((charger) => ({ charger, dinner, upper }))
  })
}

/** Of one family: by color and material; sizes differ by what plates are for. */
const apart = (a: Plate, b: Plate) => colorDistance(a.color, b.color) + (a.material === b.material ? 0 : 0.1)

/** A glass for water and for each drink poured, of one color as far as there is. */
function glassFamilies(look: Look, glasses: readonly Glass[]): Glass[][] {
  const serves = (glass: Glass, role: Glass['role']) => glass.role === role || (look.menu.oneGlass && role === 'red' && glass.role === 'white')
  const others = glassesAsked(look.menu).filter((role) => role !== 'water')
  return glasses
    .filter((glass) => glass.role === 'water')
    .map((water) => {
      const near = (glass: Glass) => colorDistance(glass.color, water.color)
      return [water, ...others.flatMap((role) => glasses.filter((glass) => serves(glass, role)).sort((a, b) => near(a) - near(b))[0] ?? [])]
    })
}

/** Patterns that have most of what the courses ask for. */
function fullPatterns(look: Look, flatware: readonly Flatware[]): (readonly Flatware[])[] {
  const asked = askedFlatware(look)
  const fullness = (pieces: readonly Flatware[]) => pieces.filter((piece) => asked.has(piece.role)).length
  const patterns = flatwarePatterns(flatware).map(({ pieces }) => pieces)
  const most = Math.max(1, ...patterns.map(fullness))
  return patterns.filter((pieces) => fullness(pieces) === most)
}

/** Of what may be tried, what has cloth, runner and charger as the recipe has them, as far as there is such. */
export function keepingRecipe(recipe: LookRecipe | undefined, options: LayerOptions): LayerOptions {
  if (!recipe) return options
  const kept = <T>(list: readonly T[], isAsAsked: (one: T) => boolean) => (list.some(isAsAsked) ? list.filter(isAsAsked) : list)
  return {
    ...options,
    cloths: kept(options.cloths, (cloth) => (cloth !== null) === recipe.cloth),
    runners: kept(options.runners, (runner) => (runner !== null) === recipe.runner),
    stacks: kept(options.stacks, ({ charger }) => (charger !== null) === recipe.charger)
  }
}
