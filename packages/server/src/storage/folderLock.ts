import { join } from 'node:path'
import Database from 'better-sqlite3'
import { StorageProblem } from './storageProblem.js'

/**
 * Locks a data folder for this process. The lock is SQLite's own on a file beside the database, so that it goes with the process, however that
 * ends. @throws StorageProblem when another holds it
 */
export function lockFolder(folder: string): () => void {
  const lock = new Database(join(folder, 'hestiad.lock'), { timeout: 0 })
  try {
    lock.exec('BEGIN EXCLUSIVE')
  } catch {
    lock.close()
    throw new StorageProblem(
      `Another Hestiad is running on ${folder}. Nothing was changed. Use the one that runs, stop it first, or name another folder with --data FOLDER.`
    )
  }
  return () => lock.close()
}
