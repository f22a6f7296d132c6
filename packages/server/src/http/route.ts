import type { Operation } from '@hestiad/api'
import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify'

export type Handler = (request: FastifyRequest<{ Params: Record<string, string>; Querystring: Record<string, string> }>, reply: FastifyReply) => unknown

/** Answers an operation of the API's table: method and path are there, and what it takes and answers. */
export function route(app: FastifyInstance, { method, path }: Operation, handler: Handler): void {
  app.route<{ Params: Record<string, string>; Querystring: Record<string, string> }>({
    method,
    url: path,
    handler: async (request, reply) => {
      const answer = await handler(request, reply)
      return answer === undefined && !reply.sent ? reply.status(204).send() : answer
    }
  })
}
