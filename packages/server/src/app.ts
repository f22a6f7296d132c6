import { existsSync } from 'node:fs'
import helmet from '@fastify/helmet'
import fastifyStatic from '@fastify/static'
import Fastify, { type FastifyInstance } from 'fastify'
import { aboutRoutes } from './about/aboutRoutes.js'
import { assessRoutes } from './assess/assessRoutes.js'
import { cupboardRoutes } from './cupboard/cupboardRoutes.js'
import { ApiError } from './errors.js'
import { installErrorHandler } from './http/errorHandler.js'
import { lookRoutes } from './looks/lookRoutes.js'
import { occasionRoutes } from './occasions/occasionRoutes.js'
import { photoRoutes } from './photos/photoRoutes.js'
import { planRoutes } from './plans/planRoutes.js'
import { shopRoutes } from './shops/shopRoutes.js'
import { createMarket } from './stand-ins/market.js'
import type { Storage } from './storage/openStorage.js'

export interface AppOptions {
  readonly storage: Storage
  /** Folder of the built web application, if it is to be served. */
  readonly webFolder?: string
  readonly logLevel?: string
  /** The day that counts as today, ISO; the server's own when absent. */
  readonly day?: string | undefined
}

const LARGEST_BODY = 8 * 1024 * 1024

/** The whole application without a port. */
export async function createApp({ storage, webFolder, logLevel = 'warn', day }: AppOptions): Promise<FastifyInstance> {
  const app = Fastify({
    bodyLimit: LARGEST_BODY,
    onProtoPoisoning: 'ignore',
    onConstructorPoisoning: 'ignore',
    logger: { level: logLevel },
    routerOptions: { maxParamLength: 200 }
  })
  app.setValidatorCompiler(() => () => true)
  app.addContentTypeParser(['text/csv', 'text/plain'], { parseAs: 'string' }, (_request, body, done) => done(null, body))
  installErrorHandler(app)
  await app.register(helmet, {
    contentSecurityPolicy: {
      directives: {
        defaultSrc: ["'self'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        styleSrc: ["'self'", "'unsafe-inline'"],
        workerSrc: ["'self'"],
        upgradeInsecureRequests: null
      }
    },
    strictTransportSecurity: false
  })
  const prices = createMarket(day)
  await app.register(occasionRoutes, { storage, prices })
  await app.register(lookRoutes, { storage })
  await app.register(cupboardRoutes, { storage })
  await app.register(shopRoutes, { storage, prices })
  await app.register(planRoutes, { storage, prices })
  await app.register(photoRoutes, { storage })
  await app.register(assessRoutes)
  await app.register(aboutRoutes, { storage })
  if (webFolder && existsSync(webFolder)) await serveWeb(app, webFolder)
  else app.setNotFoundHandler(() => Promise.reject(new ApiError('not-found')))
  return app
}

/** Files of the web application; every other address that is not the API's is a page of it. */
async function serveWeb(app: FastifyInstance, folder: string): Promise<void> {
  await app.register(fastifyStatic, { root: folder, preCompressed: true, maxAge: '1h', immutable: false })
  app.setNotFoundHandler((request, reply) => {
    if (request.url.startsWith('/api') || (request.method !== 'GET' && request.method !== 'HEAD')) throw new ApiError('not-found')
    return reply.sendFile('index.html', { maxAge: 0 })
  })
}
