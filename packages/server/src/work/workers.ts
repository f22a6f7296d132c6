import { ApiError } from '../errors.js'
import { createPool } from './pool.js'
import type { TaskEnd } from './taskWorker.js'
import type { TaskName, Tasks } from './tasks.js'

/** So many threads work at once, so many tasks wait for them, and so long a task may take. */
const THREADS = 2
const MOST_WAITING = 12
const LIMIT_MS = 60_000

/** Runs tasks in threads: few at once, few waiting, none for longer than the limit or than somebody waits for it. */
export interface Workers {
  /** @throws ApiError busy, too-slow, and what the task throws */
  run<Name extends TaskName>(name: Name, args: Parameters<Tasks[Name]>, leaves?: AbortSignal): Promise<Awaited<ReturnType<Tasks[Name]>>>
  close(): Promise<void>
}

export function createWorkers(limitMs = LIMIT_MS): Workers {
  const pool = createPool({ file: 'work/taskWorker.js', threads: THREADS, idleMs: 30_000, heapMb: 384 })
  let underWay = 0
  return {
    async run(name, args, leaves) {
      if (underWay >= THREADS + MOST_WAITING) throw new ApiError('busy')
      underWay++
      const late = AbortSignal.timeout(limitMs)
      const signal = leaves ? AbortSignal.any([late, leaves]) : late
      try {
        const end = (await pool.run({ name, args }, signal)) as TaskEnd
        if (!end.ok) throw new ApiError(end.code, end.faults, end.details)
        return end.value as never
      } catch (error) {
        if (leaves?.aborted) throw new ApiError('timed-out')
        throw refused(error as Error, late.aborted)
      } finally {
        underWay--
      }
    },
    close: () => pool.close()
  }
}

function refused(error: Error, isLate: boolean): Error {
  if (isLate) return new ApiError('too-slow')
  // a thread that needed more memory than it may ends
  if (/terminated due to reaching memory limit|ERR_WORKER_OUT_OF_MEMORY/i.test(`${error.message} ${(error as NodeJS.ErrnoException).code ?? ''}`))
    return new ApiError('too-slow')
  return error
}
