import type { Standing } from '../centerpiece/standing.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { cellsPerFlameless } from '../reference/supplies.js'

/** What a small child puts into the mouth: beads, pods, and the coin cells of flameless candles. */
function isSmall({ piece }: Standing): boolean {
  return piece.kind === 'ornament' && (piece.form === 'beads' || piece.form === 'pods')
}

function hasCoinCell({ candle }: Standing): boolean {
  return candle?.burn.kind === 'flameless' && cellsPerFlameless[candle.form].use === 'coin-cell'
}

/** The usual cautions where small children are about: what can be swallowed, and cloth that can be pulled with all that stands on it. */
export function smallHandsFindings({ household, school, linens }: Pick<Look, 'household' | 'school' | 'linens'>, standing: readonly Standing[]): BareFinding[] {
  if (!household.toddlers) return []
  const found: BareFinding[] = []
  const cells = standing.filter(hasCoinCell).length
  const pieces = cells + standing.filter(isSmall).length
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
