import { existsSync } from 'node:fs'
import type { DataSource } from 'typeorm'
import { LookBook } from '../looks/lookBook.js'
import { createDataSource } from './dataSource.js'
import { heal } from './heal.js'
import { checkFiles, markClosed, markOpen, prepareFolder } from './files.js'
import { migrations } from './migrations/index.js'
import { StorageProblem } from './storageProblem.js'
import { WriteQueue } from './writeQueue.js'

export interface Storage {
  /** The database file; ':memory:' in some tests. */
  readonly file: string
  readonly dataSource: DataSource
  readonly writes: WriteQueue
  /** Looks at hand. */
  readonly book: LookBook
  /** Whether there was no database before. */
  readonly isNew: boolean
  /** Closes the database after what is being written. */
  close(): Promise<void>
}

/** Opens (or makes) the database file and brings it up to date. @throws StorageProblem */
export async function openStorage(file: string): Promise<Storage> {
  const inMemory = file === ':memory:'
  if (!inMemory) {
    prepareFolder(file)
    checkFiles(file)
  }
  const dataSource = createDataSource(file)
  try {
    await dataSource.initialize()
    await checkPages(dataSource, file)
    const applied = await appliedMigrations(dataSource, file)
    await keepCopy(dataSource, file, applied)
    await dataSource.runMigrations({ transaction: 'each' })
    if (!inMemory) markOpen(file)
    const writes = new WriteQueue(dataSource)
    await writes.run(heal)
    const close = async () => {
      await writes.idle()
      await dataSource.destroy()
      if (!inMemory) markClosed(file)
    }
    return { file, dataSource, writes, book: new LookBook(), isNew: applied.length === 0, close }
  } catch (error) {
    if (dataSource.isInitialized) await dataSource.destroy()
    throw error instanceof StorageProblem ? error : problemOf(error as Error, file)
  }
}

async function checkPages(dataSource: DataSource, file: string): Promise<void> {
  const [row] = (await dataSource.query('PRAGMA integrity_check(1)')) as { integrity_check: string }[]
  if (row?.integrity_check !== 'ok') throw damaged(file, row?.integrity_check ?? 'no answer')
}

/** Names of the migrations a database has, the oldest first. @throws StorageProblem for one this version does not know */
async function appliedMigrations(dataSource: DataSource, file: string): Promise<string[]> {
  const tables = (await dataSource.query("SELECT name FROM sqlite_master WHERE name = 'migrations'")) as unknown[]
  if (tables.length === 0) return []
  const known = new Set<string>(migrations.map((migration) => migration.name))
  const applied = ((await dataSource.query('SELECT name FROM migrations ORDER BY timestamp')) as { name: string }[]).map(({ name }) => name)
  const newer = applied.find((name) => !known.has(name))
  if (newer !== undefined)
    throw new StorageProblem(
      `The database ${file} was written by a newer version of Hestiad (it knows ${newer}). Nothing was changed. Start the newer version, or name another folder with --data FOLDER.`
    )
  return applied
}

/** A copy of the database as it is, before a newer version brings it up to date. */
async function keepCopy(dataSource: DataSource, file: string, applied: readonly string[]): Promise<void> {
  const newest = migrations[migrations.length - 1]!.name
  if (file === ':memory:' || applied.length === 0 || applied[applied.length - 1] === newest) return
  const copy = `${file}.before-${newest}`
  if (!existsSync(copy)) await dataSource.query(`VACUUM INTO '${copy.replaceAll("'", "''")}'`)
}

function damaged(file: string, reason: string): StorageProblem {
  return new StorageProblem(
    `The database ${file} is damaged (${reason.split('\n').join(' ')}). Nothing was changed. Bring back a backup with npm run restore -- FILE, or start with --fresh, which keeps the damaged one aside.`
  )
}

function problemOf(error: Error, file: string): Error {
  const message = error.message
  if (/not a database|malformed|corrupt|disk image/i.test(message)) return damaged(file, message)
  if (/full|EFBIG|ENOSPC/i.test(message))
    return new StorageProblem(`There is no room to write ${file} (${message}). Nothing was changed. Make room and start again.`)
  if (/readonly|unable to open/i.test(message))
    return new StorageProblem(`Cannot write to ${file} (${message}). Nothing was changed. Give write permission, or name another folder with --data FOLDER.`)
  return error
}
