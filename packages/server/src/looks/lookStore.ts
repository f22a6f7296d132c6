import { randomUUID } from 'node:crypto'
import type { EntityManager } from 'typeorm'
import { noHistory, type Look } from '@hestiad/core'
import { ApiError } from '../errors.js'
import { EditEntity } from '../storage/entities/EditEntity.js'
import { LookEntity } from '../storage/entities/LookEntity.js'
import { OccasionEntity } from '../storage/entities/OccasionEntity.js'
import type { Storage } from '../storage/openStorage.js'
import type { OpenLook } from './lookBook.js'

/** @throws ApiError not-found */
export function openLook(storage: Storage, id: string): Promise<OpenLook> {
  return storage.book.get(storage.dataSource.manager, id)
}

/** Looks read together: those that can be, and the rows of those that cannot. */
export interface ReadLooks {
  readonly open: readonly OpenLook[]
  readonly damaged: readonly Pick<LookEntity, 'id' | 'occasionId' | 'name' | 'date'>[]
}

/** Looks of all occasions, or those of some, each as it is now, the newest first. One that is damaged does not stop the others. */
export async function readLooks(storage: Storage, where: Parameters<ReturnType<typeof repository>['find']>[0] = {}): Promise<ReadLooks> {
  const select = { id: true, occasionId: true, name: true, date: true } as const
  const rows = await repository(storage).find({ ...where, select, order: { updatedAtMs: 'DESC' } })
  const open: OpenLook[] = []
  const damaged: LookEntity[] = []
  for (const row of rows) {
    try {
      open.push(await openLook(storage, row.id))
    } catch (error) {
      if (!(error instanceof ApiError) || error.code !== 'damaged-look') throw error
      damaged.push(row)
    }
  }
  return { open, damaged }
}

/** Everything stored of a look as it is, readable or not. @throws ApiError not-found */
export async function storedLook(storage: Storage, id: string): Promise<object> {
  const row = await repository(storage).findOneBy({ id })
  if (!row) throw new ApiError('not-found', [{ place: '', message: `no look ${id.slice(0, 64)}` }])
  return { ...row, edits: await storage.dataSource.getRepository(EditEntity).find({ where: { lookId: id }, order: { revision: 'ASC' } }) }
}

const repository = (storage: Storage) => storage.dataSource.getRepository(LookEntity)

/** Adds a look to an occasion, or with a new occasion of its own; the copy gets an id of its own. */
export async function addLook(storage: Storage, look: Look, occasionId?: string): Promise<OpenLook> {
  const id = randomUUID()
  const updatedAtMs = Date.now()
  const own = { ...look, id }
  const document = JSON.stringify(own)
  const occasion = await storage.writes.run((manager) => insertDocument(manager, own, document, occasionId, updatedAtMs))
  const open = { id, occasionId: occasion, revision: 1, documentRevision: 1, updatedAtMs, look: own, history: noHistory, letters: document.length }
  storage.book.keep(open)
  return open
}

/** The same inside a transaction, under a given id; gives the id of its occasion. */
export function insertLook(manager: EntityManager, look: Look, id: string, occasionId?: string, nowMs = Date.now()): Promise<string> {
  const own = { ...look, id }
  return insertDocument(manager, own, JSON.stringify(own), occasionId, nowMs)
}

async function insertDocument(manager: EntityManager, look: Look, document: string, occasionId: string | undefined, nowMs: number): Promise<string> {
  const occasion = occasionId ?? randomUUID()
  if (!occasionId) await manager.insert(OccasionEntity, { id: occasion, createdAtMs: nowMs })
  await manager.insert(LookEntity, {
    id: look.id,
    occasionId: occasion,
    revision: 1,
    documentRevision: 1,
    updatedAtMs: nowMs,
    name: look.name,
    date: look.occasion.date,
    document
  })
  return occasion
}
