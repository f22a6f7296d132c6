import { moveEdit } from '../centerpiece/moveEdit.js'
import type { Standing } from '../centerpiece/standing.js'
import { makeEdit } from '../design/edit.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { DropStyle, Look } from '../design/look.js'
import { extentSize } from '../design/piece.js'
import { swapProposals } from '../design/swap.js'
import { leafProposals } from '../seating/seatingProposals.js'
import { seatPlan, type SeatPlan } from '../seating/seatPlan.js'
import type { LaidItem } from '../settings/settingCrowding.js'
import { coverSpots } from './coverFindings.js'
import { textilesAsRunner } from './textilesAsRunner.js'

/** Laps of two cloths joined that are tried: our own starting values. */
const LAPS_MM = [150, 300, 600]

type ClothFinding = FindingOf<'cloth.short' | 'cloth.long' | 'cloth.lap' | 'cloth.floor' | 'cloth.uneven' | 'cloth.seam'>

/** Another cloth, two joined, another style, or none. */
export function clothProposals(look: Look, finding: ClothFinding): Proposal[] {
  const { pieceId } = finding.at
  const styles: DropStyle[] = ['casual', 'dressy', 'formal']
  const restyle = styles
    .filter((drop) => drop !== look.school.drop)
    .map((drop) => ({ code: 'drop-style' as const, edit: makeEdit(look, 'school', (draft) => void (draft.school.drop = drop)), params: { drop } }))
  const off = makeEdit(look, 'linens', (draft) => void (draft.linens.clothId = null))
  return [
    ...swapProposals(look, pieceId, undefined, 4),
    ...joinProposals(look, finding),
    ...restyle,
    { code: 'take-off-linen', edit: off, params: { pieceId } }
  ]
}

function joinProposals(look: Look, finding: ClothFinding): Proposal[] {
  const cloth = findPiece(pieceIndex(look), look.linens.clothId, 'cloth')
  if (!cloth || cloth.extent.kind === 'round' || cloth.extent.kind === 'oval') return []
  if (look.linens.lapMm !== null) return [oneCloth(look)]
  if (finding.code !== 'cloth.short' && finding.code !== 'cloth.uneven') return []
  const { lengthMm } = extentSize(cloth.extent)
  return LAPS_MM.filter((lapMm) => lapMm < lengthMm).map((lapMm) => ({
    code: 'join-cloths' as const,
    edit: makeEdit(look, 'linens', (draft) => void (draft.linens.lapMm = lapMm)),
    params: { byMm: lapMm }
  }))
}

function oneCloth(look: Look): Proposal {
  return { code: 'one-cloth', edit: makeEdit(look, 'linens', (draft) => void (draft.linens.lapMm = null)), params: {} }
}

/** The topper turned, another, or none. */
export function topperProposals(look: Look, finding: FindingOf<'topper.long'>): Proposal[] {
  if (!look.linens.topper) return []
  const turn = makeEdit(look, 'linens', (draft) => void (draft.linens.topper!.turned = !draft.linens.topper!.turned))
  const off = makeEdit(look, 'linens', (draft) => void (draft.linens.topper = null))
  const others = look.pieces
    .filter((piece) => piece.kind === 'cloth' && piece.id !== look.linens.topper!.pieceId)
    .slice(0, 3)
    .map((piece) => ({
      code: 'swap' as const,
      edit: makeEdit(look, 'linens', (draft) => void (draft.linens.topper!.pieceId = piece.id)),
      params: { fromId: look.linens.topper!.pieceId, toId: piece.id }
    }))
  return [{ code: 'turn-topper', edit: turn, params: {} }, ...others, { code: 'take-off-linen', edit: off, params: { pieceId: finding.at.pieceId } }]
}

/** Another runner, the same one folded or turned, or none. */
export function runnerProposals(look: Look, finding: FindingOf<'runner.places' | 'runner.overhang'>): Proposal[] {
  if (!look.linens.runner) return []
  const turned = look.linens.runner.lay === 'along' ? 'across' : 'along'
  const turn = makeEdit(look, 'linens', (draft) => void (draft.linens.runner!.lay = turned))
  return [
    ...foldProposals(look, finding.at.pieceId),
    ...swapProposals(look, finding.at.pieceId),
    { code: 'turn-runner', edit: turn, params: { lay: turned } },
    noRunner(look, finding.at.pieceId)
  ]
}

function noRunner(look: Look, pieceId: string): Proposal {
  return { code: 'take-off-linen', edit: makeEdit(look, 'linens', (draft) => void (draft.linens.runner = null)), params: { pieceId } }
}

/** The same textile and two others of the house in the folds in which they lie best along the table. */
function foldProposals(look: Look, pieceId: string): Proposal[] {
  const all = textilesAsRunner(look, seatPlan(look).outline).filter((way) => way.piece.owned > 0 || way.piece.id === pieceId)
  const own = all.filter((way) => way.piece.id === pieceId)
  return [...own, ...all.filter((way) => way.piece.id !== pieceId && way.folded.length * way.folded.width > 1).slice(0, 2)].map((way) => ({
    code: 'fold-runner' as const,
    edit: makeEdit(look, 'linens', (draft) => void (draft.linens.runner = { pieceId: way.piece.id, lay: 'along', folded: way.folded })),
    params: { pieceId: way.piece.id, lengthMm: way.lengthMm, widthMm: way.widthMm }
  }))
}

/** Narrower mats, a longer table, or none. */
export function matProposals(look: Look, finding: FindingOf<'mats.gap'>): Proposal[] {
  const off = makeEdit(look, 'linens', (draft) => void (draft.linens.matId = null))
  return [...swapProposals(look, finding.at.pieceId), ...leafProposals(look), { code: 'take-off-linen', edit: off, params: { pieceId: finding.at.pieceId } }]
}

type Around = { readonly plan: SeatPlan; readonly laid: readonly (readonly LaidItem[])[]; readonly standing: readonly Standing[] }

/** Something stood on the spot, the textile folded so that it lies inside, another, or none. */
export function flawProposals(look: Look, finding: FindingOf<'linen.flaw'>, { plan, laid, standing }: Around): Proposal[] {
  const { pieceId } = finding.at
  const bare = coverSpots(look, plan, laid, standing).filter((spot) => spot.pieceId === pieceId && spot.kind !== 'seam' && !spot.covered)
  const free = standing.filter((one) => one.placed.on === null && one.placed.atMeal)
  const nearest =
    bare.length === 1
      ? [...free].sort((a, b) => Math.hypot(a.pose.x - bare[0]!.x, a.pose.y - bare[0]!.y) - Math.hypot(b.pose.x - bare[0]!.x, b.pose.y - bare[0]!.y))
      : []
  const covered = nearest.slice(0, 3).map((one) => ({
    code: 'cover-spot' as const,
    edit: moveEdit(look, one.placed.id, bare[0]!),
    params: { placedId: one.placed.id }
  }))
  const off = makeEdit(look, 'linens', (draft) => {
    if (draft.linens.clothId === pieceId) draft.linens.clothId = null
    if (draft.linens.topper?.pieceId === pieceId) draft.linens.topper = null
  })
  const isRunner = look.linens.runner?.pieceId === pieceId
  return [
    ...covered,
    ...(isRunner ? [...foldProposals(look, pieceId), noRunner(look, pieceId)] : []),
    ...swapProposals(look, pieceId),
    { code: 'take-off-linen', edit: off, params: { pieceId } }
  ]
}

/** A runner across the seam, one cloth, or none. */
export function joinSeamProposals(look: Look, finding: FindingOf<'cloth.seam'>): Proposal[] {
  const runners = textilesAsRunner(look, { kind: 'box', halfLengthMm: seatPlan(look).outline.halfWidthMm, halfWidthMm: 450 })
  const across = runners
    .filter((way) => way.piece.owned > 0)
    .slice(0, 2)
    .map((way) => ({
      code: 'runner-across' as const,
      edit: makeEdit(look, 'linens', (draft) => void (draft.linens.runner = { pieceId: way.piece.id, lay: 'across', folded: way.folded })),
      params: { pieceId: way.piece.id }
    }))
  return [...across, oneCloth(look), ...clothProposals(look, finding)]
}
