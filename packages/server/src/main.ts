import { existsSync, renameSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { createApp } from './app.js'
import { readConfig, UsageProblem, type Config } from './config.js'
import { loadDemo } from './demo.js'
import { sweepPhotos } from './photos/photoStore.js'
import { openStorage, StorageProblem } from './storage/openStorage.js'

const root = fileURLToPath(new URL('../../../', import.meta.url))

/** `--fresh` sets the old database aside instead of deleting it. */
function setAside(config: Config): void {
  const stamp = new Date().toISOString().replace(/[:.]/g, '-')
  for (const suffix of ['', '-wal', '-shm']) {
    const file = config.databaseFile + suffix
    if (existsSync(file)) renameSync(file, `${config.databaseFile}.${stamp}.old${suffix}`)
  }
}

async function start(): Promise<void> {
  const config = readConfig(process.argv.slice(2), root)
  if (config.fresh) setAside(config)
  const storage = await openStorage(config.databaseFile)
  await loadDemo(storage, config.demoFolder)
  await sweepPhotos(storage, Date.now())
  const app = await createApp({ storage, webFolder: config.webFolder, day: config.day })
  const address = await app.listen({ port: config.port, host: '127.0.0.1' })
  process.stdout.write(`Hestiad is at ${address}\n`)
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.once(
      signal,
      () =>
        void app
          .close()
          .then(() => storage.dataSource.destroy())
          .then(() => process.exit(0))
    )
  }
}

start().catch((error: NodeJS.ErrnoException) => {
  const port = /port.*?(\d+)/.exec(String(process.argv.slice(2)))?.[1]
  if (error.code === 'EADDRINUSE')
    process.stderr.write(`Port ${port ?? 'asked for'} is in use, perhaps by Hestiad itself. Nothing was changed. Choose another with --port NUMBER.\n`)
  else if (error instanceof StorageProblem || error instanceof UsageProblem) process.stderr.write(`${error.message}\n`)
  else if (error.code === 'EACCES' || error.code === 'EROFS') process.stderr.write(`No permission (${error.message}). Nothing was changed.\n`)
  else process.stderr.write(`${error.stack ?? error.message}\n`)
  process.exit(1)
})
