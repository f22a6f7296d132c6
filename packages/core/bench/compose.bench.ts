import { createAssessor, patternNames, proposeCenterpiece, SEARCH_ROUNDS, type Look } from '@hestiad/core'
import { generateLook } from '../test/support/generateLook.js'
import { medianMs, WARM_UP, type BenchLine } from './benchLine.js'

/** One of 80 pieces at a table for 14 dragged step by step: all figures and findings each time, by one assessor as in the worker. */
function dragged(): BenchLine[] {
  let look = generateLook(14, { guests: 14, pieces: 80, manner: 'laid' })
  const assessor = createAssessor()
  assessor.measure(look)
  const took: number[] = []
  for (let step = 0; step < 300 + 3 * WARM_UP; step++) {
    const i = 1 + ((Math.floor(step / 30) * 7) % 79)
    look = { ...look, centerpiece: look.centerpiece.map((placed, j) => (j === i ? { ...placed, xMm: placed.xMm + (step % 30 < 15 ? 6 : -6) } : placed)) }
    const start = performance.now()
    assessor.measure(look)
    if (step >= 3 * WARM_UP) took.push(performance.now() - start)
  }
  took.sort((a, b) => a - b)
  const copies = Array.from({ length: 30 + WARM_UP }, () => structuredClone(look))
  const fresh = medianMs(30, (i) => createAssessor().measure(copies[i]!))
  const at = (share: number) => took[Math.floor(share * (took.length - 1))]!
  return [
    { name: 'move-14x80', value: at(0.5), unit: 'ms', baseline: 'the same look assessed afresh', ratio: at(0.5) / fresh },
    { name: 'move-14x80-p95', value: at(0.95), unit: 'ms', baseline: 'the median of the same moves', ratio: at(0.95) / at(0.5) }
  ]
}

/** Every pattern for 12 guests from the house: the median time, and the least share of the score of a search ten times as long. */
function patterns(): BenchLine {
  const look: Look = { ...generateLook(12, { guests: 12, pieces: 1, manner: 'laid' }), centerpiece: [] }
  const propose = (pattern: (typeof patternNames)[number], rounds: number) => proposeCenterpiece(look, { pattern, seed: 12, from: 'house', rounds })
  const shares = patternNames.flatMap((pattern) => {
    const usual = propose(pattern, SEARCH_ROUNDS)
    const long = propose(pattern, 10 * SEARCH_ROUNDS)
    return usual && long ? [usual.score / Math.max(long.score, usual.score)] : []
  })
  const value = medianMs(patternNames.length, (i) => propose(patternNames[i % patternNames.length]!, SEARCH_ROUNDS))
  return {
    name: 'pattern-12',
    value,
    unit: 'ms',
    baseline: `share of the score of ten times the rounds, the least of ${shares.length} patterns`,
    ratio: Math.min(...shares)
  }
}

export function composeBenches(): BenchLine[] {
  return [...dragged(), patterns()]
}
