import { readFileSync } from 'node:fs'
import { changesFor, composeLooks, composeMiddles, createAssessor, type Look, type WholeLook } from '@hestiad/core'
import { medianMs, type BenchLine } from './benchLine.js'
import { stocked } from './stocked.js'

const SWAPS = 50
const shade = (i: number) => `#${[90 + 3 * i, 110 + 2 * i, 200 - 3 * i].map((level) => level.toString(16).padStart(2, '0')).join('')}`

/** Fifty substitutes for a piece of a look that is open, each measured, beside measuring one look that is like none before it. */
function swapList(composed: Look): BenchLine {
  const napkins = composed.pieces.filter((piece) => piece.kind === 'napkin' && piece.owned >= composed.guests.length)
  const more = Array.from({ length: SWAPS }, (_, i) => ({ ...napkins[i % napkins.length]!, id: `napkin-more-${i}`, color: shade(i) }))
  const look: Look = { ...composed, pieces: [...composed.pieces, ...more] }
  const assessor = createAssessor()
  assessor.measure(look)
  const fromId = look.setting.napkin!.pieceId
  const whole = medianMs(3, () => createAssessor().measure(look))
  let swaps = 0
  const listed = medianMs(3, () => void (swaps = changesFor(assessor, look, fromId).length))
  return { name: `swap-list-${swaps}`, value: listed, unit: 'ms', baseline: 'one look measured from nothing', ratio: listed / whole }
}

/** The best known mean score of five looks on this cupboard and on three tables of the demo: of a search twenty times as wide (`effort: 20`). */
const best = 0.9121

function looksScore(look: Look): BenchLine {
  const demo = (name: string) => JSON.parse(readFileSync(new URL(`../../../../demo/${name}.hestiad.json`, import.meta.url), 'utf8')) as Look
  const means = [look, ...['pearl-anniversary', 'ferry-crew', 'mending-circle'].map(demo)].map((one) => {
    const found = composeLooks(one, { from: 'few-new', want: 5, seed: 1 })
    return found.reduce((sum, { score }) => sum + score, 0) / found.length
  })
  const value = means.reduce((sum, mean) => sum + mean, 0) / means.length
  return { name: 'looks-score', value, unit: 'of 1', baseline: 'the best known mean score of five looks, on four tables', ratio: value / best }
}

/** Whole looks for ten guests from a cupboard of 800 pieces and 1,500 offers. */
export function looksBenches(): BenchLine[] {
  const look = stocked({ guests: 10, owned: 800, offers: 1500 })
  const middle = medianMs(1, () => composeMiddles(look, { patterns: ['run'], from: 'few-new', want: 1, seed: 1 }))
  let found: readonly WholeLook[] = []
  const first: number[] = []
  const five = medianMs(1, () => {
    const start = performance.now()
    const onProgress = (_: number, __: number, now: readonly WholeLook[]) => {
      if (now.length === 1 && first.length === 0) first.push(performance.now() - start)
      return true
    }
    found = composeLooks(look, { from: 'few-new', want: 5, seed: 1, onProgress })
  })
  const composed = found[0]!.look
  const stops = found.filter((one) =>
    createAssessor()
      .measure(one.look as Look)
      .findings.some((finding) => finding.severity === 'stop')
  ).length
  const baseline = 'one run composed alone on the same look'
  return [
    swapList(composed),
    { name: 'looks-first', value: first[0] ?? NaN, unit: 'ms', baseline, ratio: (first[0] ?? NaN) / middle },
    { name: 'looks-five', value: five, unit: 'ms', baseline, ratio: five / middle },
    looksScore(look),
    { name: 'looks-stops', value: stops, unit: 'looks', baseline: 'looks found', ratio: stops / found.length }
  ]
}
