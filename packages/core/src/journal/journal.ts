import type { Edit } from '../design/edit.js'

export const journalKinds = ['edit', 'undo', 'redo'] as const
/** Made anew, taken back, or done again. */
export type JournalKind = (typeof journalKinds)[number]

/** An edit as it is sent and kept: with an id, by which it is known when it comes twice, and what it takes back or does again. */
export interface JournalEdit extends Edit {
  readonly id: string
  readonly kind: JournalKind
  /** Id of the edit that is taken back or done again; its own id for one made anew. */
  readonly of: string
}

/** What can be taken back, oldest first, and what can be done again, the next one last. */
export interface History {
  readonly past: readonly JournalEdit[]
  readonly future: readonly JournalEdit[]
}

export const noHistory: History = { past: [], future: [] }

/** At most so many steps can be taken back, and of them the newest that are together no larger than this, in characters of JSON. */
export const MOST_STEPS = 200
const MOST_LETTERS = 2_000_000

const letters = new WeakMap<JournalEdit, number>()

/** About how large an entry is, in characters of JSON; worked out once. */
export function entryLetters(entry: JournalEdit): number {
  const known = letters.get(entry) ?? JSON.stringify(entry).length
  letters.set(entry, known)
  return known
}

/** The newest entries of a list within the bounds; the last one always. */
function newest(entries: readonly JournalEdit[]): readonly JournalEdit[] {
  let sum = 0
  let from = entries.length
  while (from > 0 && entries.length - from < MOST_STEPS) {
    sum += entryLetters(entries[from - 1]!)
    if (sum > MOST_LETTERS && from < entries.length) break
    from--
  }
  return entries.slice(from)
}

/** The history after one more entry of a journal. An undo or redo of an edit nobody knows any more changes nothing. */
export function afterEntry({ past, future }: History, entry: JournalEdit): History {
  if (entry.kind === 'edit') return { past: newest([...past, entry]), future: [] }
  const [from, to] = entry.kind === 'undo' ? [past, future] : [future, past]
  const about = from.find((one) => one.id === entry.of)
  if (!about) return { past, future }
  const left = from.filter((one) => one !== about)
  const joined = newest([...to, about])
  return entry.kind === 'undo' ? { past: left, future: joined } : { past: joined, future: left }
}

/** The history that a journal, oldest entry first, comes to. */
export function historyOf(journal: readonly JournalEdit[]): History {
  return journal.reduce(afterEntry, noHistory)
}
