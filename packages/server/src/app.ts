import { existsSync } from 'node:fs'
import helmet from '@fastify/helmet'
import rateLimit from '@fastify/rate-limit'
import fastifyStatic from '@fastify/static'
import Fastify, { type FastifyInstance, type FastifyServerFactory, type FastifyServerOptions } from 'fastify'
import { aboutRoutes } from './about/aboutRoutes.js'
import { assessRoutes } from './assess/assessRoutes.js'
import { composingRoutes } from './composing/composingRoutes.js'
import { cupboardRoutes } from './cupboard/cupboardRoutes.js'
import { ApiError } from './errors.js'
import { answerClientError, answerError } from './http/errorHandler.js'
import { installGuard } from './http/guard.js'
import { checkLookBy } from './looks/checkedLook.js'
import { lookRoutes } from './looks/lookRoutes.js'
import { occasionRoutes } from './occasions/occasionRoutes.js'
import { photoRoutes } from './photos/photoRoutes.js'
import { planRoutes } from './plans/planRoutes.js'
import { ideaRoutes } from './ideas/ideaRoutes.js'
import { keptRoutes } from './kept/keptRoutes.js'
import { shareRoutes } from './shares/shareRoutes.js'
import { shopRoutes } from './shops/shopRoutes.js'
import { createMarket } from './stand-ins/market.js'
import type { DailyBackups } from './storage/dailyBackups.js'
import type { Storage } from './storage/openStorage.js'
import type { Workers } from './work/workers.js'

export interface AppOptions {
  readonly storage: Storage
  readonly workers: Workers
  /** Where there are any: not in tests. */
  readonly backups?: DailyBackups
  /** Folder of the built web application, if it is to be served. */
  readonly webFolder?: string
  readonly logLevel?: string
  /** The day that counts as today, ISO; the server's own when absent. */
  readonly day?: string | undefined
  /** Host names that are this server's beside those of this machine. */
  readonly names?: readonly string[]
  /** So often a minute what takes long may be asked for. */
  readonly heavyPerMinute?: number
  /** Gives the server, which listens already; in tests there is none. */
  readonly serverFactory?: FastifyServerFactory
}

const LARGEST_BODY = 8 * 1024 * 1024
const HEAVY_PER_MINUTE = 240

/** The whole application without a port. */
export async function createApp(options: AppOptions): Promise<FastifyInstance> {
  const { storage, workers, backups, webFolder, logLevel = 'warn', day, names = [], heavyPerMinute = HEAVY_PER_MINUTE, serverFactory } = options
  const settings: FastifyServerOptions = {
    bodyLimit: LARGEST_BODY,
    onProtoPoisoning: 'ignore',
    onConstructorPoisoning: 'ignore',
    logger: { level: logLevel },
    routerOptions: { maxParamLength: 200 },
    clientErrorHandler: answerClientError,
    frameworkErrors: answerError
  }
  if (serverFactory) settings.serverFactory = serverFactory
  storage.book.checkBy(checkLookBy(workers))
  const app = Fastify(settings)
  app.setValidatorCompiler(() => () => true)
  app.removeContentTypeParser('text/plain')
  app.addContentTypeParser('text/csv', { parseAs: 'string' }, (_request, body, done) => done(null, body))
  app.setErrorHandler(answerError)
  await app.register(helmet, { contentSecurityPolicy: { useDefaults: false, directives: policy }, strictTransportSecurity: false })
  installGuard(app, names)
  await app.register(rateLimit, { global: false, max: heavyPerMinute, errorResponseBuilder: () => new ApiError('too-many') })
  const prices = createMarket(day)
  await app.register(occasionRoutes, { storage, prices, workers })
  await app.register(lookRoutes, { storage, workers })
  await app.register(shareRoutes, { storage })
  await app.register(ideaRoutes, { storage })
  await app.register(keptRoutes, { storage })
  await app.register(cupboardRoutes, { storage, workers })
  await app.register(shopRoutes, { storage, prices, workers })
  await app.register(planRoutes, { storage, prices, workers })
  await app.register(composingRoutes, { storage, prices, workers })
  await app.register(photoRoutes, { storage })
  await app.register(assessRoutes, { workers })
  await app.register(aboutRoutes, { storage, ...(backups && { backups }) })
  if (webFolder && existsSync(webFolder)) await serveWeb(app, webFolder)
  else app.setNotFoundHandler(() => Promise.reject(new ApiError('not-found')))
  return app
}

/** What the pages may load: only what is served here; styles of elements are set by scripts. */
const policy = {
  defaultSrc: ["'none'"],
  baseUri: ["'none'"],
  connectSrc: ["'self'"],
  fontSrc: ["'self'"],
  formAction: ["'none'"],
  frameAncestors: ["'none'"],
  imgSrc: ["'self'", 'data:', 'blob:'],
  scriptSrc: ["'self'"],
  styleSrc: ["'self'"],
  styleSrcAttr: ["'unsafe-inline'"],
  workerSrc: ["'self'"]
}

/** Files of the web application; every other address that is not the API's is a page of it. Named by their content, files of `assets` never change. */
async function serveWeb(app: FastifyInstance, folder: string): Promise<void> {
  await app.register(fastifyStatic, {
    root: folder,
    preCompressed: true,
    cacheControl: false,
    setHeaders: (reply, path) => void reply.header('cache-control', path.includes('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache')
  })
  app.setNotFoundHandler((request, reply) => {
    if (request.url.startsWith('/api') || (request.method !== 'GET' && request.method !== 'HEAD')) throw new ApiError('not-found')
    return reply.sendFile('index.html')
  })
}
