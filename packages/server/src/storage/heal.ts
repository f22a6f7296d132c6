import { offerFaults, pieceFaults, fillOffer, fillPiece, type Fault } from '@hestiad/core/formats'
import type { EntityManager } from 'typeorm'
import { OfferEntity } from './entities/OfferEntity.js'
import { PieceEntity } from './entities/PieceEntity.js'
import { SetAsideEntity } from './entities/SetAsideEntity.js'

/**
 * Moves pieces and offers that are not what they should be to what is kept aside, where the page shows them: one of them would stop every new
 * occasion. An offer goes aside with its piece. Returns how many went.
 */
export async function heal(manager: EntityManager): Promise<number> {
  const pieces = await manager.find(PieceEntity)
  const offers = await manager.find(OfferEntity)
  const badPieces = pieces.filter((row) => isBad(row.document, (value) => pieceFaults(fillPiece(value)), row.id))
  const gone = new Set(badPieces.map((row) => row.id))
  const badOffers = offers.filter((row) => gone.has(row.pieceId) || isBad(row.document, (value) => offerFaults(fillOffer(value)), row.id))
  const atMs = Date.now()
  for (const [table, rows] of [
    ['offer', badOffers],
    ['piece', badPieces]
  ] as const)
    for (const { id, document } of rows) {
      await manager.insert(SetAsideEntity, { table, rowId: id, why: 'unreadable', document, atMs })
      await manager.delete(table === 'offer' ? OfferEntity : PieceEntity, { id })
    }
  return badOffers.length + badPieces.length
}

function isBad(document: string, faultsOf: (value: object) => readonly Fault[], id: string): boolean {
  try {
    const value = JSON.parse(document) as { readonly id?: unknown }
    return typeof value !== 'object' || value === null || value.id !== id || faultsOf(value).length > 0
  } catch {
    return true
  }
}
