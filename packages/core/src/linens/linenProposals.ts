import { makeEdit } from '../design/edit.js'
import type { BareFinding, Proposal } from '../design/finding.js'
import type { DropStyle, Look } from '../design/look.js'
import { swapProposals } from '../design/swap.js'
import { leafProposals } from '../seating/seatingProposals.js'

/** Another cloth, another style, or none. */
export function clothProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'linen') return []
  const styles: DropStyle[] = ['casual', 'dressy', 'formal']
  const restyle = styles
    .filter((drop) => drop !== look.school.drop)
    .map((drop) => ({ code: 'drop-style' as const, edit: makeEdit(look, 'school', (draft) => void (draft.school.drop = drop)), params: { drop } }))
  const off = makeEdit(look, 'linens', (draft) => void (draft.linens.clothId = null))
  return [...swapProposals(look, finding.at.pieceId, undefined, 4), ...restyle, { code: 'take-off', edit: off, params: { pieceId: finding.at.pieceId } }]
}

/** Another runner, the same one turned, or none. */
export function runnerProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'linen' || !look.linens.runner) return []
  const turned = look.linens.runner.lay === 'along' ? 'across' : 'along'
  const turn = makeEdit(look, 'linens', (draft) => void (draft.linens.runner!.lay = turned))
  const off = makeEdit(look, 'linens', (draft) => void (draft.linens.runner = null))
  return [
    ...swapProposals(look, finding.at.pieceId),
    { code: 'turn-runner', edit: turn, params: { lay: turned } },
    { code: 'take-off', edit: off, params: { pieceId: finding.at.pieceId } }
  ]
}

/** Narrower mats, a longer table, or none. */
export function matProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'linen') return []
  const off = makeEdit(look, 'linens', (draft) => void (draft.linens.matId = null))
  return [...swapProposals(look, finding.at.pieceId), ...leafProposals(look), { code: 'take-off', edit: off, params: { pieceId: finding.at.pieceId } }]
}
