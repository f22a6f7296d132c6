import { part } from '../subject/part.js'
import { seatPlan } from './seatPlan.js'

/** The table's edge with a place for each guest. */
export const planPart = part({ reads: ['table', 'guests', 'school'], needs: {}, work: seatPlan })
