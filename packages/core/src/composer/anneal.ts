import type { Random } from '../geometry/random.js'

/** Told now and then; an answer of false stops the search, and the best found so far is kept. */
export type OnProgress = (done: number, of: number) => boolean

/**
 * Simulated annealing (Kirkpatrick, Gelatt & Vecchi 1983, Science 220): a neighbor is taken when it costs less, or by chance while it is hot; the
 * best state met is given back. Same random numbers, same answer.
 */
export function anneal<S>(
  start: S,
  cost: (state: S) => number,
  neighbor: (state: S, heat: number) => S,
  options: { readonly rounds: number; readonly random: Random; readonly from: number; readonly to: number; readonly onProgress?: OnProgress | undefined }
): { readonly state: S; readonly cost: number; readonly rounds: number; readonly stopped: boolean } {
  const { rounds, random, from, to, onProgress } = options
  let state = start
  let now = cost(state)
  let best = { state, cost: now }
  for (let round = 0; round < rounds; round++) {
    if (round % 100 === 0 && onProgress && !onProgress(round, rounds)) return { ...best, rounds: round, stopped: true }
    const heat = 1 - round / rounds
    const temperature = to * (from / to) ** heat
    const next = neighbor(state, heat)
    const after = cost(next)
    if (after <= now || random() < Math.exp((now - after) / temperature)) {
      state = next
      now = after
      if (now < best.cost) best = { state, cost: now }
    }
  }
  return { ...best, rounds, stopped: false }
}
