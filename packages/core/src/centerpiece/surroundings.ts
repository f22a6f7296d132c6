import { planPart } from '../seating/parts.js'
import { laidPart } from '../settings/parts.js'
import { part } from '../subject/part.js'
import type { Surroundings } from './freeSpot.js'

/** What a free spot is looked for in. */
export const surroundingsPart = part({
  reads: [],
  needs: { plan: planPart, laid: laidPart },
  work: (_, needed): Surroundings => ({ outline: needed.plan.outline, laid: needed.laid })
})
