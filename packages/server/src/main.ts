import { fileURLToPath } from 'node:url'
import { readConfig, UsageProblem, type Config } from './config.js'
import { startServer } from './startServer.js'
import { StorageProblem } from './storage/storageProblem.js'

const root = fileURLToPath(new URL('../../../', import.meta.url))

/** However it is ended, it ends within this time. */
const ENDS_WITHIN_MS = 4_000

function endOnSignals(end: () => Promise<void>): void {
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => {
      setTimeout(() => process.exit(1), ENDS_WITHIN_MS).unref()
      void end().then(() => process.exit(0))
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
  const server = await startServer(config)
  endOnSignals(() => server.stop())
  process.stdout.write(`Hestiad is at ${server.address}\n`)
  await server.backedUp
} catch (error) {
  process.stderr.write(`${wordsOf(error as NodeJS.ErrnoException, config?.port)}\n`)
  process.exit(1)
}
