import { randomBytes, randomUUID } from 'node:crypto'
import { NewShareDto, operations, VotesDto } from '@hestiad/api'
import { applyEdit, buyList, lookHash, plainBuying, sayOfLook, usedIds, type Look } from '@hestiad/core'
import type { FastifyPluginCallback } from 'fastify'
import { MoreThan } from 'typeorm'
import { ApiError } from '../errors.js'
import { readDto } from '../http/dto.js'
import { route } from '../http/route.js'
import { openLook, readLooks } from '../looks/lookStore.js'
import { saveEdits } from '../looks/saveEdits.js'
import { OccasionEntity } from '../storage/entities/OccasionEntity.js'
import { ShareEntity } from '../storage/entities/ShareEntity.js'
import type { Storage } from '../storage/openStorage.js'

const DAY_MS = 86_400_000
/** So many addresses of an occasion are open at once. */
const MOST_OPEN = 20

/** Secret addresses: host and client read the looks of an occasion there and say what they think of them, until the day is over. */
export const shareRoutes: FastifyPluginCallback<{ storage: Storage }> = (app, { storage }, done) => {
  const shares = () => storage.dataSource.getRepository(ShareEntity)
  const openOf = (occasionId: string) => shares().find({ where: { occasionId, expiresAtMs: MoreThan(Date.now()) }, order: { createdAtMs: 'DESC' } })

  route(app, operations.addShare, async (request, reply) => {
    const occasionId = request.params['id']!
    const { days, withPrices } = readDto(NewShareDto, request.body)
    if (!(await storage.dataSource.getRepository(OccasionEntity).existsBy({ id: occasionId }))) throw notFound(`no occasion ${occasionId.slice(0, 64)}`)
    if ((await openOf(occasionId)).length >= MOST_OPEN)
      throw new ApiError('bad-request', [{ place: '', message: `no more than ${MOST_OPEN} addresses at once` }])
    const createdAtMs = Date.now()
    const share = { secret: randomBytes(16).toString('base64url'), occasionId, withPrices, createdAtMs, expiresAtMs: createdAtMs + days * DAY_MS }
    await storage.writes.run((manager) => manager.insert(ShareEntity, share))
    return reply.status(201).send(told(share))
  })

  route(app, operations.listShares, async (request) => ({ shares: (await openOf(request.params['id']!)).map(told) }))

  route(app, operations.removeShare, async (request) => {
    const gone = await storage.writes.run((manager) => manager.delete(ShareEntity, { secret: request.params['secret']! }))
    if (gone.affected !== 1) throw noShare()
  })

  route(app, operations.getShare, async (request) => {
    const share = await opened(request.params['secret']!)
    const { open } = await readLooks(storage, { where: { occasionId: share.occasionId } })
    const { withPrices, expiresAtMs } = share
    const looks = open.map(({ id, look }) => ({ id, name: look.name, look: shown(look), ...(withPrices && { spendCents: buyList(look).spendCents }) }))
    return { title: open[0]?.look.occasion.title ?? '', expiresAtMs, looks }
  })

  route(
    app,
    operations.answerShare,
    async (request) => {
      const { occasionId } = await opened(request.params['secret']!)
      const { by, votes } = readDto(VotesDto, request.body)
      const day = new Date().toISOString().slice(0, 10)
      for (const { lookId } of votes) if ((await openLook(storage, lookId)).occasionId !== occasionId) throw noShare()
      for (const { lookId, stand, remark } of votes) {
        const open = await openLook(storage, lookId)
        const { inverse: _, ...edit } = sayOfLook(open.look, { by: by.trim(), stand, remark: remark.trim(), day })
        const id = randomUUID()
        const sent = { ...edit, patches: [...edit.patches] as never, id, of: id, kind: 'edit' as const }
        await saveEdits(storage, lookId, { base: open.revision, hash: lookHash(applyEdit(open.look, edit)), window: 'shared page', edits: [sent] })
      }
    },
    'heavy'
  )

  /** @throws ApiError not-found for an address that never was, was closed, or is over */
  async function opened(secret: string): Promise<ShareEntity> {
    const share = await shares().findOneBy({ secret, expiresAtMs: MoreThan(Date.now()) })
    if (!share) throw noShare()
    return share
  }
  done()
}

const notFound = (message: string) => new ApiError('not-found', [{ place: '', message }])
const noShare = () => notFound('this address is closed, over, or never was')

const told = ({ secret, withPrices, createdAtMs, expiresAtMs }: Omit<ShareEntity, 'occasion'>) => ({ secret, withPrices, createdAtMs, expiresAtMs })

/** What is drawn and named of a look, and nothing else of it. */
function shown(look: Look): Look {
  const used = usedIds(look)
  return {
    ...look,
    pieces: look.pieces.filter((piece) => used.has(piece.id)).map((piece) => ({ ...piece, kept: '' })),
    guests: look.guests.map((guest) => ({ ...guest, diet: '', near: [], apart: [] })),
    occasion: { ...look.occasion, notes: '' },
    buying: plainBuying,
    offers: [],
    verdicts: [],
    variants: []
  }
}
