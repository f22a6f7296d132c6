import { createAssessor } from '../assess/assess.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { Look, Placed } from '../design/look.js'
import { briefOf, type Brief } from './brief.js'
import type { Cast } from './cast.js'
import { different } from './different.js'
import type { Draft } from './drafts.js'
import { finish } from './finish.js'
import { refused, type Composed, type ComposeOptions } from './idea.js'
import { budFor, flowersFor, recipesFor, type Recipe } from './recipe.js'
import { lightAtMin, mayHave, stockOf, type Option } from './stock.js'

/** What is composed anew while all else stays as it stands. */
export type OnlyPart = 'flowers' | 'lights'

const nobody = { hero: null, support: null, light: null, base: null, accent: null, recipe: null, suits: 1 } as const

/** Other flowers in the same vessels, or other lights on the same spots; nothing is moved, what is locked keeps its own. */
export function composePart(look: Look, only: OnlyPart, options: Omit<ComposeOptions, 'patterns'>): Composed {
  const assessor = createAssessor()
  const measured = assessor.measure(look)
  const brief = briefOf(look, measured, look.centerpiece, options.wishLight ?? false)
  const drafts = only === 'flowers' ? flowerDrafts(brief, options) : lightDrafts(brief, options)
  const { pattern } = look.school
  if (drafts.length === 0) return refused({ pattern, because: 'no-pieces', parts: [only === 'flowers' ? 'mass' : 'stick'] })
  const { ideas, faults } = finish(pattern, drafts, look, brief, measured, assessor, options.effort ?? 1, 0)
  return ideas.length > 0 ? { ideas: different(ideas, options.want, false), refusals: [] } : refused({ pattern, because: 'faults', faults })
}

function draftOf(cast: Partial<Cast>, promise: number, centerpiece: readonly Placed[]): Draft {
  return { cast: { ...nobody, ...cast }, centerpiece, promise, reserve: 0, clearedForMeal: false, unlit: false }
}

/** Every recipe in all vessels that hold flowers and are not locked. */
function flowerDrafts(brief: Brief, options: Pick<ComposeOptions, 'from' | 'without'>): Draft[] {
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
function lightDrafts(brief: Brief, options: Pick<ComposeOptions, 'from' | 'without'>): Draft[] {
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
