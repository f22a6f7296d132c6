import { createDataSource } from './dataSource.js'

/** For `npm run migrate`: an empty database brought up to the newest migration, against which entities are compared. */
export default createDataSource(process.env['HESTIAD_MIGRATE_FILE'] ?? ':memory:')
