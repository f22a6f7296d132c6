import { join, resolve } from 'node:path'
import { parseArgs } from 'node:util'
import { isCalendarDay } from '@hestiad/core'

export interface Config {
  readonly port: number
  readonly dataFolder: string
  readonly databaseFile: string
  readonly demoFolder: string
  readonly webFolder: string
  readonly fresh: boolean
  /** Host names that are this server's beside those of this machine. */
  readonly names: readonly string[]
  /** The day that counts as today, ISO; the machine's own when undefined. */
  readonly day: string | undefined
}

export class UsageProblem extends Error {}

export const DEFAULT_PORT = 4715

/** Reads the command line. Paths are relative to the current folder; the rest comes from the repository's layout. @throws UsageProblem */
export function readConfig(args: readonly string[], root: string): Config {
  let values: { port?: string; data?: string; fresh?: boolean; day?: string; name?: string[]; host?: string }
  try {
    values = parseArgs({
      args: [...args],
      options: {
        port: { type: 'string' },
        data: { type: 'string' },
        fresh: { type: 'boolean' },
        day: { type: 'string' },
        name: { type: 'string', multiple: true },
        host: { type: 'string' }
      }
    }).values
  } catch (error) {
    throw new UsageProblem(`${(error as Error).message} Known: --port NUMBER, --data FOLDER, --fresh, --day YYYY-MM-DD, --name HOST.`)
  }
  const port = Number(values.port ?? DEFAULT_PORT)
  if (!Number.isInteger(port) || port < 0 || port > 65_535) throw new UsageProblem(`--port must be a number from 0 to 65535, got ${values.port}.`)
  if (values.day !== undefined && !isCalendarDay(values.day)) throw new UsageProblem(`--day must be a day as 2027-01-20, got ${values.day}.`)
  if (values.host !== undefined && !['127.0.0.1', 'localhost'].includes(values.host))
    throw new UsageProblem(
      `--host ${values.host} is refused: without accounts anybody who reaches it could read and change everything. It listens on this machine only, 127.0.0.1.`
    )
  const dataFolder = resolve(values.data ?? join(root, '.data'))
  return {
    port,
    dataFolder,
    databaseFile: join(dataFolder, 'hestiad.sqlite'),
    demoFolder: join(root, 'demo'),
    webFolder: join(root, 'packages', 'web', 'dist'),
    fresh: values.fresh ?? false,
    names: values.name ?? [],
    day: values.day
  }
}
