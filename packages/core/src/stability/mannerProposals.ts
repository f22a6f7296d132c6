import { standOnTable, takeOffProposal } from '../centerpiece/centerpieceProposals.js'
import { bodySolids, standings, type Standing } from '../centerpiece/standing.js'
import { applyEdit, makeEdit, type Edit } from '../design/edit.js'
import type { BareFinding, Proposal } from '../design/finding.js'
import type { Look, Placed } from '../design/look.js'
import { swapProposals } from '../design/swap.js'
import { radians } from '../geometry/point.js'
import { headroomMm, isSupport } from '../solids/pieceSolids.js'
import { panelOf } from '../solids/panel.js'
import { solidReachMm } from '../solids/solid.js'

type Found = BareFinding & { readonly at: { readonly kind: 'piece'; readonly placedId: string } }

/** A change to one placed piece. */
function placedEdit(look: Look, placedId: string, label: 'stand-on' | 'move', change: Partial<Placed>): Edit {
  return makeEdit(
    look,
    label,
    (draft) =>
      void Object.assign(
        draft.centerpiece.find((one) => one.id === placedId)!,
        change
      )
  )
}

const LEANS_DEG = [16, 20, 25]

/** Leaned at a lean that holds, against something else, stood by itself, or taken off. */
export function leanProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'piece') return []
  const { placedId } = finding.at as Found['at']
  const all = standings(look)
  const self = all.find((one) => one.placed.id === placedId)
  const panel = self && panelOf(self.piece)
  if (!self) return []
  const behind = all.find((one) => one.placed.id === self.placed.on)
  const others = all
    .filter(
      (one) =>
        one !== self && one !== behind && one.carrierId === self.carrierId && one.placed.how === 'standing' && one.topMm - one.footMm > (panel?.upMm ?? 0) / 2
    )
    .sort((a, b) => b.topMm - a.topMm)
    .slice(0, 2)
  const leaned = (against: Standing): Proposal[] =>
    LEANS_DEG.map((deg) => ({
      code: against === behind ? ('lean-right' as const) : ('lean-on' as const),
      edit: placedEdit(look, placedId, 'stand-on', leanAgainst(self, against, panel!.upMm, deg)),
      params: { placedId, otherId: against.placed.id, leanDeg: deg }
    }))
  return [
    ...(panel ? [...(behind ? leaned(behind) : []), ...others.flatMap((one) => leaned(one).slice(0, 1))] : []),
    ...standOnTable(look, placedId),
    takeOffProposal(look, placedId)
  ]
}

/** Where a board stands to lean against something at an angle, turned as it is or facing the nearer long side. */
export function leanAgainst(
  self: Standing,
  against: Standing,
  upMm: number,
  leanDeg: number
): Pick<Placed, 'on' | 'how' | 'level' | 'xMm' | 'yMm' | 'turnDeg'> {
  const body = bodySolids(against)
  const highMm = Math.max(...body.map((solid) => solid.z1Mm)) - against.footMm
  const reachesMm = Math.max(...body.map((solid) => (solid.kind === 'frustum' ? solidReachMm(solid) : Math.max(solid.halfYMm, 0))))
  const angle = radians(leanDeg)
  const behindMm = upMm * Math.cos(angle) <= highMm ? upMm * Math.sin(angle) : highMm * Math.tan(angle)
  const turnDeg = self.placed.on === against.placed.id ? self.placed.turnDeg : against.pose.y > 0 ? 180 : 0
  const turn = radians(turnDeg)
  const thickMm = panelOf(self.piece)?.thickMm ?? 0
  const farMm = behindMm + thickMm / 2 + reachesMm
  return { on: against.placed.id, how: 'leaning', level: 0, turnDeg, xMm: Math.round(farMm * Math.sin(turn)), yMm: Math.round(-farMm * Math.cos(turn)) }
}

/** Longer or wider of the same kind, laid by itself, or off. */
export function looseProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'piece') return []
  const { placedId } = finding.at
  const placed = look.centerpiece.find((one) => one.id === placedId)
  if (!placed) return []
  return [...swapProposals(look, placed.pieceId, (piece) => piece.owned > 0, 3), ...standOnTable(look, placedId), takeOffProposal(look, placedId)]
}

/** On a level with room, out onto the table, or off. */
export function headroomProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'piece') return []
  const { placedId } = finding.at
  const all = standings(look)
  const self = all.find((one) => one.placed.id === placedId)
  const below = all.find((one) => one.placed.id === self?.placed.on)
  if (!self || !below || !isSupport(below.piece)) return []
  const support = below.piece
  const levels = support.kind === 'tray' ? Array.from({ length: support.upper.length + 1 }, (_, level) => level) : []
  const roomy = levels.filter((level) => level !== self.placed.level && (headroomMm(support, level) ?? Infinity) >= self.topMm - self.footMm)
  return [
    ...roomy.map((level) => ({
      code: 'other-level' as const,
      edit: placedEdit(look, placedId, 'stand-on', { level, xMm: 0, yMm: 0 }),
      params: { placedId, level: level + 1 }
    })),
    ...standOnTable(look, placedId),
    takeOffProposal(look, placedId)
  ]
}

/** The heaviest it carries set on the table or taken off, or a stronger one of the house. */
export function loadProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'piece') return []
  const { placedId } = finding.at
  const placed = look.centerpiece.find((one) => one.id === placedId)
  const carried = look.centerpiece.filter((one) => one.on === placedId)
  const stronger = placed
    ? swapProposals(look, placed.pieceId, (piece) => piece.owned > 0 && 'loadG' in piece && (piece.loadG ?? 0) > finding.measured['grams']!, 2)
    : []
  const lighter = carried.slice(0, 4).flatMap((one) => [...standOnTable(look, one.id), takeOffProposal(look, one.id)])
  const all = carried.reduce((sofar, one) => {
    const [down] = standOnTable(sofar, one.id)
    return down ? applyEdit(sofar, down.edit) : sofar
  }, look)
  const down = makeEdit(look, 'stand-on', (draft) => void (draft.centerpiece = structuredClone(all.centerpiece) as typeof draft.centerpiece))
  return [...stronger, ...lighter, ...(carried.length > 1 ? [{ code: 'stand-all-on-table' as const, edit: down, params: { count: carried.length } }] : [])]
}
