import { operations } from '@hestiad/api'
import type { FastifyPluginCallback } from 'fastify'
import { leaving, route } from '../http/route.js'
import type { Workers } from '../work/workers.js'

/** The same assessment as in the browser and on the command line; read, checked and worked out in a thread. */
export const assessRoutes: FastifyPluginCallback<{ workers: Workers }> = (app, { workers }, done) => {
  app.removeContentTypeParser('application/json')
  app.addContentTypeParser('application/json', { parseAs: 'string' }, (_request, body, parsed) => parsed(null, body))
  route(
    app,
    operations.assess,
    async (request, reply) => reply.type('application/json').send(await workers.run('assess', [String(request.body ?? '')], leaving(reply))),
    'heavy'
  )
  done()
}
