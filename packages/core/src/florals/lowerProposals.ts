import { makeEdit } from '../design/edit.js'
import type { Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'

/** Flowers are not cut lower than this above the rim: our own starting value. */
const LEAST_RISE_MM = 30

/** The flowers of a piece cut to shares of their rise; none where it has no flowers. */
export function lowerProposals(look: Look, placedId: string, shares: readonly number[]): Proposal[] {
  const arrangement = look.centerpiece.find((one) => one.id === placedId)?.arrangement
  if (!arrangement) return []
  return shares.map((share) => {
    const riseMm = Math.max(LEAST_RISE_MM, Math.round(arrangement.riseMm * share))
    const edit = makeEdit(look, 'florals', (draft) => void (draft.centerpiece.find((one) => one.id === placedId)!.arrangement!.riseMm = riseMm))
    return { code: 'lower', edit, params: { placedId, heightMm: riseMm, byMm: arrangement.riseMm - riseMm } }
  })
}
