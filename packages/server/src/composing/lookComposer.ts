import type { Look, WholeLook } from '@hestiad/core'
import { createPool } from '../work/pool.js'
import type { ComposeProgress, ComposeTask } from './composeWorker.js'

/** Composes whole looks in a thread of its own, for one look after another. */
export interface LookComposer {
  compose(base: Look, options: ComposeTask['options'], signal: AbortSignal, onProgress: (progress: ComposeProgress) => void): Promise<readonly WholeLook[]>
  close(): Promise<void>
}

export function createLookComposer(): LookComposer {
  const pool = createPool({ file: 'composing/composeWorker.js', threads: 1, idleMs: 60_000, heapMb: 512 })
  return {
    compose: (base, options, signal, onProgress) => pool.runTelling({ base, options }, signal, onProgress) as Promise<readonly WholeLook[]>,
    close: () => pool.close()
  }
}
