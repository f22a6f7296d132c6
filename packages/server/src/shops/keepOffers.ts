import { noFacts, type Offer } from '@hestiad/core'
import { In, type EntityManager } from 'typeorm'
import { putItems, putOffers } from '../cupboard/cupboardStore.js'
import { ApiError } from '../errors.js'
import type { PriceSource } from '../stand-ins/priceSource.js'
import { PieceEntity } from '../storage/entities/PieceEntity.js'

/**
 * Keeps offers. What they are for is a piece of the cupboard, or an article of the shops, which joins the cupboard, owned 0.
 * @throws ApiError unusable-offers naming the offers of neither
 */
export async function keepOffers(manager: EntityManager, offers: readonly Offer[], prices: PriceSource): Promise<void> {
  const wanted = [...new Set(offers.map((offer) => offer.pieceId))]
  const known = new Set((await manager.getRepository(PieceEntity).find({ where: { id: In(wanted) }, select: { id: true } })).map((row) => row.id))
  const articles = new Map(prices.articles().map((piece) => [piece.id, piece]))
  const missing = wanted.filter((id) => !known.has(id))
  const nowhere = missing.filter((id) => !articles.has(id))
  if (nowhere.length > 0)
    throw new ApiError(
      'unusable-offers',
      nowhere.slice(0, 20).map((id) => ({ place: '/pieceId', message: `there is no piece ${id} in the cupboard or the shops` }))
    )
  await putItems(
    manager,
    missing.map((id) => ({ piece: { ...articles.get(id)!, owned: 0 }, facts: noFacts }))
  )
  await putOffers(manager, offers)
}
