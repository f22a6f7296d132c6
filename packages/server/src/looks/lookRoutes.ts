import type { FastifyPluginCallback, FastifyReply, FastifyRequest } from 'fastify'
import { buyList } from '@hestiad/core'
import { writeBuyListCsv } from '@hestiad/core/formats'
import { buyListPdf, buyListXlsx } from '../exports/buyListFiles.js'
import { readDto } from '../http/dto.js'
import type { Storage } from '../storage/openStorage.js'
import { CopyLookDto } from './lookDtos.js'
import { addLook, loadLook, lookAnswer, lookFrom, lookOf } from './lookStore.js'
import { saveRoute } from './saveRoute.js'

type ById = FastifyRequest<{ Params: { id: string } }>

/** Looks: load, save over a revision, keep a second version, import and export. */
export const lookRoutes: FastifyPluginCallback<{ storage: Storage }> = (app, { storage }, done) => {
  const tags = ['looks']
  app.get('/api/looks/:id', { schema: { tags, summary: 'A look with its revision (ETag) and its undo history' } }, async (request: ById, reply) => {
    const row = await loadLook(storage, request.params.id)
    return reply.header('etag', `"${row.revision}"`).send(lookAnswer(row))
  })

  void app.register(saveRoute, { storage })

  app.post('/api/looks/:id/copies', { schema: { tags, summary: 'Keep a version as another look of the same occasion' } }, async (request: ById, reply) => {
    const dto = readDto(CopyLookDto, request.body)
    const { occasionId } = await loadLook(storage, request.params.id)
    const look = lookFrom(dto.look)
    const row = await addLook(storage, { ...look, name: dto.name ?? look.name }, occasionId)
    return reply.status(201).send(lookAnswer(row))
  })

  app.post('/api/looks', { schema: { tags, summary: 'Import a look file as a new occasion' } }, async (request, reply) => {
    const row = await addLook(storage, lookFrom(request.body))
    return reply.status(201).send(lookAnswer(row))
  })

  app.get('/api/looks/:id/file', { schema: { tags, summary: 'The look as a file' } }, async (request: ById, reply) => {
    const row = await loadLook(storage, request.params.id)
    const look = lookOf(row)
    return download(reply, 'application/json', `${look.occasion.title} ${look.name}.hestiad.json`).send(JSON.stringify(look, null, 1))
  })

  app.get('/api/looks/:id/buy-list.csv', { schema: { tags, summary: 'What is still to buy, as CSV' } }, async (request: ById, reply) => {
    const row = await loadLook(storage, request.params.id)
    const look = lookOf(row)
    return download(reply, 'text/csv; charset=utf-8', `${look.occasion.title} to buy.csv`).send(writeBuyListCsv(buyList(look)))
  })

  app.get('/api/looks/:id/buy-list.xlsx', { schema: { tags, summary: 'What is still to buy, as a spreadsheet' } }, async (request: ById, reply) => {
    const look = lookOf(await loadLook(storage, request.params.id))
    const type = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'
    return download(reply, type, `${look.occasion.title} to buy.xlsx`).send(await buyListXlsx(look, buyList(look)))
  })

  app.get('/api/looks/:id/buy-list.pdf', { schema: { tags, summary: 'What to carry to the shops, as PDF' } }, async (request: ById, reply) => {
    const look = lookOf(await loadLook(storage, request.params.id))
    return download(reply, 'application/pdf', `${look.occasion.title} to buy.pdf`).send(await buyListPdf(look, buyList(look)))
  })
  done()
}

/** Headers of a file to keep; its name without anything a file system minds. */
export function download(reply: FastifyReply, type: string, name: string): FastifyReply {
  const plain = name
    .normalize('NFKD')
    .replace(/[^\w .-]/g, '')
    .replace(/\s+/g, ' ')
    .trim()
  return reply.type(type).header('content-disposition', `attachment; filename="${plain}"`)
}
