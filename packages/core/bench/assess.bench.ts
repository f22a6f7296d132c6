import { createAssessor, type Look } from '@hestiad/core'
import { generateLook } from '../test/support/generateLook.js'
import { hiddenByRays } from '../test/support/rayCaster.js'
import type { BenchLine } from './benchLine.js'
import { medianMs, WARM_UP } from './benchLine.js'

function moved(look: Look, i: number): Look {
  return { ...look, centerpiece: look.centerpiece.map((placed, j) => (j === i ? { ...placed, xMm: placed.xMm + 12 } : placed)) }
}

/** All figures and findings, by a fresh assessor each time, so that nothing is remembered. */
function full(name: string, guests: number, pieces: number, seeds: readonly number[], rounds: number): BenchLine {
  const looks = seeds.map((seed) => generateLook(seed, { guests, pieces, manner: 'laid' }))
  const copies = Array.from({ length: rounds + WARM_UP }, (_, i) => structuredClone(looks[i % looks.length]!))
  const value = medianMs(rounds, (i) => createAssessor().measure(copies[i]!))
  const clone = medianMs(rounds, (i) => structuredClone(looks[i % looks.length]!))
  return { name, value, unit: 'ms', baseline: 'structured clone of the same look', ratio: value / clone }
}

function afterMove(): BenchLine {
  const look = generateLook(1, { guests: 12, pieces: 60, manner: 'laid' })
  const assessor = createAssessor()
  assessor.measure(look)
  const value = medianMs(60, (i) => assessor.measure(moved(look, 1 + (i % 50))))
  const copies = Array.from({ length: 30 + WARM_UP }, () => structuredClone(look))
  const fresh = medianMs(30, (i) => createAssessor().measure(copies[i]!))
  return { name: 'assess-after-move', value, unit: 'ms', baseline: 'the same look assessed afresh', ratio: value / fresh }
}

/** Remedies of every finding of a look, each tried and measured; the page asks for them after the findings are shown. */
function remedies(): BenchLine {
  const look = generateLook(2, { guests: 12, pieces: 60, manner: 'laid' })
  const copies = Array.from({ length: 20 + WARM_UP }, () => structuredClone(look))
  const value = medianMs(20, (i) => createAssessor().assess(copies[i]!))
  const findings = createAssessor().measure(look).findings.length
  const bare = medianMs(20, (i) => createAssessor().measure(structuredClone(copies[i]!)))
  return { name: 'remedies-12x60', value, unit: 'ms', baseline: `the assessment without remedies; ${findings} findings`, ratio: value / bare }
}

/** Pairs that the ray caster is timed on; all of them would take it minutes. */
const SAMPLE = 8

/** Ours against ray casting with just as many rays as reach our accuracy against a fine cast. */
function againstRays(): BenchLine {
  const look = generateLook(3, { guests: 12, pieces: 60, manner: 'wild' })
  const matrix = createAssessor().measure(look).figures.sight.hidden
  const partly = matrix.flatMap((row, a) => row.flatMap((share, b) => (share > 0.02 && share < 0.98 ? [[a, b] as const] : [])))
  const pairs = partly.filter((_, i) => i % Math.max(1, Math.floor(partly.length / SAMPLE)) === 0).slice(0, SAMPLE)
  const at = (shares: Float64Array) => pairs.map(([a, b]) => shares[a * matrix.length + b]!)
  const fine = at(hiddenByRays(look, 64, pairs))
  const error = (shares: readonly number[]) => fine.reduce((sum, share, i) => sum + Math.abs(share - shares[i]!), 0) / fine.length
  const goal = error(pairs.map(([a, b]) => matrix[a]![b]!))
  const grid = [6, 8, 10, 12, 16, 20, 24, 32].find((n) => error(at(hiddenByRays(look, n, pairs))) <= goal) ?? 40
  const allPairs = matrix.length * (matrix.length - 1)
  const raysMs = (medianMs(1, () => hiddenByRays(look, grid, pairs)) * allPairs) / pairs.length
  const oursMs = medianMs(15, () => createAssessor().measure(structuredClone(look)))
  const baseline = `three's Raycaster, ${grid} x ${grid} rays a face (mean error ${(goal * 100).toFixed(2)} points as ours), timed on ${pairs.length} of ${allPairs} pairs; ours is the whole measurement`
  return { name: 'sight-vs-raycaster', value: oursMs, unit: 'ms', baseline, ratio: raysMs / oursMs }
}

export function assessBenches(): BenchLine[] {
  const small = [1, 2, 3, 4, 5]
  return [full('assess-12x60', 12, 60, small, 200), afterMove(), full('assess-60x400', 60, 400, [1, 2, 3], 7), remedies(), againstRays()]
}
