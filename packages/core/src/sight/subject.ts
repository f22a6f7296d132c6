import { standingPart } from '../centerpiece/parts.js'
import { atMeal, type Standing } from '../centerpiece/standing.js'
import { part } from '../subject/part.js'
import { subject } from '../subject/subject.js'
import { clearHeightMm } from './clearHeight.js'
import { linesPart } from './parts.js'
import { sightFindings } from './sightFindings.js'
import type { SightLines } from './sightLines.js'
import { sightProposals } from './sightProposals.js'
import { tableSight, type TableSight } from './tableSight.js'

/** What everybody sees of everybody, for showing. */
export type SightFigures = Omit<TableSight, 'hidden'> & {
  /** Hidden share of each face by row (who looks) and column (who is looked at). */
  readonly hidden: readonly (readonly number[])[]
  /** Height above the tabletop at which each piece that hides somebody would hide nobody. */
  readonly clearHeights: readonly { readonly placedId: string; readonly heightMm: number; readonly clearMm: number }[]
}

const limitPart = part({ reads: ['school'], needs: {}, work: ({ school }) => school.hiddenPercent / 100 })

const seen = part({
  reads: [],
  needs: { lines: linesPart, standing: standingPart, limit: limitPart },
  work: (_, { lines, standing, limit }) => tableSight(lines, atMeal(standing), limit)
})

/** Clear heights are worked out for the pieces past the limit; the others hide too little to ask. */
function sightFigures({ hidden, ...rest }: TableSight, lines: SightLines, standing: readonly Standing[]): SightFigures {
  const byId = new Map(standing.map((piece) => [piece.placed.id, piece]))
  return {
    ...rest,
    hidden: Array.from({ length: rest.count }, (_, from) => Array.from(hidden.subarray(from * rest.count, (from + 1) * rest.count))),
    clearHeights: rest.costs
      .filter((cost) => cost.blames.length > 0)
      .flatMap((cost) => {
        const piece = byId.get(cost.placedId)
        return piece ? [{ placedId: cost.placedId, heightMm: piece.topMm, clearMm: clearHeightMm(piece, lines, 0) }] : []
      })
  }
}

/** Who sees whom over the middle. */
export const sightSubject = subject({
  name: 'sight',
  figures: {
    sight: part({
      reads: [],
      needs: { seen, lines: linesPart, standing: standingPart },
      work: (_, needed) => sightFigures(needed.seen, needed.lines, needed.standing)
    })
  },
  headline: { seenPairs: part({ reads: [], needs: { seen }, work: (_, needed) => needed.seen.seen }) },
  // a table to be looked at may hide who sits at it for a picture
  findings: part({
    reads: ['intent', 'school'],
    needs: { seen },
    work: ({ intent, school }, needed) => (intent.use === 'show' || school.meant.includes('sight.hidden') ? [] : sightFindings(needed.seen))
  }),
  proposals: { 'sight.hidden': (look, finding, get) => sightProposals(look, finding, get(linesPart)) }
})
