import { makeEdit } from '../design/edit.js'
import type { BareFinding, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { swapProposals } from '../design/swap.js'
import { buyList, type BuyList } from './buyList.js'

/** Cheaper or owned pieces for the dearest lines, the reserve, or a larger budget. */
export function overBudgetProposals(look: Look): Proposal[] {
  const list = buyList(look)
  return [...cheaperSwaps(look, list), ...useReserve(look, list), raiseBudget(look, list)]
}

function cheaperSwaps(look: Look, list: BuyList): Proposal[] {
  const dearest = [...list.lines].sort((a, b) => b.mix.costCents - a.mix.costCents).slice(0, 4)
  return dearest.flatMap((line) => swapProposals(look, line.need.piece.id, (other) => other.owned > 0, 2))
}

/** Takes just as much out of the reserve as is missing. */
function useReserve(look: Look, list: BuyList): Proposal[] {
  if (list.spendCents > list.totalCents) return []
  const reservePercent = Math.max(0, Math.floor(((list.totalCents - list.spendCents) / Math.max(1, list.totalCents)) * 10_000) / 100)
  const edit = makeEdit(look, 'money', (draft) => void (draft.money.reservePercent = reservePercent))
  return [{ code: 'use-reserve', edit, params: { cents: -list.leftCents, reservePercent } }]
}

function raiseBudget(look: Look, list: BuyList): Proposal {
  const share = 1 - look.money.reservePercent / 100
  let totalCents = share > 0 ? Math.ceil(list.spendCents / share) : list.spendCents
  const reservePercent = share > 0 ? look.money.reservePercent : 0
  while (buyList({ ...look, money: { ...look.money, totalCents, reservePercent } }).leftCents < 0) totalCents += 1
  const edit = makeEdit(look, 'money', (draft) => {
    draft.money.totalCents = totalCents
    draft.money.reservePercent = reservePercent
  })
  return { code: 'raise-budget', edit, params: { totalCents } }
}

/** Another piece that the cupboard or a shop can give, or the missing ones borrowed. */
export function gapProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'line') return []
  const { pieceId } = finding.at
  const line = buyList(look).lines.find((one) => one.need.piece.id === pieceId)
  if (!line) return []
  const borrow = makeEdit(look, 'cupboard', (draft) => {
    draft.pieces.find((piece) => piece.id === pieceId)!.owned += line.gapPieces
  })
  return [...swapProposals(look, pieceId), { code: 'borrow', edit: borrow, params: { pieceId, count: line.gapPieces } }]
}
