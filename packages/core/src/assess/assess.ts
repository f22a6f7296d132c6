import { applyEdit } from '../design/edit.js'
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
  const remediesFor = (look: Look, finding: BareFinding) => tryOut(measure, look, measure(look), finding)
  return {
    measure,
    remediesFor,
    effectOf: (before, after) => effectOf(measure(before), measure(after)),
    assess: (look) => {
      const measured = measure(look)
      return { figures: measured.figures, findings: measured.findings.map((finding) => ({ ...finding, remedies: tryOut(measure, look, measured, finding) })) }
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

/** Applies each proposal, measures again, and keeps those after which the finding is gone. */
function tryOut(measure: Measure, look: Look, before: Measured, finding: BareFinding): Remedy[] {
  const remedies: Remedy[] = []
  const key = findingKey(finding)
  for (const proposal of proposalsFor(look, finding, before)) {
    if (remedies.length >= MOST_REMEDIES) break
    const after = measure(applyEdit(look, proposal.edit))
    if (after.findings.some((other) => findingKey(other) === key)) continue
    remedies.push({ ...proposal, effect: effectOf(before, after) })
  }
  return remedies.sort((a, b) => harm(a) - harm(b))
}

/** Remedies that bring no new stop or warning with them come first; among those the order of proposal stays. */
function harm({ effect }: Remedy): number {
  const grew = (figure: EffectFigure) => effect.some((one) => one.figure === figure && one.after > one.before)
  return grew('stops') ? 2 : grew('warnings') ? 1 : 0
}

function effectOf({ headline: from }: Measured, { headline: to }: Measured): Effect {
  return effectFigures.filter((figure) => from[figure] !== to[figure]).map((figure) => ({ figure, before: from[figure], after: to[figure] }))
}
