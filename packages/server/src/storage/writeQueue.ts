import { setImmediate as nextTurn } from 'node:timers/promises'
import type { DataSource, EntityManager } from 'typeorm'

type Job<T> = (manager: EntityManager) => Promise<T>

interface Waiting {
  readonly job: Job<unknown>
  readonly resolve: (value: unknown) => void
  readonly reject: (error: unknown) => void
}

/**
 * The one way to write: jobs run one after another, and those that wait together share one commit. A job that throws is rolled back to
 * where it began and leaves the others alone. A job is answered only after its commit.
 */
export class WriteQueue {
  private waiting: Waiting[] = []
  private running = false

  constructor(private readonly dataSource: DataSource) {}

  run<T>(job: Job<T>): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      this.waiting.push({ job, resolve: resolve as (value: unknown) => void, reject })
      if (!this.running) void this.drain()
    })
  }

  private async drain(): Promise<void> {
    this.running = true
    while (this.waiting.length > 0) {
      await nextTurn()
      const batch = this.waiting.splice(0)
      await this.commit(batch)
    }
    this.running = false
  }

  private async commit(batch: readonly Waiting[]): Promise<void> {
    const answers: (() => void)[] = []
    try {
      await this.dataSource.transaction(async (manager) => {
        for (const { job, resolve, reject } of batch) answers.push(await nested(manager, job, resolve, reject))
      })
      for (const answer of answers) answer()
    } catch (error) {
      for (const { reject } of batch) reject(error)
    }
  }
}

/** One job in a transaction within the batch's, which TypeORM keeps as a savepoint. */
async function nested(manager: EntityManager, job: Job<unknown>, resolve: (value: unknown) => void, reject: (error: unknown) => void): Promise<() => void> {
  try {
    const value = await manager.transaction(job)
    return () => resolve(value)
  } catch (error) {
    return () => reject(error)
  }
}
