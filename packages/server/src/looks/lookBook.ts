import type { EntityManager } from 'typeorm'
import { afterEntry, applyEdit, historyOf, MOST_STEPS, type History, type JournalEdit, type Look } from '@hestiad/core'
import { fillLook } from '@hestiad/core/formats'
import { ApiError } from '../errors.js'
import { EditEntity } from '../storage/entities/EditEntity.js'
import { LookEntity } from '../storage/entities/LookEntity.js'

/** A look as it is at its newest revision, with what can be taken back and done again. */
export interface OpenLook {
  readonly id: string
  readonly occasionId: string
  readonly revision: number
  /** The revision whose whole document is stored. */
  readonly documentRevision: number
  /** Milliseconds since 1970. */
  readonly updatedAtMs: number
  readonly look: Look
  readonly history: History
}

/** So many looks are kept at hand. */
const MOST_OPEN = 64
/** History is read back from so many entries: undone and done again, the steps that can be taken are among them. */
const ENTRIES_READ = 3 * MOST_STEPS

/** Looks at hand: each read once from its document and the edits since, and then kept as edits come in. */
export class LookBook {
  private readonly open = new Map<string, OpenLook>()

  /** @throws ApiError not-found */
  async get(manager: EntityManager, id: string): Promise<OpenLook> {
    const known = this.open.get(id)
    const open = known ?? (await this.read(manager, id))
    this.keep(open)
    return open
  }

  keep(open: OpenLook): void {
    this.open.delete(open.id)
    this.open.set(open.id, open)
    for (const id of this.open.keys()) {
      if (this.open.size <= MOST_OPEN) return
      this.open.delete(id)
    }
  }

  /** What was not committed, or is gone. */
  forget(id: string): void {
    this.open.delete(id)
  }

  private async read(manager: EntityManager, id: string): Promise<OpenLook> {
    const row = await manager.getRepository(LookEntity).findOneBy({ id })
    if (!row) throw new ApiError('not-found', [{ place: '', message: `no look ${id.slice(0, 64)}` }])
    const newest = await manager.getRepository(EditEntity).find({ where: { lookId: id }, order: { revision: 'DESC' }, take: ENTRIES_READ })
    const entries = newest.reverse()
    const since = entries.filter((entry) => entry.revision > row.documentRevision).map(editOf)
    const look = since.reduce(applyEdit, lookOf(row))
    const { occasionId, revision, documentRevision, updatedAtMs } = row
    return { id, occasionId, revision, documentRevision, updatedAtMs, look, history: historyOf(entries.map(editOf)) }
  }
}

/** The look of a row's document, under the row's id, made whole when an older version wrote it. */
function lookOf(row: Pick<LookEntity, 'document' | 'id'>): Look {
  return { ...(fillLook(JSON.parse(row.document)) as Look), id: row.id }
}

/** A row of the journal as an edit. */
export function editOf(row: EditEntity): JournalEdit {
  const { id, of, what, kind } = row
  return { id, of, what: what as JournalEdit['what'], kind: kind as JournalEdit['kind'], patches: patchesOf(row.patches), inverse: patchesOf(row.inverse) }
}

const patchesOf = (text: string) => JSON.parse(text) as JournalEdit['patches']

/** The same look after more entries. */
export function withEntries(open: OpenLook, look: Look, entries: readonly JournalEdit[]): OpenLook {
  return { ...open, look, updatedAtMs: Date.now(), revision: open.revision + entries.length, history: entries.reduce(afterEntry, open.history) }
}
