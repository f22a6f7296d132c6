import type { Comfort, Look } from '../design/look.js'
import { halfLengthMm } from '../geometry/outline.js'
import { placeWidthMm } from '../reference/places.js'
import { part } from '../subject/part.js'
import { subject } from '../subject/subject.js'
import { planPart } from './parts.js'
import type { Place } from './places.js'
import { seatingFindings } from './seatingFindings.js'
import { kneeProposals, seatingProposals } from './seatingProposals.js'
import { capacity, narrowestMm, type SeatPlan } from './seatPlan.js'

/** How the guests sit; lengths in mm, `narrowestMm` null with nobody at the table. */
export interface SeatFigures {
  readonly guests: number
  readonly lengthMm: number
  readonly widthMm: number
  readonly places: readonly Place[]
  readonly narrowestMm: number | null
  readonly wantedMm: number
  readonly capacity: Readonly<Record<Comfort, number>>
}

const capacities = part({
  reads: ['table'],
  needs: {},
  work: ({ table }) => ({ tight: capacity(table, 'tight'), usual: capacity(table, 'usual'), roomy: capacity(table, 'roomy') })
})

function seatFigures(school: Look['school'], plan: SeatPlan, most: SeatFigures['capacity']): SeatFigures {
  const narrowest = narrowestMm(plan.places)
  return {
    guests: plan.places.length,
    lengthMm: 2 * halfLengthMm(plan.outline),
    widthMm: 2 * plan.outline.halfWidthMm,
    places: plan.places,
    narrowestMm: narrowest === Infinity ? null : narrowest,
    wantedMm: placeWidthMm[school.comfort],
    capacity: most
  }
}

const seats = part({
  reads: ['school'],
  needs: { plan: planPart, capacities },
  work: ({ school }, needed) => seatFigures(school, needed.plan, needed.capacities)
})

/** Who sits where, and whether everybody has room. */
export const seatingSubject = subject({
  name: 'seating',
  figures: { seats },
  headline: { narrowestMm: part({ reads: [], needs: { seats }, work: (_, needed) => needed.seats.narrowestMm ?? -1 }) },
  findings: part({
    reads: ['school'],
    needs: { plan: planPart, capacities },
    work: ({ school }, needed) => seatingFindings(school, needed.plan, needed.capacities)
  }),
  proposals: {
    'places.too-narrow': seatingProposals,
    'places.narrow': seatingProposals,
    'places.knees': kneeProposals
  }
})
