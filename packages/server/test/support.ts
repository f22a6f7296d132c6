import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import type { Look } from '@hestiad/core'
import type { FastifyInstance } from 'fastify'
import { createApp } from '../src/app.js'
import { loadDemo } from '../src/demo.js'
import { openStorage, type Storage } from '../src/storage/openStorage.js'

export const root = fileURLToPath(new URL('../../../', import.meta.url))
export const temporaryFolder = () => mkdtempSync(join(tmpdir(), 'hestiad-test-'))
export const demoLook = () => JSON.parse(readFileSync(join(root, 'demo/pearl-anniversary.hestiad.json'), 'utf8')) as Look

/** The application over a database file, demo data loaded. */
export async function start(file = ':memory:'): Promise<{ app: FastifyInstance; storage: Storage; stop: () => Promise<void> }> {
  const storage = await openStorage(file)
  await loadDemo(storage, join(root, 'demo'))
  const app = await createApp({ storage, logLevel: 'silent' })
  return {
    app,
    storage,
    stop: async () => {
      await app.close()
      await storage.dataSource.destroy()
    }
  }
}

export const history = { past: [], future: [] }

/** Saves a look over a revision. */
export function save(app: FastifyInstance, look: unknown, revision: number | string, id = 'pearl-anniversary') {
  return app.inject({ method: 'PUT', url: `/api/looks/${id}`, headers: { 'if-match': `"${revision}"` }, payload: { look, history } as object })
}
