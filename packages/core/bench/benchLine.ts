/** One measured figure: `ratio` is against the named baseline measured in the same run. */
export interface BenchLine {
  readonly name: string
  readonly value: number
  readonly unit: string
  readonly baseline: string
  readonly ratio: number
}

/** Rounds before the counted ones; a single round has none. */
export const WARM_UP = 30

/** Median time of a piece of work over some rounds, after some to warm up. */
export function medianMs(rounds: number, work: (round: number) => unknown): number {
  const warm = rounds > 1 ? WARM_UP : 0
  for (let i = 0; i < warm; i++) work(i)
  const times = Array.from({ length: rounds }, (_, i) => {
    const start = performance.now()
    work(i + warm)
    return performance.now() - start
  }).sort((a, b) => a - b)
  return times[Math.floor(times.length / 2)]!
}
