import { randomUUID } from 'node:crypto'
import { NotedOfferDto, operations } from '@hestiad/api'
import type { FastifyPluginCallback } from 'fastify'
import { createCupboardSearch, noFacets, noFacts, offersByPiece, sameJob, type Offer, type PieceKind } from '@hestiad/core'
import { offerListColumns, writeOffersCsv } from '@hestiad/core/formats'
import { loadItems, loadOffers } from '../cupboard/cupboardStore.js'
import { ApiError } from '../errors.js'
import { csvBody } from '../http/csvBody.js'
import { readDto } from '../http/dto.js'
import { readingOf } from '../http/readingOf.js'
import { dayOf, textOf } from '../http/days.js'
import { leaving, route } from '../http/route.js'
import { download } from '../looks/lookRoutes.js'
import { OfferEntity } from '../storage/entities/OfferEntity.js'
import type { PriceSource } from '../stand-ins/priceSource.js'
import type { Storage } from '../storage/openStorage.js'
import type { Workers } from '../work/workers.js'
import { alikePieces } from './alike.js'
import { keepOffers } from './keepOffers.js'

const MOST_ANSWERED = 120

/** The shops of a day, their articles and offers by search or by likeness, and the offers the stylist keeps. */
export const shopRoutes: FastifyPluginCallback<{ storage: Storage; prices: PriceSource; workers: Workers }> = (app, { storage, prices, workers }, done) => {
  const articles = prices.articles()
  const items = articles.map((piece) => ({ piece, facts: noFacts }))
  const search = createCupboardSearch(items)

  route(app, operations.listShops, (request) => {
    const day = dayOf(request.query, prices.today())
    return { day, shops: prices.shopsOn(day) }
  })

  route(app, operations.listArticles, async (request) => {
    const [q, kind, shop, like] = ['q', 'kind', 'shop', 'like'].map((name) => textOf(request.query, name)) as [string, string, string, string]
    const day = dayOf(request.query, prices.today())
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
  })

  route(app, operations.noteOffer, async (request, reply) => {
    const { day, note, photoId, priceCents, ...seen } = readDto(NotedOfferDto, request.body)
    const noted = { day, note, photoId: photoId ?? null }
    const offer: Offer = { ...seen, id: `noted-${randomUUID()}`, priceCents: priceCents ?? null, listCents: null, untilDay: null, noted }
    await storage.writes.run((manager) => keepOffers(manager, [offer], prices))
    return reply.status(201).send(offer)
  })

  route(app, operations.removeOffer, async (request) => {
    const id = request.params['id']!
    const gone = await storage.writes.run((manager) => manager.delete(OfferEntity, { id }))
    if (gone.affected !== 1) throw new ApiError('not-found', [{ place: '', message: `no offer ${id.slice(0, 64)}` }])
  })

  route(app, operations.offersCsv, async (_request, reply) =>
    download(reply, 'text/csv; charset=utf-8', 'offers.csv').send(writeOffersCsv(await loadOffers(storage)))
  )

  route(
    app,
    operations.importOffers,
    async (request, reply) => {
      const parsed = await workers.run('readOffers', [csvBody(request), readingOf(request, offerListColumns), await named(storage)], leaving(reply))
      if (!parsed.ok) throw new ApiError('unusable-offers', parsed.faults)
      await storage.writes.run((manager) => keepOffers(manager, parsed.value, prices))
      return { imported: parsed.value.length }
    },
    'heavy'
  )

  route(
    app,
    operations.previewOffers,
    async (request, reply) => {
      const given = [csvBody(request), readingOf(request, offerListColumns), await named(storage)] as const
      const { seen, read } = await workers.run('previewOffers', [...given], leaving(reply))
      if (!seen.ok || !read) throw new ApiError('unusable-offers', seen.ok ? [] : seen.faults)
      const kept = new Set((await loadOffers(storage)).map((offer) => offer.id))
      const offers = read.ok ? read.value : []
      const added = offers.filter((offer) => !kept.has(offer.id)).length
      return { ...seen.value, columns: offerListColumns, faults: read.ok ? [] : read.faults, added, changed: offers.length - added, assumed: 0 }
    },
    'heavy'
  )
  done()
}

/** Pieces an offer of a list may name. */
const named = async (storage: Storage) => (await loadItems(storage)).map(({ piece: { id, name } }) => ({ id, name }))
