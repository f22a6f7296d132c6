import type { RemedyCode } from './finding.js'

/** How much of the idea a remedy gives up: 0 a small change that keeps it, 1 another piece, 2 something minor goes, 3 much goes, 4 more money, 5 it is meant so. */
export type RemedyRank = 0 | 1 | 2 | 3 | 4 | 5

/** Those that are not small changes. What a stylist does first: common practice, no source. */
const ranks: { readonly [Code in RemedyCode]?: RemedyRank } = {
  swap: 1,
  exchange: 1,
  'enclose-flames': 1,
  'no-flames': 1,
  substitute: 1,
  'light-later': 1,
  'choose-vessel': 1,
  'fold-runner': 1,
  cheaper: 1,
  'other-tool': 1,
  'add-piece': 1,
  'no-candle-of': 2,
  'leave-out-stems': 2,
  'take-off-linen': 2,
  'clear-for-meal': 2,
  'serve-plated': 2,
  'serve-some-plated': 2,
  'serve-buffet': 2,
  'thin-out': 2,
  'no-star': 2,
  'take-off': 3,
  'no-candle': 3,
  'no-candles': 3,
  'no-drink': 3,
  'no-chargers': 3,
  'skip-layer': 2,
  'skip-course': 3,
  'skip-dish': 3,
  'smaller-setting': 2,
  'fewer-guests': 3,
  'go-without': 3,
  'raise-fixture': 3,
  'bare-lamp': 3,
  'use-reserve': 4,
  'raise-cap': 4,
  'raise-budget': 4,
  meant: 5
}

export function remedyRank(code: RemedyCode): RemedyRank {
  return ranks[code] ?? 0
}
