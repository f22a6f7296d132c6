import { randomUUID } from 'node:crypto'
import type { Blocked, Look, Plan } from '@hestiad/core'
import { ApiError } from '../errors.js'
import type { PricedLook } from '../shops/prices.js'
import type { SolveProgress } from './planWorker.js'
import type { Planner } from './planner.js'

/** A plan being made, or made. */
export type PlanJob =
  | { readonly state: 'running'; readonly elapsedMs: number; readonly progress?: SolveProgress }
  | { readonly state: 'canceled' }
  | { readonly state: 'failed'; readonly message: string }
  | {
      readonly state: 'done'
      readonly elapsedMs: number
      readonly day: string
      readonly plan: Plan
      readonly blocked: readonly Blocked[]
      /** The look's offers and shops with the day's prices, for the look to keep. */
      readonly offers: Look['offers']
      readonly shops: Look['shops']
      /** Pieces of the shops that could stand in for what cannot be had. */
      readonly alike: Look['pieces']
      readonly size: { readonly lines: number; readonly offers: number; readonly shops: number }
    }

/** So many plans may be in the making or wait for it. */
const MOST_WAITING = 20
/** A plan that was made is kept until it is fetched and a little longer, in case the answer is lost; one nobody fetches for an hour. */
const KEPT_MS = 3_600_000
const KEPT_FETCHED_MS = 300_000

interface Entry {
  job: PlanJob
  readonly stop: AbortController
  readonly startMs: number
  /** When it is let go; never while it is in the making. */
  untilMs: number
}

/** Plans in the making and made. `now` counts milliseconds. */
export function createPlanJobs(planner: Planner, now = () => performance.now()) {
  const jobs = new Map<string, Entry>()

  async function run(entry: Entry, { look, alike }: PricedLook, day: string): Promise<void> {
    const elapsedMs = () => Math.round(now() - entry.startMs)
    try {
      const { plan, blocked, size } = await planner.plan(look, day, entry.stop.signal, (progress) => {
        entry.job = { state: 'running', elapsedMs: elapsedMs(), progress }
      })
      entry.job = { state: 'done', elapsedMs: elapsedMs(), day, plan, blocked, offers: look.offers, shops: look.shops, alike, size }
    } catch (error) {
      entry.job = entry.stop.signal.aborted ? { state: 'canceled' } : { state: 'failed', message: (error as Error).message }
    }
    entry.untilMs = now() + KEPT_MS
  }

  function entryOf(id: string): Entry {
    const entry = jobs.get(id)
    if (!entry) throw new ApiError('not-found', [{ place: '', message: `no plan ${id.slice(0, 64)}` }])
    return entry
  }

  return {
    /** @throws ApiError busy when as many wait as may */
    start(look: PricedLook, day: string): string {
      for (const [id, { untilMs }] of jobs) if (untilMs <= now()) jobs.delete(id)
      if ([...jobs.values()].filter((entry) => entry.job.state === 'running').length >= MOST_WAITING) throw new ApiError('busy')
      const id = randomUUID()
      const entry: Entry = { job: { state: 'running', elapsedMs: 0 }, stop: new AbortController(), startMs: now(), untilMs: Infinity }
      jobs.set(id, entry)
      void run(entry, look, day)
      return id
    },
    get(id: string): PlanJob {
      const entry = entryOf(id)
      const { job } = entry
      if (job.state === 'running') return { ...job, elapsedMs: Math.round(now() - entry.startMs) }
      entry.untilMs = Math.min(entry.untilMs, now() + KEPT_FETCHED_MS)
      return job
    },
    cancel: (id: string) => entryOf(id).stop.abort()
  }
}
