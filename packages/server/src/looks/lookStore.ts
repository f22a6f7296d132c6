import { randomUUID } from 'node:crypto'
import type { EntityManager } from 'typeorm'
import type { Look } from '@hestiad/core'
import { fillLook, textOf, validateLook, type LookReader } from '@hestiad/core/formats'
import { ApiError } from '../errors.js'
import { LookEntity } from '../storage/entities/LookEntity.js'
import { OccasionEntity } from '../storage/entities/OccasionEntity.js'
import type { Storage } from '../storage/openStorage.js'
import type { LookAnswer, LookBytes } from './lookDtos.js'

const NO_HISTORY = { past: [], future: [] }

/** A body as a look. @throws ApiError unusable-look naming the places */
export function lookFrom(value: unknown): Look {
  const parsed = validateLook(value)
  if (!parsed.ok) throw new ApiError('unusable-look', parsed.faults)
  return parsed.value
}

/** The text of a look that may be stored as it is. @throws ApiError unusable-look naming the places */
export function checkedText(reader: LookReader, { bytes, members }: LookBytes): string {
  const parsed = reader.read(bytes, members)
  if (!parsed.ok) throw new ApiError('unusable-look', parsed.faults)
  return textOf(bytes)
}

/** @throws ApiError not-found */
export async function loadLook(storage: Storage, id: string): Promise<LookEntity> {
  const row = await storage.dataSource.getRepository(LookEntity).findOneBy({ id })
  if (!row) throw new ApiError('not-found', [{ place: '', message: `no look ${id.slice(0, 64)}` }])
  return row
}

/** Saves the text of a checked look over the revision the client began from. @throws ApiError revision-conflict with the newer revision, not-found */
export function saveLook(storage: Storage, id: string, revision: number, document: string, history: object): Promise<number> {
  const past = JSON.stringify(history)
  return storage.writes.run(async (manager) => {
    const repository = manager.getRepository(LookEntity)
    const done = await repository.update({ id, revision }, { document, history: past, revision: revision + 1, updatedAtMs: Date.now() })
    if (done.affected === 1) return revision + 1
    const now = await repository.findOne({ where: { id }, select: { id: true, revision: true } })
    if (!now) throw new ApiError('not-found', [{ place: '', message: `no look ${id.slice(0, 64)}` }])
    throw new ApiError('revision-conflict', [], { revision: now.revision })
  })
}

/** Adds a look to an occasion, or with a new occasion of its own; the copy gets an id of its own. */
export function addLook(storage: Storage, look: Look, occasionId?: string): Promise<LookEntity> {
  return storage.writes.run((manager) => insertLook(manager, look, randomUUID(), occasionId))
}

/** The same inside a transaction, under a given id. */
export async function insertLook(manager: EntityManager, look: Look, id: string, occasionId?: string): Promise<LookEntity> {
  const occasion = occasionId ?? randomUUID()
  const nowMs = Date.now()
  if (!occasionId) await manager.insert(OccasionEntity, { id: occasion, createdAtMs: nowMs })
  const row = { id, occasionId: occasion, revision: 1, document: JSON.stringify(look), history: JSON.stringify(NO_HISTORY), updatedAtMs: nowMs }
  await manager.insert(LookEntity, row)
  return row
}

/** The look of a row, under the row's id, made whole when an older version wrote it. */
export function lookOf(row: Pick<LookEntity, 'document' | 'id'>): Look {
  return { ...(fillLook(JSON.parse(row.document)) as Look), id: row.id }
}

export function lookAnswer(row: LookEntity): LookAnswer {
  return {
    id: row.id,
    occasionId: row.occasionId,
    revision: row.revision,
    look: lookOf(row),
    history: JSON.parse(row.history) as LookAnswer['history']
  }
}
