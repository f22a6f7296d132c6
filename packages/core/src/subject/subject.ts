import type { BareFinding, EffectFigure, FindingCode, FindingOf, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import type { Get, Part } from './part.js'

/** Builds the proposals for one finding of a look. */
export type Propose<Code extends FindingCode> = (look: Look, finding: FindingOf<Code>, get: Get) => readonly Proposal[]

/** One body of knowledge of the trade: what it tells of a look, what it notices in it, and what it proposes. */
export interface Subject {
  readonly name: string
  /** What panels, ledger and API show, by the name it has there. */
  readonly figures: Readonly<Record<string, Part<unknown>>>
  /** The figures in which the effect of a remedy is told; -1 stands for none. */
  readonly headline: { readonly [Figure in EffectFigure]?: Part<number> }
  readonly findings: Part<readonly BareFinding[]>
  readonly proposals: { readonly [Code in FindingCode]?: Propose<Code> }
}

/** Describes a subject. */
export function subject<
  const Name extends string,
  const Figures extends Readonly<Record<string, Part<unknown>>>,
  const Proposals extends { readonly [Code in FindingCode]?: Propose<Code> }
>(described: {
  readonly name: Name
  readonly figures: Figures
  readonly headline?: Subject['headline']
  readonly findings: Part<readonly BareFinding[]>
  readonly proposals: Proposals
}): {
  readonly name: Name
  readonly figures: Figures
  readonly headline: Subject['headline']
  readonly findings: Part<readonly BareFinding[]>
  readonly proposals: Proposals
} {
  return { headline: {}, ...described }
}
