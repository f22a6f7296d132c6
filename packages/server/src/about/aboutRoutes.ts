import { operations } from '@hestiad/api'
import { openApi } from '@hestiad/api/openapi'
import type { FastifyPluginCallback } from 'fastify'
import { route } from '../http/route.js'
import { SetAsideEntity } from '../storage/entities/SetAsideEntity.js'
import { noBackup, type DailyBackups } from '../storage/dailyBackups.js'
import type { Storage } from '../storage/openStorage.js'
import { docsPage, docsPolicy } from './docsPage.js'

/** What the server says of itself: that it runs, what its API is, and what of the database was kept aside. */
export const aboutRoutes: FastifyPluginCallback<{ storage: Storage; backups?: DailyBackups }> = (app, { storage, backups }, done) => {
  const description = openApi()
  route(app, operations.health, () => ({ ok: true }))
  route(app, operations.lastBackup, () => backups?.last() ?? noBackup)
  route(app, operations.openApi, () => description)
  route(app, operations.docs, (_request, reply) =>
    reply.type('text/html; charset=utf-8').header('content-security-policy', docsPolicy).send(docsPage(description))
  )
  route(app, operations.listSetAside, async () => ({ rows: await storage.dataSource.getRepository(SetAsideEntity).find({ order: { id: 'ASC' }, take: 1000 }) }))
  done()
}
