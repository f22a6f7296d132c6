import { makeEdit, type Edit } from '../design/edit.js'
import { pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import { newPlaced } from '../design/newLook.js'
import { extentSize, isStanding, longerMm, type StandingPiece } from '../design/piece.js'
import { spareCount } from '../design/spare.js'
import { packMost, type PackInto } from '../geometry/packing.js'
import { shellMm } from '../reference/materials.js'
import { floorExtent, headroomMm, isSupport, type Support } from '../solids/pieceSolids.js'
import { numberedId } from '../units/slug.js'
import { standings } from './standing.js'

/** One layer of one piece in or on something. */
export interface Fill {
  /** How many lie side by side, and how many of those the house has free. */
  readonly fits: number
  readonly spare: number
  readonly edit: Edit
}

const MOST = 60

/** Fills a bowl, a tray, a level of a stand or a lantern with as many of a piece as lie side by side and the house has; null where it carries nothing. */
export function fillWith(look: Look, onId: string, pieceId: string, level = 0): Fill | null {
  const index = pieceIndex(look)
  const below = standings(look).find((one) => one.placed.id === onId)
  const piece = index.get(pieceId)
  if (!below || !isSupport(below.piece) || below.placed.arrangement || !piece || !isStanding(piece)) return null
  const { heightMm, radiusMm } = sizeOf(piece)
  const roomMm = headroomMm(below.piece, level)
  const places = roomMm !== null && roomMm < heightMm ? [] : packMost(floorOf(below.piece, level), radiusMm, MOST)
  const spare = Math.max(0, spareCount(look, piece))
  const edit = makeEdit(look, 'put-on', (draft) => {
    for (const { x, y } of places.slice(0, spare))
      draft.centerpiece.push({
        ...newPlaced(numberedId(pieceId, draft.centerpiece, 1), pieceId, Math.round(x), Math.round(y)),
        on: onId,
        level,
        atMeal: below.placed.atMeal
      })
  })
  return { fits: places.length, spare, edit }
}

function sizeOf(piece: StandingPiece): { heightMm: number; radiusMm: number } {
  const heightMm = piece.kind === 'tray' ? piece.rimMm : piece.heightMm
  if ('extent' in piece) {
    const { lengthMm, widthMm } = extentSize(piece.extent)
    return { heightMm, radiusMm: piece.extent.kind === 'round' ? lengthMm / 2 : Math.hypot(lengthMm, widthMm) / 2 }
  }
  return { heightMm, radiusMm: (piece.kind === 'vessel' ? piece.widestMm + longerMm(piece) : piece.baseMm) / 2 }
}

function floorOf(support: Support, level: number): PackInto {
  const floor = floorExtent(support, level)
  const { lengthMm, widthMm } = extentSize(floor)
  const wallMm = support.kind === 'vessel' ? shellMm[support.material] : 0
  if (floor.kind === 'round') return { kind: 'round', radiusMm: lengthMm / 2 - wallMm }
  if (floor.kind !== 'oval') return { kind: 'rect', halfXMm: lengthMm / 2 - wallMm, halfYMm: widthMm / 2 - wallMm }
  // the largest rectangle in an ellipse
  return { kind: 'rect', halfXMm: lengthMm / 2 / Math.SQRT2, halfYMm: widthMm / 2 / Math.SQRT2 }
}
