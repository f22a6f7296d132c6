import { applyEdit, makeEdit, replaceEdit } from '../design/edit.js'
import { borrowPieces } from '../design/edits/borrowing.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { swapProposals } from '../design/swap.js'
import { numberedId } from '../units/slug.js'
import { buyList, reserveCents, type BuyList } from './buyList.js'
import { countedAs } from './needs.js'

/** Cheaper or owned pieces for the dearest lines, the reserve, or a larger budget. */
export function overBudgetProposals(look: Look): Proposal[] {
  const list = buyList(look)
  return [...cheaperSwaps(look, list), ...cheaperTogether(look, list), ...useReserve(look, list), raiseBudget(look, list)]
}

function cheaperSwaps(look: Look, list: BuyList): Proposal[] {
  const dearest = [...list.lines].sort((a, b) => b.mix.costCents - a.mix.costCents).slice(0, 4)
  return dearest.flatMap((line) => swapProposals(look, line.need.piece.id, (other) => other.owned > 0, 2))
}

const LINES_TRIED = 8

/** The dearest lines one after the other swapped for what costs least, until the look is within its budget; none where that is not enough. */
function cheaperTogether(look: Look, list: BuyList): Proposal[] {
  let [state, spendCents] = [look, list.spendCents]
  const pieceIds: string[] = []
  const dearest = [...list.lines].sort((a, b) => b.mix.costCents - a.mix.costCents).slice(0, LINES_TRIED)
  for (const line of dearest) {
    if (line.mix.costCents === 0) break
    const tried = swapProposals(state, line.need.piece.id, () => true, 6).map((proposal) => applyEdit(state, proposal.edit))
    const best = tried.map((next) => ({ next, cents: buyList(next).spendCents })).sort((a, b) => a.cents - b.cents)[0]
    if (!best || best.cents >= spendCents) continue
    ;[state, spendCents] = [best.next, best.cents]
    pieceIds.push(line.need.piece.id)
    if (buyList(state).leftCents >= 0) {
      if (pieceIds.length === 1) return []
      return [{ code: 'cheaper', edit: replaceEdit(look, 'cupboard', state), params: { pieceIds, cents: list.spendCents - spendCents } }]
    }
  }
  return []
}

/** Draws just as much from the reserve as is missing, with its cause in the ledger. */
function useReserve(look: Look, list: BuyList): Proposal[] {
  const cents = -list.leftCents
  if (cents > list.reserveLeftCents) return []
  const edit = makeEdit(look, 'money', (draft) => {
    draft.buying.draws.push({
      id: numberedId('draw', look.buying.draws),
      cents,
      cause: 'over the working budget',
      day: look.buying.pricesOn ?? look.occasion.date
    })
  })
  return [{ code: 'use-reserve', edit, params: { cents } }]
}

function raiseBudget(look: Look, list: BuyList): Proposal {
  const share = 1 - look.money.reservePercent / 100
  let totalCents = Math.max(0, share > 0 ? Math.ceil((list.spendCents - list.drawnCents) / share) : list.spendCents - list.drawnCents)
  const reservePercent = share > 0 ? look.money.reservePercent : 0
  while (buyList({ ...look, money: { ...look.money, totalCents, reservePercent } }).leftCents < 0) totalCents += 1
  const edit = makeEdit(look, 'money', (draft) => {
    draft.money.totalCents = totalCents
    draft.money.reservePercent = reservePercent
  })
  return { code: 'raise-budget', edit, params: { totalCents } }
}

/** Another piece that the cupboard or a shop can give, or the missing ones borrowed. */
export function gapProposals(look: Look, finding: FindingOf<'money.gap'>): Proposal[] {
  const { pieceId } = finding.at
  const line = buyList(look).lines.find((one) => one.need.piece.id === pieceId)
  if (!line) return []
  const borrow = borrowPieces(look, countedAs(line.need.piece), line.gapPieces)
  return [{ code: 'borrow', edit: borrow, params: { pieceId, count: line.gapPieces } }, ...swapProposals(look, pieceId), goWithout(look, pieceId)]
}

function goWithout(look: Look, pieceId: string): Proposal {
  const edit = makeEdit(look, 'money', (draft) => void draft.buying.skipped.push(pieceId))
  return { code: 'go-without', edit, params: { pieceId } }
}

/** A higher cap, or cheaper and owned pieces in the part that is over. */
export function capProposals(look: Look, finding: FindingOf<'money.cap'>): Proposal[] {
  const { part } = finding.at
  const list = buyList(look)
  const capCents = finding.measured.spendCents
  const raise = makeEdit(look, 'money', (draft) => {
    const { split } = draft.money
    if (split.kind !== 'plain') split.caps.forEach((cap) => cap.part === part && (cap.capCents = capCents))
  })
  const inPart = list.lines.filter((line) => line.need.group === part || line.need.zone === part)
  return [...cheaperSwaps(look, { ...list, lines: inPart }), { code: 'raise-cap', edit: raise, params: { part, cents: capCents } }]
}

/** Takes the newest draws back until the reserve holds, or raises the total until its share covers them. */
export function reserveProposals(look: Look): Proposal[] {
  const list = buyList(look)
  let over = -list.reserveLeftCents
  const undone = makeEdit(look, 'money', (draft) => {
    while (over > 0 && draft.buying.draws.length > 0) {
      const last = draft.buying.draws[draft.buying.draws.length - 1]!
      const back = Math.min(over, last.cents)
      last.cents -= back
      over -= back
      if (last.cents === 0) draft.buying.draws.pop()
    }
  })
  return [{ code: 'fewer-draws', edit: undone, params: { cents: -list.reserveLeftCents } }, ...largerReserve(look, list)]
}

function largerReserve(look: Look, list: BuyList): Proposal[] {
  const share = look.money.reservePercent / 100
  if (share === 0) return []
  let totalCents = Math.floor(list.drawnCents / share)
  while (reserveCents(totalCents, look.money.reservePercent) < list.drawnCents) totalCents += 1
  return [{ code: 'raise-budget', edit: makeEdit(look, 'money', (draft) => void (draft.money.totalCents = totalCents)), params: { totalCents } }]
}

/** Another free piece, or the word that both occasions can have it. */
export function claimProposals(look: Look, finding: FindingOf<'piece.claimed'>): Proposal[] {
  const { pieceId } = finding.at
  const counted = countedAs(look.pieces.find((piece) => piece.id === pieceId)!)
  const settle = makeEdit(look, 'cupboard', (draft) => {
    for (const claim of draft.claims) if (claim.pieceId === counted) claim.settled = true
  })
  return [...swapProposals(look, pieceId, (other) => other.owned > 0), { code: 'settle-claim', edit: settle, params: { pieceId } }]
}
