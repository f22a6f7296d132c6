import { standingPart } from '../centerpiece/parts.js'
import { surroundingsPart } from '../centerpiece/surroundings.js'
import { planPart } from '../seating/parts.js'
import { part } from '../subject/part.js'
import { subject } from '../subject/subject.js'
import { roomFindings } from './roomFindings.js'
import {
  behindProposals,
  benchProposals,
  chairProposals,
  fixtureProposals,
  highChairProposals,
  seamProposals,
  wheelchairKneeProposals,
  wheelchairWidthProposals
} from './roomProposals.js'

/** Chairs, wheelchairs, walls behind the guests, the lamp above, and bare seams. */
export const roomSubject = subject({
  name: 'room',
  figures: {},
  findings: part({
    reads: ['table', 'room', 'linens'],
    needs: { plan: planPart, standing: standingPart },
    work: (look, { plan, standing }) => roomFindings(look, plan, standing)
  }),
  proposals: {
    'wheelchair.knees': wheelchairKneeProposals,
    'wheelchair.width': wheelchairWidthProposals,
    'chair.wide': chairProposals,
    'bench.short': benchProposals,
    'room.behind': behindProposals,
    'fixture.low': (look, finding, get) => fixtureProposals(look, finding, get(surroundingsPart)),
    'table.seam': seamProposals,
    'high-chair.age': highChairProposals
  }
})
