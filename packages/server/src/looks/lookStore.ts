import { randomUUID } from 'node:crypto'
import type { EntityManager } from 'typeorm'
import type { Look } from '@hestiad/core'
import { fillLook, validateLook } from '@hestiad/core/formats'
import { ApiError } from '../errors.js'
import { LookEntity } from '../storage/entities/LookEntity.js'
import { OccasionEntity } from '../storage/entities/OccasionEntity.js'
import type { Storage } from '../storage/openStorage.js'
import type { LookAnswer } from './lookDtos.js'

const NO_HISTORY = { past: [], future: [] }

/** A body as a look. @throws ApiError unusable-look naming the places */
export function lookFrom(value: unknown): Look {
  const parsed = validateLook(value)
  if (!parsed.ok) throw new ApiError('unusable-look', parsed.faults)
  return parsed.value
}

/** @throws ApiError not-found */
export async function loadLook(storage: Storage, id: string): Promise<LookEntity> {
  const row = await storage.dataSource.getRepository(LookEntity).findOneBy({ id })
  if (!row) throw new ApiError('not-found', [{ place: '', message: `no look ${id.slice(0, 64)}` }])
  return row
}

/** Saves over the revision the client began from. @throws ApiError revision-conflict with the newer revision, not-found */
export function saveLook(storage: Storage, id: string, revision: number, look: Look, history: object): Promise<number> {
  const document = JSON.stringify({ ...look, id })
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
  const row = { id, occasionId: occasion, revision: 1, document: JSON.stringify({ ...look, id }), history: JSON.stringify(NO_HISTORY), updatedAtMs: nowMs }
  await manager.insert(LookEntity, row)
  return row
}

/** The look of a row, made whole when an older version wrote it. */
export function lookOf(row: Pick<LookEntity, 'document'>): Look {
  return fillLook(JSON.parse(row.document)) as Look
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
