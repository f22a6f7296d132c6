import type { FastifyPluginCallback, FastifyRequest } from 'fastify'
import type { CupboardItem } from '@hestiad/core'
import {
  cupboardColumns,
  factsFaults,
  pieceFaults,
  previewCupboardCsv,
  readCupboardCsv,
  writeCupboardCsv,
  type ColumnMap,
  type Fault
} from '@hestiad/core/formats'
import { ApiError } from '../errors.js'
import { download } from '../looks/lookRoutes.js'
import { PieceEntity } from '../storage/entities/PieceEntity.js'
import type { Storage } from '../storage/openStorage.js'
import { loadItems, loadOffers, putItems } from './cupboardStore.js'
import { ItemDto, ItemsDto } from './cupboardDtos.js'
import { binLabelsPdf } from '../exports/labels.js'
import { readDto } from '../http/dto.js'

/** The cupboard: its pieces and the shops' offers, one piece written, all as CSV in and out. */
export const cupboardRoutes: FastifyPluginCallback<{ storage: Storage }> = (app, { storage }, done) => {
  const tags = ['cupboard']
  app.get('/api/cupboard', { schema: { tags, summary: 'All pieces with what is known of them, and the offers kept' } }, async () => ({
    items: await loadItems(storage),
    offers: await loadOffers(storage)
  }))

  app.put('/api/cupboard/:id', { schema: { tags, summary: 'Write one piece and its facts' } }, async (request: FastifyRequest<{ Params: { id: string } }>) => {
    const item = readItem(readDto(ItemDto, request.body), '')
    if (item.piece.id !== request.params.id) throw new ApiError('bad-request', [{ place: '/piece/id', message: 'must be the id in the address' }])
    await storage.writes.run((manager) => putItems(manager, [item]))
    return item
  })

  app.patch('/api/cupboard', { schema: { tags, summary: 'Write several pieces at once: all or none' } }, async (request) => {
    const { items } = readDto(ItemsDto, request.body)
    const read = items.map((item, i) => readItem(item as ItemDto, `/items/${i}`))
    await storage.writes.run((manager) => putItems(manager, read))
    return { written: read.length }
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
    download(reply, 'text/csv; charset=utf-8', 'cupboard.csv').send(writeCupboardCsv(await loadItems(storage)))
  )

  app.post(
    '/api/cupboard.csv',
    { schema: { tags, summary: 'Import a cupboard CSV: all rows or none; `map` says what each header stands for' } },
    async (request) => {
      const parsed = readCupboardCsv(csvOf(request), mapOf(request))
      if (!parsed.ok) throw new ApiError('unusable-cupboard', parsed.faults)
      await storage.writes.run((manager) => putItems(manager, parsed.value))
      return { imported: parsed.value.length }
    }
  )

  app.post(
    '/api/cupboard.csv/preview',
    { schema: { tags, summary: 'Read a CSV without taking it: header, guessed columns, first rows, faults, what is new' } },
    async (request) => {
      const text = csvOf(request)
      const seen = previewCupboardCsv(text)
      if (!seen.ok) throw new ApiError('unusable-cupboard', seen.faults)
      const map = mapOf(request) ?? seen.value.map
      const parsed = readCupboardCsv(text, map)
      const known = new Set((await loadItems(storage)).map((item) => item.piece.id))
      const items = parsed.ok ? parsed.value : []
      const added = items.filter((item) => !known.has(item.piece.id)).length
      const assumed = items.filter((item) => item.facts.assumed.length > 0).length
      return { ...seen.value, columns: cupboardColumns, map, faults: parsed.ok ? [] : parsed.faults, added, changed: items.length - added, assumed }
    }
  )

  app.get('/api/cupboard/labels.pdf', { schema: { tags, summary: 'Labels for bins and shelves with QR codes, as PDF' } }, async (request, reply) =>
    download(reply, 'application/pdf', 'bin labels.pdf').send(await binLabelsPdf(await loadItems(storage), `${request.protocol}://${request.host}`))
  )
  done()
}

/** @throws ApiError bad-request naming the places in the piece and its facts */
function readItem(dto: ItemDto, above: string): CupboardItem {
  const at = (part: string) => (fault: Fault) => ({ ...fault, place: `${above}/${part}${fault.place}` })
  const faults = [...pieceFaults(dto.piece).map(at('piece')), ...factsFaults(dto.facts).map(at('facts'))]
  if (faults.length > 0) throw new ApiError('bad-request', faults)
  return { piece: dto.piece, facts: dto.facts } as unknown as CupboardItem
}

function csvOf(request: FastifyRequest): string {
  if (typeof request.body !== 'string') throw new ApiError('unsupported-type')
  return request.body
}

/** The `map` of the query: JSON, header to column or null. */
function mapOf(request: FastifyRequest): ColumnMap | undefined {
  const text = (request.query as Record<string, unknown>)['map']
  if (text === undefined) return undefined
  try {
    const map = JSON.parse(String(text)) as unknown
    if (typeof map === 'object' && map !== null && !Array.isArray(map)) return map as ColumnMap
  } catch {
    // answered below
  }
  throw new ApiError('bad-request', [{ place: '?map', message: 'must be JSON: header to column or null' }])
}
