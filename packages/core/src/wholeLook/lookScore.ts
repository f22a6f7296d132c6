import { UNLIT } from '../composer/different.js'
import type { LookFigures } from './lookFigures.js'

/** What more than the money, a stop and a warning leave of a look's score, and what an empty middle counts for. Our own starting values. */
export const OVER_BUDGET = 0.6
const STOP = 0.75
const WARN = 0.95
const NO_MIDDLE = 0.4

/** 0 to 1: how a look's layers go together, how its middle keeps what eyes prefer, and what is left to mend. */
export function scoreOf(castScore: number, { middleScore, unlit, stops, warns, leftCents }: LookFigures): number {
  const middle = middleScore === null ? NO_MIDDLE : middleScore * (unlit ? UNLIT : 1)
  return Math.sqrt(castScore * middle) * STOP ** stops * WARN ** warns * (leftCents < 0 ? OVER_BUDGET : 1)
}
