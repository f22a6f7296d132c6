import { fileURLToPath } from 'node:url'
import { validateLook } from '@hestiad/core/formats'
import { createApp } from './app.js'
import { readConfig, UsageProblem, type Config } from './config.js'
import { loadDemo } from './demo.js'
import { bind, type Bound } from './http/bind.js'
import { sweepPhotos } from './photos/photoStore.js'
import { createDailyBackups } from './storage/dailyBackups.js'
import { prepareFolder, setAside } from './storage/files.js'
import { lockFolder } from './storage/folderLock.js'
import { openStorage } from './storage/openStorage.js'
import { StorageProblem } from './storage/storageProblem.js'
import { createWorkers } from './work/workers.js'

const root = fileURLToPath(new URL('../../../', import.meta.url))

/** However it is ended, it ends within this time. */
const ENDS_WITHIN_MS = 4_000

/** The folder is locked and the port taken before any file is touched. */
async function start(config: Config): Promise<void> {
  prepareFolder(config.databaseFile)
  const unlock = lockFolder(config.dataFolder)
  const bound = await bind(config.port)
  if (config.fresh) setAside(config.databaseFile)
  const storage = await openStorage(config.databaseFile)
  if (storage.isNew) await loadDemo(storage, config.demoFolder)
  await sweepPhotos(storage, Date.now())
  const workers = createWorkers()
  const backups = createDailyBackups(config.databaseFile, (to) => workers.run('backup', [config.databaseFile, to]))
  const { webFolder, day, names } = config
  const app = await createApp({ storage, workers, backups, webFolder, day, names, serverFactory: bound.serverFactory })
  await app.ready()
  // compiles the checks of looks, which takes a third of a second, before anybody waits for it
  validateLook({})
  endOnSignals(bound, async () => {
    backups.stop()
    await app.close()
    await workers.close()
    await storage.close()
    unlock()
  })
  bound.open()
  process.stdout.write(`Hestiad is at ${bound.address}\n`)
  await backups.start()
}

function endOnSignals({ close }: Bound, end: () => Promise<void>): void {
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => {
      setTimeout(() => process.exit(1), ENDS_WITHIN_MS).unref()
      void close()
        .then(end)
        .then(() => process.exit(0))
    })
}

function wordsOf(error: NodeJS.ErrnoException, port: number | undefined): string {
  if (error instanceof StorageProblem || error instanceof UsageProblem) return error.message
  if (error.code === 'EADDRINUSE') return `Port ${port} is in use, perhaps by Hestiad itself. Nothing was changed. Choose another with --port NUMBER.`
  if (error.code === 'EACCES' || error.code === 'EROFS') return `No permission (${error.message}). Nothing was changed.`
  return error.stack ?? error.message
}

let config: Config | undefined
try {
  config = readConfig(process.argv.slice(2), root)
  await start(config)
} catch (error) {
  process.stderr.write(`${wordsOf(error as NodeJS.ErrnoException, config?.port)}\n`)
  process.exit(1)
}
