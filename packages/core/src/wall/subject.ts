import { standingPart } from '../centerpiece/parts.js'
import { surroundingsPart } from '../centerpiece/surroundings.js'
import { planPart } from '../seating/parts.js'
import { part } from '../subject/part.js'
import { subject, type Propose } from '../subject/subject.js'
import { cordProposals } from './cordProposals.js'
import { cordFindings, cordRoutes } from './cords.js'
import { viewFindings } from './roomViews.js'
import { wallFindings } from './wallFindings.js'
import { artProposals, socketProposals } from './wallProposals.js'

/** The way of each cord to its socket. */
const cords = part({
  reads: ['room', 'table', 'pieces', 'linens'],
  needs: { plan: planPart, standing: standingPart },
  work: (look, { plan, standing }) => cordRoutes(look, standing, plan.outline)
})

const cord: Propose<'cord.reach' | 'cord.seen' | 'cord.floor'> = (look, finding, get) => cordProposals(look, finding, get(surroundingsPart))

/** What is on the walls, what stands before it, and cords on their way to it. */
export const wallSubject = subject({
  name: 'wall',
  figures: { cords },
  findings: part({
    reads: ['room', 'table', 'school'],
    needs: { plan: planPart, standing: standingPart, cords },
    work: (look, { plan, standing, cords: routes }) => [
      ...wallFindings(look, standing, plan.outline),
      ...viewFindings(look, standing, plan.outline),
      ...cordFindings(look, standing, routes)
    ]
  }),
  proposals: {
    'art.hidden': (look, finding, get) => artProposals(look, finding, get(surroundingsPart), wallFindings),
    'view.hidden': (look, finding, get) => artProposals(look, finding, get(surroundingsPart), viewFindings),
    'socket.bare': (look, _, get) => socketProposals(look, get(surroundingsPart)),
    'cord.reach': cord,
    'cord.seen': cord,
    'cord.floor': cord
  }
})
