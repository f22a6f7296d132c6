import type { FastifyPluginCallback, FastifyRequest } from 'fastify'
import type { Piece } from '@hestiad/core'
import { pieceFaults, readCupboardCsv, writeCupboardCsv } from '@hestiad/core/formats'
import { ApiError } from '../errors.js'
import { download } from '../looks/lookRoutes.js'
import { PieceEntity } from '../storage/entities/PieceEntity.js'
import type { Storage } from '../storage/openStorage.js'
import { loadOffers, loadPieces, putPieces } from './cupboardStore.js'

/** The cupboard: its pieces and the shops' offers, one piece written, all as CSV in and out. */
export const cupboardRoutes: FastifyPluginCallback<{ storage: Storage }> = (app, { storage }, done) => {
  const tags = ['cupboard']
  app.get('/api/cupboard', { schema: { tags, summary: 'All pieces and all offers' } }, async () => ({
    pieces: await loadPieces(storage),
    offers: await loadOffers(storage)
  }))

  app.put('/api/cupboard/:id', { schema: { tags, summary: 'Write one piece' } }, async (request: FastifyRequest<{ Params: { id: string } }>) => {
    const body = request.body as Piece
    const faults = pieceFaults(body)
    if (faults.length === 0 && body.id !== request.params.id) faults.push({ place: '/id', message: 'must be the id in the address' })
    if (faults.length > 0) throw new ApiError('bad-request', faults)
    await storage.writes.run((manager) => putPieces(manager, [body]))
    return body
  })

  app.delete(
    '/api/cupboard/:id',
    { schema: { tags, summary: 'Remove one piece; looks that carry it keep their copy' } },
    async (request: FastifyRequest<{ Params: { id: string } }>, reply) => {
      const { id } = request.params
      const gone = await storage.writes.run((manager) => manager.delete(PieceEntity, { id }))
      if (gone.affected !== 1) throw new ApiError('not-found', [{ place: '', message: `no piece ${id.slice(0, 64)}` }])
      return reply.status(204).send()
    }
  )

  app.get('/api/cupboard.csv', { schema: { tags, summary: 'The cupboard as CSV' } }, async (_request, reply) =>
    download(reply, 'text/csv; charset=utf-8', 'cupboard.csv').send(writeCupboardCsv(await loadPieces(storage)))
  )

  app.post('/api/cupboard.csv', { schema: { tags, summary: 'Import a cupboard CSV: all rows or none' } }, async (request) => {
    if (typeof request.body !== 'string') throw new ApiError('unsupported-type')
    const parsed = readCupboardCsv(request.body)
    if (!parsed.ok) throw new ApiError('unusable-cupboard', parsed.faults)
    await storage.writes.run((manager) => putPieces(manager, parsed.value))
    return { imported: parsed.value.length }
  })
  done()
}
