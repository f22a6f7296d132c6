import { randomUUID } from 'node:crypto'
import type { ComposingAskedDto } from '@hestiad/api'
import type { Look, Taste, WholeLook, WholeLookOptions } from '@hestiad/core'
import { ComposingEntity } from '../storage/entities/ComposingEntity.js'
import type { Storage } from '../storage/openStorage.js'

/** Rises with the shape of a composed look. */
const VERSION = 1
/** Of so many looks the composed ones are kept, the newest: whole tables are large, and can be composed again. */
const MOST_KEPT = 12

/** What was asked of a composing, so that it can be gone on with to the very looks it would have come to. */
export interface Asked extends ComposingAskedDto, Required<Pick<WholeLookOptions, 'seed' | 'earlier'>> {
  readonly taste?: Taste
}

/** What was composed for a look, as far as it came. */
export interface KeptComposing {
  readonly lookId: string
  readonly id: string
  readonly asked: Asked
  readonly base: Look
  readonly looks: readonly WholeLook[]
  readonly ended: boolean
}

/** What is kept of a look's composing; undefined where nothing is, or nothing of this version. */
export async function keptComposing(storage: Storage, lookId: string): Promise<KeptComposing | undefined> {
  const row = await storage.dataSource.getRepository(ComposingEntity).findOneBy({ lookId, version: VERSION })
  if (!row) return undefined
  const { id, ended } = row
  return { lookId, id, ended, asked: read<Asked>(row.asked), base: read<Look>(row.base), looks: read<WholeLook[]>(row.looks) }
}

const read = <T>(text: string) => JSON.parse(text) as T

/** A new composing takes the place of the look's last one. */
export async function beginComposing(storage: Storage, lookId: string, asked: Asked, base: Look): Promise<KeptComposing> {
  const begun: KeptComposing = { lookId, id: randomUUID(), asked, base, looks: [], ended: false }
  await storage.writes.run(async (manager) => {
    await manager.save(ComposingEntity, { lookId, ...written(begun), base: JSON.stringify(base), asked: JSON.stringify(asked), createdAtMs: Date.now() })
    const old = await manager.find(ComposingEntity, { order: { createdAtMs: 'DESC' }, skip: MOST_KEPT, select: { lookId: true } })
    if (old.length > 0) await manager.remove(ComposingEntity, old)
  }, 'looks')
  return begun
}

/** What was found since; nothing where another composing has taken its place, or the look is gone. */
export async function keepFound(storage: Storage, composing: KeptComposing): Promise<void> {
  const { lookId, id } = composing
  await storage.writes.run((manager) => manager.update(ComposingEntity, { lookId, id }, written(composing)), 'looks')
}

const written = ({ id, looks, ended }: KeptComposing) => ({ id, version: VERSION, looks: JSON.stringify(looks), ended })
