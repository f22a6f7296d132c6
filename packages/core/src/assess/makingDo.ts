import { likeEnough } from '../design/closeness.js'
import { applyEdit, type Edit } from '../design/edit.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { swapProposals } from '../design/swap.js'
import type { Assessor } from './assess.js'
import { bringsOf } from './brings.js'

/** A line to buy held against the likest thing of the house that would do: how many of it there are, what is saved in all, and what it brings. */
export interface MakingDo {
  readonly pieceId: string
  readonly withId: string
  readonly owned: number
  readonly savesCents: number
  readonly brings: readonly BareFinding[]
  readonly edit: Edit
}

/** For each line that costs something; lines for which nothing of the house is like enough, or free in the number needed, are left out. */
export function makingDo(assessor: Assessor, look: Look): MakingDo[] {
  const before = assessor.measure(look)
  return before.figures.money.lines.flatMap(({ need, mix, skipped }): MakingDo[] => {
    if (skipped || mix.costCents === 0) return []
    const [nearest] = swapProposals(look, need.piece.id, (other) => other.owned >= need.needed && likeEnough(need.piece, other), 1)
    if (nearest?.code !== 'swap') return []
    const { toId } = nearest.params
    const after = assessor.measure(applyEdit(look, nearest.edit))
    const savesCents = before.figures.money.openCents - after.figures.money.openCents
    if (savesCents <= 0 || after.figures.money.lines.some((line) => line.need.piece.id === toId)) return []
    const owned = look.pieces.find((piece) => piece.id === toId)!.owned
    return [{ pieceId: need.piece.id, withId: toId, owned, savesCents, brings: bringsOf(before.each, after.each), edit: nearest.edit }]
  })
}
