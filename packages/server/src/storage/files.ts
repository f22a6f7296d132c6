import { accessSync, closeSync, constants, existsSync, mkdirSync, openSync, readdirSync, readSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { StorageProblem } from './storageProblem.js'

/** What belongs to a database file: itself, its log and the log's index. */
const SUFFIXES = ['', '-wal', '-shm'] as const

const HEADER_BYTES = 100

export const backupFolder = (file: string) => join(dirname(file), 'backups')
const openMark = (file: string) => `${file}.open`

/** Makes the folder of a database where there is none. @throws StorageProblem when it cannot be written */
export function prepareFolder(file: string): void {
  const folder = dirname(file)
  try {
    mkdirSync(folder, { recursive: true })
    accessSync(folder, constants.W_OK)
    if (existsSync(file)) accessSync(file, constants.W_OK)
  } catch {
    throw new StorageProblem(`Cannot write to ${folder}. Nothing was changed. Give write permission there, or name another folder with --data FOLDER.`)
  }
}

/**
 * Looks at the files of a database before they are opened, since SQLite would take an emptied file for a new one and never miss a log.
 * @throws StorageProblem when something that was there is missing
 */
export function checkFiles(file: string): void {
  const gone = whatIsGone(file)
  if (gone === '') return
  throw new StorageProblem(
    `${gone} Nothing was changed. Put it back from a copy, or bring back a backup with npm run restore -- FILE (the daily ones are in ${backupFolder(file)}). To begin anew and keep what is there aside, start with --fresh.`
  )
}

function whatIsGone(file: string): string {
  const endedHard = existsSync(openMark(file))
  if (!existsSync(file)) {
    const hadOne = endedHard || existsSync(`${file}-wal`) || backupsOf(file).length > 0
    return hadOne ? `The database ${file} is missing, though there was one.` : ''
  }
  const { size } = statSync(file)
  if (size === 0)
    return existsSync(`${file}-wal`) || endedHard || backupsOf(file).length > 0 ? `The database ${file} is empty, though there was something in it.` : ''
  if (size < pagesBytes(file)) return `The database ${file} was cut: ${size} bytes are there of ${pagesBytes(file)}.`
  if (endedHard && !existsSync(`${file}-wal`))
    return `The log ${file}-wal is missing, and the last run did not end by itself: what was saved last is in the log.`
  return ''
}

/** How long a database file must be at least, by its own header; see sqlite.org/fileformat.html, "The Database Header". */
function pagesBytes(file: string): number {
  const header = Buffer.alloc(HEADER_BYTES)
  const handle = openSync(file, 'r')
  const read = readSync(handle, header, 0, HEADER_BYTES, 0)
  closeSync(handle)
  if (read < HEADER_BYTES || header.toString('latin1', 0, 15) !== 'SQLite format 3') return 0
  const pageBytes = header.readUInt16BE(16)
  return header.readUInt32BE(28) * (pageBytes === 1 ? 65_536 : pageBytes)
}

/** Notes that the database is in use; what is found at the next start when this run ended hard. */
export function markOpen(file: string): void {
  if (existsSync(`${file}-wal`)) writeFileSync(openMark(file), `${new Date().toISOString()}\n`)
}

/** Takes the note back: the database was closed as it should be. */
export function markClosed(file: string): void {
  rmSync(openMark(file), { force: true })
}

/** Sets the database aside under a name with the time; nothing is deleted. Returns that name, or '' where there was none. */
export function setAside(file: string): string {
  const aside = `${file}.${new Date().toISOString().replace(/[:.]/g, '-')}.old`
  const there = SUFFIXES.filter((suffix) => existsSync(file + suffix))
  for (const suffix of there) renameSync(file + suffix, aside + suffix)
  markClosed(file)
  return there.length > 0 ? aside : ''
}

/** Files of the daily backups, the oldest first. */
export function backupsOf(file: string): string[] {
  const folder = backupFolder(file)
  if (!existsSync(folder)) return []
  return readdirSync(folder)
    .filter((name) => /^hestiad-\d{4}-\d{2}-\d{2}\.sqlite$/.test(name))
    .sort()
    .map((name) => join(folder, name))
}
