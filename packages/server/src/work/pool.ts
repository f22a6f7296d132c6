import { fileURLToPath } from 'node:url'
import type { Transferable } from 'node:worker_threads'
import { Piscina } from 'piscina'
import { ApiError } from '../errors.js'

export interface PoolSettings {
  /** The built file the threads run, from `dist`. */
  readonly file: string
  readonly threads: number
  readonly idleMs: number
  readonly heapMb: number
}

/** Threads that come when there is work and go when there is none. */
export interface Pool {
  /** @throws ApiError busy when no thread could be had; AbortError; what the work throws */
  run(task: unknown, signal: AbortSignal, transferList?: readonly Transferable[]): Promise<unknown>
  close(): Promise<void>
}

/** A thread that cannot start, as where there are no more file handles, ends what waits and not the server; the next task tries again. */
export function createPool({ file, threads, idleMs, heapMb }: PoolSettings): Pool {
  const pool = new Piscina({
    // under test this file is TypeScript, the thread needs the built one
    filename: fileURLToPath(new URL(`../../dist/${file}`, import.meta.url)),
    minThreads: 0,
    maxThreads: threads,
    idleTimeout: idleMs,
    execArgv: [],
    resourceLimits: { maxOldGenerationSizeMb: heapMb, maxYoungGenerationSizeMb: 32 }
  })
  let broken = new AbortController()
  pool.on('error', () => {
    const before = broken
    broken = new AbortController()
    before.abort()
  })
  return {
    async run(task, signal, transferList = []) {
      const { signal: noThread } = broken
      try {
        return (await pool.run(task, { signal: AbortSignal.any([signal, noThread]), transferList: [...transferList] })) as unknown
      } catch (error) {
        throw noThread.aborted && !signal.aborted ? new ApiError('busy') : error
      }
    },
    close: () => pool.destroy()
  }
}
