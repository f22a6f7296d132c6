import { findPiece, pieceIndex } from '../design/find.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import type { Standing } from '../centerpiece/standing.js'
import { LONGEST_BURN_MIN } from '../reference/candles.js'
import { candleLifeMin, heightAfterMm } from './candleLife.js'
import { holderFit } from './holderFit.js'

/** One candle over the evening. */
export interface CandleEvening {
  readonly placedId: string
  readonly lifeMin: number
  /** From lighting to the end of the occasion. */
  readonly askedMin: number
  readonly outAtMin: number
  readonly leftMm: number
  readonly flame: boolean
}

/** Each placed candle's life against the evening. */
export function candleEvenings(look: Pick<Look, 'pieces' | 'occasion' | 'centerpiece'>): CandleEvening[] {
  const index = pieceIndex(look)
  return look.centerpiece.flatMap((placed) => {
    const candle = findPiece(index, placed.candle?.candleId, 'candle')
    if (!candle || !placed.candle) return []
    const lifeMin = candleLifeMin(candle)
    const askedMin = Math.max(0, look.occasion.endMin - placed.candle.lightAtMin)
    return [
      {
        placedId: placed.id,
        lifeMin,
        askedMin,
        outAtMin: placed.candle.lightAtMin + lifeMin,
        leftMm: heightAfterMm(candle, Math.min(askedMin, lifeMin)),
        flame: candle.burn.kind === 'wax'
      }
    ]
  })
}

/** Misfits, and candles that go out early or burn too long at once. */
export function candleFindings(look: Pick<Look, 'centerpiece'>, standing: readonly Standing[], evenings: readonly CandleEvening[]): BareFinding[] {
  return [...misfits(standing), ...outEarly(look, evenings), ...longBurn(evenings)]
}

function misfits(standing: readonly Standing[]): BareFinding[] {
  return standing.flatMap((piece): BareFinding[] => {
    if (piece.piece.kind !== 'holder' || !piece.candle) return []
    const misfit = holderFit(piece.piece, piece.candle)
    if (!misfit) return []
    const at = { kind: 'piece', placedId: piece.placed.id } as const
    if (misfit.kind === 'form') return [{ code: 'candle.misfit', severity: 'stop', at, measured: {}, limit: {}, because: 'form' }]
    return [
      {
        code: 'candle.misfit',
        severity: misfit.kind === 'cup-loose' || misfit.kind === 'rim-low' ? 'warn' : 'stop',
        at,
        measured: { hasMm: misfit.hasMm },
        limit: { needsMm: misfit.needsMm },
        because: misfit.kind
      }
    ]
  })
}

/** One finding for each kind of candle that does not last: they are lit and go out together. */
function outEarly(look: Pick<Look, 'centerpiece'>, evenings: readonly CandleEvening[]): BareFinding[] {
  const byCandle = new Map<string, { worst: CandleEvening; count: number }>()
  for (const evening of evenings) {
    if (evening.lifeMin >= evening.askedMin - 0.5) continue
    const candleId = look.centerpiece.find((placed) => placed.id === evening.placedId)!.candle!.candleId
    const known = byCandle.get(candleId)
    const worst = known && known.worst.askedMin >= evening.askedMin ? known.worst : evening
    byCandle.set(candleId, { worst, count: (known?.count ?? 0) + 1 })
  }
  return [...byCandle].map(([pieceId, { worst, count }]): BareFinding => ({
    code: 'candle.short',
    severity: 'warn',
    at: { kind: 'line', pieceId },
    measured: { lifeMin: worst.lifeMin, outAtMin: worst.outAtMin, candles: count },
    limit: { lifeMin: worst.askedMin },
    because: 'out-early'
  }))
}

function longBurn(evenings: readonly CandleEvening[]): BareFinding[] {
  const long = evenings.filter((evening) => evening.flame && Math.min(evening.askedMin, evening.lifeMin) > LONGEST_BURN_MIN)
  if (long.length === 0) return []
  const burnMin = Math.max(...long.map((evening) => Math.min(evening.askedMin, evening.lifeMin)))
  return [
    {
      code: 'candle.long-burn',
      severity: 'note',
      at: { kind: 'table' },
      measured: { burnMin, candles: long.length },
      limit: { burnMin: LONGEST_BURN_MIN },
      because: 'wick'
    }
  ]
}
