import { KeptFieldsDto, operations, type KeptDto } from '@hestiad/api'
import { keptKinds, type KeptKind } from '@hestiad/core'
import type { FastifyPluginCallback } from 'fastify'
import { ApiError } from '../errors.js'
import { readDto } from '../http/dto.js'
import { route } from '../http/route.js'
import { KeptEntity } from '../storage/entities/KeptEntity.js'
import type { Storage } from '../storage/openStorage.js'

/** So many of a kind are kept, the newest; and none larger than this, in characters of JSON. */
const MOST_KEPT = 200
const LARGEST = 60_000
const ID = /^[\w-]{1,64}$/

/** What a stylist keeps beside occasions and cupboard. What of it is sound the page that wrote it knows. */
export const keptRoutes: FastifyPluginCallback<{ storage: Storage }> = (app, { storage }, done) => {
  route(app, operations.listKept, async (request) => {
    const kind = kindOf(request.params['kind']!)
    const rows = await storage.dataSource.getRepository(KeptEntity).find({ where: { kind }, order: { createdAtMs: 'ASC', id: 'ASC' } })
    return { kept: rows.map(told) }
  })

  route(app, operations.putKept, async (request) => {
    const kind = kindOf(request.params['kind']!)
    const id = request.params['id']!
    if (!ID.test(id)) throw new ApiError('bad-request', [{ place: '/id', message: 'must be 1 to 64 letters, digits or hyphens' }])
    const value = JSON.stringify(readDto(KeptFieldsDto, request.body).value)
    if (value.length > LARGEST) throw new ApiError('bad-request', [{ place: '/value', message: `must be no longer than ${LARGEST} letters as JSON` }])
    return storage.writes.run(async (manager) => {
      const known = await manager.findOneBy(KeptEntity, { kind, id })
      const row = await manager.save(KeptEntity, { kind, id, value, createdAtMs: known?.createdAtMs ?? Date.now() })
      const old = await manager.find(KeptEntity, {
        where: { kind },
        order: { createdAtMs: 'DESC', id: 'DESC' },
        skip: MOST_KEPT,
        select: { kind: true, id: true }
      })
      if (old.length > 0) await manager.remove(KeptEntity, old)
      return told(row)
    })
  })

  route(app, operations.removeKept, async (request) => {
    const kind = kindOf(request.params['kind']!)
    const id = request.params['id']!
    const gone = await storage.writes.run((manager) => manager.delete(KeptEntity, { kind, id }))
    if (gone.affected !== 1) throw new ApiError('not-found', [{ place: '', message: `nothing of that kind is kept as ${id.slice(0, 64)}` }])
  })
  done()
}

/** @throws ApiError not-found */
function kindOf(text: string): KeptKind {
  const kind = keptKinds.find((one) => one === text)
  if (!kind) throw new ApiError('not-found', [{ place: '/kind', message: `must be one of ${keptKinds.join(', ')}` }])
  return kind
}

const told = ({ id, value, createdAtMs }: KeptEntity): KeptDto => ({ id, value: JSON.parse(value) as object, createdAtMs })
