import type { EntityManager } from 'typeorm'
import { noFacts, type CupboardItem, type Offer, type Piece, type PieceFacts } from '@hestiad/core'
import { fillOffer, fillPiece } from '@hestiad/core/formats'
import { OfferEntity } from '../storage/entities/OfferEntity.js'
import { PieceEntity } from '../storage/entities/PieceEntity.js'
import type { Storage } from '../storage/openStorage.js'

interface Remembered {
  readonly changes: number
  readonly items: Promise<readonly CupboardItem[]>
  readonly offers: Promise<readonly Offer[]>
}

const remembered = new WeakMap<Storage, Remembered>()

/** Pieces and offers as they are; read again only after something but looks was written. */
function cupboardOf(storage: Storage): Remembered {
  const known = remembered.get(storage)
  const { changes } = storage.writes
  if (known?.changes === changes) return known
  const cupboard = { changes, items: readItems(storage), offers: readOffers(storage) }
  remembered.set(storage, cupboard)
  Promise.all([cupboard.items, cupboard.offers]).catch(() => remembered.delete(storage))
  return cupboard
}

/** The pieces of the cupboard with what is known of them, in its order. */
export function loadItems(storage: Storage): Promise<readonly CupboardItem[]> {
  return cupboardOf(storage).items
}

/** Offers the stylist keeps: brought in by CSV, seen in a shop, or of the demo. */
export function loadOffers(storage: Storage): Promise<readonly Offer[]> {
  return cupboardOf(storage).offers
}

async function readItems(storage: Storage): Promise<CupboardItem[]> {
  const rows = await storage.dataSource.getRepository(PieceEntity).find({ order: { position: 'ASC' } })
  return rows.map((row) => itemOf(JSON.parse(row.document) as object, row.facts === '' ? {} : (JSON.parse(row.facts) as OlderFacts)))
}

/** Ids of the pieces of the cupboard. */
export async function knownIds(storage: Storage): Promise<Set<string>> {
  return new Set((await loadItems(storage)).map((item) => item.piece.id))
}

/** Facts written before pattern and labels became part of the piece. */
type OlderFacts = Partial<PieceFacts> & Partial<Pick<Piece, 'pattern' | 'foodSafe' | 'heatSafe'>>

function itemOf(piece: object, { pattern = '', foodSafe = 'unknown', heatSafe = 'unknown', ...facts }: OlderFacts): CupboardItem {
  return { piece: fillPiece({ pattern, foodSafe, heatSafe, ...piece }) as Piece, facts: { ...noFacts, ...facts } }
}

async function readOffers(storage: Storage): Promise<Offer[]> {
  const rows = await storage.dataSource.getRepository(OfferEntity).find({ order: { position: 'ASC' } })
  return rows.map((row) => fillOffer(JSON.parse(row.document)) as Offer)
}

/** Writes items over those of the same id and adds the rest after them; nothing is removed. */
export async function putItems(manager: EntityManager, items: readonly CupboardItem[]): Promise<void> {
  const repository = manager.getRepository(PieceEntity)
  const known = new Map((await repository.find({ select: { id: true, position: true } })).map((row) => [row.id, row.position]))
  let next = [...known.values()].reduce((most, position) => Math.max(most, position), -1) + 1
  const rows = items.map(({ piece, facts }) => ({
    id: piece.id,
    position: known.get(piece.id) ?? next++,
    document: JSON.stringify(piece),
    facts: JSON.stringify(facts)
  }))
  if (rows.length <= FEW) await repository.upsert(rows, ['id'])
  else await manager.query(MANY_PIECES, [JSON.stringify(rows)])
}

/** More rows are written by one statement of our own: making it row by row takes many times as long as carrying it out, and everybody waits. */
const FEW = 200
const MANY_PIECES = `INSERT INTO piece (id, position, document, facts)
  SELECT value ->> 'id', value ->> 'position', value ->> 'document', value ->> 'facts' FROM json_each(?) WHERE true
  ON CONFLICT (id) DO UPDATE SET position = excluded.position, document = excluded.document, facts = excluded.facts`

/** The same for offers. */
export async function putOffers(manager: EntityManager, offers: readonly Offer[]): Promise<void> {
  const repository = manager.getRepository(OfferEntity)
  const known = new Map((await repository.find({ select: { id: true, position: true } })).map((row) => [row.id, row.position]))
  let next = [...known.values()].reduce((most, position) => Math.max(most, position), -1) + 1
  const rows = offers.map((offer) => ({ id: offer.id, position: known.get(offer.id) ?? next++, pieceId: offer.pieceId, document: JSON.stringify(offer) }))
  for (let i = 0; i < rows.length; i += 200) await repository.upsert(rows.slice(i, i + 200), ['id'])
}
