import { makeEdit } from '../design/edit.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import { mechanicsNames, type Look } from '../design/look.js'
import { meantProposal } from '../design/meant.js'
import { newPlaced } from '../design/newLook.js'
import { extentSize, type StandingPiece } from '../design/piece.js'
import { spareCount, sparePieces } from '../design/spare.js'
import { swapProposals } from '../design/swap.js'
import { numberedId } from '../units/slug.js'
import type { CoverThis } from './coverThese.js'

const fillers = ['moss', 'grass', 'greens', 'pods', 'beads', 'fruit', 'wreath']

/** Moss, greens or a small thing of the house at each bare spot, a scarf over it, a closed stand, other mechanics, more stems; or it is meant so. */
export function coverTheseProposals(look: Look, finding: FindingOf<'cover.bare'>, spots: readonly CoverThis[]): Proposal[] {
  const { placedId } = finding.at
  const own = spots.filter((spot) => spot.placedId === placedId)
  const placed = look.centerpiece.find((one) => one.id === placedId)
  if (!placed || own.length === 0) return []
  const held = own[0]!.what === 'mouth' || own[0]!.what === 'glass-wall'
  return [
    ...(held ? otherMechanics(look, placedId) : filledUp(look, own)),
    ...(own[0]!.what === 'gap'
      ? [...scarfOver(look, placedId), ...swapProposals(look, placed.pieceId, (piece) => piece.kind === 'riser' && !piece.legs && piece.owned > 0, 1)]
      : []),
    meantProposal(look, finding.code)
  ]
}

/** One thing of which there are enough, at every spot that is bare. */
function filledUp(look: Look, spots: readonly CoverThis[]): Proposal[] {
  return sparePieces(look)
    .filter((piece) => piece.kind === 'ornament' && fillers.includes(piece.form) && spareCount(look, piece) >= spots.length)
    .sort((a, b) => fillers.indexOf((a as { form: string }).form) - fillers.indexOf((b as { form: string }).form))
    .slice(0, 2)
    .map((piece) => ({
      code: 'add-piece' as const,
      edit: makeEdit(look, 'put-on', (draft) => {
        for (const spot of spots) {
          const at = outward(spot, piece, look)
          draft.centerpiece.push({ ...newPlaced(numberedId(piece.id, draft.centerpiece, 1), piece.id, Math.round(at.x), Math.round(at.y)) })
        }
      }),
      params: { pieceId: piece.id }
    }))
}

/** A spot before a gap, as far out as the thing that fills it is deep. */
function outward(spot: CoverThis, piece: StandingPiece, look: Look): { x: number; y: number } {
  if (spot.what !== 'gap' || !('extent' in piece)) return spot
  const stand = look.centerpiece.find((placed) => placed.id === spot.placedId)!
  const far = Math.hypot(spot.x - stand.xMm, spot.y - stand.yMm) || 1
  const by = Math.max(0, extentSize(piece.extent).widthMm / 2 - 20)
  return { x: spot.x + ((spot.x - stand.xMm) / far) * by, y: spot.y + ((spot.y - stand.yMm) / far) * by }
}

function scarfOver(look: Look, placedId: string): Proposal[] {
  return sparePieces(look)
    .filter((piece) => piece.kind === 'ornament' && piece.form === 'throw')
    .slice(0, 1)
    .map((piece) => ({
      code: 'drape-over' as const,
      edit: makeEdit(look, 'put-on', (draft) => {
        draft.centerpiece.push({ ...newPlaced(numberedId(piece.id, draft.centerpiece, 1), piece.id), on: placedId, how: 'draped' })
      }),
      params: { pieceId: piece.id, placedId }
    }))
}

/** Held in another way, or more of the stems there are. */
function otherMechanics(look: Look, placedId: string): Proposal[] {
  const others = (['frog', 'none'] satisfies (typeof mechanicsNames)[number][]).map((mechanics) => ({
    code: 'mechanics' as const,
    edit: makeEdit(look, 'florals', (draft) => void (draft.centerpiece.find((one) => one.id === placedId)!.arrangement!.mechanics = mechanics)),
    params: { placedId, mechanics }
  }))
  const more = [1.5, 2, 3].map((times) => ({
    code: 'more-stems' as const,
    edit: makeEdit(look, 'florals', (draft) => {
      for (const line of draft.centerpiece.find((one) => one.id === placedId)!.arrangement!.stems) line.count = Math.ceil(line.count * times)
    }),
    params: {
      placedId,
      stems: Math.ceil((look.centerpiece.find((one) => one.id === placedId)!.arrangement?.stems ?? []).reduce((sum, line) => sum + line.count, 0) * times)
    }
  }))
  return [...others, ...more]
}
