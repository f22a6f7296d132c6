import { IdeaFieldsDto, operations, type IdeaDto } from '@hestiad/api'
import type { IdeaKind, RoomStage } from '@hestiad/core'
import type { FastifyPluginCallback } from 'fastify'
import { ApiError } from '../errors.js'
import { readDto } from '../http/dto.js'
import { route } from '../http/route.js'
import { IdeaEntity } from '../storage/entities/IdeaEntity.js'
import { PhotoEntity } from '../storage/entities/PhotoEntity.js'
import type { Storage } from '../storage/openStorage.js'

const MOST_IDEAS = 1000
const ID = /^[\w-]{1,64}$/

/** The board of ideas and the list of what there is to do in the rooms. */
export const ideaRoutes: FastifyPluginCallback<{ storage: Storage }> = (app, { storage }, done) => {
  const ideas = () => storage.dataSource.getRepository(IdeaEntity)

  route(app, operations.listIdeas, async () => ({ ideas: (await ideas().find({ order: { createdAtMs: 'DESC', id: 'ASC' } })).map(told) }))

  route(app, operations.putIdea, async (request) => {
    const id = request.params['id']!
    if (!ID.test(id)) throw new ApiError('bad-request', [{ place: '/id', message: 'must be 1 to 64 letters, digits or hyphens' }])
    const { photoId = null, stage = null, ...fields } = readDto(IdeaFieldsDto, request.body)
    if (photoId !== null && !(await storage.dataSource.getRepository(PhotoEntity).existsBy({ id: photoId })))
      throw new ApiError('not-found', [{ place: '/photoId', message: 'there is no such photo' }])
    return storage.writes.run(async (manager) => {
      const known = await manager.findOneBy(IdeaEntity, { id })
      if (!known && (await manager.count(IdeaEntity)) >= MOST_IDEAS)
        throw new ApiError('bad-request', [{ place: '', message: `no more than ${MOST_IDEAS} are kept; remove some first` }])
      return told(await manager.save(IdeaEntity, { id, ...fields, photoId, stage, createdAtMs: known?.createdAtMs ?? Date.now() }))
    })
  })

  route(app, operations.removeIdea, async (request) => {
    const id = request.params['id']!
    const gone = await storage.writes.run((manager) => manager.delete(IdeaEntity, { id }))
    if (gone.affected !== 1) throw new ApiError('not-found', [{ place: '', message: `no idea ${id.slice(0, 64)}` }])
  })
  done()
}

function told({ id, kind, what, source, takes, photoId, stage, done, createdAtMs }: IdeaEntity): IdeaDto {
  return {
    id,
    kind: kind as IdeaKind,
    what,
    source,
    takes,
    ...(photoId !== null && { photoId }),
    ...(stage !== null && { stage: stage as RoomStage }),
    done,
    createdAtMs
  }
}
