import { composeMiddles, createAssessor, patternNames } from '@hestiad/core'
import { generateLook } from '../test/support/generateLook.js'
import { medianMs, WARM_UP, type BenchLine } from './benchLine.js'
import { stocked } from './stocked.js'

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

/** The best known mean scores on the same look, of each pattern's best and of six ideas: of a search fifty times as wide (`effort: 50`) and the usual one. */
const best = { pattern: 0.9683, six: 0.9726 }

function composing(): BenchLine[] {
  const look = stocked({ guests: 12, owned: 250, offers: 0 })
  const one = (pattern: (typeof patternNames)[number]) => composeMiddles(look, { patterns: [pattern], from: 'few-new', want: 1, seed: 1 }).ideas[0]?.score.total
  const scores = patternNames.flatMap((pattern) => one(pattern) ?? [])
  const six = () => composeMiddles(look, { patterns: patternNames, from: 'few-new', want: 6, seed: 1 }).ideas
  const mean = (list: readonly number[]) => list.reduce((sum, score) => sum + score, 0) / list.length
  return [
    {
      name: 'compose-middle-12',
      value: medianMs(patternNames.length, (i) => one(patternNames[i % patternNames.length]!)),
      unit: 'ms',
      baseline: `the best known mean score of the ${scores.length} patterns there is room for`,
      ratio: mean(scores) / best.pattern
    },
    {
      name: 'compose-six-12',
      value: medianMs(3, () => six()),
      unit: 'ms',
      baseline: 'the best known mean score of six ideas',
      ratio: mean(six().map((idea) => idea.score.total)) / best.six
    }
  ]
}

export function composeBenches(): BenchLine[] {
  return [...dragged(), ...composing()]
}
