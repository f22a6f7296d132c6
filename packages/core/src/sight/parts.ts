import { guestEyes } from '../seating/eyes.js'
import { planPart } from '../seating/parts.js'
import { part } from '../subject/part.js'
import { sightLines } from './sightLines.js'

/** Lines from each guest's eyes to each other guest's face. */
export const linesPart = part({ reads: ['table'], needs: { plan: planPart }, work: ({ table }, { plan }) => sightLines(guestEyes(plan, table)) })
