import { setImmediate as nextTurn } from 'node:timers/promises'
import type { DataSource, EntityManager } from 'typeorm'
import type { BetterSqlite3Driver } from 'typeorm/driver/better-sqlite3/BetterSqlite3Driver.js'

type Job<T> = (manager: EntityManager) => Promise<T>

/** What a job may change: everything, or looks alone. */
export type Reach = 'all' | 'looks'

interface Waiting {
  readonly reach: Reach
  readonly job: Job<unknown>
  readonly resolve: (value: unknown) => void
  readonly reject: (error: unknown) => void
}

/**
 * The one way to write: jobs run one after another, and those that wait together share one commit. A job that throws is rolled back to
 * where it began and leaves the others alone. A job is answered only after its commit; a commit that is refused is rolled back whole and refuses all
 * its jobs.
 */
export class WriteQueue {
  private waiting: Waiting[] = []
  private running = false
  /** Counts up whenever something but looks may have changed: what is remembered of it is then out of date. */
  changes = 0

  constructor(private readonly dataSource: DataSource) {}

  run<T>(job: Job<T>, reach: Reach = 'all'): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      this.waiting.push({ reach, job, resolve: resolve as (value: unknown) => void, reject })
      if (!this.running) void this.drain()
    })
  }

  /** Waits until nothing is being written or waits to be. */
  async idle(): Promise<void> {
    while (this.running) await nextTurn()
  }

  private async drain(): Promise<void> {
    this.running = true
    while (this.waiting.length > 0) {
      await nextTurn()
      const batch = this.waiting.splice(0)
      const beyondLooks = batch.some((one) => one.reach === 'all')
      if (beyondLooks) this.changes++
      await this.commit(batch)
      if (beyondLooks) this.changes++
    }
    this.running = false
  }

  private async commit(batch: readonly Waiting[]): Promise<void> {
    const answers: (() => void)[] = []
    try {
      await this.dataSource.transaction(async (manager) => {
        for (const { job, resolve, reject } of batch) answers.push(await nested(manager, job, resolve, reject))
      })
    } catch (error) {
      letGo(this.dataSource)
      for (const { reject } of batch) reject(error)
      return
    }
    for (const answer of answers) answer()
  }
}

/** One job in a transaction within the batch's, which TypeORM keeps as a savepoint. */
async function nested(manager: EntityManager, job: Job<unknown>, resolve: (value: unknown) => void, reject: (error: unknown) => void): Promise<() => void> {
  try {
    const value = await manager.transaction(job)
    return () => resolve(value)
  } catch (error) {
    // where the disk is full SQLite gives up the whole transaction, and nothing of the batch is there any more
    if (!connectionOf(manager.connection).inTransaction) throw error
    return () => reject(error)
  }
}

/** What of the driver's connection is asked. */
interface Connection {
  readonly inTransaction: boolean
  exec(sql: string): void
}

function connectionOf({ driver }: DataSource): Connection {
  return (driver as BetterSqlite3Driver).databaseConnection as Connection
}

/**
 * After a commit that was refused: rolls back what is still open, and drops the query runner, which would count a transaction that is no more
 * and make the next ones parts of it that are never committed.
 */
function letGo(dataSource: DataSource): void {
  const connection = connectionOf(dataSource)
  if (connection.inTransaction) connection.exec('ROLLBACK')
  Reflect.deleteProperty(dataSource.driver, 'queryRunner')
}
