import type { Look, WholeLook, WholeLookOptions } from '@hestiad/core'
import { createStore, del, get, set, type UseStore } from 'idb-keyval'

/** What was asked of a composing, and what came of it so far. */
export interface Composing {
  readonly asked: Pick<WholeLookOptions, 'from' | 'keep' | 'wishLight' | 'seed' | 'earlier'> & { readonly recipe: WholeLookOptions['recipe'] | undefined }
  readonly base: Look
  readonly looks: readonly WholeLook[]
  /** Whether all that was asked for is there. */
  readonly ended: boolean
  /** The choice by which one of them is preferred. */
  readonly preferred?: string | undefined
}

/** Of so many looks the composed ones are kept in this browser; whole tables are large. */
const MOST = 6
const ORDER = '#order'
let opened: UseStore | undefined
/** Its number rises with the shape of a composed look: what was kept in another is not read. */
const store = () => (opened ??= createStore('hestiad-composed-2', 'looks'))

/** Keeps what was composed for a look in this browser; where it keeps nothing, looks last as long as the page. */
export async function keepComposing(lookId: string, composing: Composing): Promise<void> {
  try {
    const kept = store()
    const order = [lookId, ...((await get<string[]>(ORDER, kept)) ?? []).filter((id) => id !== lookId)]
    await set(lookId, composing, kept)
    await set(ORDER, order.slice(0, MOST), kept)
    for (const id of order.slice(MOST)) await del(id, kept)
  } catch {
    // a window that keeps nothing, or a full disk
  }
}

/** What was composed for a look the last time; undefined where nothing is kept of it. */
export async function composingOf(lookId: string): Promise<Composing | undefined> {
  try {
    return await get<Composing>(lookId, store())
  } catch {
    return undefined
  }
}
