import type { BareFinding } from '../design/finding.js'
import type { BuyList } from './buyList.js'
import { needs, type NeedsOf } from './needs.js'

/** Spending past the working budget, a part past its cap, an overdrawn reserve, lines no priced offer covers, pieces laid elsewhere that day. */
export function moneyFindings(list: BuyList, look: NeedsOf): BareFinding[] {
  const found: BareFinding[] = []
  if (list.leftCents < 0)
    found.push({
      code: 'money.over',
      severity: 'warn',
      at: { kind: 'money' },
      measured: { spendCents: list.spendCents },
      limit: { spendCents: list.workingCents },
      because: 'working-budget'
    })
  return [...found, ...overCaps(list), ...reserveDrawn(list), ...gapFindings(list), ...claimFindings(look)]
}

function gapFindings(list: BuyList): BareFinding[] {
  return list.lines
    .filter((line) => line.gapPieces > 0)
    .map((line): BareFinding => ({
      code: 'money.gap',
      severity: line.need.group === 'supplies' ? 'note' : 'warn',
      at: { kind: 'line', pieceId: line.need.piece.id },
      measured: { pieces: line.gapPieces, needed: line.need.needed },
      limit: { pieces: 0 },
      because: 'no-price'
    }))
}

function overCaps(list: BuyList): BareFinding[] {
  return [...list.groups, ...list.zones]
    .filter((part) => part.capCents !== null && part.openCents + part.spentCents > part.capCents)
    .map((part): BareFinding => ({
      code: 'money.cap',
      severity: 'warn',
      at: { kind: 'part', part: part.part },
      measured: { spendCents: part.openCents + part.spentCents },
      limit: { spendCents: part.capCents! },
      because: 'cap'
    }))
}

function reserveDrawn(list: BuyList): BareFinding[] {
  if (list.reserveLeftCents >= 0) return []
  return [
    {
      code: 'money.reserve',
      severity: 'warn',
      at: { kind: 'money' },
      measured: { drawnCents: list.drawnCents },
      limit: { drawnCents: list.reserveCents },
      because: 'reserve'
    }
  ]
}

/** Pieces this look uses of which too few are free, because another occasion lays them on a day too near. */
function claimFindings(look: NeedsOf): BareFinding[] {
  if (look.claims.every((claim) => claim.settled)) return []
  return needs(look)
    .filter((need) => need.claimed > 0 && need.needed > Math.max(0, need.owned - need.claimed))
    .map((need): BareFinding => ({
      code: 'piece.claimed',
      severity: 'warn',
      at: { kind: 'line', pieceId: need.piece.id },
      measured: { needed: need.needed, claimed: need.claimed, owned: need.owned },
      limit: { free: Math.max(0, need.owned - need.claimed) },
      because: 'two-occasions'
    }))
}
