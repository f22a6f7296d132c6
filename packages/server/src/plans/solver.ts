import { fileURLToPath } from 'node:url'
import { MessageChannel } from 'node:worker_threads'
import { Piscina } from 'piscina'
import type { Solution } from '@hestiad/core'
import type { SolveAnswer, SolveProgress } from './solveWorker.js'

/** Longest time a plan is worked on; the answer then tells its gap. */
const LIMIT_S = 5

/** Solves integer programs in a thread of its own, one after another. */
export interface Solver {
  solve(model: string, signal: AbortSignal, onProgress: (progress: SolveProgress) => void): Promise<Solution>
  close(): Promise<void>
}

export function createSolver(limitS = LIMIT_S): Solver {
  // under test this file is TypeScript, the thread needs the built one
  const filename = fileURLToPath(new URL('../../dist/plans/solveWorker.js', import.meta.url))
  const pool = new Piscina({
    filename,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 20_000,
    resourceLimits: { maxOldGenerationSizeMb: 192, maxYoungGenerationSizeMb: 16 }
  })
  return {
    async solve(model, signal, onProgress) {
      const { port1, port2 } = new MessageChannel()
      port1.on('message', onProgress)
      try {
        const { values, objective, bound } = (await pool.run({ model, limitS, port: port2 }, { signal, transferList: [port2] })) as SolveAnswer
        return { values: new Map(values), objective, bound }
      } finally {
        port1.close()
      }
    },
    close: () => pool.destroy()
  }
}
