import type { Operation } from '@hestiad/api'
import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify'

export type Handler = (request: FastifyRequest<{ Params: Record<string, string>; Querystring: Record<string, string> }>, reply: FastifyReply) => unknown

/** Answers an operation of the API's table: method and path are there, and what it takes and answers. What is `heavy` may be asked for so often a minute. */
export function route(app: FastifyInstance, { method, path }: Operation, handler: Handler, weight?: 'heavy'): void {
  app.route<{ Params: Record<string, string>; Querystring: Record<string, string> }>({
    method,
    url: path,
    config: weight === 'heavy' ? { rateLimit: {} } : {},
    handler: async (request, reply) => {
      const answer = await handler(request, reply)
      return answer === undefined && !reply.sent ? reply.status(204).send() : answer
    }
  })
}

/** Tells when whoever asked is gone before the answer. */
export function leaving({ raw }: FastifyReply): AbortSignal {
  const gone = new AbortController()
  raw.once('close', () => {
    if (!raw.writableFinished) gone.abort()
  })
  return gone.signal
}
