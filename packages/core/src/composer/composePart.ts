import { createAssessor } from '../assess/assess.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { Look, Placed } from '../design/look.js'
import { briefOf, type Brief } from './brief.js'
import { endDrafts, withoutEnds } from './endDrafts.js'
import { different } from './different.js'
import { draftOfPart, recipesOf, type Draft } from './drafts.js'
import { finish } from './finish.js'
import { refused, type Composed, type ComposeOptions, type Refusal } from './idea.js'
import { budFor, flowersFor, type Recipe } from './recipe.js'
import { hasStems, lightAtMin, stemsToHave, stockOf, type Option, type StockOptions } from './stock.js'

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
  if (drafts.length === 0) return refused({ pattern, ...lacking[only] })
  const { ideas, faults } = finish(pattern, drafts, look, brief, measured, assessor, options.effort ?? 1, 0)
  return ideas.length > 0 ? { ideas: different(ideas, options.want, false), refusals: [] } : refused({ pattern, because: 'faults', faults })
}

const draftsOf: Readonly<Record<OnlyPart, (brief: Brief, options: StockOptions) => Draft[]>> = { flowers: flowerDrafts, lights: lightDrafts, ends: endDrafts }
/** Why nothing can be made: too little of something, or of room. */
const lacking: Readonly<Record<OnlyPart, Pick<Refusal, 'because'> & Partial<Refusal>>> = {
  flowers: { because: 'no-pieces', parts: ['mass'] },
  lights: { because: 'no-pieces', parts: ['stick'] },
  ends: { because: 'no-room' }
}

/** Every recipe in all vessels that hold flowers and are not locked. */
function flowerDrafts(brief: Brief, options: StockOptions): Draft[] {
  const toHave = stemsToHave(brief.look, options.from)
  return recipesOf(brief, options).flatMap((recipe) => {
    const centerpiece = brief.kept.map((placed) => reflowered(placed, recipe, brief))
    return centerpiece.some((placed, i) => placed !== brief.kept[i]) && hasStems(centerpiece, brief.kept, toHave)
      ? [draftOfPart({ recipe }, recipe.suits, centerpiece)]
      : []
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
    .map((light) => draftOfPart({ light }, light.suits, brief.kept.map((placed) => relit(placed, light)))) // prettier-ignore
}
