import type { FastifyRequest } from 'fastify'
import { ApiError } from '../errors.js'

/** The CSV of a request. @throws ApiError unsupported-type for anything else */
export function csvBody({ body, headers }: Pick<FastifyRequest, 'body' | 'headers'>): string {
  if (typeof body !== 'string' || !/^text\/csv(;|$)/i.test(headers['content-type'] ?? '')) throw new ApiError('unsupported-type')
  return body
}
