import { applyEdit, makeEdit } from '../design/edit.js'
import type { Proposal, Remedy } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { clearUses, pieceUses, type UseRole } from '../design/pieceUses.js'
import { swapProposals } from '../design/swap.js'
import type { BuyLine } from '../money/buyList.js'
import type { Assessor } from './assess.js'
import { bringsOf } from './brings.js'

/** A way to spend less, with what it does to the look. */
export type Saving = Proposal &
  Pick<Remedy, 'effect' | 'brings'> & {
    readonly savingCents: number
    /** The piece on whose line it saves. */
    readonly onPieceId: string
  }

const LINES_TRIED = 8
const MOST_SAVINGS = 8

/** Swaps and layers to leave out for the dearest lines, each tried and measured, the largest saving first; only such as do save. */
export function savings(assessor: Assessor, look: Look): Saving[] {
  const before = assessor.measure(look)
  const dearest = [...before.figures.money.lines].sort((a, b) => b.mix.costCents - a.mix.costCents).slice(0, LINES_TRIED)
  return dearest
    .filter((line) => line.mix.costCents > 0)
    .flatMap((line) => bestOf(assessor, look, line.need.piece.id, proposalsFor(look, line)))
    .filter((saving) => saving.savingCents > 0)
    .sort((a, b) => b.savingCents - a.savingCents)
    .slice(0, MOST_SAVINGS)
}

function proposalsFor(look: Look, line: BuyLine): Proposal[] {
  const { id } = line.need.piece
  return [...swapProposals(look, id, () => true, 6), ...leaveOut(look, id)]
}

/** Layers that may be left out for money. */
const layers: readonly UseRole[] = ['plate', 'bread-plate', 'glass', 'favor', 'topper', 'runner', 'mat', 'stem']

/** The layer left out, where the look holds together without it. */
function leaveOut(look: Look, pieceId: string): Proposal[] {
  const uses = pieceUses(look).filter((use) => use.pieceId === pieceId && layers.includes(use.role))
  return uses.length > 0 ? [{ code: 'skip-layer', edit: makeEdit(look, 'setting', (draft) => clearUses(draft, uses)), params: { pieceId } }] : []
}

/** The best swap and the leaving out; one swap a line is enough to choose from. */
function bestOf(assessor: Assessor, look: Look, onPieceId: string, proposals: readonly Proposal[]): Saving[] {
  const tried = proposals.map((proposal): Saving => {
    const after = applyEdit(look, proposal.edit)
    const brings = bringsOf(assessor.measure(look).each, assessor.measure(after).each)
    const effect = assessor.effectOf(look, after)
    const left = effect.find((one) => one.figure === 'leftCents')
    return { ...proposal, effect, brings, onPieceId, savingCents: left ? left.after - left.before : 0 }
  })
  const swaps = tried.filter((one) => one.code === 'swap').sort((a, b) => b.savingCents - a.savingCents)
  return [...swaps.slice(0, 1), ...tried.filter((one) => one.code !== 'swap')]
}
