import type { Placed } from '../design/look.js'

/** Minutes to build: to fetch and stand a thing, to set a candle, to cut and put in a stem. Our own starting values. */
const buildTime = { pieceMin: 0.6, candleMin: 0.4, stemMin: 0.5 } as const

/** Minutes one person takes to build a middle. */
export function buildMinutes(centerpiece: readonly Placed[]): number {
  const stems = (placed: Placed) => placed.arrangement?.stems.reduce((count, stem) => count + stem.count, 0) ?? 0
  return Math.ceil(
    centerpiece.reduce((sum, placed) => sum + buildTime.pieceMin + (placed.candle ? buildTime.candleMin : 0) + stems(placed) * buildTime.stemMin, 0)
  )
}
