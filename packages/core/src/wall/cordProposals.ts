import { takeOffProposal } from '../centerpiece/centerpieceProposals.js'
import type { Surroundings } from '../centerpiece/freeSpot.js'
import { freeSpot } from '../centerpiece/freeSpot.js'
import { moveEdit } from '../centerpiece/moveEdit.js'
import { putNear } from '../centerpiece/putNear.js'
import { standings } from '../centerpiece/standing.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { meantProposal } from '../design/meant.js'
import { sparePieces } from '../design/spare.js'
import { swapEdit } from '../design/swap.js'
import { CORD_SEEN_MM } from '../reference/composition.js'
import { cordRoutes } from './cords.js'

/** One on cells instead, nearer to the socket, the cord behind things, a thing of the house before it, or off. */
export function cordProposals(look: Look, finding: FindingOf<'cord.reach' | 'cord.seen' | 'cord.floor'>, around: Surroundings): Proposal[] {
  const { placedId } = finding.at
  const placed = look.centerpiece.find((one) => one.id === placedId)
  const piece = look.pieces.find((one) => one.id === placed?.pieceId)
  if (!placed || piece?.kind !== 'ornament') return []
  const onCells = look.pieces
    .filter((one) => one.kind === 'ornament' && one.form === piece.form && one.cordMm === null && one.owned > 0)
    .slice(0, 2)
    .map((one) => ({ code: 'on-cells' as const, edit: swapEdit(look, piece.id, one.id), params: { fromId: piece.id, toId: one.id } }))
  const accept = (moved: ReturnType<typeof standings>, others: ReturnType<typeof standings>) => {
    const route = cordRoutes(look, [...moved, ...others], around.outline).find((one) => one.placedId === placedId)
    return route !== undefined && route.needMm <= route.haveMm && route.seenMm <= CORD_SEEN_MM
  }
  const spot = look.room.behind && placed.on === null ? freeSpot(look, placedId, around, (moved, others) => accept([...moved], [...others])) : undefined
  const moved: Proposal[] = spot
    ? [{ code: 'cord-along', edit: moveEdit(look, placedId, spot), params: { placedId, byMm: Math.hypot(spot.x - placed.xMm, spot.y - placed.yMm) } }]
    : []
  return [
    ...onCells,
    ...moved,
    ...(finding.code === 'cord.seen' ? [...before(look, placedId, around), meantProposal(look, finding.code)] : []),
    takeOffProposal(look, placedId)
  ]
}

/** Something wide of the house stood before the middle of what is seen. */
function before(look: Look, placedId: string, around: Surroundings): Proposal[] {
  const standing = standings(look)
  const route = cordRoutes(look, standing, around.outline).find((one) => one.placedId === placedId)
  if (!route) return []
  const at = { x: (route.way[1]!.x + route.way[2]!.x) / 2, y: around.outline.halfWidthMm - 120 }
  return sparePieces(look)
    .filter((piece) => piece.kind === 'tray' || piece.kind === 'ornament' || piece.kind === 'vessel')
    .slice(0, 5)
    .flatMap((piece) => {
      const { edit, free } = putNear(look, piece, at, around)
      return free ? [{ code: 'add-piece' as const, edit, params: { pieceId: piece.id } }] : []
    })
}
