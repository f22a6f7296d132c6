import type { ComposingDto } from '@hestiad/api'
import type { Look, WholeLookOptions } from '@hestiad/core'
import { ApiError } from '../errors.js'
import type { Storage } from '../storage/openStorage.js'
import { beginComposing, keepFound, keptComposing, type Asked, type KeptComposing } from './composingStore.js'
import type { LookComposer } from './lookComposer.js'

/** For so many looks it may be composed, or wait for it, at once. */
const MOST_WAITING = 20
const WANT = 5

/** Composing under way, or how it failed. */
interface Underway {
  composing: KeptComposing
  done: number
  failed?: string
  readonly stop: AbortController
}

/** What cupboard and shops say when composing starts. */
export type Said = Pick<WholeLookOptions, 'without' | 'together' | 'shelf'>

/** Whole looks being composed, one composing a look; what is found is kept as it comes. */
export function createComposings(storage: Storage, composer: LookComposer) {
  const underway = new Map<string, Underway>()
  const isRunning = (entry: Underway) => entry.failed === undefined && !entry.stop.signal.aborted

  async function run(entry: Underway, said: Said): Promise<void> {
    const { lookId, base, asked, looks: begun } = entry.composing
    const { signal } = entry.stop
    let written = Promise.resolve(true)
    const have = (looks: KeptComposing['looks'], ended: boolean) => {
      entry.composing = { ...entry.composing, looks, ended }
      written = keepFound(storage, entry.composing).then(
        () => true,
        () => false
      )
    }
    try {
      const looks = await composer.compose(base, { ...asked, ...said, want: wanted(asked), begun }, signal, ({ done, of, looks: soFar }) => {
        entry.done = done / of
        if (soFar.length > entry.composing.looks.length && !signal.aborted) have(soFar, false)
      })
      if (!signal.aborted) have(looks, true)
    } catch (error) {
      if (!signal.aborted) entry.failed = (error as Error).message
    }
    // what could not be written is there as long as the server runs
    if ((await written) && entry.failed === undefined && underway.get(lookId) === entry) underway.delete(lookId)
  }

  function begin(composing: KeptComposing, said: Said): void {
    const { lookId, looks, asked } = composing
    underway.get(lookId)?.stop.abort()
    const entry: Underway = { composing, done: looks.length / wanted(asked), stop: new AbortController() }
    underway.set(lookId, entry)
    void run(entry, said)
  }

  function makeRoom(lookId: string): void {
    const others = [...underway].filter(([id, entry]) => id !== lookId && isRunning(entry))
    if (others.length >= MOST_WAITING) throw new ApiError('busy')
  }

  return {
    /** Composes anew; gives the composing's id. @throws ApiError busy when for as many looks it waits as may */
    async start(lookId: string, asked: Asked, base: Look, said: Said): Promise<string> {
      makeRoom(lookId)
      const composing = await beginComposing(storage, lookId, asked, base)
      begin(composing, said)
      return composing.id
    },
    /** Goes on where composing broke off or failed; one that runs or has ended stays as it is. @throws ApiError busy, not-found */
    async goOn(lookId: string, saidOf: (kept: KeptComposing) => Promise<Said>): Promise<string> {
      makeRoom(lookId)
      const entry = underway.get(lookId)
      const composing = entry?.composing ?? (await keptComposing(storage, lookId))
      if (!composing) throw new ApiError('not-found', [{ place: '', message: `nothing was composed for ${lookId.slice(0, 64)}` }])
      if (!composing.ended && !(entry && isRunning(entry))) begin(composing, await saidOf(composing))
      return composing.id
    },
    /** Ends what is under way for a look; what was found stays. */
    cancel: (lookId: string) => underway.get(lookId)?.stop.abort(),
    /** How far a look's composing is; with how many of its looks one has, only what is new. */
    async get(lookId: string, have: number | undefined): Promise<ComposingDto> {
      const entry = underway.get(lookId)
      const composing = entry?.composing ?? (await keptComposing(storage, lookId))
      if (!composing) return { state: 'none', id: '', found: 0, done: 0 }
      const { id, looks, ended, base, asked } = composing
      const { from, keep, wishLight, recipe } = asked
      return {
        state: ended ? 'ended' : entry?.failed !== undefined ? 'failed' : entry && isRunning(entry) ? 'running' : 'broken-off',
        id,
        found: looks.length,
        done: ended ? 1 : (entry?.done ?? looks.length / wanted(asked)),
        ...(entry?.failed !== undefined && { message: entry.failed }),
        ...(have === undefined && { asked: { from, keep, wishLight, ...(recipe && { recipe }) }, base }),
        ...((have !== looks.length || ended) && { looks: [...looks] })
      }
    }
  }
}

/** After a look or a recipe one is laid. */
const wanted = ({ recipe }: Asked) => (recipe ? 1 : WANT)
