import { moveProposal, takeOffProposal } from '../centerpiece/centerpieceProposals.js'
import { freeSpot, type Surroundings } from '../centerpiece/freeSpot.js'
import { moveEdit } from '../centerpiece/moveEdit.js'
import { standings } from '../centerpiece/standing.js'
import { makeEdit } from '../design/edit.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { lowerProposals } from '../florals/lowerProposals.js'
import { bareSockets, wallFindings } from './wallFindings.js'

/** To one side of the picture, cut lower, or off. */
export function artProposals(look: Look, finding: FindingOf<'art.hidden' | 'view.hidden'>, around: Surroundings, check: typeof wallFindings): Proposal[] {
  const { placedId } = finding.at
  const spot = freeSpot(look, placedId, around, (moved) => check(look, moved, around.outline).every((one) => one.code !== finding.code))
  return [...(spot ? [moveProposal(look, placedId, spot)] : []), ...lowerProposals(look, placedId, [0.6, 0.3]), takeOffProposal(look, placedId)]
}

/** The piece nearest to the socket stood before it, or the socket let be seen. */
export function socketProposals(look: Look, { outline }: Surroundings): Proposal[] {
  const standing = standings(look)
  const [socket] = bareSockets(look, standing, outline)
  if (!socket) return []
  const near = standing
    .filter((one) => one.placed.on === null && !one.placed.locked && one.topMm >= socket.z * 0.8)
    .sort((a, b) => Math.abs(a.pose.x - socket.x) - Math.abs(b.pose.x - socket.x))
    .slice(0, 4)
    .map((one) => ({ code: 'cover-spot' as const, edit: moveEdit(look, one.placed.id, { x: socket.x, y: one.pose.y }), params: { placedId: one.placed.id } }))
  const seen = makeEdit(look, 'room', (draft) => void (draft.room.behind && (draft.room.behind.sockets = [])))
  return [...near, { code: 'let-sockets', edit: seen, params: {} }]
}
