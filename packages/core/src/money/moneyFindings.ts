import type { BareFinding } from '../design/finding.js'
import type { BuyList } from './buyList.js'

/** Spending past the working budget, and pieces that no priced offer covers. */
export function moneyFindings(list: BuyList): BareFinding[] {
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
  for (const line of list.lines) {
    if (line.gapPieces === 0) continue
    found.push({
      code: 'money.gap',
      severity: 'warn',
      at: { kind: 'line', pieceId: line.need.piece.id },
      measured: { pieces: line.gapPieces, needed: line.need.needed },
      limit: { pieces: 0 },
      because: 'no-price'
    })
  }
  return found
}
