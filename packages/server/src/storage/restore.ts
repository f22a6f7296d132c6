import { copyFileSync, mkdtempSync, renameSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { readBackup, type BackupContents } from './backup.js'
import { prepareFolder, setAside } from './files.js'
import { openStorage } from './openStorage.js'

/** What was brought back, and where what was there before is now; '' where there was nothing. */
export interface Restored {
  readonly contents: BackupContents
  readonly aside: string
}

/**
 * Puts a backup in the place of a database nobody has open, and opens it once, so that one of an older version is brought up to date. What was
 * there is set aside. @throws StorageProblem when the backup is not whole, or of a newer version; then nothing was changed
 */
export async function restoreBackup(from: string, file: string): Promise<Restored> {
  readBackup(from)
  prepareFolder(file)
  const arriving = mkdtempSync(`${file}.arriving-`)
  try {
    const copy = join(arriving, 'copy.sqlite')
    copyFileSync(from, copy)
    await (await openStorage(copy)).close()
    const aside = setAside(file)
    renameSync(copy, file)
    return { contents: readBackup(file), aside }
  } finally {
    rmSync(arriving, { recursive: true, force: true })
  }
}
