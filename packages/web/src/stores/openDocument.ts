import {
  afterEntry,
  applyEdit,
  editOfPatches,
  editsMeet,
  inverseOf,
  noHistory,
  type Edit,
  type History,
  type JournalEdit,
  type JournalKind,
  type Look
} from '@hestiad/core'
import type { LookAnswer } from '../api/client.js'

/** A look at one moment, with what can be taken back and done again. */
export interface Moment {
  readonly look: Look
  readonly history: History
}

/** An edit not yet on the server, and what the look is with it. */
export interface Step extends Moment {
  readonly entry: JournalEdit
}

/** The open look: as the server has it, and what was done since. */
export interface OpenDocument {
  readonly id: string
  readonly occasionId: string
  readonly saved: Moment & { readonly revision: number }
  readonly pending: readonly Step[]
}

/** The look as it is on the screen. */
export function now({ saved, pending }: OpenDocument): Moment {
  return pending[pending.length - 1] ?? saved
}

export function documentOf({ id, occasionId, revision, look, history }: LookAnswer): OpenDocument {
  return { id, occasionId, saved: { revision, look, history }, pending: [] }
}

/** An edit as an entry of the journal, with an id of its own. */
export function newEntry(edit: Edit, kind: JournalKind = 'edit', of?: string): JournalEdit {
  const id = crypto.randomUUID()
  return { ...edit, id, kind, of: of ?? id }
}

/** What takes the last step back, or does again what was taken back; undefined where there is nothing. */
export function undoEntry({ history }: Moment): JournalEdit | undefined {
  const done = history.past[history.past.length - 1]
  return done && newEntry(inverseOf(done), 'undo', done.id)
}
export function redoEntry({ history }: Moment): JournalEdit | undefined {
  const undone = history.future[history.future.length - 1]
  return undone && newEntry({ what: undone.what, patches: undone.patches, inverse: undone.inverse }, 'redo', undone.id)
}

/** The document with one more step, made on the look as it is. */
export function withStep(open: OpenDocument, entry: JournalEdit, edit: Pick<Edit, 'patches'> = entry): OpenDocument {
  const before = now(open)
  const step = { entry, look: applyEdit(before.look, edit), history: afterEntry(before.history, entry) }
  return { ...open, pending: [...open.pending, step] }
}

/** The document after the server took its first steps: what others saved in between lies below them. */
export function afterSave(open: OpenDocument, sent: readonly JournalEdit[], revision: number, between: readonly JournalEdit[]): OpenDocument {
  const last = open.pending[sent.length - 1]
  if (between.length === 0 && last) return { ...open, saved: { revision, look: last.look, history: last.history }, pending: open.pending.slice(sent.length) }
  const below = [...between, ...sent].reduce(onto, open.saved)
  return replayed(
    { ...open, saved: { ...below, revision } },
    open.pending.slice(sent.length).map((step) => step.entry)
  )
}

/** Entries made on an older look, done on this document; those of them that the server has are left out. @throws Error where they do not fit */
export function replayed(open: OpenDocument, entries: readonly JournalEdit[], known: ReadonlySet<string> = new Set()): OpenDocument {
  const base: OpenDocument = { ...open, pending: [] }
  return entries.filter((entry) => !known.has(entry.id)).reduce((document, entry) => withStep(document, again(now(document).look, entry)), base)
}

function onto({ look, history }: Moment, entry: JournalEdit): Moment {
  const done = again(look, entry)
  return { look: applyEdit(look, done), history: afterEntry(history, done) }
}

/** The same entry, with an inverse that fits this look. */
function again(look: Look, entry: JournalEdit): JournalEdit {
  return { ...entry, ...editOfPatches(look, entry.what, entry.patches) }
}

/**
 * What a crash kept from being saved, on the look as the server has it now; `since` is what the server took after the revision it was made on.
 * When others changed the same place it is shown on the look it was made on, and `meets` says so.
 */
export function recovered(
  answer: LookAnswer,
  entries: readonly JournalEdit[],
  since: readonly JournalEdit[],
  base: number
): OpenDocument & { readonly meets: boolean } {
  const open = documentOf(answer)
  const known = new Set(since.map((entry) => entry.id))
  const own = new Set(entries.map((entry) => entry.id))
  const theirs = since.filter((entry) => !own.has(entry.id))
  const left = entries.filter((entry) => !known.has(entry.id))
  const meets = theirs.some((their) => left.some((mine) => editsMeet(their, mine)))
  if (!meets) return { ...replayed(open, left), meets }
  const look = since.toReversed().reduce((state, entry) => applyEdit(state, inverseOf(entry)), answer.look)
  return { ...replayed({ ...open, saved: { revision: base, look, history: noHistory } }, entries), meets }
}
