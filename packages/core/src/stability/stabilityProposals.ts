import { moveProposal, standOnTable, takeOffProposal } from '../centerpiece/centerpieceProposals.js'
import { freeSpot, type Surroundings } from '../centerpiece/freeSpot.js'
import { raiseEdit } from '../centerpiece/raiseEdit.js'
import { standings } from '../centerpiece/standing.js'
import type { BareFinding, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { meantProposal } from '../design/meant.js'
import { swapProposals } from '../design/swap.js'
import { takeOffAllEdit } from '../design/takeOff.js'
import { lowerProposals } from '../florals/lowerProposals.js'
import { rimPoints } from '../geometry/footprint.js'
import { beyondMm, grown } from '../geometry/outline.js'
import { noCandle } from '../light/lightProposals.js'
import { withinReach, withinTail } from './stabilityFindings.js'
import type { Tilt } from './tilt.js'

/** Cut lower, another that stands better, or off the table. */
export function tipProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'piece') return []
  const placed = look.centerpiece.find((one) => one.id === (finding.at as { placedId: string }).placedId)
  if (!placed) return []
  const lower = lowerProposals(look, placed.id, [0.7, 0.45])
  const unlit = placed.candle ? [noCandle(look, placed.id)] : []
  return [...lower, ...swapProposals(look, placed.pieceId, (piece) => piece.owned > 0, 3), ...unlit, takeOffProposal(look, placed.id)]
}

/** A free spot further in, or off the table. */
export function edgeProposals(look: Look, finding: BareFinding, around: Surroundings): Proposal[] {
  if (finding.at.kind !== 'piece') return []
  const { placedId } = finding.at
  const inner = grown(around.outline, -(finding.limit['distanceMm'] ?? 0) - 1)
  const spot = freeSpot(look, placedId, around, (moved) => rimPoints(moved[0]!.foot).every((p) => beyondMm(inner, p) <= 0.5))
  return [...(spot ? [moveProposal(look, placedId, spot)] : []), takeOffProposal(look, placedId)]
}

/** All of it further in or off the table, or a rule this house does without. */
export function handsProposals(look: Look, finding: BareFinding, around: Surroundings, tilts: readonly Tilt[]): Proposal[] {
  const all = standings(look)
  const reached = finding.code === 'edge.tail' ? withinTail(look, all, tilts, around.outline) : withinReach(all, around.outline)
  const off = reached.map((one) => one.placed.id)
  const thin = takeOffAllEdit(look, off)
  return [{ code: 'thin-out', edit: thin, params: { count: off.length } }, meantProposal(look, finding.code)]
}

/** A stand hidden below it, out beside it, or off the table. */
export function sunkProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'piece') return []
  const { placedId } = finding.at
  const self = standings(look).find((one) => one.placed.id === placedId)
  if (!self) return []
  const needMm = finding.limit['riserMm'] ?? 0
  const risers = look.pieces
    .filter((piece) => piece.kind === 'riser' && piece.heightMm >= needMm - 0.5)
    .sort((a, b) => Number(b.owned > 0) - Number(a.owned > 0) || ('heightMm' in a && 'heightMm' in b ? a.heightMm - b.heightMm : 0))
    .slice(0, 2)
    .map((riser) => ({
      code: 'put-on-riser' as const,
      edit: raiseEdit(look, placedId, riser.id),
      params: { placedId, pieceId: riser.id }
    }))
  return [...risers, ...standOnTable(look, placedId), takeOffProposal(look, placedId)]
}
