import type { FastifyPluginCallback } from 'fastify'
import { assess } from '@hestiad/core'
import { lookFrom } from '../looks/lookStore.js'

/** The same assessment as in the browser and on the command line. */
export const assessRoutes: FastifyPluginCallback = (app, _options, done) => {
  app.post('/api/assess', { schema: { tags: ['assess'], summary: 'Figures and findings of a look document' } }, (request) =>
    Promise.resolve(assess(lookFrom(request.body)))
  )
  done()
}
