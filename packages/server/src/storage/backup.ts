import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import { dirname } from 'node:path'
import Database from 'better-sqlite3'
import { StorageProblem } from './storageProblem.js'

/** What a copy of the database holds, read back from it. */
export interface BackupContents {
  readonly occasions: number
  readonly looks: number
  readonly pieces: number
  readonly photos: number
}

/**
 * Copies a database, photos and all, into one file while it may be in use, and reads the copy back before it gets its name. An older copy of that
 * name is replaced only then. @throws StorageProblem when the copy is not whole; errors of the file system
 */
export function writeBackup(file: string, to: string): BackupContents {
  if (!existsSync(file)) throw new StorageProblem(`There is no database ${file}. Nothing was written.`)
  const partly = `${to}.partly`
  mkdirSync(dirname(to), { recursive: true })
  rmSync(partly, { force: true })
  const source = new Database(file, { readonly: true })
  try {
    source.prepare('VACUUM INTO ?').run(partly)
  } finally {
    source.close()
  }
  const contents = readBackup(partly)
  renameSync(partly, to)
  return contents
}

/** Checks every page of a copy and counts what is in it. @throws StorageProblem when it is no whole database of Hestiad */
export function readBackup(file: string): BackupContents {
  if (!existsSync(file)) throw new StorageProblem(`There is no file ${file}. Nothing was changed.`)
  try {
    const copy = new Database(file, { readonly: true })
    try {
      const [check] = copy.prepare('PRAGMA integrity_check(1)').pluck().all() as string[]
      if (check !== 'ok') throw new Error(check)
      const count = (table: string) => Number(copy.prepare(`SELECT COUNT(*) FROM ${table}`).pluck().get())
      return { occasions: count('occasion'), looks: count('look'), pieces: count('piece'), photos: hasTable(copy, 'photo') ? count('photo') : 0 }
    } finally {
      copy.close()
    }
  } catch (error) {
    throw new StorageProblem(`${file} is no whole copy of a database of Hestiad (${(error as Error).message}). Nothing was changed.`)
  }
}

function hasTable(copy: Database.Database, name: string): boolean {
  return copy.prepare("SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = ?").get(name) !== undefined
}

/** A copy in words. */
export function contentsWords({ occasions, looks, pieces, photos }: BackupContents): string {
  return `${occasions} occasions, ${looks} looks, ${pieces} pieces, ${photos} photos`
}
