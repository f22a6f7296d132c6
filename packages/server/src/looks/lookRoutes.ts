import { CopyLookDto, operations, ReplaceLookDto, SaveEditsDto } from '@hestiad/api'
import { addDays, buyHints, buyList, claimsOn } from '@hestiad/core'
import { writeBuyListCsv } from '@hestiad/core/formats'
import type { FastifyPluginCallback, FastifyReply, FastifyRequest } from 'fastify'
import { Between, MoreThan, Not } from 'typeorm'
import { loadItems } from '../cupboard/cupboardStore.js'
import { ApiError } from '../errors.js'
import { readDto } from '../http/dto.js'
import { memberText } from '../http/memberText.js'
import { leaving, route } from '../http/route.js'
import { EditEntity } from '../storage/entities/EditEntity.js'
import { LookEntity } from '../storage/entities/LookEntity.js'
import type { Storage } from '../storage/openStorage.js'
import type { Workers } from '../work/workers.js'
import { lettersIn, lookFrom } from './checkedLook.js'
import { editOf } from './lookBook.js'
import { lookAnswer } from './lookDtos.js'
import { addLook, openLook, readLooks, storedLook } from './lookStore.js'
import { replaceLook } from './replaceLook.js'
import { saveEdits } from './saveEdits.js'

/** So many entries of a journal are listed. */
const MOST_LISTED = 500

/** Looks: load, save edits, their journal, keep a second version, import and export. */
export const lookRoutes: FastifyPluginCallback<{ storage: Storage; workers: Workers }> = (app, { storage, workers }, done) => {
  route(app, operations.getLook, async (request, reply) => {
    const open = await openLook(storage, request.params['id']!)
    const { look, ...rest } = lookAnswer(open)
    // the look by its members: most are the same from one save to the next
    const text = `${JSON.stringify(rest).slice(0, -1)},"look":${memberText(look)}}`
    return reply.header('etag', `"${open.revision}"`).type('application/json').send(text)
  })

  route(app, operations.saveEdits, async (request, reply) => {
    const saved = await saveEdits(storage, request.params['id']!, readDto(SaveEditsDto, request.body))
    return reply.header('etag', `"${saved.revision}"`).send(saved)
  })

  route(app, operations.replaceLook, async (request, reply) => {
    const id = request.params['id']!
    const base = revisionOf(request)
    const { look } = readDto(ReplaceLookDto, request.body)
    const { revision } = await replaceLook(storage, id, base, await lookFrom(workers, lettersIn(request), look))
    return reply.header('etag', `"${revision}"`).send({ id, revision })
  })

  route(app, operations.removeLook, async (request) => {
    const { id, occasionId } = await openLook(storage, request.params['id']!)
    await storage.writes.run(async (manager) => {
      if ((await manager.count(LookEntity, { where: { occasionId } })) < 2) throw new ApiError('last-look')
      await manager.delete(LookEntity, { id })
    })
    storage.book.forget(id)
  })

  route(app, operations.listEdits, async (request) => {
    const { id: lookId } = await openLook(storage, request.params['id']!)
    const select = { id: true, revision: true, kind: true, of: true, what: true, window: true, atMs: true } as const
    return { edits: await edits().find({ where: { lookId }, select, order: { revision: 'DESC' }, take: MOST_LISTED }) }
  })

  route(app, operations.editsSince, async (request) => {
    const open = await openLook(storage, request.params['id']!)
    const since = Number(request.params['revision'])
    if (!Number.isInteger(since)) throw new ApiError('bad-request', [{ place: '/revision', message: 'must be a whole number' }])
    const rows = await edits().find({ where: { lookId: open.id, revision: MoreThan(since) }, order: { revision: 'ASC' } })
    if (rows.length !== open.revision - since) throw new ApiError('not-found', [{ place: '/revision', message: 'is not in the journal' }])
    return { revision: open.revision, edits: rows.map(editOf) }
  })

  route(app, operations.copyLook, async (request, reply) => {
    const dto = readDto(CopyLookDto, request.body)
    const { occasionId } = await openLook(storage, request.params['id']!)
    const look = await lookFrom(workers, lettersIn(request), dto.look)
    return reply.status(201).send(lookAnswer(await addLook(storage, { ...look, name: dto.name ?? look.name }, occasionId)))
  })

  route(app, operations.importLook, async (request, reply) =>
    reply.status(201).send(lookAnswer(await addLook(storage, await lookFrom(workers, lettersIn(request), request.body))))
  )

  route(app, operations.lookClaims, async (request) => {
    const { occasionId, look } = await openLook(storage, request.params['id']!)
    const { date } = look.occasion
    const { open: near } = await readLooks(storage, { where: { occasionId: Not(occasionId), date: Between(addDays(date, -1), addDays(date, 1)) } })
    return { claims: claimsOn(look, near) }
  })

  route(app, operations.lookFile, async (request, reply) => {
    const { look } = await openLook(storage, request.params['id']!)
    return download(reply, 'application/json', `${look.occasion.title} ${look.name}.hestiad.json`).send(JSON.stringify(look, null, 1))
  })

  route(app, operations.storedLook, async (request, reply) => {
    const id = request.params['id']!
    return download(reply, 'application/json', `${id} as stored.json`).send(JSON.stringify(await storedLook(storage, id), null, 1))
  })

  route(app, operations.buyListCsv, async (request, reply) => {
    const { look } = await openLook(storage, request.params['id']!)
    return download(reply, 'text/csv; charset=utf-8', `${look.occasion.title} to buy.csv`).send(
      writeBuyListCsv(buyList(look), buyHints(await loadItems(storage)))
    )
  })

  for (const [operation, task, type, ending] of [
    [operations.buyListXlsx, 'buyListXlsx', 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet', 'xlsx'],
    [operations.buyListPdf, 'buyListPdf', 'application/pdf', 'pdf']
  ] as const)
    route(
      app,
      operation,
      async (request, reply) => {
        const { look } = await openLook(storage, request.params['id']!)
        const file = await workers.run(task, [look, buyHints(await loadItems(storage))], leaving(reply))
        return download(reply, type, `${look.occasion.title} to buy.${ending}`).send(Buffer.from(file))
      },
      'heavy'
    )

  const edits = () => storage.dataSource.getRepository(EditEntity)
  done()
}

/** @throws ApiError revision-missing, bad-request */
function revisionOf(request: Pick<FastifyRequest, 'headers'>): number {
  const tag = request.headers['if-match']
  if (tag === undefined) throw new ApiError('revision-missing')
  const match = /^"?(\d{1,15})"?$/.exec(tag)
  if (!match) throw new ApiError('bad-request', [{ place: 'If-Match', message: 'must be a revision number in quotes' }])
  return Number(match[1])
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
