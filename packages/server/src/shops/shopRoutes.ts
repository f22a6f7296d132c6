import { randomUUID } from 'node:crypto'
import type { FastifyPluginCallback, FastifyRequest } from 'fastify'
import { createCupboardSearch, noFacets, noFacts, offersByPiece, sameJob, type Offer, type PieceKind } from '@hestiad/core'
import { readOffersCsv, writeOffersCsv } from '@hestiad/core/formats'
import { loadItems, loadOffers, putOffers } from '../cupboard/cupboardStore.js'
import { ApiError } from '../errors.js'
import { readDto } from '../http/dto.js'
import { download } from '../looks/lookRoutes.js'
import { OfferEntity } from '../storage/entities/OfferEntity.js'
import type { PriceSource } from '../stand-ins/priceSource.js'
import type { Storage } from '../storage/openStorage.js'
import { alikePieces } from './alike.js'
import { NotedOfferDto } from './offerDtos.js'

const MOST_ANSWERED = 120

interface Query {
  readonly q?: string
  readonly kind?: string
  readonly shop?: string
  readonly day?: string
  readonly like?: string
}

/** The shops of a day, their articles and offers by search or by likeness, and the offers the stylist keeps. */
export const shopRoutes: FastifyPluginCallback<{ storage: Storage; prices: PriceSource }> = (app, { storage, prices }, done) => {
  const tags = ['shops']
  const articles = prices.articles()
  const items = articles.map((piece) => ({ piece, facts: noFacts }))
  const search = createCupboardSearch(items)

  app.get('/api/shops', { schema: { tags, summary: 'The shops of a day: delivery, coupons' } }, (request: FastifyRequest<{ Querystring: Query }>) =>
    Promise.resolve({ day: dayOf(request.query, prices), shops: prices.shopsOn(dayOf(request.query, prices)) })
  )

  app.get(
    '/api/shops/articles',
    { schema: { tags, summary: 'Articles with their offers of a day, by words, kind and shop, or like a piece' } },
    async (request: FastifyRequest<{ Querystring: Query }>) => {
      const { q = '', kind = '', shop = '', like = '' } = request.query
      const day = dayOf(request.query, prices)
      const kept = await loadOffers(storage)
      const byPiece = offersByPiece([...prices.offersOn(day), ...kept].filter((offer) => shop === '' || offer.shop === shop))
      if (like !== '') {
        const own = (await loadItems(storage)).map((item) => item.piece)
        const model = [...own, ...articles].find((piece) => piece.id === like)
        if (!model) throw new ApiError('not-found', [{ place: '?like', message: `no piece ${like.slice(0, 64)}` }])
        const alike = alikePieces(
          model,
          [...own.filter((piece) => byPiece.has(piece.id)), ...articles].filter((piece) => sameJob(model, piece))
        )
        return {
          day,
          total: alike.length,
          articles: alike.slice(0, 40).map(({ piece, likeness }) => ({ piece, likeness, offers: byPiece.get(piece.id) ?? [] }))
        }
      }
      const found = search
        .find(q, { ...noFacets, kinds: kind === '' ? [] : [kind as PieceKind] }, 'in')
        .map((i) => articles[i]!)
        .filter((piece) => byPiece.has(piece.id))
      return { day, total: found.length, articles: found.slice(0, MOST_ANSWERED).map((piece) => ({ piece, likeness: null, offers: byPiece.get(piece.id)! })) }
    }
  )

  app.post('/api/offers', { schema: { tags, summary: 'Keep an offer seen in a shop' } }, async (request, reply) => {
    const { day, note, photoId, priceCents, ...seen } = readDto(NotedOfferDto, request.body)
    const noted = { day, note, photoId: photoId ?? null }
    const offer: Offer = { ...seen, id: `noted-${randomUUID()}`, priceCents: priceCents ?? null, listCents: null, untilDay: null, noted }
    await storage.writes.run((manager) => putOffers(manager, [offer]))
    return reply.status(201).send(offer)
  })

  app.delete(
    '/api/offers/:id',
    { schema: { tags, summary: 'Drop an offer that was kept' } },
    async (request: FastifyRequest<{ Params: { id: string } }>, reply) => {
      const { id } = request.params
      const gone = await storage.writes.run((manager) => manager.delete(OfferEntity, { id }))
      if (gone.affected !== 1) throw new ApiError('not-found', [{ place: '', message: `no offer ${id.slice(0, 64)}` }])
      return reply.status(204).send()
    }
  )

  app.get('/api/offers.csv', { schema: { tags, summary: 'The offers kept, as CSV' } }, async (_request, reply) =>
    download(reply, 'text/csv; charset=utf-8', 'offers.csv').send(writeOffersCsv(await loadOffers(storage)))
  )

  app.post('/api/offers.csv', { schema: { tags, summary: 'Import offers from CSV: all rows or none' } }, async (request) => {
    if (typeof request.body !== 'string') throw new ApiError('unsupported-type')
    const parsed = readOffersCsv(request.body)
    if (!parsed.ok) throw new ApiError('unusable-offers', parsed.faults)
    await storage.writes.run((manager) => putOffers(manager, parsed.value))
    return { imported: parsed.value.length }
  })
  done()
}

/** @throws ApiError bad-request for a day that is none */
function dayOf(query: Query, prices: PriceSource): string {
  const day = query.day ?? prices.today()
  if (!/^\d{4}-\d{2}-\d{2}$/.test(day) || Number.isNaN(Date.parse(day)))
    throw new ApiError('bad-request', [{ place: '?day', message: 'must be a day as 2027-02-06' }])
  return day
}
