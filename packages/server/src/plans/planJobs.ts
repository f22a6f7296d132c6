import { randomUUID } from 'node:crypto'
import { blockedLines, buyingProblem, planBuying, type Blocked, type Look, type Plan } from '@hestiad/core'
import { ApiError } from '../errors.js'
import type { PricedLook } from '../shops/prices.js'
import type { SolveProgress } from './solveWorker.js'
import type { Solver } from './solver.js'

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

const KEPT = 50

/** Plans in the making, the newest few kept until they are fetched. */
export function createPlanJobs(solver: Solver) {
  const jobs = new Map<string, { job: PlanJob; readonly stop: AbortController; readonly startMs: number }>()

  async function run(id: string, { look, alike }: PricedLook, day: string): Promise<void> {
    const entry = jobs.get(id)!
    try {
      const problem = buyingProblem(look, day)
      const solve = (model: string) =>
        solver.solve(model, entry.stop.signal, (progress) => {
          entry.job = { state: 'running', elapsedMs: Math.round(performance.now() - entry.startMs), progress }
        })
      const plan = await planBuying(problem, solve)
      const size = { lines: problem.lines.length, offers: problem.choices.length, shops: new Set(problem.orders.map((order) => order.shop.name)).size }
      const elapsedMs = Math.round(performance.now() - entry.startMs)
      entry.job = { state: 'done', elapsedMs, day, plan, blocked: blockedLines(look, plan, day), offers: look.offers, shops: look.shops, alike, size }
    } catch (error) {
      entry.job = entry.stop.signal.aborted ? { state: 'canceled' } : { state: 'failed', message: (error as Error).message }
    }
  }

  return {
    start(look: PricedLook, day: string): string {
      const id = randomUUID()
      jobs.set(id, { job: { state: 'running', elapsedMs: 0 }, stop: new AbortController(), startMs: performance.now() })
      for (const old of [...jobs.keys()].slice(0, -KEPT)) jobs.delete(old)
      void run(id, look, day)
      return id
    },
    get(id: string): PlanJob {
      const entry = jobs.get(id)
      if (!entry) throw new ApiError('not-found', [{ place: '', message: `no plan ${id.slice(0, 64)}` }])
      return entry.job.state === 'running' ? { ...entry.job, elapsedMs: Math.round(performance.now() - entry.startMs) } : entry.job
    },
    cancel(id: string): void {
      this.get(id)
      jobs.get(id)!.stop.abort()
    }
  }
}
