import type { Look } from '@hestiad/core'
import { createPool } from '../work/pool.js'
import type { PlanAnswer, SolveProgress } from './planWorker.js'

/** Plans where to buy in a thread of its own, one plan after another. */
export interface Planner {
  plan(look: Look, day: string, signal: AbortSignal, onProgress: (progress: SolveProgress) => void): Promise<PlanAnswer>
  close(): Promise<void>
}

export function createPlanner(): Planner {
  const pool = createPool({ file: 'plans/planWorker.js', threads: 1, idleMs: 20_000, heapMb: 256 })
  return {
    plan: (look, day, signal, onProgress) => pool.runTelling({ look, day }, signal, onProgress) as Promise<PlanAnswer>,
    close: () => pool.close()
  }
}
