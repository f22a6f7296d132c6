import { createAssessor, type Assessor } from '../assess/assess.js'
import type { Measured } from '../assess/measure.js'
import type { Look, PatternName, Placed } from '../design/look.js'
import { smallerSetting } from '../settings/smallerSetting.js'
import { briefOf, lowered, type Brief } from './brief.js'
import { draftsOf } from './drafts.js'
import { finish } from './finish.js'
import { different } from './different.js'
import type { Composed, ComposeOptions, Idea, Refusal } from './idea.js'
import { programs } from './programs.js'
import { stockOf, type Stock } from './stock.js'

/** Of several patterns only the best of each is shown: so much of the usual effort for each. */
const EACH_OF_MANY = 0.5
/** Lower and higher masses. */
const HEIGHT_STEP = 0.85

/**
 * Lays middles by casting, structure, fit and finish: ideas that differ in hero, base, palette or pattern, the best first. Locked pieces stay.
 * Same look and options, same ideas; the look itself is not written, so that what cannot be laid leaves the table as it was.
 */
export function composeMiddles(look: Look, asked: ComposeOptions): Composed {
  const options = { ...asked, effort: (asked.effort ?? 1) * (asked.patterns.length > 1 ? EACH_OF_MANY : 1) }
  const assessor = createAssessor()
  const known = knownOf(look, options, assessor, false)
  const led = knownOf(look, options, assessor, true)
  const stock = stockFor(look, known.brief, options)
  const ideas: Idea[] = []
  const refusals: Refusal[] = []
  for (const [done, pattern] of options.patterns.entries()) {
    if (options.onProgress?.(done, options.patterns.length) === false) break
    const found = byPattern(pattern, look, programs[pattern].led ? led : known, stock, options, assessor)
    if (Array.isArray(found)) ideas.push(...(found as readonly Idea[]))
    else refusals.push(found as Refusal)
  }
  return { ideas: different(ideas, options.want, options.patterns.length > 1), refusals }
}

function stockFor(look: Look, brief: Brief, options: ComposeOptions): Stock {
  const kept = new Set(brief.kept)
  return stockOf(
    brief,
    options.from,
    new Set(options.without),
    look.centerpiece.filter((placed) => !kept.has(placed))
  )
}

interface Known {
  readonly bare: Measured
  readonly brief: Brief
}

function knownOf(look: Look, options: ComposeOptions, assessor: Assessor, roundKept: boolean): Known {
  const kept = keptPieces(look)
  const bare = assessor.measure({ ...look, centerpiece: kept })
  const brief = briefOf(look, bare, kept, options.wishLight ?? false, roundKept)
  return { bare, brief: lowered(brief, HEIGHT_STEP ** -(options.steer?.height ?? 0)) }
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

function byPattern(
  pattern: PatternName,
  look: Look,
  { bare, brief }: Known,
  stock: Stock,
  options: ComposeOptions,
  assessor: Assessor
): readonly Idea[] | Refusal {
  const refused = { pattern, parts: [], faults: [], smaller: null }
  const missing = programs[pattern].needs.find((parts) => parts.every((part) => stock[part].length === 0))
  if (missing) return { ...refused, because: 'no-pieces', parts: missing }
  const drafts = isLongEnough(pattern, brief) ? draftsOf(pattern, brief, stock, options) : []
  const noRoom = () => ({ ...refused, because: 'no-room' as const, smaller: options.patterns.length > 1 ? null : roomIn(pattern, look, options, assessor) })
  if (drafts.length === 0) return noRoom()
  const { ideas, faults } = finish(pattern, drafts, look, brief, bare, assessor, options.effort ?? 1)
  if (ideas.length > 0) return ideas
  return faults.length > 0 ? { ...refused, because: 'faults', faults } : noRoom()
}

/** A ring needs no spine. */
function isLongEnough(pattern: PatternName, { frames }: Brief): boolean {
  const frame = frames[0]
  return frame !== undefined && 2 * frame.halfMm >= (frame.ring ? 0.5 : 1) * programs[pattern].leastMm
}

/** A smaller setting with which the pattern finds room. */
function roomIn(pattern: PatternName, look: Look, options: ComposeOptions, assessor: Assessor): Refusal['smaller'] {
  const [proposal] = smallerSetting(look, (smaller) => {
    const { brief } = knownOf(smaller, options, assessor, programs[pattern].led ?? false)
    return isLongEnough(pattern, brief) && draftsOf(pattern, brief, stockFor(smaller, brief, options), options).length > 0
  })
  return proposal?.code === 'smaller-setting' ? { edit: proposal.edit, steps: proposal.params.steps } : null
}
