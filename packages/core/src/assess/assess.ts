import { applyEdit, type Edit } from '../design/edit.js'
import { effectFigures, findingKey, type BareFinding, type Effect, type Finding, type Remedy, type Severity } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { remedyRank } from '../design/remedyRank.js'
import { createMeasure, proposalsFor, type Measure, type Measured } from './measure.js'
import type { Figures } from './subjects.js'

/** Figures and findings of a look. */
export interface Assessment {
  readonly figures: Figures
  readonly findings: readonly Finding[]
}

/** An assessor that remembers its last looks, for assessing one look over and over as it is edited. */
export interface Assessor {
  readonly measure: Measure
  readonly remediesFor: (look: Look, finding: BareFinding) => Remedy[]
  readonly assess: (look: Look) => Assessment
  /** The headline figures that differ between two states of a look. */
  readonly effectOf: (before: Look, after: Look) => Effect
}

/** At most this many remedies are shown for a finding. */
const MOST_REMEDIES = 5

export function createAssessor(): Assessor {
  const measure = createMeasure()
  const remediesOf = (look: Look) => {
    const before = measure(look)
    const tried = createTrials(measure, look)
    return (finding: BareFinding) => tryOut(tried, look, before, finding)
  }
  return {
    measure,
    remediesFor: (look, finding) => remediesOf(look)(finding),
    effectOf: (before, after) => effectOf(measure(before), measure(after)),
    assess: (look) => {
      const { figures, findings } = measure(look)
      const remedies = remediesOf(look)
      return { figures, findings: findings.map((finding) => ({ ...finding, remedies: remedies(finding) })) }
    }
  }
}

/**
 * Assesses a look: every figure, and every finding with the remedies that were tried on it and do clear it.
 * The look is not written. Same look, same answer.
 */
export function assess(look: Look): Assessment {
  return createAssessor().assess(look)
}

/** What an edit would come to. */
type Trial = Pick<Measured, 'findings' | 'headline'>

/** Measures a look with an edit; the same edit is proposed for several findings and measured once. */
function createTrials(measure: Measure, look: Look): (edit: Edit) => Trial {
  const known = new Map<string, Trial>()
  return (edit) => {
    const key = JSON.stringify(edit.patches)
    const earlier = known.get(key)
    if (earlier) return earlier
    const { findings, headline } = measure(applyEdit(look, edit))
    known.set(key, { findings, headline })
    return { findings, headline }
  }
}

/**
 * Tries each proposal, and keeps those after which the finding is gone. One that brings a stop is not kept; one that brings a warning for what is no
 * stop, or the same trouble elsewhere, only where nothing else is left but to say that it is meant so. What gives up least of the idea comes first.
 */
function tryOut(tried: (edit: Edit) => Trial, look: Look, before: Measured, finding: BareFinding): Remedy[] {
  const key = findingKey(finding)
  const had = new Map(before.findings.map((one) => [findingKey(one), one.severity]))
  const clean: Remedy[] = []
  const trades: Remedy[] = []
  for (const proposal of proposalsFor(look, finding, before)) {
    if (clean.length >= MOST_REMEDIES) break
    const after = tried(proposal.edit)
    if (after.findings.some((one) => findingKey(one) === key)) continue
    const brings = after.findings.filter((one) => isGraver(one.severity, had.get(findingKey(one))))
    const remedy: Remedy = { ...proposal, effect: effectOf(before, after), brings }
    if (brings.some((one) => one.severity === 'stop')) continue
    if (brings.some((one) => one.code === finding.code || (one.severity === 'warn' && finding.severity !== 'stop'))) trades.push(remedy)
    else clean.push(remedy)
  }
  const byRank = (list: readonly Remedy[]) => [...list].sort((a, b) => remedyRank(a.code) - remedyRank(b.code))
  if (clean.some((one) => one.code !== 'meant')) return byRank(clean)
  return [...byRank(trades.slice(0, MOST_REMEDIES)), ...clean]
}

const gravity = { note: 0, warn: 1, stop: 2 } as const

function isGraver(now: Severity, before: Severity | undefined): boolean {
  return before === undefined || gravity[now] > gravity[before]
}

function effectOf({ headline: from }: Pick<Measured, 'headline'>, { headline: to }: Pick<Measured, 'headline'>): Effect {
  return effectFigures.filter((figure) => from[figure] !== to[figure]).map((figure) => ({ figure, before: from[figure], after: to[figure] }))
}
