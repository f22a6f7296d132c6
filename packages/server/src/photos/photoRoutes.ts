import { operations } from '@hestiad/api'
import type { FastifyPluginCallback } from 'fastify'
import { ApiError } from '../errors.js'
import { route } from '../http/route.js'
import type { Storage } from '../storage/openStorage.js'
import { keepPhoto, loadPhoto } from './photoStore.js'

/** Photos of pieces and receipts: resized on the way in, sent as JPEG in two sizes. */
export const photoRoutes: FastifyPluginCallback<{ storage: Storage }> = (app, { storage }, done) => {
  app.addContentTypeParser(['image/jpeg', 'image/png', 'image/webp', 'application/octet-stream'], { parseAs: 'buffer' }, (_request, body, parsed) =>
    parsed(null, body)
  )
  route(
    app,
    operations.addPhoto,
    async (request, reply) => {
      if (!Buffer.isBuffer(request.body)) throw new ApiError('unsupported-type')
      const { id, widthPx, heightPx } = await keepPhoto(storage, request.body)
      return reply.status(201).send({ id, widthPx, heightPx })
    },
    'heavy'
  )
  route(app, operations.getPhoto, async (request, reply) => {
    const { id = '', size } = request.params
    if (size !== 'small' && size !== 'large') throw new ApiError('not-found')
    const photo = await loadPhoto(storage, id)
    return reply.type('image/jpeg').header('cache-control', 'private, max-age=31536000, immutable').send(photo[size])
  })
  done()
}
