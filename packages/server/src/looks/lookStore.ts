import { randomUUID } from 'node:crypto'
import type { EntityManager } from 'typeorm'
import type { Look } from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import { ApiError } from '../errors.js'
import { LookEntity } from '../storage/entities/LookEntity.js'
import { OccasionEntity } from '../storage/entities/OccasionEntity.js'
import type { Storage } from '../storage/openStorage.js'
import type { OpenLook } from './lookBook.js'

/** A body as a look. @throws ApiError unusable-look naming the places */
export function lookFrom(value: unknown): Look {
  const parsed = validateLook(value)
  if (!parsed.ok) throw new ApiError('unusable-look', parsed.faults)
  return parsed.value
}

/** @throws ApiError not-found */
export function openLook(storage: Storage, id: string): Promise<OpenLook> {
  return storage.book.get(storage.dataSource.manager, id)
}

/** Looks of all occasions, or those of some, each as it is now, the newest first. */
export async function openLooks(storage: Storage, where: Parameters<ReturnType<typeof repository>['find']>[0] = {}): Promise<OpenLook[]> {
  const rows = await repository(storage).find({ ...where, select: { id: true }, order: { updatedAtMs: 'DESC' } })
  const open: OpenLook[] = []
  for (const { id } of rows) open.push(await openLook(storage, id))
  return open
}

const repository = (storage: Storage) => storage.dataSource.getRepository(LookEntity)

/** Adds a look to an occasion, or with a new occasion of its own; the copy gets an id of its own. */
export async function addLook(storage: Storage, look: Look, occasionId?: string): Promise<OpenLook> {
  const id = randomUUID()
  await storage.writes.run((manager) => insertLook(manager, look, id, occasionId))
  return openLook(storage, id)
}

/** The same inside a transaction, under a given id. */
export async function insertLook(manager: EntityManager, look: Look, id: string, occasionId?: string): Promise<void> {
  const nowMs = Date.now()
  const occasion = occasionId ?? randomUUID()
  if (!occasionId) await manager.insert(OccasionEntity, { id: occasion, createdAtMs: nowMs })
  const document = JSON.stringify({ ...look, id })
  await manager.insert(LookEntity, {
    id,
    occasionId: occasion,
    revision: 1,
    documentRevision: 1,
    updatedAtMs: nowMs,
    name: look.name,
    date: look.occasion.date,
    document
  })
}
