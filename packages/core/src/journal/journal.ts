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

/** At most so many steps can be taken back. */
export const MOST_STEPS = 200

/** The history after one more entry of a journal. An undo or redo of an edit nobody knows any more changes nothing. */
export function afterEntry({ past, future }: History, entry: JournalEdit): History {
  if (entry.kind === 'edit') return { past: [...past, entry].slice(-MOST_STEPS), future: [] }
  const [from, to] = entry.kind === 'undo' ? [past, future] : [future, past]
  const about = from.find((one) => one.id === entry.of)
  if (!about) return { past, future }
  const left = from.filter((one) => one !== about)
  const joined = [...to, about].slice(-MOST_STEPS)
  return entry.kind === 'undo' ? { past: left, future: joined } : { past: joined, future: left }
}

/** The history that a journal, oldest entry first, comes to. */
export function historyOf(journal: readonly JournalEdit[]): History {
  return journal.reduce(afterEntry, noHistory)
}
