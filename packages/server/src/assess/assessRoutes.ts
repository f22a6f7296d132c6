import { operations } from '@hestiad/api'
import { assess } from '@hestiad/core'
import type { FastifyPluginCallback } from 'fastify'
import { route } from '../http/route.js'
import { lookFrom } from '../looks/lookStore.js'

/** The same assessment as in the browser and on the command line. */
export const assessRoutes: FastifyPluginCallback = (app, _options, done) => {
  route(app, operations.assess, (request) => assess(lookFrom(request.body)))
  done()
}
