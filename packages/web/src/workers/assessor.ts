import type { BareFinding, Edit, Figures, Look, StandingPiece, SubjectName } from '@hestiad/core'
import { wrap } from 'comlink'
import type { AssessorService } from './assessor.worker.js'

/** What the worker says of a look: findings in the order of their subjects. */
export interface Measurement {
  readonly figures: Figures
  readonly findings: readonly BareFinding[]
  readonly tookMs: number
}

/** The assessor in its worker, which is told the look once and then the edits; it answers with the subjects that changed. */
export function startAssessor() {
  const worker = new Worker(new URL('./assessor.worker.ts', import.meta.url), { type: 'module' })
  const service = wrap<AssessorService>(worker)
  let figures = {} as Figures
  let bySubject = {} as Readonly<Record<SubjectName, readonly BareFinding[]>>
  let findings: readonly BareFinding[] = []
  const patchesOf = ({ patches }: Edit) => ({ patches })
  return {
    open: (look: Look) => void service.open(look),
    edit: (edit: Edit) => void service.edit(patchesOf(edit)),
    /** The look as it was told, or with an edit that is not made yet. */
    measure: async (held?: Edit): Promise<Measurement> => {
      const { tookMs, ...changed } = await service.measure(held && patchesOf(held))
      if (Object.keys(changed.figures).length > 0) figures = { ...figures, ...changed.figures }
      if (Object.keys(changed.findings).length > 0) {
        bySubject = { ...bySubject, ...changed.findings }
        // the first answer names all subjects in their order
        findings = Object.values(bySubject).flat()
      }
      return { figures, findings, tookMs }
    },
    remedies: (finding: BareFinding) => service.remedies(finding),
    spot: (piece: StandingPiece) => service.spot(piece),
    savings: () => service.savings(),
    gaps: () => service.gaps(),
    makingDo: () => service.makingDo(),
    heights: () => service.heights(),
    seat: () => service.seat()
  }
}

export type Assessor = ReturnType<typeof startAssessor>
