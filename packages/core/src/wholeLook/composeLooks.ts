import { createAssessor, type Assessor } from '../assess/assess.js'
import { composeMiddles } from '../composer/compose.js'
import { worthOf } from '../composer/different.js'
import type { Idea, Refusal } from '../composer/idea.js'
import { patternNames, type Look, type PatternName } from '../design/look.js'
import type { Mood } from '../design/intent.js'
import { applyEdit } from '../design/edit.js'
import { isStanding, type Piece } from '../design/piece.js'
import type { SmallerStep } from '../design/remedyShapes.js'
import { usedIds } from '../design/pieceUses.js'
import { colorFigures } from '../palette/colorFigures.js'
import { bestCasts, type Newness } from './bestCasts.js'
import { castModel, type CastModel } from './castModel.js'
import type { LayerCast } from './layerCast.js'
import { alternating, answeringNapkin } from './answeringNapkin.js'
import { lackingOf } from './lacking.js'
import { layLayers } from './layLayers.js'
import { lookFigures } from './lookFigures.js'
import { OVER_BUDGET, scoreOf } from './lookScore.js'
import { mendLook } from './mendLook.js'
import { likeHero, type LookRecipe } from './recipe.js'
import { byTaste } from './byTaste.js'
import { suitsDirection } from './suitsDirection.js'
import { whyLayers } from './whyLayers.js'
import { directions, type Direction } from './direction.js'
import { type WholeLook, type WholeLookOptions } from './wholeLook.js'
import { type Layer } from '../design/layers.js'

/** Patterns that carry a direction, the likeliest first; common practice, no source. */
const patternsOf: Readonly<Record<Direction, readonly PatternName[]>> = {
  tonal: ['flanked', 'open-middle', 'run', 'one-focus'],
  accent: ['one-focus', 'run', 'bud-vases', 'flanked'],
  contrast: ['run', 'open-middle', 'flanked', 'gathered-tray'],
  natural: ['garland', 'patch', 'gathered-tray', 'edible-board'],
  colorful: ['bud-vases', 'scatter', 'patch', 'one-focus']
}
/** Of a direction so many casts are laid whole. Effort of the middle beside the usual. */
const CASTS_LAID = 2
const CASTS_TRIED = 4
const MORE_CASTS = 4
const EFFORT = 0.5
/** How far a layer met in an earlier look lowers a cast, and a hero or pattern met before an idea: our own starting values. */
const again = { napkin: 0.7, runner: 0.82, cloth: 0.85, charger: 0.9, dinner: 0.92, none: 0.94, hero: 0.76, pattern: 0.7 } as const
/** Layers that suit a direction less than this do not show it, and it is said. Our own starting value. */
const FOLLOWED = 0.5
const PALETTE_CELLS = 140
const MOST_COLORS = 7

/**
 * Lays whole tables from a look's brief, cupboard and money: linens, plates, glasses, flatware and napkin cast together by a direction, the middle
 * composed on them, then mended. Looks differ in direction, and as far as the cupboard lets them in napkin, cloth, hero and pattern. What is kept
 * stays; what cannot be met is left as findings and told. Same look and options, same looks; the look is not written.
 */
export function composeLooks(asked: Look, options: WholeLookOptions): WholeLook[] {
  const { recipe, begun = [] } = options
  const look = recipe ? after(asked, recipe) : asked
  const assessor = createAssessor()
  const model = castModel(look, options, assessor.measure(look).figures.money.workingCents)
  const task: Task = {
    asked,
    look,
    offered: withOffers(look, options),
    options,
    keep: new Set(options.keep),
    model,
    assessor,
    beyond: new Set(),
    found: [...begun],
    led: new Map()
  }
  const ordered = recipe ? [recipe.direction] : directionsOf(look.intent.moods)
  const shown: ReadonlySet<string>[] = [...(options.earlier ?? []).map((one) => new Set(one.pieceIds)), ...begun.map(idsChosen)]
  for (let i = begun.length; i < options.want; i++) {
    if (options.onProgress?.(i, options.want, task.found) === false) break
    const direction = ordered[(((i + options.seed - 1) % ordered.length) + ordered.length) % ordered.length]!
    const laid: WholeLook[] = []
    const times = isThorough(options) ? MORE_CASTS : 1
    for (const cast of bestCasts(model, direction, newnessAmong(shown), times * CASTS_TRIED)) {
      if (laid.filter((whole) => whole.figures.middleScore !== null).length === times * CASTS_LAID) break
      laid.push(affordable(task, cast, direction))
    }
    const seen = laid.map((whole) => ({ ...whole, palette: paletteOf(whole.look) }))
    const [next] = options.taste ? byTaste(seen, options.taste) : seen.sort((a, b) => b.score - a.score)
    if (!next) continue
    task.found.push(next)
    shown.push(idsChosen(next))
  }
  options.onProgress?.(options.want, options.want, task.found)
  return options.taste ? byTaste(task.found, options.taste) : task.found
}

const idsChosen = ({ choices }: WholeLook) => new Set(choices.map((choice) => choice.pieceId))

/** Directions that moods are known by, those of the first mood first; common practice, no source. */
const directionsOfMood: Readonly<Record<Mood, readonly Direction[]>> = {
  calm: ['tonal', 'natural'],
  elegant: ['tonal', 'contrast'],
  romantic: ['tonal', 'accent'],
  rustic: ['natural', 'contrast'],
  fresh: ['natural', 'accent'],
  festive: ['accent', 'contrast'],
  lively: ['colorful', 'accent'],
  bold: ['contrast', 'colorful']
}

/** All directions, those of the moods first. */
function directionsOf(wished: readonly Mood[]): Direction[] {
  return [...new Set([...wished.flatMap((mood) => directionsOfMood[mood]), ...directions])]
}

/** The look with a recipe's colors, and of what the house has what is likest to its leading piece. */
function after(look: Look, recipe: LookRecipe): Look {
  const { intent, pieces } = look
  return { ...look, intent: { ...intent, palette: recipe.palette, anchorId: intent.anchorId ?? likeHero(recipe, pieces) } }
}

/** What is composed for, and what was found of it so far. */
interface Task {
  readonly asked: Look
  /** The look with the wishes it is composed by. */
  readonly look: Look
  /** The look with what of the shops may be laid. */
  readonly offered: Look
  readonly options: WholeLookOptions
  readonly keep: ReadonlySet<Layer>
  readonly model: CastModel
  readonly assessor: Assessor
  readonly beyond: Set<string>
  readonly found: WholeLook[]
  /** The middle that did best on the first cast of a direction, and how good it is. */
  readonly led: Map<Direction, { readonly pattern: PatternName; readonly worth: number }>
}

const isThorough = ({ effort = 1 }: WholeLookOptions) => effort >= MORE_CASTS
/** The middle's part of the effort: what more casts take is not its. */
const middleEffort = (options: WholeLookOptions) => (EFFORT * (options.effort ?? 1)) / (isThorough(options) ? MORE_CASTS : 1)

/** Less for each look shown before that a layer was in, or that had none of it either. */
function newnessAmong(shown: readonly ReadonlySet<string>[]): Newness {
  return (layer, pieceId) => shown.reduce((share, ids) => share * (pieceId === null ? again.none : ids.has(pieceId) ? again[layer] : 1), 1)
}

/** Laid with what may be bought, or where that goes over the money or finds no middle with a middle of what is owned. */
function affordable(task: Task, cast: LayerCast, direction: Direction): WholeLook {
  const whole = layWhole(task, cast, direction, task.options.from)
  const isGood = whole.figures.leftCents >= 0 && (whole.figures.middleScore !== null || task.look.guests.length === 0)
  if (isGood || task.options.from === 'owned') return whole
  const owned = layWhole(task, cast, direction, 'owned')
  const cheaper = whole.figures.leftCents < 0 && owned.figures.leftCents > whole.figures.leftCents && owned.figures.middleScore !== null
  return cheaper || owned.score > whole.score ? { ...owned, spared: true } : whole
}

/** A cast laid with a middle of what `middleFrom` lets it have, and mended. */
function layWhole(task: Task, cast: LayerCast, direction: Direction, middleFrom: WholeLookOptions['from']): WholeLook {
  const { asked, look, offered, options, keep, model, assessor, beyond } = task
  const { turns } = model.layers
  const layered = layLayers(offered, cast, direction, keep, options.recipe?.fold ?? null, turns)
  const middle = keep.has('middle') ? { ...nothingAsked, laid: layered } : middleWithRoom(layered, direction, { ...options, from: middleFrom }, task)
  const { idea, worth, refusals, laid, smaller } = middle
  if (idea?.pattern && !task.led.has(direction)) task.led.set(direction, { pattern: idea.pattern, worth })
  const composed = idea ? { ...laid, centerpiece: idea.centerpiece, school: { ...laid.school, pattern: idea.pattern } } : laid
  const alike = pruned(look, mendLook({ ...composed, intent: asked.intent }, assessor, keep, beyond))
  const second =
    direction === 'colorful' && cast.napkin && alike.kinds.others.length === 0 && !places.some((layer) => keep.has(layer))
      ? answeringNapkin(alike, cast.napkin, cast.upper.at(-1) ?? cast.dinner, options)
      : null
  const mended = second ? betterOf(assessor, alike, alternating(alike, second)) : alike
  const measured = assessor.measure(mended)
  const figures = lookFigures(measured)
  const suits = suitsDirection(direction, look, cast)
  // what gains more than nothing lost does not go together better than wholly
  const castScore = Math.min(1, cast.kinship * suits)
  const used = usedIds(mended)
  return {
    direction,
    look: mended,
    pattern: idea?.pattern ?? mended.school.pattern,
    heroId: idea ? heroIdOf(idea) : null,
    choices: whyLayers(look, cast, direction, keep, turns, mended === alike ? null : second).filter((choice) => used.has(choice.pieceId)),
    palette: [],
    score: scoreOf(castScore, figures),
    castScore,
    followed: suits >= FOLLOWED,
    toMend: measured.findings.filter((finding) => finding.severity !== 'note'),
    spared: false,
    smaller,
    lacking: asked.guests.length > 0 ? lackingOf(look, model.wares, cast, keep) : [],
    clearedForMeal: idea?.clearedForMeal ?? false,
    refusals,
    figures
  }
}

/** What of everybody's places one may have kept: then nobody's place changes. */
const places: readonly Layer[] = ['plates', 'napkins', 'glasses', 'flatware']

/** The second look, where it brings nothing that is more than a note. */
function betterOf(assessor: Assessor, first: Look, second: Look): Look {
  const graver = (look: Look) => assessor.measure(look).findings.filter((finding) => finding.severity !== 'note').length
  return graver(second) <= graver(first) ? second : first
}

/** The middle that suits best, if there is one, and how good it is. */
interface Middle {
  readonly idea?: Idea
  readonly worth: number
  readonly refusals: readonly Refusal[]
}

const nothingAsked: Middle & { readonly smaller: readonly SmallerStep[] } = { worth: 0, refusals: [], smaller: [] }

/** The look with what the shops sell beside its own offers, and their pieces for a middle, as far as things may be bought. */
function withOffers(look: Look, { from, shelf }: WholeLookOptions): Look {
  if (from === 'owned' || !shelf) return look
  const known = new Set(look.pieces.map((piece) => piece.id))
  const offered = new Set(look.offers.map((offer) => offer.id))
  return {
    ...look,
    pieces: [...look.pieces, ...shelf.pieces.filter((piece) => !known.has(piece.id) && forMiddle(piece, from))],
    offers: [...look.offers, ...shelf.offers.filter((offer) => !offered.has(offer.id))]
  }
}

function forMiddle(piece: Piece, from: WholeLookOptions['from']): boolean {
  const wilts = piece.kind === 'stem' || piece.kind === 'candle' || piece.material === 'fruit'
  return wilts || (from === 'all-new' && isStanding(piece))
}

/** What came along from the shelf and is not laid goes again, with its offers. */
function pruned(before: Look, after: Look): Look {
  const used = usedIds(after)
  const known = new Set(before.pieces.map((piece) => piece.id))
  const offered = new Set(before.offers.map((offer) => offer.id))
  return {
    ...after,
    pieces: after.pieces.filter((piece) => known.has(piece.id) || used.has(piece.id)),
    offers: after.offers.filter((offer) => offered.has(offer.id) || used.has(offer.pieceId))
  }
}

/** A pattern that does not suit the table beside one that does: our own starting value. */
const AWKWARD = 0.6

/**
 * On a round table a garland is a stroke across it, and a run lies askew to a runner; round the corner of tables joined one thing leaves most
 * guests nothing. Common practice, no source.
 */
function isAwkward(pattern: PatternName, { table, linens }: Look): boolean {
  const { shape } = table
  if (shape.kind === 'joined' && shape.form !== 'straight') return pattern === 'one-focus'
  const isRound = shape.kind === 'round' || shape.kind === 'square'
  return isRound && (pattern === 'garland' || (pattern === 'run' && linens.runner !== null))
}

/** A middle on the laid table, or where there is no room for one that suits it, or for a light in it, on the table with a smaller setting. */
function middleWithRoom(look: Look, direction: Direction, options: WholeLookOptions, task: Task): typeof nothingAsked & { laid: Look } {
  const found = middleFor(look, direction, options, task)
  const asLaid = { ...found, laid: look, smaller: [] }
  const { idea } = found
  const isDone = idea !== undefined && !idea.unlit && !(idea.pattern && isAwkward(idea.pattern, look))
  if (isDone || options.keep?.some((layer) => layer === 'plates' || layer === 'flatware' || layer === 'napkins')) return asLaid
  const smaller = leastSmaller(look, direction, options)
  if (!smaller) return asLaid
  const laid = applyEdit(look, smaller.edit)
  const roomy = middleFor(laid, direction, options, task)
  return roomy.idea && roomy.worth > found.worth ? { ...roomy, laid, smaller: smaller.steps } : asLaid
}

/** What is given up least at the places for a pattern: one of the direction or one thing in the middle, another only where none of those finds room. */
function leastSmaller(look: Look, direction: Direction, options: WholeLookOptions): Refusal['smaller'] {
  const { from, seed, without = [], together = [], wishLight = false } = options
  const suiting = [...new Set<PatternName>([...patternsOf[direction], 'one-focus'])]
  for (const patterns of [suiting, patternNames.filter((name) => !suiting.includes(name))]) {
    let least: Refusal['smaller'] = null
    for (const pattern of patterns) {
      const [refusal] = composeMiddles(look, { patterns: [pattern], from, want: 1, seed, effort: middleEffort(options), without, together, wishLight }).refusals
      const smaller = refusal?.smaller ?? null
      if (smaller && (least === null || smaller.steps.length < least.steps.length)) least = smaller
      if (least?.steps.length === 1) break
    }
    if (least) return least
  }
  return null
}

/** A middle good enough not to repeat a hero of an earlier look. */
const GOOD = 0.9
/** And one good enough not to look for another pattern. */
const SHOWN = 0.86
/** One that reaches so much of what its pattern is worth on the cast before. */
const AS_WELL = 0.97

/** The middle that suits best, with the anchor in it where it can be; after a recipe its pattern goes before a piece that is only like its leading one. */
function middleFor(look: Look, direction: Direction, options: WholeLookOptions, task: Task): Middle {
  const anchorId = anchorOf(look)
  const wanted = options.recipe?.pattern
  const leads = anchorId !== null && task.asked.intent.anchorId === null ? [anchorId, null] : [anchorId]
  for (const lead of wanted && !isAwkward(wanted, look) ? leads : []) {
    const { idea, worth, refusals } = bestMiddle(look, [wanted!], options, task.found, lead)
    if (idea && worth >= SHOWN) return { idea, worth, refusals }
  }
  const round = anchorId === null ? undefined : middleRound(look, direction, options, task, anchorId)
  return round?.idea ? round : middleRound(look, direction, options, task, null)
}

/** Patterns of the direction first, all others where none of those is worth showing; with another hero than before where that is good. */
function middleRound(look: Look, direction: Direction, options: WholeLookOptions, { found, led }: Task, anchorId: string | null): Middle {
  const refusals: Refusal[] = []
  // on another cast what did best on the first is good enough where it does as well
  const before = led.get(direction)
  if (before && !isAwkward(before.pattern, look) && !isThorough(options)) {
    const { idea, worth } = bestMiddle(look, [before.pattern], options, found, anchorId)
    if (idea && worth >= AS_WELL * before.worth) return { idea, worth, refusals }
  }
  const first = patternsOf[direction].filter((name) => !isAwkward(name, look))
  const heroes = [...new Set(shownBefore(options, found).flatMap((one) => one.heroId ?? []))].filter((id) => id !== anchorId)
  let next: BestMiddle | undefined
  const others = patternNames.filter((name) => !first.includes(name))
  const awkward = others.filter((name) => isAwkward(name, look))
  for (const patterns of [first.slice(0, 2), first.slice(2), others.filter((name) => !awkward.includes(name)), awkward]) {
    if (patterns.length === 0) continue
    const best = bestMiddle(look, patterns, options, found, anchorId)
    refusals.push(...best.refusals)
    const isHeroAgain = best.idea !== undefined && heroes.includes(heroIdOf(best.idea) ?? '')
    const anew = isHeroAgain ? bestMiddle(look, patterns, { ...options, without: [...(options.without ?? []), ...heroes] }, found, anchorId) : undefined
    if (anew?.idea && anew.worth >= GOOD && !isThorough(options)) return { idea: anew.idea, worth: anew.worth, refusals }
    if (best.idea && best.worth >= SHOWN && !isThorough(options)) return { idea: best.idea, worth: best.worth, refusals }
    for (const one of [anew, best]) if (one?.idea && (!next || one.worth > next.worth)) next = one
  }
  return next?.idea ? { idea: next.idea, worth: next.worth, refusals } : { worth: 0, refusals }
}

interface BestMiddle {
  readonly idea?: Idea | undefined
  /** How good it is, less where it goes over the money or was seen in an earlier look. */
  readonly worth: number
  readonly refusals: readonly Refusal[]
}

/** The best middle of some patterns; where what may be bought goes over the money, of what is owned as well. */
function bestMiddle(look: Look, patterns: readonly PatternName[], options: WholeLookOptions, found: readonly WholeLook[], anchorId: string | null): BestMiddle {
  const { seed, without = [], together = [], wishLight = false } = options
  const composed = (from: WholeLookOptions['from']) =>
    composeMiddles(look, { patterns, from, want: 4, seed, effort: middleEffort(options), without, together, wishLight, anchorId })
  const { ideas, refusals } = composed(options.from)
  const before = shownBefore(options, found)
  const timesSeen = (idea: Idea) => before.filter((one) => one.pattern === idea.pattern).length
  const worth = (idea: Idea) =>
    worthOf(idea) *
    (isOverMoney(idea) ? OVER_BUDGET : 1) *
    (idea.pattern && isAwkward(idea.pattern, look) ? AWKWARD : 1) *
    again.pattern ** timesSeen(idea) *
    (before.some((one) => one.heroId !== null && one.heroId === heroIdOf(idea)) ? again.hero : 1)
  const bestOf = (list: readonly Idea[]) => [...list].sort((one, other) => worth(other) - worth(one))[0]
  const first = bestOf(ideas)
  const isDear = options.from !== 'owned' && first && ideas.some(isOverMoney) && (isOverMoney(first) || timesSeen(first) > 0)
  const idea = isDear ? bestOf([...ideas, ...composed('owned').ideas]) : first
  return { idea, worth: idea ? worth(idea) : 0, refusals }
}

const isOverMoney = (idea: Idea) => idea.brings.some((finding) => finding.code === 'money.over' || finding.code === 'money.gap')

/** The anchor where it can stand in the middle. */
function anchorOf({ intent, pieces }: Look): string | null {
  return pieces.some((piece) => piece.id === intent.anchorId && isStanding(piece)) ? intent.anchorId : null
}

/** Looks these are to differ from. */
const shownBefore = ({ earlier = [] }: WholeLookOptions, found: readonly WholeLook[]) => [...earlier, ...found]

const heroIdOf = ({ cast }: Idea) => cast.heroId ?? cast.supportId

/** Colors by what is seen of them; fewer cells than a page draws are enough to order them. */
function paletteOf(look: Look): string[] {
  return colorFigures(look, PALETTE_CELLS)
    .groups.slice(0, MOST_COLORS)
    .map((group) => group.color)
}
