import { createAssessor, type Assessor } from '../assess/assess.js'
import type { Measured } from '../assess/measure.js'
import type { Look, PatternName, Placed } from '../design/look.js'
import { smallerSetting } from '../settings/smallerSetting.js'
import { briefOf, lowered, type Brief } from './brief.js'
import { clearedDrafts, draftsOf, recipesOf } from './drafts.js'
import { finish } from './finish.js'
import { different } from './different.js'
import { refused, type Composed, type ComposeOptions, type Refusal } from './idea.js'
import { programs } from './programs.js'
import { stockOf, type Stock } from './stock.js'

/** Of several patterns only the best of each is shown: so much of the usual effort for each. */
const EACH_OF_MANY = 0.5
/** What keeps beside the dishes reaches so little along the table that it is tried as well to lay more, which leaves as the food comes. */
const BARE_EXTENT = 0.35
/** Lower and higher masses. */
const HEIGHT_STEP = 0.85

/**
 * Lays middles by casting, structure, fit and finish: ideas that differ in hero, base, palette or pattern, the best first. Locked pieces stay.
 * Same look and options, same ideas; the look itself is not written, so that what cannot be laid leaves the table as it was.
 */
export function composeMiddles(look: Look, asked: ComposeOptions): Composed {
  const options = { ...asked, effort: (asked.effort ?? 1) * (asked.patterns.length > 1 ? EACH_OF_MANY : 1) }
  const assessor = createAssessor()
  const ground = groundOf(look, options, assessor)
  const stock = stockFor(look, ground.brief, options)
  const found: Composed[] = []
  for (const [done, pattern] of options.patterns.entries()) {
    if (options.onProgress?.(done, options.patterns.length) === false) break
    found.push(byPattern(pattern, look, ground, stock, options, assessor))
  }
  const ideas = found.flatMap((one) => one.ideas)
  return { ideas: different(ideas, options.want, options.patterns.length > 1, options.steer), refusals: found.flatMap((one) => one.refusals) }
}

function stockFor(look: Look, brief: Brief, options: ComposeOptions): Stock {
  const kept = new Set(brief.kept)
  return stockOf(
    brief,
    options,
    look.centerpiece.filter((placed) => !kept.has(placed))
  )
}

/** The table with only what is kept, and what is known of it: as an obstacle, and with a kept piece in the very middle as the hero. */
interface Ground {
  readonly bare: Measured
  readonly brief: Brief
  readonly led: Brief
}

function groundOf(look: Look, options: ComposeOptions, assessor: Assessor): Ground {
  const kept = keptPieces(look)
  const bare = assessor.measure({ ...look, centerpiece: kept })
  const brief = (roundKept: boolean) => lowered(briefOf(look, bare, kept, options.wishLight ?? false, roundKept), HEIGHT_STEP ** -(options.steer?.height ?? 0))
  const around = brief(false)
  return { bare, brief: around, led: kept.length > 0 ? brief(true) : around }
}

function briefFor(pattern: PatternName, { brief, led }: Ground): Brief {
  return programs[pattern].led ? led : brief
}

/** What is locked, with all that stands on or is about it. */
function keptPieces(look: Look): Placed[] {
  const byId = new Map(look.centerpiece.map((placed) => [placed.id, placed]))
  const isKept = (placed: Placed): boolean => placed.locked || (placed.on !== null && byId.has(placed.on) && isKept(byId.get(placed.on)!))
  const kept = new Set(look.centerpiece.filter(isKept))
  for (const placed of kept) {
    const below = placed.on === null ? undefined : byId.get(placed.on)
    if (below) kept.add(below)
  }
  return look.centerpiece.filter((placed) => kept.has(placed))
}

function byPattern(pattern: PatternName, look: Look, ground: Ground, stock: Stock, options: ComposeOptions, assessor: Assessor): Composed {
  const brief = briefFor(pattern, ground)
  const missing = programs[pattern].needs.find((parts) => parts.every((part) => stock[part].length === 0))
  if (missing) return refused({ pattern, because: 'no-pieces', parts: missing })
  const drafts = isLongEnough(pattern, brief) ? draftsOf(pattern, brief, stock, options) : []
  const finished = (of: typeof drafts) => finish(pattern, of, look, brief, ground.bare, assessor, options.effort ?? 1)
  const { ideas, faults } = finished(drafts)
  const bare = brief.dishesMm > 0 && ideas.every(({ score }) => (score.parts.extent ?? 1) < BARE_EXTENT)
  if (ideas.length > 0 && !bare) return { ideas, refusals: [] }
  if (bare || faults.includes('dish.room')) {
    const { ideas: cleared } = finished(clearedDrafts(pattern, brief, stock, options))
    if (ideas.length + cleared.length > 0) return { ideas: [...ideas, ...cleared], refusals: [] }
  }
  if (faults.length > 0) return refused({ pattern, because: 'faults', faults })
  if (recipesOf(brief, options).every((recipe) => recipe.few) && (isOfFlowers(pattern, stock) || flowersWouldDo(pattern, brief, look, options)))
    return refused({ pattern, because: 'no-flowers' })
  return refused({ pattern, because: 'no-room', smaller: options.patterns.length > 1 ? null : roomIn(pattern, look, options, assessor) })
}

/** Whether a pattern takes flowers: of one of its parts there are only vessels. */
function isOfFlowers(pattern: PatternName, stock: Stock): boolean {
  return programs[pattern].needs.some((parts) => parts.every((part) => part === 'mass' || part === 'bud' || stock[part].length === 0))
}

/** Whether it is laid once flowers may be bought. */
function flowersWouldDo(pattern: PatternName, brief: Brief, look: Look, options: ComposeOptions): boolean {
  if (options.from !== 'owned' || !isLongEnough(pattern, brief)) return false
  const bought = { ...options, from: 'few-new' } as const
  return draftsOf(pattern, brief, stockFor(look, brief, bought), bought).length > 0
}

/** A ring needs no spine. */
function isLongEnough(pattern: PatternName, { frames }: Brief): boolean {
  const frame = frames[0]
  return frame !== undefined && 2 * frame.halfMm >= (frame.ring ? 0.5 : 1) * programs[pattern].leastMm
}

/** A smaller setting with which the pattern finds room. */
function roomIn(pattern: PatternName, look: Look, options: ComposeOptions, assessor: Assessor): Refusal['smaller'] {
  const [proposal] = smallerSetting(look, (smaller) => {
    const brief = briefFor(pattern, groundOf(smaller, options, assessor))
    return isLongEnough(pattern, brief) && draftsOf(pattern, brief, stockFor(smaller, brief, options), options).length > 0
  })
  return proposal?.code === 'smaller-setting' ? { edit: proposal.edit, steps: proposal.params.steps } : null
}
