import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createDataSource } from './dataSource.js'

const file = join(mkdtempSync(join(tmpdir(), 'hestiad-migrate-')), 'newest.sqlite')
const made = createDataSource(file)
await made.initialize()
await made.runMigrations()
await made.destroy()

/** For `npm run migrate`: an empty database brought up to the newest migration, against which entities are compared. */
export default createDataSource(file)
