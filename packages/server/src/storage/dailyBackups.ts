import { existsSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import type { BackupContents } from './backup.js'
import { backupFolder, backupsOf } from './files.js'

/** So many daily backups are kept. */
const KEPT = 7
const LOOK_AGAIN_MS = 15 * 60_000

/** The last backup: when, milliseconds since 1970, and in which file; or that none could be made, and why. */
export interface LastBackup {
  readonly atMs: number | null
  readonly file: string
  readonly problem: string
}

export const noBackup: LastBackup = { atMs: null, file: '', problem: '' }

export interface DailyBackups {
  /** Makes today's now, and each day's from then on. */
  start(): Promise<void>
  stop(): void
  last(): LastBackup
}

/** Keeps one backup a day of a database, the last seven. `write` copies the database to a file, elsewhere than in this thread. */
export function createDailyBackups(file: string, write: (to: string) => Promise<BackupContents>): DailyBackups {
  let problem = ''
  let timer: NodeJS.Timeout | undefined

  async function makeToday(): Promise<void> {
    const to = join(backupFolder(file), `hestiad-${new Date().toISOString().slice(0, 10)}.sqlite`)
    if (existsSync(to)) return
    try {
      await write(to)
      problem = ''
      for (const old of backupsOf(file).slice(0, -KEPT)) rmSync(old, { force: true })
    } catch (error) {
      problem = (error as Error).message
    }
  }

  return {
    async start() {
      timer = setInterval(() => void makeToday(), LOOK_AGAIN_MS).unref()
      await makeToday()
    },
    stop: () => clearInterval(timer),
    last() {
      const newest = backupsOf(file).at(-1)
      return { atMs: newest === undefined ? null : Math.round(statSync(newest).mtimeMs), file: newest ?? '', problem }
    }
  }
}
