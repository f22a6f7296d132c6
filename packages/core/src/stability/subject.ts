import { standingPart } from '../centerpiece/parts.js'
import { surroundingsPart } from '../centerpiece/surroundings.js'
import { meantProposal } from '../design/meant.js'
import { pieceIndex } from '../design/find.js'
import { planPart } from '../seating/parts.js'
import { part } from '../subject/part.js'
import { subject, type Propose } from '../subject/subject.js'
import { clearing, clearingFindings, clearingProposals } from './clearing.js'
import { headroomProposals, leanProposals, loadProposals, looseProposals } from './holdProposals.js'
import { smallHandsFindings } from './smallHands.js'
import { stabilityFindings } from './stabilityFindings.js'
import { edgeProposals, handsProposals, sunkProposals, tipProposals } from './stabilityProposals.js'
import { tilts } from './tilt.js'

const tilted = part({ reads: ['pieces'], needs: { standing: standingPart }, work: (look, { standing }) => tilts(standing, pieceIndex(look)) })

const cleared = part({
  reads: ['pieces', 'menu'],
  needs: { standing: standingPart, tilted },
  work: (look, needed) => clearing(needed.standing, needed.tilted, look.pieces, look.menu.sideboardMm)
})

const hands: Propose<'edge.hands' | 'edge.tail'> = (look, finding, get) => handsProposals(look, finding, get(planPart).outline, get(tilted))

/** What can tip, be pulled down, slip or give way, and what it takes to clear the middle. */
export const stabilitySubject = subject({
  name: 'stability',
  figures: { stability: part({ reads: [], needs: { tilted, cleared }, work: (_, needed) => ({ tilts: needed.tilted, clearing: needed.cleared }) }) },
  findings: part({
    reads: ['household', 'school', 'table', 'menu', 'linens'],
    needs: { plan: planPart, standing: standingPart, tilted, cleared },
    work: (look, needed) => [
      ...stabilityFindings(look, needed.standing, needed.tilted, needed.plan.outline),
      ...smallHandsFindings(look, needed.standing),
      ...clearingFindings(look, needed.cleared)
    ]
  }),
  proposals: {
    'piece.tips': tipProposals,
    'piece.edge': (look, finding, get) => edgeProposals(look, finding, get(surroundingsPart)),
    'edge.hands': hands,
    'edge.tail': hands,
    'hands.small': (look) => [meantProposal(look, 'hands.small')],
    'hands.cloth': (look) => [meantProposal(look, 'hands.cloth')],
    'piece.sunk': sunkProposals,
    'piece.opening': sunkProposals,
    'piece.leans': leanProposals,
    'piece.drape': looseProposals,
    'piece.around': looseProposals,
    'piece.headroom': headroomProposals,
    'piece.load': loadProposals,
    'clear.room': clearingProposals
  }
})
