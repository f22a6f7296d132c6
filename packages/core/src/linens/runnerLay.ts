import type { Runner } from '../design/piece.js'
import { halfLengthMm, spanMm, type Outline } from '../geometry/outline.js'

/** Where a runner lies: half sizes in the table's axes and what hangs over at each end (negative: stops short). */
export interface RunnerLay {
  readonly halfXMm: number
  readonly halfYMm: number
  readonly overhangMm: number
  /** Share of the table's width (or length, laid across) that it covers. */
  readonly share: number
}

/** A runner laid centered, along the table or across it. */
export function runnerLay(runner: Pick<Runner, 'lengthMm' | 'widthMm'>, lay: 'along' | 'across', outline: Outline): RunnerLay {
  const along = lay === 'along'
  const tableMm = along ? halfLengthMm(outline) : spanMm(outline) / 2
  const acrossMm = along ? spanMm(outline) / 2 : halfLengthMm(outline)
  return {
    halfXMm: along ? runner.lengthMm / 2 : runner.widthMm / 2,
    halfYMm: along ? runner.widthMm / 2 : runner.lengthMm / 2,
    overhangMm: runner.lengthMm / 2 - tableMm,
    share: runner.widthMm / 2 / acrossMm
  }
}
