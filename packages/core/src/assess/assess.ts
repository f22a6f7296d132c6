import { applyEdit, type Edit } from '../design/edit.js'
import { effectFigures, findingKey, type BareFinding, type Effect, type EffectFigure, type Finding, type Remedy } from '../design/finding.js'
import type { Look } from '../design/look.js'
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

/** What an edit would come to, as far as remedies are told by it. */
interface Trial {
  readonly left: ReadonlySet<string>
  readonly headline: Measured['headline']
}

/** Measures a look with an edit; the same edit is proposed for several findings and measured once. */
function createTrials(measure: Measure, look: Look): (edit: Edit) => Trial {
  const known = new Map<string, Trial>()
  return (edit) => {
    const key = JSON.stringify(edit.patches)
    const earlier = known.get(key)
    if (earlier) return earlier
    const { findings, headline } = measure(applyEdit(look, edit))
    const trial = { left: new Set(findings.map(findingKey)), headline }
    known.set(key, trial)
    return trial
  }
}

/** Tries each proposal, and keeps those after which the finding is gone. */
function tryOut(tried: (edit: Edit) => Trial, look: Look, before: Measured, finding: BareFinding): Remedy[] {
  const remedies: Remedy[] = []
  const key = findingKey(finding)
  for (const proposal of proposalsFor(look, finding, before)) {
    if (remedies.length >= MOST_REMEDIES) break
    const after = tried(proposal.edit)
    if (!after.left.has(key)) remedies.push({ ...proposal, effect: effectOf(before, after) })
  }
  return remedies.sort((a, b) => harm(a) - harm(b))
}

/** Remedies that bring no new stop or warning with them come first; among those the order of proposal stays. */
function harm({ effect }: Remedy): number {
  const grew = (figure: EffectFigure) => effect.some((one) => one.figure === figure && one.after > one.before)
  return grew('stops') ? 2 : grew('warnings') ? 1 : 0
}

function effectOf({ headline: from }: Pick<Measured, 'headline'>, { headline: to }: Pick<Measured, 'headline'>): Effect {
  return effectFigures.filter((figure) => from[figure] !== to[figure]).map((figure) => ({ figure, before: from[figure], after: to[figure] }))
}
