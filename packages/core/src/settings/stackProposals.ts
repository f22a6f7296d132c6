import { makeEdit } from '../design/edit.js'
import type { BareFinding, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { allSettings } from '../design/settingIds.js'
import { swapProposals } from '../design/swap.js'
import { foldKinds, folds } from '../reference/folds.js'

/** The star swapped for another that stands out, or no star at all. */
export function starProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'line') return []
  const { pieceId } = finding.at
  const none = makeEdit(look, 'setting', (draft) => {
    for (const setting of allSettings(draft)) if (setting.starId === pieceId) setting.starId = null
  })
  return [...swapProposals(look, pieceId, undefined, 6), { code: 'no-star', edit: none, params: { pieceId } }]
}

/** A larger napkin, or a fold for this size. */
export function foldProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'linen') return []
  const { pieceId } = finding.at
  const size = finding.measured['lengthMm'] ?? 0
  const fitting = foldKinds.filter((fold) => folds[fold].leastMm <= size).sort((a, b) => folds[b].leastMm - folds[a].leastMm)
  const refold = fitting.slice(0, 2).map((fold) => ({
    code: 'fold' as const,
    edit: makeEdit(look, 'setting', (draft) => {
      for (const setting of allSettings(draft)) if (setting.napkin?.pieceId === pieceId && folds[setting.napkin.fold].leastMm > size) setting.napkin.fold = fold
    }),
    params: { fold }
  }))
  return [...swapProposals(look, pieceId, (piece) => piece.kind === 'napkin' && piece.sideMm > size), ...refold]
}

export function childProposals(look: Look): Proposal[] {
  return [{ code: 'child-safe', edit: makeEdit(look, 'setting', (draft) => void (draft.kinds.childSafe = true)), params: {} }]
}
