import { accessSync, constants, existsSync, mkdirSync } from 'node:fs'
import { dirname } from 'node:path'
import type { DataSource } from 'typeorm'
import { LookBook } from '../looks/lookBook.js'
import { createDataSource } from './dataSource.js'
import { migrations } from './migrations/index.js'
import { WriteQueue } from './writeQueue.js'

export interface Storage {
  readonly dataSource: DataSource
  readonly writes: WriteQueue
  /** Looks at hand. */
  readonly book: LookBook
}

/** Why a database cannot be used, in words for whoever starts the program; the file is left as it is. */
export class StorageProblem extends Error {}

/** Opens (or makes) the database file and brings it up to date. @throws StorageProblem */
export async function openStorage(file: string): Promise<Storage> {
  if (file !== ':memory:') prepareFolder(file)
  const dataSource = createDataSource(file)
  try {
    await dataSource.initialize()
    await checkHealth(dataSource, file)
    await keepCopy(dataSource, file)
    await dataSource.runMigrations({ transaction: 'each' })
  } catch (error) {
    if (dataSource.isInitialized) await dataSource.destroy()
    throw error instanceof StorageProblem ? error : problemOf(error as Error, file)
  }
  return { dataSource, writes: new WriteQueue(dataSource), book: new LookBook() }
}

function prepareFolder(file: string): void {
  const folder = dirname(file)
  try {
    mkdirSync(folder, { recursive: true })
    accessSync(folder, constants.W_OK)
    if (existsSync(file)) accessSync(file, constants.W_OK)
  } catch {
    throw new StorageProblem(`Cannot write to ${folder}. Nothing was changed. Give write permission there, or name another folder with --data FOLDER.`)
  }
}

async function checkHealth(dataSource: DataSource, file: string): Promise<void> {
  const [row] = (await dataSource.query('PRAGMA quick_check(1)')) as { quick_check: string }[]
  if (row?.quick_check !== 'ok') throw damaged(file, row?.quick_check ?? 'no answer')
  const tables = (await dataSource.query("SELECT name FROM sqlite_master WHERE name = 'migrations'")) as unknown[]
  if (tables.length === 0) return
  const known = new Set<string>(migrations.map((migration) => migration.name))
  const applied = (await dataSource.query('SELECT name FROM migrations')) as { name: string }[]
  const newer = applied.filter(({ name }) => !known.has(name))
  if (newer.length > 0)
    throw new StorageProblem(
      `The database ${file} was written by a newer version of Hestiad (it knows ${newer[0]!.name}). Nothing was changed. Start the newer version, or name another folder with --data FOLDER.`
    )
}

/** A copy of the database as it is, before a newer version brings it up to date. */
async function keepCopy(dataSource: DataSource, file: string): Promise<void> {
  const [first] = (await dataSource.query("SELECT name FROM sqlite_master WHERE name = 'migrations'")) as unknown[]
  if (file === ':memory:' || !first) return
  const [last] = (await dataSource.query('SELECT name FROM migrations ORDER BY timestamp DESC LIMIT 1')) as { name: string }[]
  if (!last || last.name === migrations[migrations.length - 1]?.name) return
  const copy = `${file}.before-${migrations[migrations.length - 1]!.name}`
  if (!existsSync(copy)) await dataSource.query(`VACUUM INTO '${copy.replaceAll("'", "''")}'`)
}

function damaged(file: string, reason: string): StorageProblem {
  return new StorageProblem(
    `The database ${file} is damaged (${reason}). Nothing was changed. Keep a copy of it, then start with --data FOLDER for a new one, or put back a good copy.`
  )
}

function problemOf(error: Error, file: string): Error {
  const message = error.message
  if (/not a database|malformed|corrupt|disk image/i.test(message)) return damaged(file, message)
  if (/readonly|unable to open/i.test(message))
    return new StorageProblem(`Cannot write to ${file} (${message}). Nothing was changed. Give write permission, or name another folder with --data FOLDER.`)
  return error
}
