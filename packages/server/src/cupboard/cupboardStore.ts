import type { EntityManager } from 'typeorm'
import type { Offer, Piece } from '@hestiad/core'
import { OfferEntity } from '../storage/entities/OfferEntity.js'
import { PieceEntity } from '../storage/entities/PieceEntity.js'
import type { Storage } from '../storage/openStorage.js'

export async function loadPieces(storage: Storage): Promise<Piece[]> {
  const rows = await storage.dataSource.getRepository(PieceEntity).find({ order: { position: 'ASC' } })
  return rows.map((row) => JSON.parse(row.document) as Piece)
}

export async function loadOffers(storage: Storage): Promise<Offer[]> {
  const rows = await storage.dataSource.getRepository(OfferEntity).find({ order: { position: 'ASC' } })
  return rows.map((row) => JSON.parse(row.document) as Offer)
}

/** Writes pieces over those of the same id and adds the rest after them; nothing is removed. */
export async function putPieces(manager: EntityManager, pieces: readonly Piece[]): Promise<void> {
  const repository = manager.getRepository(PieceEntity)
  const known = new Map((await repository.find({ select: { id: true, position: true } })).map((row) => [row.id, row.position]))
  let next = Math.max(-1, ...known.values()) + 1
  const rows = pieces.map((piece) => ({ id: piece.id, position: known.get(piece.id) ?? next++, document: JSON.stringify(piece) }))
  for (let i = 0; i < rows.length; i += 200) await repository.upsert(rows.slice(i, i + 200), ['id'])
}

export async function putOffers(manager: EntityManager, offers: readonly Offer[]): Promise<void> {
  const rows = offers.map((offer, position) => ({ id: offer.id, position, document: JSON.stringify(offer) }))
  for (let i = 0; i < rows.length; i += 200) await manager.getRepository(OfferEntity).upsert(rows.slice(i, i + 200), ['id'])
}
