import { randomUUID } from 'node:crypto'
import { NewOccasionDto, operations } from '@hestiad/api'
import { inStyle, isStyle, laidAs, newLook, styleOf, usedIds, type Look } from '@hestiad/core'
import type { FastifyPluginCallback } from 'fastify'
import { loadItems, loadOffers } from '../cupboard/cupboardStore.js'
import { ApiError } from '../errors.js'
import { readDto } from '../http/dto.js'
import { route } from '../http/route.js'
import { lettersOf, lookFrom } from '../looks/checkedLook.js'
import type { OpenLook } from '../looks/lookBook.js'
import { lookAnswer } from '../looks/lookDtos.js'
import { addLook, openLook, readLooks } from '../looks/lookStore.js'
import type { PriceSource } from '../stand-ins/priceSource.js'
import { LookEntity } from '../storage/entities/LookEntity.js'
import { OccasionEntity } from '../storage/entities/OccasionEntity.js'
import type { Storage } from '../storage/openStorage.js'
import type { Workers } from '../work/workers.js'

/** Occasions: the list with each look small enough to draw, a new one from wishes and the cupboard, removal. */
export const occasionRoutes: FastifyPluginCallback<{ storage: Storage; prices: PriceSource; workers: Workers }> = (app, { storage, prices, workers }, done) => {
  route(app, operations.listOccasions, async () => {
    const { open: looks, damaged } = await readLooks(storage)
    const ids = [...new Set(looks.map((one) => one.occasionId))]
    return {
      occasions: ids.map((id) => ({ id, looks: looks.filter((one) => one.occasionId === id).map(listed) })),
      damaged: damaged.map(({ id, occasionId, name, date }) => ({ id, occasionId, name, date }))
    }
  })

  route(app, operations.addOccasion, async (request, reply) => {
    const dto = readDto(NewOccasionDto, request.body)
    const { style } = dto
    if (style !== undefined && !isStyle(style)) throw new ApiError('bad-request', [{ place: '/style', message: 'is no style a brief can begin with' }])
    const pieces = (await loadItems(storage)).map((item) => item.piece)
    const like = dto.like === undefined ? undefined : (await openLook(storage, dto.like)).look
    const first = newLook({ ...dto, id: randomUUID() }, pieces, await loadOffers(storage), prices.shopsOn(prices.today()), like)
    // ways that are taken over from an earlier look stay as they are there
    const bare = style ? inStyle(first, { ...style, ...(like && { ways: styleOf(like).ways }) }) : first
    const look = like && dto.asLaid ? laidAs(bare, like) : bare
    return reply.status(201).send(lookAnswer(await addLook(storage, await lookFrom(workers, lettersOf(look), look))))
  })

  route(app, operations.removeOccasion, async (request) => {
    const id = request.params['id']!
    const looks = await storage.dataSource.getRepository(LookEntity).find({ where: { occasionId: id }, select: { id: true } })
    const gone = await storage.writes.run((manager) => manager.delete(OccasionEntity, { id }))
    if (gone.affected !== 1) throw new ApiError('not-found', [{ place: '', message: `no occasion ${id.slice(0, 64)}` }])
    for (const look of looks) storage.book.forget(look.id)
  })
  done()
}

function listed({ id, revision, updatedAtMs, look }: OpenLook) {
  return { id, name: look.name, revision, updatedAtMs, look: small(look) }
}

/** The look with only the pieces it uses and no offers. */
function small(look: Look): Look {
  const used = usedIds(look)
  return { ...look, pieces: look.pieces.filter((piece) => used.has(piece.id)), offers: [] }
}
