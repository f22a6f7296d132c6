import type { JournalEdit } from '@hestiad/core'

/** Edits not yet on the server, kept in this browser so that a crash loses nothing, and the revision the first of them was made on. */
export interface Draft {
  readonly base: number
  readonly edits: readonly JournalEdit[]
}

const key = (id: string) => `edits:${id}`

export function keepDraft(id: string, draft: Draft): void {
  try {
    localStorage.setItem(key(id), JSON.stringify(draft))
  } catch {
    localStorage.removeItem(key(id))
  }
}

export function clearDraft(id: string): void {
  localStorage.removeItem(key(id))
}

/** Moves edits that fit no look any more out of the way of newer ones; they are kept, not applied. */
export function setDraftAside(id: string): void {
  const text = localStorage.getItem(key(id))
  if (text === null) return
  localStorage.setItem(`${key(id)}:aside:${Date.now()}`, text)
  clearDraft(id)
}

/** What is kept of a look; what cannot be read is moved out of the way, so that the look opens all the same. */
export function readDraft(id: string): Draft | undefined {
  const text = localStorage.getItem(key(id))
  if (text === null) return undefined
  const draft = draftIn(text)
  if (!draft) setDraftAside(id)
  return draft
}

function draftIn(text: string): Draft | undefined {
  try {
    const draft = JSON.parse(text) as Draft | null
    return typeof draft?.base === 'number' && Array.isArray(draft.edits) ? draft : undefined
  } catch {
    return undefined
  }
}
