import { ItemDto, ItemsDto, operations } from '@hestiad/api'
import type { FastifyPluginCallback } from 'fastify'
import type { CupboardItem } from '@hestiad/core'
import { factsFaults, listColumns, pieceFaults, writeCupboardCsv, type Fault } from '@hestiad/core/formats'
import { ApiError } from '../errors.js'
import { download } from '../looks/lookRoutes.js'
import { PieceEntity } from '../storage/entities/PieceEntity.js'
import type { Storage } from '../storage/openStorage.js'
import { knownIds, loadItems, loadOffers, putItems } from './cupboardStore.js'
import { csvBody } from '../http/csvBody.js'
import { readDto } from '../http/dto.js'
import { readingOf } from '../http/readingOf.js'
import { memberText } from '../http/memberText.js'
import { leaving, route } from '../http/route.js'
import type { Workers } from '../work/workers.js'

/** The cupboard: its pieces and the shops' offers, one piece written, all as CSV in and out. */
export const cupboardRoutes: FastifyPluginCallback<{ storage: Storage; workers: Workers }> = (app, { storage, workers }, done) => {
  route(app, operations.getCupboard, async (_request, reply) => {
    const [items, offers] = await Promise.all([loadItems(storage), loadOffers(storage)])
    return reply.type('application/json').send(memberText({ items, offers }))
  })

  route(app, operations.putItem, async (request) => {
    const item = readItem(readDto(ItemDto, request.body), '')
    if (item.piece.id !== request.params['id']!) throw new ApiError('bad-request', [{ place: '/piece/id', message: 'must be the id in the address' }])
    await storage.writes.run((manager) => putItems(manager, [item]))
    return item
  })

  route(app, operations.putItems, async (request) => {
    const { items } = readDto(ItemsDto, request.body)
    const read = items.map((item, i) => readItem(item, `/items/${i}`))
    await storage.writes.run((manager) => putItems(manager, read))
    return { written: read.length }
  })

  route(app, operations.removePiece, async (request) => {
    const id = request.params['id']!
    const gone = await storage.writes.run((manager) => manager.delete(PieceEntity, { id }))
    if (gone.affected !== 1) throw new ApiError('not-found', [{ place: '', message: `no piece ${id.slice(0, 64)}` }])
  })

  route(app, operations.cupboardCsv, async (_request, reply) =>
    download(reply, 'text/csv; charset=utf-8', 'cupboard.csv').send(writeCupboardCsv(await loadItems(storage)))
  )

  route(
    app,
    operations.importCupboard,
    async (request, reply) => {
      const parsed = await workers.run('readCupboard', [csvBody(request), readingOf(request, listColumns)], leaving(reply))
      if (!parsed.ok) throw new ApiError('unusable-cupboard', parsed.faults)
      await storage.writes.run((manager) => putItems(manager, parsed.value))
      return { imported: parsed.value.length }
    },
    'heavy'
  )

  route(
    app,
    operations.previewCupboard,
    async (request, reply) => {
      const { seen, read } = await workers.run('previewCupboard', [csvBody(request), readingOf(request, listColumns)], leaving(reply))
      if (!seen.ok || !read) throw new ApiError('unusable-cupboard', seen.ok ? [] : seen.faults)
      const known = await knownIds(storage)
      const items = read.ok ? read.value : []
      const added = items.filter((item) => !known.has(item.piece.id)).length
      const assumed = items.filter((item) => item.facts.assumed.length > 0).length
      const faults = read.ok ? [] : read.faults
      return { ...seen.value, columns: listColumns, faults, added, changed: items.length - added, assumed }
    },
    'heavy'
  )

  route(
    app,
    operations.binLabels,
    async (request, reply) => {
      const file = await workers.run('binLabels', [await loadItems(storage), `${request.protocol}://${request.host}`], leaving(reply))
      return download(reply, 'application/pdf', 'bin labels.pdf').send(Buffer.from(file))
    },
    'heavy'
  )
  done()
}

/** @throws ApiError bad-request naming the places in the piece and its facts */
function readItem(dto: ItemDto, above: string): CupboardItem {
  const at = (part: string) => (fault: Fault) => ({ ...fault, place: `${above}/${part}${fault.place}` })
  const faults = [...pieceFaults(dto.piece).map(at('piece')), ...factsFaults(dto.facts).map(at('facts'))]
  if (faults.length > 0) throw new ApiError('bad-request', faults)
  return { piece: dto.piece, facts: dto.facts }
}
