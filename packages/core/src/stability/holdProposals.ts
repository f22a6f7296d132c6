import { standOnTable, takeOffProposal } from '../centerpiece/centerpieceProposals.js'
import { leanOn } from '../centerpiece/lean.js'
import { bodySolids, standings, type Standing } from '../centerpiece/standing.js'
import { applyEdit, makeEdit, type Edit } from '../design/edit.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { Look, Placed } from '../design/look.js'
import { middleEdit } from '../design/middleEdit.js'
import { swapProposals } from '../design/swap.js'
import { fromFrame, radians } from '../geometry/point.js'
import { headroomMm, isSupport } from '../solids/pieceSolids.js'
import { panelOf, type Panel } from '../solids/panel.js'
import { solidReachMm } from '../solids/solid.js'

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
export function leanProposals(look: Look, finding: FindingOf<'piece.leans'>): Proposal[] {
  const { placedId } = finding.at
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
      edit: placedEdit(look, placedId, 'stand-on', leanAgainst(self, against, panel!, deg)),
      params: { placedId, otherId: against.placed.id, leanDeg: deg }
    }))
  return [
    ...(panel ? [...(behind ? leaned(behind) : []), ...others.flatMap((one) => leaned(one).slice(0, 1))] : []),
    ...standOnTable(look, placedId),
    takeOffProposal(look, placedId)
  ]
}

/**
 * Where a board stands to lean against the middle of something at an angle, by halving: the farther off, the more it leans. Turned as it is, or
 * facing the nearer long side when it leaned on nothing of the kind.
 */
export function leanAgainst(
  self: Standing,
  against: Standing,
  panel: Panel,
  leanDeg: number
): Pick<Placed, 'on' | 'how' | 'level' | 'xMm' | 'yMm' | 'turnDeg'> {
  const body = bodySolids(against)
  const turnDeg = self.placed.on === against.placed.id ? self.placed.turnDeg : against.pose.y > 0 ? 180 : 0
  const turn = radians(turnDeg)
  const spot = (farMm: number) => ({ x: farMm * Math.sin(turn), y: -farMm * Math.cos(turn) })
  const leanRad = (farMm: number) =>
    leanOn(panel, { ...fromFrame(against.pose, spot(farMm)), turnRad: turn + against.pose.turnRad }, body, against.footMm).angleRad
  let [near, far] = [0, Math.max(...body.map(solidReachMm)) + panel.upMm * Math.sin(radians(leanDeg)) + panel.thickMm]
  for (let step = 0; step < 30; step++) {
    const middle = (near + far) / 2
    if (leanRad(middle) < radians(leanDeg)) near = middle
    else far = middle
  }
  const { x, y } = spot(far)
  return { on: against.placed.id, how: 'leaning', level: 0, turnDeg, xMm: Math.round(x), yMm: Math.round(y) }
}

/** Longer or wider of the same kind, laid by itself, or off. */
export function looseProposals(look: Look, finding: FindingOf<'piece.drape' | 'piece.around'>): Proposal[] {
  const { placedId } = finding.at
  const placed = look.centerpiece.find((one) => one.id === placedId)
  if (!placed) return []
  return [...swapProposals(look, placed.pieceId, (piece) => piece.owned > 0, 3), ...standOnTable(look, placedId), takeOffProposal(look, placedId)]
}

/** On a level with room, out onto the table, or off. */
export function headroomProposals(look: Look, finding: FindingOf<'piece.headroom'>): Proposal[] {
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
export function loadProposals(look: Look, finding: FindingOf<'piece.load'>): Proposal[] {
  const { placedId } = finding.at
  const placed = look.centerpiece.find((one) => one.id === placedId)
  const carried = look.centerpiece.filter((one) => one.on === placedId)
  const stronger = placed
    ? swapProposals(look, placed.pieceId, (piece) => piece.owned > 0 && 'loadG' in piece && (piece.loadG ?? 0) > finding.measured.grams, 2)
    : []
  const lighter = carried.slice(0, 4).flatMap((one) => [...standOnTable(look, one.id), takeOffProposal(look, one.id)])
  const all = carried.reduce((sofar, one) => {
    const [down] = standOnTable(sofar, one.id)
    return down ? applyEdit(sofar, down.edit) : sofar
  }, look)
  const down = middleEdit(look, 'stand-on', all)
  return [...stronger, ...lighter, ...(carried.length > 1 ? [{ code: 'stand-all-on-table' as const, edit: down, params: { count: carried.length } }] : [])]
}
