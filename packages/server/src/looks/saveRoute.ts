import type { FastifyPluginCallback, FastifyRequest } from 'fastify'
import { LookReader, membersOf, textOf, type Member } from '@hestiad/core/formats'
import { ApiError } from '../errors.js'
import { readDto } from '../http/dto.js'
import type { Storage } from '../storage/openStorage.js'
import { LookBytes, SaveLookDto } from './lookDtos.js'
import { checkedText, saveLook } from './lookStore.js'

/** Saving, the one request that comes all the time: the look is kept in the bytes it came in, and read no more than it must. */
export const saveRoute: FastifyPluginCallback<{ storage: Storage }> = (app, { storage }, done) => {
  const reader = new LookReader()
  app.removeContentTypeParser('application/json')
  app.addContentTypeParser('application/json', { parseAs: 'buffer' }, (_request, body, parsed) => parsed(null, body))
  app.put(
    '/api/looks/:id',
    { schema: { tags: ['looks'], summary: 'Save over the revision named in If-Match; 412 when it is not the newest' } },
    async (request: FastifyRequest<{ Params: { id: string } }>, reply) => {
      const revision = revisionOf(request)
      const dto = readDto(SaveLookDto, bodyOf(request.body))
      const saved = await saveLook(storage, request.params.id, revision, checkedText(reader, dto.look), dto.history)
      return reply.header('etag', `"${saved}"`).send({ id: request.params.id, revision: saved })
    }
  )
  done()
}

/** The body with its look still as bytes. @throws ApiError bad-json */
function bodyOf(body: unknown): unknown {
  if (!(body instanceof Uint8Array)) throw new ApiError('bad-json')
  try {
    const members = membersOf(body, 'look') ?? membersOf(Buffer.from(JSON.stringify(JSON.parse(textOf(body)))), 'look')
    return members && Object.fromEntries([...members].map(([name, member]) => [name, valueOf(member)]))
  } catch {
    throw new ApiError('bad-json')
  }
}

function valueOf({ bytes, members }: Member): unknown {
  return members ? new LookBytes(bytes, members) : JSON.parse(textOf(bytes))
}

function revisionOf(request: FastifyRequest): number {
  const tag = request.headers['if-match']
  if (tag === undefined) throw new ApiError('revision-missing')
  const match = /^"?(\d{1,15})"?$/.exec(tag)
  if (!match) throw new ApiError('bad-request', [{ place: 'If-Match', message: 'must be a revision number in quotes' }])
  return Number(match[1])
}
