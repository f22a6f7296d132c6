import type { FastifyInstance, FastifyRequest } from 'fastify'
import { ApiError } from '../errors.js'

/** Every request that changes something carries this header; a page of another origin cannot send it without being let. */
const OWN_HEADER = 'x-hestiad'
const HARMLESS = new Set(['GET', 'HEAD'])

/** Names this machine has for itself. */
const OWN_NAMES = ['localhost', '127.0.0.1', '[::1]']

/**
 * Lets in only what comes from pages of this server, or from no page at all: the host must be one of this machine's names or of those configured,
 * an origin must be the host asked, a navigation from elsewhere gets the pages but not the API, and changes need a header of ours.
 */
export function installGuard(app: FastifyInstance, names: readonly string[]): void {
  const known = new Set([...OWN_NAMES, ...names.map((name) => name.toLowerCase())])
  app.addHook('onRequest', (request, _reply, done) => done(isForeign(request, known) ? new ApiError('foreign-page') : undefined))
}

function isForeign({ method, headers, url }: FastifyRequest, known: ReadonlySet<string>): boolean {
  const host = (headers.host ?? '').toLowerCase()
  if (!known.has(host.replace(/:\d{1,5}$/, ''))) return true
  if (headers.origin !== undefined && hostOf(headers.origin) !== host) return true
  const isApi = url.startsWith('/api')
  if (isApi && headers['sec-fetch-site'] === 'cross-site' && headers['sec-fetch-mode'] !== 'navigate') return true
  return !HARMLESS.has(method) && headers[OWN_HEADER] !== '1'
}

function hostOf(origin: string): string {
  return URL.canParse(origin) ? new URL(origin).host : ''
}
