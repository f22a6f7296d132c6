import { createRequire } from 'node:module'
import type { MessagePort } from 'node:worker_threads'
import { blockedLines, buyingProblem, planBuying, type Blocked, type Look, type Plan, type Solution } from '@hestiad/core'

/** How far a solver is: best found, bound proved, seconds. */
export interface SolveProgress {
  readonly best: number | null
  readonly bound: number | null
}

export interface PlanTask {
  readonly look: Look
  /** Day it is made on, ISO. */
  readonly day: string
  readonly port: MessagePort
}

export interface PlanAnswer {
  readonly plan: Plan
  readonly blocked: readonly Blocked[]
  readonly size: { readonly lines: number; readonly offers: number; readonly shops: number }
}

/** Longest time a plan is worked on, and for one of more choices than `LARGE`; the answer then tells its gap. */
const LIMIT_S = 5
const LARGE_LIMIT_S = 20
const LARGE = 800

interface Highs {
  solve(model: string, options: Record<string, unknown>): { Status: string; ObjectiveValue: number; Columns: Record<string, { Primal: number }> }
}

const lines: string[] = []
let told: (line: string) => void = () => undefined
const load = createRequire(import.meta.url)('highs') as (options: object) => Promise<Highs>
const ready = load({
  print: (line: string) => {
    lines.push(line)
    told(line)
  },
  printErr: () => undefined
})

/** Plans where to buy what a look lacks as of a day; how far it is goes to the port as the solver logs it. */
export default async function plan({ look, day, port }: PlanTask): Promise<PlanAnswer> {
  told = (line) => {
    const progress = progressOf(line)
    if (progress) port.postMessage(progress)
  }
  try {
    const problem = buyingProblem(look, day)
    const made = await planBuying(problem, (model) => solve(model, problem.choices.length > LARGE ? LARGE_LIMIT_S : LIMIT_S))
    const size = { lines: problem.lines.length, offers: problem.choices.length, shops: new Set(problem.orders.map((order) => order.shop.name)).size }
    return { plan: made, blocked: blockedLines(look, made, day), size }
  } finally {
    told = () => undefined
    port.close()
  }
}

/** An integer program in LP format, solved with HiGHS. */
async function solve(model: string, limitS: number): Promise<Solution> {
  const solver = await ready
  lines.length = 0
  // the objective is whole minor units, so a bound less than one below proves the best
  const answer = solver.solve(model, { mip_rel_gap: 0, mip_abs_gap: 0.99, time_limit: limitS })
  if (answer.Status !== 'Optimal' && answer.Status !== 'Time limit reached') throw new Error(`HiGHS ended with: ${answer.Status}`)
  const values = Object.entries(answer.Columns).flatMap(([name, { Primal }]) => (Primal > 1e-6 || Primal < -1e-6 ? [[name, Primal] as const] : []))
  const bound = Number(/Dual bound\s+(\S+)/.exec(lines.join('\n'))?.[1] ?? Number.NaN)
  const proved = answer.Status === 'Optimal' ? answer.ObjectiveValue : Number.isFinite(bound) ? bound : 0
  return { values: new Map(values), objective: answer.ObjectiveValue, bound: proved }
}

/** A row of the log's table: `... | BestBound BestSol Gap | ...`. */
function progressOf(line: string): SolveProgress | undefined {
  const match = /%\s*\|?\s*(-?inf|-?[\d.e+]+)\s+(-?inf|-?[\d.e+]+)\s+(Large|[\d.]+%)/.exec(line)
  if (!match) return undefined
  const number = (text: string) => (Number.isFinite(Number(text)) ? Number(text) : null)
  return { bound: number(match[1]!), best: number(match[2]!) }
}
