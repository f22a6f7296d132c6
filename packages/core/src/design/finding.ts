import type { Edit } from './edit.js'
import type { FindingShapes } from './findingShapes.js'
import type { RemedyShapes } from './remedyShapes.js'

/** Stop: it cannot be done or can hurt somebody. Warn: it will be noticed. Note: worth knowing. */
export type Severity = 'stop' | 'warn' | 'note'

export type FindingCode = keyof FindingShapes
export type RemedyCode = keyof RemedyShapes

/** Ids of further placed pieces (of pieces, where it is told of one) that have the same trouble of the same cause, each less than the one it is told of. */
export interface Also {
  readonly also?: readonly string[]
}

/** A finding of one code: something the engine noticed, in numbers and ids; words are the interface's. */
export type FindingOf<Code extends FindingCode> = { [C in Code]: { readonly code: C; readonly severity: Severity } & Also & FindingShapes[C] }[Code]
/** Any finding, told apart by its code. */
export type BareFinding = FindingOf<FindingCode>
export type Finding = BareFinding & { readonly remedies: readonly Remedy[] }

/** A change of one code that might mend a finding, before it is tried. */
export type ProposalOf<Code extends RemedyCode> = { [C in Code]: { readonly code: C; readonly edit: Edit; readonly params: RemedyShapes[C] } }[Code]
/** Any proposal, told apart by its code. */
export type Proposal = ProposalOf<RemedyCode>

/** The figures a change moves, before and after. */
export type Effect = readonly { readonly figure: EffectFigure; readonly before: number; readonly after: number }[]
/** A change that was tried and does clear its finding, with the figures it changes and every finding it brings or makes graver. */
export type Remedy = Proposal & {
  readonly effect: Effect
  readonly brings: readonly BareFinding[]
  /** How many places of the finding it mends at once. */
  readonly mends: number
}

export const effectFigures = ['narrowestMm', 'seenPairs', 'leftCents', 'shortestLightMin', 'stops', 'warnings', 'notes'] as const
export type EffectFigure = (typeof effectFigures)[number]

/** What says that two findings are the same one in two states of a look. */
export function findingKey({ code, at }: Pick<BareFinding, 'code' | 'at'>): string {
  switch (at.kind) {
    case 'piece':
      return `${code}@${at.placedId}`
    case 'linen':
    case 'line':
      return `${code}@${at.pieceId}`
    case 'part':
      return `${code}@${at.part}`
    case 'dish':
      return `${code}@${at.dishId}`
    case 'guest':
      return `${code}@${at.guestId} ${at.course}`
    case 'role':
      return `${code}@${at.role}`
    case 'side':
      return `${code}@${at.side}`
    case 'table':
    case 'seats':
    case 'money':
      return code
  }
}
