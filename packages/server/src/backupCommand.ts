import { existsSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { parseArgs } from 'node:util'
import { contentsWords, writeBackup } from './storage/backup.js'
import { lockFolder } from './storage/folderLock.js'
import { prepareFolder } from './storage/files.js'
import { restoreBackup } from './storage/restore.js'
import { StorageProblem } from './storage/storageProblem.js'

const root = fileURLToPath(new URL('../../../', import.meta.url))

/** `backup FILE [--data FOLDER]` copies the database, in use or not; `restore FILE [--data FOLDER]` puts a copy in its place. */
async function run(): Promise<string> {
  const { values, positionals } = parseArgs({ options: { data: { type: 'string' } }, allowPositionals: true })
  const [command, file] = positionals
  if ((command !== 'backup' && command !== 'restore') || !file)
    throw new StorageProblem('Usage: npm run backup -- FILE, npm run restore -- FILE; and --data FOLDER.')
  const named = resolve(process.env['INIT_CWD'] ?? '', file)
  const database = join(resolve(values.data ?? join(root, '.data')), 'hestiad.sqlite')
  if (command === 'backup') {
    if (existsSync(named)) throw new StorageProblem(`${named} is there already. Nothing was written; name another file.`)
    return `Copied to ${named} and read back: ${contentsWords(writeBackup(database, named))}.`
  }
  prepareFolder(database)
  const unlock = lockFolder(dirname(database))
  const { contents, aside } = await restoreBackup(named, database)
  unlock()
  return `Brought back from ${named}: ${contentsWords(contents)}.${aside === '' ? '' : ` What was there before is ${aside}.`}`
}

try {
  process.stdout.write(`${await run()}\n`)
} catch (error) {
  process.stderr.write(`${error instanceof StorageProblem ? error.message : String(error)}\n`)
  process.exitCode = 1
}
