import { createAssessor } from '../assess/assess.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { Look, Placed } from '../design/look.js'
import { briefOf, type Brief } from './brief.js'
import { nobody, type Cast } from './cast.js'
import { endDrafts, withoutEnds } from './endDrafts.js'
import { different } from './different.js'
import type { Draft } from './drafts.js'
import { finish } from './finish.js'
import { refused, type Composed, type ComposeOptions } from './idea.js'
import { budFor, flowersFor, recipesFor, type Recipe } from './recipe.js'
import { lightAtMin, mayHave, stockOf, type Option, type Part, type StockOptions } from './stock.js'

/** What is composed anew while all else stays as it stands. */
export type OnlyPart = 'flowers' | 'lights' | 'ends'

/**
 * Other flowers in the same vessels, other lights on the same spots, or other things at both ends; nothing else is moved, what is locked keeps its
 * own.
 */
export function composePart(look: Look, only: OnlyPart, options: Omit<ComposeOptions, 'patterns'>): Composed {
  const assessor = createAssessor()
  const measured = assessor.measure(look)
  const briefFor = (kept: readonly Placed[]) => briefOf(look, measured, kept, options.wishLight ?? false)
  const brief = only === 'ends' ? withoutEnds(look, briefFor) : briefFor(look.centerpiece)
  const things = (middle: readonly Placed[]) => middle.map((placed) => placed.pieceId).sort().join(' ') // prettier-ignore
  // the same things a little farther out are no other ends
  const drafts = draftsOf[only](brief, options).filter((draft) => only !== 'ends' || things(draft.centerpiece) !== things(look.centerpiece))
  const { pattern } = look.school
  if (drafts.length === 0) return refused({ pattern, because: 'no-pieces', parts: [needed[only]] })
  const { ideas, faults } = finish(pattern, drafts, look, brief, measured, assessor, options.effort ?? 1, 0)
  return ideas.length > 0 ? { ideas: different(ideas, options.want, false), refusals: [] } : refused({ pattern, because: 'faults', faults })
}

const draftsOf: Readonly<Record<OnlyPart, (brief: Brief, options: StockOptions) => Draft[]>> = { flowers: flowerDrafts, lights: lightDrafts, ends: endDrafts }
/** What there is too little of where nothing can be made. */
const needed: Readonly<Record<OnlyPart, Part>> = { flowers: 'mass', lights: 'stick', ends: 'small' }

function draftOf(cast: Partial<Cast>, promise: number, centerpiece: readonly Placed[]): Draft {
  return { cast: { ...nobody, ...cast }, centerpiece, promise, reserve: 0, clearedForMeal: false, unlit: false }
}

/** Every recipe in all vessels that hold flowers and are not locked. */
function flowerDrafts(brief: Brief, options: StockOptions): Draft[] {
  const may = mayHave(brief.look, options.from)
  return recipesFor(brief, (stem) => may(stem) && !options.without?.includes(stem.id)).flatMap((recipe) => {
    const centerpiece = brief.kept.map((placed) => reflowered(placed, recipe, brief))
    return centerpiece.some((placed, i) => placed !== brief.kept[i]) ? [draftOf({ recipe }, recipe.suits, centerpiece)] : []
  })
}

function reflowered(placed: Placed, recipe: Recipe, brief: Brief): Placed {
  const index = pieceIndex(brief.look)
  const vessel = findPiece(index, placed.pieceId, 'vessel')
  if (!vessel || !placed.arrangement || placed.locked) return placed
  const { spreadMm, riseMm } = placed.arrangement
  const arrangement = flowersFor(vessel, recipe, spreadMm, riseMm, brief, index) ?? budFor(vessel, recipe, brief, index)
  return arrangement ? { ...placed, arrangement: { ...arrangement, mechanics: placed.arrangement.mechanics } } : placed
}

/** Every kind of light of which there are enough, on the spots of those that stand there. */
function lightDrafts(brief: Brief, options: StockOptions): Draft[] {
  const index = pieceIndex(brief.look)
  const isLight = (placed: Placed) => !placed.locked && findPiece(index, placed.pieceId, 'holder') !== undefined
  const lights = brief.kept.filter(isLight)
  if (lights.length === 0) return []
  const free = { ...brief, look: { ...brief.look, centerpiece: brief.kept.filter((placed) => !isLight(placed)) } }
  const stock = stockOf(free, options)
  const enough = [...stock.stick, ...stock.votive, ...stock.hurricane].filter((option) => option.count >= lights.length)
  const relit = (placed: Placed, { piece, candle }: Option): Placed =>
    isLight(placed) && candle
      ? { ...placed, pieceId: piece.id, candle: { candleId: candle.id, lightAtMin: placed.candle?.lightAtMin ?? lightAtMin(brief.look) } }
      : placed
  return enough
    .filter((light) => lights.some((placed) => placed.pieceId !== light.piece.id))
    .map((light) => draftOf({ light }, light.suits, brief.kept.map((placed) => relit(placed, light)))) // prettier-ignore
}
