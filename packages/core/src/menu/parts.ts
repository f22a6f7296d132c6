import { standingPart } from '../centerpiece/parts.js'
import { planPart } from '../seating/parts.js'
import { laidPart } from '../settings/parts.js'
import { part } from '../subject/part.js'
import { servings } from './dishes.js'
import { tableDishes } from './tableDishes.js'

/** Every dish with what it needs. */
export const servedPart = part({ reads: ['menu', 'guests', 'pieces'], needs: {}, work: servings })

/** Where the dishes of family service stand. */
export const tableDishesPart = part({
  reads: ['pieces'],
  needs: { plan: planPart, laid: laidPart, standing: standingPart, served: servedPart },
  work: (look, { plan, laid, standing, served }) => tableDishes(look, plan, laid, standing, served)
})
