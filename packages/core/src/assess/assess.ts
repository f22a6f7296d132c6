import { heroOf } from '../centerpiece/hero.js'
import { applyEdit, type Edit } from '../design/edit.js'
import { effectFigures, findingKey, type BareFinding, type Effect, type Finding, type Proposal, type Remedy } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { remedyRank } from '../design/remedyRank.js'
import { bringsOf, isGraver } from './brings.js'
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

/** At most this many remedies are shown for a finding; on very large tables fewer are tried, most for what is gravest, so that an answer comes within seconds. */
const MOST_REMEDIES = 5
const LARGE_MIDDLE = 120
const MOST_ON_LARGE = 2
const TRIES_ON_LARGE: Readonly<Record<BareFinding['severity'], number>> = { stop: 4, warn: 2, note: 1 }

export function createAssessor(): Assessor {
  const measure = createMeasure()
  const trials = new WeakMap<Look, Trials>()
  const triedOn = (look: Look) => {
    const tried = trials.get(look) ?? createTrials(measure, look)
    trials.set(look, tried)
    return tried
  }
  const remediesFor = (look: Look, finding: BareFinding) => tryOut(triedOn(look), look, measure(look), finding)
  return {
    measure,
    remediesFor,
    effectOf: (before, after) => effectOf(measure(before), measure(after)),
    assess: (look) => {
      const { figures, findings } = measure(look)
      return { figures, findings: findings.map((finding) => ({ ...finding, remedies: remediesFor(look, finding) })) }
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
type Trial = Pick<Measured, 'each' | 'headline'>
type Trials = (edit: Edit) => Trial

/** Measures a look with an edit; the same edit is proposed for several findings and measured once. */
function createTrials(measure: Measure, look: Look): Trials {
  const known = new Map<string, Trial>()
  return (edit) => {
    const key = JSON.stringify(edit.patches)
    const earlier = known.get(key)
    if (earlier) return earlier
    const { each, headline } = measure(applyEdit(look, edit))
    known.set(key, { each, headline })
    return { each, headline }
  }
}

/**
 * Tries each proposal, and keeps those that mend the finding. One that brings a stop is not kept; one that brings a warning for what is no stop, or
 * the same trouble elsewhere, only where nothing else is left but to say that it is meant so; one that leaves more findings than there were, or takes the
 * hero off, only for a stop that nothing else mends. What gives up least of the idea comes first, and before it the same for all places of the
 * finding.
 */
function tryOut(tried: Trials, look: Look, before: Measured, finding: BareFinding): Remedy[] {
  const clean: Remedy[] = []
  const trades: Remedy[] = []
  const last: Remedy[] = []
  const told = new Set<string>()
  const hero = heroOf(look)
  const large = look.centerpiece.length > LARGE_MIDDLE
  const most = large ? MOST_ON_LARGE : MOST_REMEDIES
  for (const proposal of proposalsFor(look, finding, before)) {
    if (clean.length >= most || (large && told.size >= TRIES_ON_LARGE[finding.severity])) break
    const words = JSON.stringify([proposal.code, proposal.params])
    if (told.has(words)) continue
    told.add(words)
    const remedy = trial(tried, before, finding, proposal, [findingKey(finding)])
    if (!remedy) continue
    if (costsMore(remedy) || losesHero(look, hero, remedy.edit)) last.push(remedy)
    else if (isTrade(remedy, finding)) trades.push(remedy)
    else clean.push(remedy)
  }
  const byRank = (list: readonly Remedy[]) => [...list].sort((a, b) => remedyRank(a.code) - remedyRank(b.code)).slice(0, MOST_REMEDIES)
  if (clean.some((one) => one.code !== 'meant')) return withAll(tried, look, hero, before, finding, byRank(clean))
  if (trades.length > 0) return [...byRank(trades), ...clean]
  return clean.length > 0 || finding.severity !== 'stop' ? clean : byRank(last)
}

/** Whether a remedy leaves more findings than there were. */
function costsMore({ effect }: Remedy): boolean {
  const counts: readonly string[] = ['stops', 'warnings', 'notes']
  return effect.reduce((sum, { figure, before, after }) => (counts.includes(figure) ? sum + after - before : sum), 0) > 0
}

/** Whether a change takes the piece off that is seen first: no remedy but the last does. */
function losesHero(look: Look, hero: string | null, edit: Edit): boolean {
  return hero !== null && !applyEdit(look, edit).centerpiece.some((placed) => placed.id === hero)
}

/** A proposal as a remedy, where it mends the findings of these keys and brings no stop. */
function trial(tried: Trials, before: Measured, finding: BareFinding, proposal: Proposal, keys: readonly string[]): Remedy | undefined {
  const after = tried(proposal.edit)
  if (after.each.some((one) => keys.includes(findingKey(one)) && !isEased(one, finding))) return undefined
  const brings = bringsOf(before.each, after.each)
  if (brings.some((one) => one.severity === 'stop')) return undefined
  return { ...proposal, effect: effectOf(before, after), brings, mends: keys.length }
}

/** What stays worth knowing even where everything was done: flames behind glass in a house with small children. */
function isEased(now: BareFinding, { code, severity }: BareFinding): boolean {
  return code === 'flame.household' && isGraver(severity, now.severity)
}

function isTrade({ brings }: Remedy, { code, severity }: BareFinding): boolean {
  return brings.some((one) => one.code === code || (one.severity === 'warn' && severity !== 'stop'))
}

/** The first remedy for one place tried on all, and put first where it mends them all as well. */
function withAll(tried: Trials, look: Look, hero: string | null, before: Measured, finding: BareFinding, remedies: readonly Remedy[]): Remedy[] {
  if (!finding.also) return [...remedies]
  for (const one of remedies.filter(({ code }, i) => i === 0 || remedyRank(code) <= 1)) {
    const edit = editForAll(look, before, finding, one)
    const all = edit && trial(tried, before, finding, { ...one, edit }, keysOf(finding))
    if (all && !isTrade(all, finding) && !costsMore(all) && !losesHero(look, hero, all.edit)) return [all, ...remedies]
  }
  return [...remedies]
}

/** Keys of all places of a finding, the one it is told of first. */
function keysOf(finding: BareFinding): string[] {
  const at = (id: string) => (finding.at.kind === 'line' ? { kind: 'line', pieceId: id } : { kind: 'piece', placedId: id })
  const also = (finding.also ?? []).map((id) => findingKey({ code: finding.code, at: at(id) } as Pick<BareFinding, 'code' | 'at'>))
  return [findingKey(finding), ...also]
}

/** One edit that does to every place of a finding what a remedy does to one. */
function editForAll(look: Look, before: Measured, finding: BareFinding, remedy: Remedy): Edit | undefined {
  let state = look
  const edits: Edit[] = []
  for (const key of keysOf(finding)) {
    const here = before.each.find((one) => findingKey(one) === key)
    const same = here && proposalsFor(state, here, before).find((one) => isSame(one, remedy))
    if (!same) return undefined
    edits.push(same.edit)
    state = applyEdit(state, same.edit)
  }
  return { what: remedy.edit.what, patches: edits.flatMap((one) => one.patches), inverse: edits.reverse().flatMap((one) => one.inverse) }
}

/** The same thing done in another place. */
function isSame(one: Proposal, other: Proposal): boolean {
  return one.code === other.code && ('toId' in one.params ? one.params.toId : '') === ('toId' in other.params ? other.params.toId : '')
}

function effectOf({ headline: from }: Pick<Measured, 'headline'>, { headline: to }: Pick<Measured, 'headline'>): Effect {
  return effectFigures.filter((figure) => from[figure] !== to[figure]).map((figure) => ({ figure, before: from[figure], after: to[figure] }))
}
