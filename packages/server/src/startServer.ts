import { createApp } from './app.js'
import type { Config } from './config.js'
import { loadDemo } from './demo.js'
import { bind } from './http/bind.js'
import { sweepPhotos } from './photos/photoStore.js'
import { createDailyBackups } from './storage/dailyBackups.js'
import { prepareFolder, setAside } from './storage/files.js'
import { lockFolder } from './storage/folderLock.js'
import { openStorage } from './storage/openStorage.js'
import { createWorkers } from './work/workers.js'

/** A server that answers. */
export interface Running {
  readonly address: string
  /** Is done when today's backup is made, where one was due. */
  readonly backedUp: Promise<void>
  /** Takes nothing new, lets what is under way end, and gives folder and port free. */
  stop(): Promise<void>
}

/**
 * The folder is locked and the port taken before any file is touched.
 * @throws StorageProblem when the folder or what is in it cannot be used, and the error of the system, as EADDRINUSE
 */
export async function startServer(config: Config): Promise<Running> {
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
  bound.open()
  return {
    address: bound.address,
    backedUp: backups.start(),
    stop: async () => {
      await bound.close()
      backups.stop()
      await app.close()
      await workers.close()
      await storage.close()
      unlock()
    }
  }
}
