import { createRequire } from 'node:module'
import type { MessagePort } from 'node:worker_threads'

/** How far a solver is: best found, bound proved, seconds. */
export interface SolveProgress {
  readonly best: number | null
  readonly bound: number | null
}

export interface SolveTask {
  readonly model: string
  readonly limitS: number
  readonly port: MessagePort
}

export interface SolveAnswer {
  readonly values: readonly (readonly [name: string, value: number])[]
  readonly objective: number
  readonly bound: number
}

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

/** Solves an integer program in LP format with HiGHS; progress goes to the port as it is logged. */
export default async function solve({ model, limitS, port }: SolveTask): Promise<SolveAnswer> {
  const solver = await ready
  lines.length = 0
  told = (line) => {
    const progress = progressOf(line)
    if (progress) port.postMessage(progress)
  }
  try {
    // the objective is whole minor units, so a bound less than one below proves the best
    const answer = solver.solve(model, { mip_rel_gap: 0, mip_abs_gap: 0.99, time_limit: limitS })
    if (answer.Status !== 'Optimal' && answer.Status !== 'Time limit reached') throw new Error(`HiGHS ended with: ${answer.Status}`)
    const values = Object.entries(answer.Columns).flatMap(([name, { Primal }]) => (Primal > 1e-6 || Primal < -1e-6 ? [[name, Primal] as const] : []))
    const bound = Number(/Dual bound\s+(\S+)/.exec(lines.join('\n'))?.[1] ?? Number.NaN)
    return { values, objective: answer.ObjectiveValue, bound: answer.Status === 'Optimal' ? answer.ObjectiveValue : Number.isFinite(bound) ? bound : 0 }
  } finally {
    told = () => undefined
    port.close()
  }
}

/** A row of the log's table: `... | BestBound BestSol Gap | ...`. */
function progressOf(line: string): SolveProgress | undefined {
  const match = /%\s*\|?\s*(-?inf|-?[\d.e+]+)\s+(-?inf|-?[\d.e+]+)\s+(Large|[\d.]+%)/.exec(line)
  if (!match) return undefined
  const number = (text: string) => (Number.isFinite(Number(text)) ? Number(text) : null)
  return { bound: number(match[1]!), best: number(match[2]!) }
}
