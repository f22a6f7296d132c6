import { fileURLToPath } from 'node:url'
import { MessageChannel, type Transferable } from 'node:worker_threads'
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
  run(task: unknown, signal: AbortSignal): Promise<unknown>
  /** The same for work that tells how far it is by the `port` it is given with its task. @throws as `run` */
  runTelling(task: object, signal: AbortSignal, onTold: (told: never) => void): Promise<unknown>
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
  async function run(task: unknown, signal: AbortSignal, transferList: readonly Transferable[] = []): Promise<unknown> {
    const { signal: noThread } = broken
    try {
      return (await pool.run(task, { signal: AbortSignal.any([signal, noThread]), transferList: [...transferList] })) as unknown
    } catch (error) {
      throw noThread.aborted && !signal.aborted ? new ApiError('busy') : error
    }
  }
  return {
    run: (task, signal) => run(task, signal),
    async runTelling(task, signal, onTold) {
      const { port1, port2 } = new MessageChannel()
      port1.on('message', (told) => onTold(told as never))
      try {
        return await run({ ...task, port: port2 }, signal, [port2])
      } finally {
        port1.close()
      }
    },
    close: () => pool.destroy()
  }
}
