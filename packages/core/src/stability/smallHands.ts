import type { Standing } from '../centerpiece/standing.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { hasCoinCell, isSmallPart } from '../reference/smallParts.js'

/** The usual cautions where small children are about: what can be swallowed, and cloth that can be pulled with all that stands on it. */
export function smallHandsFindings({ household, school, linens }: Pick<Look, 'household' | 'school' | 'linens'>, standing: readonly Standing[]): BareFinding[] {
  if (!household.toddlers) return []
  const found: BareFinding[] = []
  const cells = standing.filter((one) => hasCoinCell(one.candle)).length
  const pieces = cells + standing.filter((one) => isSmallPart(one.piece)).length
  if (pieces > 0 && !school.meant.includes('hands.small'))
    found.push({
      code: 'hands.small',
      severity: 'note',
      at: { kind: 'table' },
      measured: { pieces },
      limit: { pieces: 0 },
      because: cells > 0 ? 'coin-cells' : 'small-parts'
    })
  const pulled = linens.clothId ?? linens.runner?.pieceId
  if (pulled !== undefined && standing.length > 0 && !school.meant.includes('hands.cloth'))
    found.push({
      code: 'hands.cloth',
      severity: 'note',
      at: { kind: 'linen', pieceId: pulled },
      measured: { pieces: standing.length },
      limit: { pieces: 0 },
      because: 'pull'
    })
  return found
}
