import { LessThanOrEqual, type EntityManager } from 'typeorm'
import { EditEntity } from '../storage/entities/EditEntity.js'

/** A journal keeps at most so many entries, and of them as many as are this large together. */
const MOST_ENTRIES = 1000
const MOST_BYTES = 8_000_000

/** Lets the oldest entries of a journal go; the whole document must be stored at `documentRevision`. */
export async function trimJournal(manager: EntityManager, lookId: string, documentRevision: number): Promise<void> {
  const rows = (await manager.query('SELECT revision, length(patches) + length(inverse) AS bytes FROM edit WHERE lookId = ? ORDER BY revision DESC', [
    lookId
  ])) as { revision: number; bytes: number }[]
  let bytes = 0
  const over = rows.find((row, i) => i >= MOST_ENTRIES || (bytes += row.bytes) > MOST_BYTES)
  if (over) await manager.delete(EditEntity, { lookId, revision: LessThanOrEqual(Math.min(over.revision, documentRevision)) })
}
