import { randomUUID } from 'node:crypto'
import type { FastifyPluginCallback, FastifyRequest } from 'fastify'
import { newLook, usedIds, type Look } from '@hestiad/core'
import { loadItems, loadOffers } from '../cupboard/cupboardStore.js'
import { ApiError } from '../errors.js'
import { readDto } from '../http/dto.js'
import { addLook, lookAnswer, lookFrom, lookOf } from '../looks/lookStore.js'
import type { PriceSource } from '../stand-ins/priceSource.js'
import { LookEntity } from '../storage/entities/LookEntity.js'
import { OccasionEntity } from '../storage/entities/OccasionEntity.js'
import type { Storage } from '../storage/openStorage.js'
import { NewOccasionDto, type OccasionAnswer } from './occasionDtos.js'

/** Occasions: the list with each look small enough to draw, a new one from wishes and the cupboard, removal. */
export const occasionRoutes: FastifyPluginCallback<{ storage: Storage; prices: PriceSource }> = (app, { storage, prices }, done) => {
  const tags = ['occasions']
  app.get('/api/occasions', { schema: { tags, summary: 'All occasions with their looks' } }, async () => {
    const rows = await storage.dataSource.getRepository(LookEntity).find({ order: { updatedAtMs: 'DESC' } })
    return { occasions: byOccasion(rows) }
  })

  app.post('/api/occasions', { schema: { tags, summary: 'A new occasion with a first look from the cupboard' } }, async (request, reply) => {
    const dto = readDto(NewOccasionDto, request.body)
    const pieces = (await loadItems(storage)).map((item) => item.piece)
    const look = newLook({ ...dto, id: randomUUID() }, pieces, await loadOffers(storage), prices.shopsOn(prices.today()))
    const row = await addLook(storage, lookFrom(look))
    return reply.status(201).send(lookAnswer(row))
  })

  app.delete(
    '/api/occasions/:id',
    { schema: { tags, summary: 'Remove an occasion and its looks' } },
    async (request: FastifyRequest<{ Params: { id: string } }>, reply) => {
      const { id } = request.params
      await storage.writes.run(async (manager) => {
        const gone = await manager.delete(OccasionEntity, { id })
        if (gone.affected !== 1) throw new ApiError('not-found', [{ place: '', message: `no occasion ${id.slice(0, 64)}` }])
        await manager.delete(LookEntity, { occasionId: id })
      })
      return reply.status(204).send()
    }
  )
  done()
}

function byOccasion(rows: readonly LookEntity[]): OccasionAnswer[] {
  const occasions = new Map<string, OccasionAnswer['looks'][number][]>()
  for (const row of rows) {
    const look = small(lookOf(row))
    const entry = { id: row.id, name: look.name, revision: row.revision, updatedAtMs: row.updatedAtMs, look }
    const known = occasions.get(row.occasionId)
    if (known) known.push(entry)
    else occasions.set(row.occasionId, [entry])
  }
  return [...occasions].map(([id, looks]) => ({ id, looks }))
}

/** The look with only the pieces it uses and no offers. */
function small(look: Look): Look {
  const used = usedIds(look)
  return { ...look, pieces: look.pieces.filter((piece) => used.has(piece.id)), offers: [] }
}
