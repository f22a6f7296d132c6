import type { Edit, Look } from '@hestiad/core'

/** A look not yet on the server, kept in this browser so that a crash loses nothing. */
export interface Draft {
  readonly revision: number
  readonly look: Look
  readonly past: readonly Edit[]
  readonly future: readonly Edit[]
}

const key = (id: string) => `draft:${id}`

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

export function readDraft(id: string): Draft | undefined {
  const text = localStorage.getItem(key(id))
  return text === null ? undefined : (JSON.parse(text) as Draft)
}
