import { isStanding } from '../design/piece.js'
import { fillingCount, fillingDepthMm, fillings, layFilling } from '../centerpiece/filling.js'
import { moveProposal, standOnTable, takeOffProposal } from '../centerpiece/centerpieceProposals.js'
import { freeSpot, type Surroundings } from '../centerpiece/freeSpot.js'
import { raiseEdit } from '../centerpiece/raiseEdit.js'
import { byVanishing } from '../centerpiece/vanishes.js'
import { standings } from '../centerpiece/standing.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import { pieceIndex, piecesOf } from '../design/find.js'
import type { Look } from '../design/look.js'
import { meantProposal } from '../design/meant.js'
import type { Piece } from '../design/piece.js'
import { swapProposals } from '../design/swap.js'
import { takeOffAllEdit } from '../design/takeOff.js'
import { lowerProposals } from '../florals/lowerProposals.js'
import { rimPoints } from '../geometry/footprint.js'
import { beyondMm, grown, type Outline } from '../geometry/outline.js'
import { noCandle } from '../light/otherCandles.js'
import { withinReach, withinTail } from './stabilityFindings.js'
import type { Tilt } from './tilt.js'

/** Cut lower, another that stands better, or off the table. */
export function tipProposals(look: Look, finding: FindingOf<'piece.tips'>): Proposal[] {
  const placed = look.centerpiece.find((one) => one.id === finding.at.placedId)
  if (!placed) return []
  const lower = lowerProposals(look, placed.id, [0.7, 0.45])
  const unlit = placed.candle ? [noCandle(look, placed.id)] : []
  return [...lower, ...swapProposals(look, placed.pieceId, (piece) => piece.owned > 0, 3), ...unlit, takeOffProposal(look, placed.id)]
}

/** A free spot further in, or off the table. */
export function edgeProposals(look: Look, finding: FindingOf<'piece.edge'>, around: Surroundings): Proposal[] {
  const { placedId } = finding.at
  const inner = grown(around.outline, -finding.limit.distanceMm - 1)
  const spot = freeSpot(look, placedId, around, (moved) => rimPoints(moved[0]!.foot).every((p) => beyondMm(inner, p) <= 0.5))
  return [...(spot ? [moveProposal(look, placedId, spot)] : []), takeOffProposal(look, placedId)]
}

/** All of it further in or off the table, or a rule this house does without. */
export function handsProposals(look: Look, finding: FindingOf<'edge.hands' | 'edge.tail'>, outline: Outline, tilts: readonly Tilt[]): Proposal[] {
  const all = standings(look)
  const reached = finding.code === 'edge.tail' ? withinTail(look, all, tilts, outline) : withinReach(all, outline)
  const off = reached.map((one) => one.placed.id)
  const thin = takeOffAllEdit(look, off)
  return [{ code: 'thin-out', edit: thin, params: { count: off.length } }, meantProposal(look, finding.code)]
}

/** A stand hidden below it, out beside it, or off the table. */
export function sunkProposals(look: Look, finding: FindingOf<'piece.sunk' | 'piece.opening'>): Proposal[] {
  const { placedId } = finding.at
  const self = standings(look).find((one) => one.placed.id === placedId)
  if (!self) return []
  if (finding.code === 'piece.sunk' && finding.because === 'riser-shows') {
    const lower = (piece: Piece) => piece.kind === 'riser' && piece.heightMm <= finding.limit.riserMm + 0.5
    return [...swapProposals(look, self.placed.pieceId, lower, 3), ...standOnTable(look, placedId), takeOffProposal(look, placedId)]
  }
  const unnoticed = byVanishing(look, self)
  const risers = (finding.code === 'piece.sunk' ? piecesOf(look, 'riser') : [])
    .filter((riser) => finding.code === 'piece.sunk' && riser.heightMm >= finding.limit.riserMm - 0.5)
    .sort((a, b) => Number(b.owned > 0) - Number(a.owned > 0) || unnoticed(a, b) || a.heightMm - b.heightMm)
    .slice(0, 2)
    .map((riser) => ({
      code: 'put-on-riser' as const,
      edit: raiseEdit(look, placedId, riser.id),
      params: { placedId, pieceId: riser.id }
    }))
  const lift = finding.code === 'piece.sunk' ? raisedOnCloth(look, finding.at.otherId, finding.limit.riserMm) : []
  return [...risers, ...lift, ...standOnTable(look, placedId), takeOffProposal(look, placedId)]
}

/** Spare cloth of the house laid below what is sunk; where a flame burns in there, nothing that burns. */
function raisedOnCloth(look: Look, inId: string, byMm: number): Proposal[] {
  const into = look.centerpiece.find((one) => one.id === inId)
  const piece = into && pieceIndex(look).get(into.pieceId)
  if (!into || into.filling || !piece || !isStanding(piece) || (fillingDepthMm(piece) ?? 0) < byMm) return []
  if (look.centerpiece.some((one) => one.on === inId && one.candle)) return []
  return fillings(look, inId)
    .flatMap(({ piece: loose, free }): Proposal[] => {
      const count = fillingCount(piece, loose, byMm)
      if (count === null || count > free) return []
      return [{ code: 'lay-filling', edit: layFilling(look, inId, loose.id, Math.ceil(byMm)), params: { placedId: inId, pieceId: loose.id, count } }]
    })
    .slice(0, 2)
}
