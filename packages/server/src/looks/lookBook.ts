import type { EntityManager } from 'typeorm'
import { afterEntry, applyEdit, entryLetters, historyOf, MOST_STEPS, noHistory, type History, type JournalEdit, type Look } from '@hestiad/core'
import { isRecord, validateLook } from '@hestiad/core/formats'
import { ApiError } from '../errors.js'
import { EditEntity } from '../storage/entities/EditEntity.js'
import { LookEntity } from '../storage/entities/LookEntity.js'
import type { CheckLook } from './checkedLook.js'

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
  /** About how large it is, in characters of JSON. */
  readonly letters: number
}

/** So many looks are kept at hand, and no more than are this large together. */
const MOST_OPEN = 64
const MOST_LETTERS = 20_000_000
/** History is read back from so many entries: undone and done again, the steps that can be taken are among them. */
const ENTRIES_READ = 3 * MOST_STEPS

/** Looks at hand: each read once from its document and the edits since, and then kept as edits come in. */
export class LookBook {
  private readonly open = new Map<string, OpenLook>()
  /** Who reads which look last; whoever is no longer there when done has read what may have changed meanwhile. */
  private readonly reading = new Map<string, symbol>()
  private check: CheckLook = checkHere

  /** Large looks are checked as is told here, unless one who reads them cannot wait. */
  checkBy(check: CheckLook): void {
    this.check = check
  }

  /** Within a transaction, where everybody would wait, it is checked `here`. @throws ApiError not-found */
  async get(manager: EntityManager, id: string, here = false): Promise<OpenLook> {
    const known = this.open.get(id)
    if (known) {
      this.keep(known)
      return known
    }
    const mine = Symbol(id)
    this.reading.set(id, mine)
    try {
      const open = await this.read(manager, id, here ? checkHere : this.check)
      if (this.reading.get(id) === mine) this.keep(open)
      return this.open.get(id) ?? open
    } finally {
      if (this.reading.get(id) === mine) this.reading.delete(id)
    }
  }

  keep(open: OpenLook): void {
    this.reading.delete(open.id)
    this.open.delete(open.id)
    this.open.set(open.id, open)
    let letters = [...this.open.values()].reduce((sum, one) => sum + one.letters, 0)
    for (const oldest of this.open.values()) {
      if (oldest === open || (this.open.size <= MOST_OPEN && letters <= MOST_LETTERS)) return
      this.open.delete(oldest.id)
      letters -= oldest.letters
    }
  }

  /** What was not committed, or is gone. */
  forget(id: string): void {
    this.reading.delete(id)
    this.open.delete(id)
  }

  private async read(manager: EntityManager, id: string, check: CheckLook): Promise<OpenLook> {
    const row = await manager.getRepository(LookEntity).findOneBy({ id })
    if (!row) throw new ApiError('not-found', [{ place: '', message: `no look ${id.slice(0, 64)}` }])
    const newest = await manager.getRepository(EditEntity).find({ where: { lookId: id }, order: { revision: 'DESC' }, take: ENTRIES_READ })
    const entries = newest.reverse()
    const since = entries.filter((entry) => entry.revision > row.documentRevision)
    const look = await lookOf(row, since, check)
    const { occasionId, revision, documentRevision, updatedAtMs } = row
    const letters = row.document.length + entries.reduce((sum, entry) => sum + entry.patches.length + entry.inverse.length, 0)
    return { id, occasionId, revision, documentRevision, updatedAtMs, look, history: historyFrom(entries), letters }
  }
}

const checkHere: CheckLook = (value) => validateLook(value)

/**
 * The look of a row's document with the edits since, under the row's id, made whole when an older version wrote it.
 * @throws ApiError damaged-look when what is stored is no look
 */
async function lookOf(row: Pick<LookEntity, 'document' | 'id'>, since: readonly EditEntity[], check: CheckLook): Promise<Look> {
  try {
    const parsed = await check({ ...(JSON.parse(row.document) as object), id: row.id }, row.document.length)
    if (!parsed.ok) throw new ApiError('damaged-look', parsed.faults)
    return since.map(editOf).reduce(applyEdit, parsed.value)
  } catch (error) {
    throw error instanceof ApiError ? error : new ApiError('damaged-look', [{ place: '', message: (error as Error).message.slice(0, 200) }])
  }
}

/** What can be taken back; nothing where an entry cannot be read. */
function historyFrom(entries: readonly EditEntity[]): History {
  try {
    return historyOf(entries.map(editOf))
  } catch {
    return noHistory
  }
}

/** A row of the journal as an edit. */
export function editOf(row: EditEntity): JournalEdit {
  const { id, of, what, kind } = row
  return { id, of, what: what as JournalEdit['what'], kind: kind as JournalEdit['kind'], patches: patchesOf(row.patches), inverse: patchesOf(row.inverse) }
}

/** @throws Error for what is no list of patches */
function patchesOf(text: string): JournalEdit['patches'] {
  const value = JSON.parse(text) as unknown
  if (!Array.isArray(value) || !value.every(isPatch)) throw new Error('what is stored of an edit are no patches')
  return value
}

function isPatch(value: unknown): value is JournalEdit['patches'][number] {
  if (!isRecord(value)) return false
  const { op, path } = value
  return (op === 'add' || op === 'remove' || op === 'replace') && Array.isArray(path) && path.every((key) => typeof key === 'string' || typeof key === 'number')
}

/** The same look after more entries. */
export function withEntries(open: OpenLook, look: Look, entries: readonly JournalEdit[]): OpenLook {
  const letters = open.letters + entries.reduce((sum, entry) => sum + entryLetters(entry), 0)
  return { ...open, look, letters, updatedAtMs: Date.now(), revision: open.revision + entries.length, history: entries.reduce(afterEntry, open.history) }
}
