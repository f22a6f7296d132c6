import { effectFigures, type BareFinding, type EffectFigure, type FindingCode, type Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import type { Get } from '../subject/part.js'
import type { Propose, Subject } from '../subject/subject.js'
import { createEngine } from './engine.js'
import { gather } from './gather.js'
import { subjects, type Figures, type SubjectName } from './subjects.js'

/** A look worked out: what was noticed, the figures once they are asked for, remedies not yet looked for. */
export interface Measured {
  readonly get: Get
  readonly figures: Figures
  /** What was noticed, like troubles of like pieces as one. */
  readonly findings: readonly BareFinding[]
  /** The same place by place. */
  readonly each: readonly BareFinding[]
  readonly findingsOf: Readonly<Record<SubjectName, readonly BareFinding[]>>
  /** The few figures a remedy's effect is told in; -1 stands for none. */
  readonly headline: Readonly<Record<EffectFigure, number>>
}

export type Measure = (look: Look) => Measured

const all: readonly Subject[] = subjects

/** A measuring function that works out again only what changed since its last few looks. */
export function createMeasure(): Measure {
  const engine = createEngine()
  const known = new WeakMap<Look, Measured>()
  let told: Figures | undefined
  const gatheredOf = new WeakMap<readonly BareFinding[], readonly BareFinding[]>()
  /** Gathered once for each list: which pieces it is about is part of what a subject read. */
  const gathered = (list: readonly BareFinding[], look: Look) => {
    const earlier = gatheredOf.get(list) ?? gather(list, look.centerpiece)
    gatheredOf.set(list, earlier)
    return earlier
  }
  return (look) => {
    const earlier = known.get(look)
    if (earlier) return earlier
    const get = engine(look)
    const lists = all.map((subject) => get(subject.findings))
    const findingsOf = Object.fromEntries(all.map((subject, i) => [subject.name, gathered(lists[i]!, look)])) as Measured['findingsOf']
    const findings = Object.values(findingsOf).flat()
    const measured: Measured = {
      get,
      findings,
      each: lists.flat(),
      findingsOf,
      get figures() {
        return (told = figuresOf(get, told))
      },
      headline: headlineOf(get, findings)
    }
    known.set(look, measured)
    return measured
  }
}

/** Figures by name; the last ones where none of them changed. */
function figuresOf(get: Get, last: Figures | undefined): Figures {
  const figures = Object.fromEntries(all.flatMap((subject) => Object.entries(subject.figures).map(([name, figure]) => [name, get(figure)]))) as Figures
  const names = Object.keys(figures) as (keyof Figures)[]
  return last && names.every((name) => last[name] === figures[name]) ? last : figures
}

function headlineOf(get: Get, findings: readonly BareFinding[]): Record<EffectFigure, number> {
  const counts = { stops: 'stop', warnings: 'warn', notes: 'note' } as const
  const parts = Object.assign({}, ...all.map((subject) => subject.headline)) as Subject['headline']
  return Object.fromEntries(
    effectFigures.map((figure) => {
      if (figure in counts) return [figure, findings.filter((finding) => finding.severity === counts[figure as keyof typeof counts]).length]
      const headline = parts[figure]
      return [figure, headline ? get(headline) : -1]
    })
  ) as Record<EffectFigure, number>
}

const proposers = Object.assign({}, ...all.map((subject) => subject.proposals)) as { readonly [Code in FindingCode]: Propose<Code> }

/** What the subject of a finding proposes for it. */
export function proposalsFor(look: Look, finding: BareFinding, { get }: Measured): readonly Proposal[] {
  const propose = proposers[finding.code] as Propose<FindingCode>
  return propose(look, finding, get)
}
