import type { BareFinding } from '../design/finding.js'
import type { TableSight } from './tableSight.js'

/** A finding for each piece that hides faces past the limit, with its worst pair. */
export function sightFindings(sight: TableSight): BareFinding[] {
  return sight.costs
    .filter((cost) => cost.blames.length > 0)
    .map((cost): BareFinding => {
      const worst = cost.blames.reduce((a, b) => (b.hidden > a.hidden ? b : a))
      return {
        code: 'sight.hidden',
        severity: 'warn',
        at: { kind: 'piece', placedId: cost.placedId },
        measured: { views: cost.blames.length, of: sight.pairs, share: worst.hidden, from: worst.from + 1, to: worst.to + 1 },
        limit: { share: sight.limit },
        because: 'faces'
      }
    })
}
