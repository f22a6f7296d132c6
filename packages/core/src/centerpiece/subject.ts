import { part } from '../subject/part.js'
import { subject, type Propose } from '../subject/subject.js'
import { centerpieceFindings } from './centerpieceFindings.js'
import { collisionProposals } from './centerpieceProposals.js'
import { standingPart } from './parts.js'
import { surroundingsPart } from './surroundings.js'

const collision: Propose<'piece.setting' | 'piece.piece' | 'piece.off' | 'piece.support'> = (look, finding, get) =>
  collisionProposals(look, finding, get(surroundingsPart))

/** What stands where in the middle, and what it runs into. */
export const centerpieceSubject = subject({
  name: 'centerpiece',
  figures: {},
  findings: part({
    reads: [],
    needs: { standing: standingPart, around: surroundingsPart },
    work: (_, { standing, around }) => centerpieceFindings(standing, around.laid, around.outline)
  }),
  proposals: { 'piece.setting': collision, 'piece.piece': collision, 'piece.off': collision, 'piece.support': collision }
})
