import type { SaveEditsDto, SentEditDto } from '@hestiad/api'
import { In, MoreThan, type EntityManager } from 'typeorm'
import { applyEdit, editOfPatches, editsMeet, lookHash, type JournalEdit, type Look } from '@hestiad/core'
import { validateLook } from '@hestiad/core/formats'
import { ApiError } from '../errors.js'
import { EditEntity } from '../storage/entities/EditEntity.js'
import { LookEntity } from '../storage/entities/LookEntity.js'
import type { Storage } from '../storage/openStorage.js'
import { editOf, withEntries, type OpenLook } from './lookBook.js'
import { trimJournal } from './trimJournal.js'

/** What a save came to: the newest revision, what others did in between, and the fingerprint of the look now. */
export interface Saved {
  readonly revision: number
  readonly between: readonly JournalEdit[]
  readonly hash: string
}

/** The whole document is stored anew after so many edits. */
const DOCUMENT_EVERY = 32
/** Lists that are not checked again while they are the same. */
const LISTS = ['pieces', 'offers', 'shops', 'variants'] as const

/**
 * Appends edits to a look's journal. Edits that came before are known by their ids and left out. What others saved in between is merged when it
 * touches other parts of the look, unless `merge` is false.
 * @throws ApiError not-found, revision-conflict with what came between, hash-differs, unusable-edit, unusable-look
 */
export async function saveEdits(storage: Storage, lookId: string, dto: SaveEditsDto, merge = true): Promise<Saved> {
  try {
    return await storage.writes.run((manager) => append(storage, manager, lookId, dto, merge), 'looks')
  } catch (error) {
    storage.book.forget(lookId)
    throw error
  }
}

async function append(storage: Storage, manager: EntityManager, lookId: string, dto: SaveEditsDto, merge: boolean): Promise<Saved> {
  const open = await storage.book.get(manager, lookId, true)
  const ids = dto.edits.map((edit) => edit.id)
  const known = new Set((await manager.getRepository(EditEntity).find({ where: { lookId, id: In(ids) }, select: { id: true } })).map((row) => row.id))
  const fresh = dto.edits.filter((edit) => !known.has(edit.id))
  const between = dto.base === open.revision ? [] : await entriesSince(manager, open, dto.base, ids)
  if (fresh.length === 0) return { revision: open.revision, between, hash: lookHash(open.look) }
  if (!merge && between.length > 0) throw conflict(open, between)
  if (between.some((theirs) => fresh.some((mine) => editsMeet(theirs, mine)))) throw conflict(open, between)
  const entries: JournalEdit[] = []
  const look = fresh.reduce((state, edit) => apply(state, edit, entries), open.look)
  const faults = faultsOf(open.look, look)
  if (faults.length > 0) throw between.length > 0 ? conflict(open, between) : new ApiError('unusable-look', faults)
  const hash = lookHash(look)
  if (between.length === 0 && known.size === 0 && hash !== dto.hash) throw new ApiError('hash-differs', [], { revision: open.revision })
  const after = await write(manager, withEntries(open, look, entries), entries, dto.window)
  storage.book.keep(after)
  return { revision: after.revision, between, hash }
}

function conflict(open: OpenLook, between: readonly JournalEdit[]): ApiError {
  return new ApiError('revision-conflict', [], { revision: open.revision, between })
}

/** @throws ApiError revision-conflict for a revision that never was or is no longer in the journal */
async function entriesSince(manager: EntityManager, open: OpenLook, base: number, ownIds: readonly string[]): Promise<JournalEdit[]> {
  const rows = await manager.getRepository(EditEntity).find({ where: { lookId: open.id, revision: MoreThan(base) }, order: { revision: 'ASC' } })
  if (rows.length !== open.revision - base) throw conflict(open, [])
  return rows.filter((row) => !ownIds.includes(row.id)).map(editOf)
}

/** @throws ApiError unusable-edit when a patch names a place that is not there */
function apply(look: Look, sent: SentEditDto, entries: JournalEdit[]): Look {
  try {
    const edit = editOfPatches(look, sent.what, sent.patches)
    entries.push({ ...edit, id: sent.id, kind: sent.kind, of: sent.of })
    return applyEdit(look, edit)
  } catch (error) {
    throw new ApiError('unusable-edit', [{ place: `edit ${sent.id}`, message: (error as Error).message.slice(0, 200) }])
  }
}

/** What of a look the edits made wrong: lists that are the same as before are not looked at again. */
function faultsOf(before: Look, after: Look) {
  const same = Object.fromEntries(LISTS.filter((name) => before[name] === after[name]).map((name) => [name, after[name]]))
  const parsed = validateLook(after, same)
  return parsed.ok ? [] : parsed.faults
}

/** Writes journal rows and the look's row; now and then the whole document, and lets old entries go. */
async function write(manager: EntityManager, open: OpenLook, entries: readonly JournalEdit[], window: string): Promise<OpenLook> {
  const { updatedAtMs: atMs } = open
  const first = open.revision - entries.length + 1
  const rows = entries.map(({ id, of, kind, what, patches, inverse }, i) => ({
    lookId: open.id,
    id,
    of,
    kind,
    what,
    window,
    atMs,
    revision: first + i,
    patches: JSON.stringify(patches),
    inverse: JSON.stringify(inverse)
  }))
  await manager.insert(EditEntity, rows)
  const whole = open.revision - open.documentRevision >= DOCUMENT_EVERY
  const document = whole ? { document: JSON.stringify(open.look), documentRevision: open.revision } : {}
  const { name, occasion } = open.look
  await manager.update(LookEntity, { id: open.id }, { revision: open.revision, name, date: occasion.date, updatedAtMs: atMs, ...document })
  if (!whole) return open
  await trimJournal(manager, open.id, open.revision)
  return { ...open, documentRevision: open.revision }
}
