import { fileURLToPath } from 'node:url'
import { MessageChannel } from 'node:worker_threads'
import type { Look } from '@hestiad/core'
import { Piscina } from 'piscina'
import type { PlanAnswer, SolveProgress } from './planWorker.js'

/** Plans where to buy in a thread of its own, one plan after another. */
export interface Planner {
  plan(look: Look, day: string, signal: AbortSignal, onProgress: (progress: SolveProgress) => void): Promise<PlanAnswer>
  close(): Promise<void>
}

export function createPlanner(): Planner {
  // under test this file is TypeScript, the thread needs the built one
  const filename = fileURLToPath(new URL('../../dist/plans/planWorker.js', import.meta.url))
  const pool = new Piscina({
    filename,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 20_000,
    execArgv: [],
    resourceLimits: { maxOldGenerationSizeMb: 256, maxYoungGenerationSizeMb: 16 }
  })
  return {
    async plan(look, day, signal, onProgress) {
      const { port1, port2 } = new MessageChannel()
      port1.on('message', onProgress)
      try {
        return (await pool.run({ look, day, port: port2 }, { signal, transferList: [port2] })) as PlanAnswer
      } finally {
        port1.close()
      }
    },
    close: () => pool.destroy()
  }
}
