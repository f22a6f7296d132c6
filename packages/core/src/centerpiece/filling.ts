import { makeEdit, type Edit } from '../design/edit.js'
import { pieceIndex } from '../design/find.js'
import type { Filling, Look } from '../design/look.js'
import { extentSize, isStanding, levelMm2, type Extent, type Material, type Piece, type StandingPiece } from '../design/piece.js'
import { pieceUses } from '../design/pieceUses.js'
import { CUP_MM3, CRUMPLED, FRESH_DAYS, textileThickMm } from '../reference/fillings.js'
import { shellMm } from '../reference/materials.js'
import { floorExtent, footedBowl, isSupport } from '../solids/pieceSolids.js'

/** How much room one of a piece takes lying loose, in cubic millimeters: a cup of what is poured, a textile crumpled. Null for what is neither. */
function looseMm3(piece: Piece): number | null {
  if (piece.kind === 'supply') return piece.use === 'filling' ? CUP_MM3 : null
  const area = textileMm2(piece)
  return area === null ? null : area * (textileThickMm[piece.material] ?? textileThickMm.cotton!) * CRUMPLED
}

function textileMm2(piece: Piece): number | null {
  switch (piece.kind) {
    case 'napkin':
      return piece.sideMm ** 2
    case 'runner':
      return piece.lengthMm * piece.widthMm
    case 'cloth':
      return extentMm2(piece.extent)
    default:
      return null
  }
}

function extentMm2(extent: Extent): number {
  const { lengthMm, widthMm } = extentSize(extent)
  return (extent.kind === 'round' || extent.kind === 'oval' ? Math.PI / 4 : 1) * lengthMm * widthMm
}

/** What of a piece can be filled: up to which height above its floor; null where it has no wall round it, or a lid. */
export function fillingDepthMm(piece: StandingPiece): number | null {
  if (piece.kind === 'tray') return piece.upper.length === 0 && piece.rimMm > piece.floorMm ? piece.rimMm - piece.floorMm : null
  return piece.kind === 'vessel' && piece.form !== 'cloche' ? piece.depthMm : null
}

/**
 * Room in a piece from its floor up to a height, in cubic millimeters: between the walls of a tray, box or lantern, in a vessel a frustum that
 * widens from its floor to its mouth.
 */
export function fillingRoomMm3(piece: StandingPiece, heightMm: number): number {
  const depthMm = fillingDepthMm(piece)
  if (depthMm === null || !isSupport(piece)) return 0
  const h = Math.max(0, Math.min(heightMm, depthMm))
  if (piece.kind === 'vessel' && piece.form !== 'lantern') {
    const wallMm = 2 * shellMm[piece.material]
    const foot = Math.max(1, (footedBowl(piece)?.floorRadiusMm ?? piece.baseMm / 2) * 2 - wallMm)
    const top = foot + (Math.max(1, piece.mouthMm - wallMm) - foot) * (h / depthMm)
    const [a, b] = [levelMm2(piece, foot), levelMm2(piece, top)]
    return (h * (a + Math.sqrt(a * b) + b)) / 3
  }
  return extentMm2(floorExtent(piece)) * h
}

/** How many of a piece fill another up to a height; null where one of them does not serve. */
export function fillingCount(into: StandingPiece, piece: Piece, heightMm: number): number | null {
  const each = looseMm3(piece)
  const room = fillingRoomMm3(into, heightMm)
  return each === null || room <= 0 ? null : Math.ceil(room / each - 1e-9)
}

/** What can lie loose in a thing, what the house has free beside what lies in others first: cups of fillings, then textiles, the most of them first. */
export function fillings(look: Look, placedId: string): { readonly piece: Piece; readonly free: number }[] {
  const used = new Map<string, number>()
  for (const { pieceId, role } of pieceUses(look))
    if (role !== 'filling') used.set(pieceId, (used.get(pieceId) ?? 0) + (role === 'napkin' ? look.guests.length : 1))
  for (const { id, filling } of look.centerpiece) if (filling && id !== placedId) used.set(filling.pieceId, (used.get(filling.pieceId) ?? 0) + filling.count)
  return look.pieces
    .filter((piece) => piece.of === null && looseMm3(piece) !== null)
    .map((piece) => ({ piece, free: Math.max(0, piece.owned - (used.get(piece.id) ?? 0)) }))
    .sort((a, b) => Number(b.free > 0) - Number(a.free > 0) || Number(isTextile(a.piece)) - Number(isTextile(b.piece)) || b.free - a.free)
}

const isTextile = (piece: Piece) => piece.kind !== 'supply'

/** Lays something loose in a piece of the middle, up to a height, no higher than its rim; what stands in it rises with it. Nothing where it does not serve. */
export function layFilling(look: Look, placedId: string, pieceId: string, heightMm: number): Edit {
  const index = pieceIndex(look)
  const into = index.get(look.centerpiece.find((one) => one.id === placedId)?.pieceId ?? '')
  const piece = index.get(pieceId)
  const depthMm = into && isStanding(into) ? fillingDepthMm(into) : null
  const count = piece && depthMm !== null ? fillingCount(into as StandingPiece, piece, heightMm) : null
  return setFilling(look, placedId, count === null ? undefined : { pieceId, count, heightMm: Math.round(Math.min(heightMm, depthMm!)) })
}

/** Takes out what lies loose in a piece. */
export function takeFilling(look: Look, placedId: string): Edit {
  return setFilling(look, placedId, null)
}

function setFilling(look: Look, placedId: string, filling: Filling | null | undefined): Edit {
  return makeEdit(look, 'put-on', (draft) => {
    const placed = draft.centerpiece.find((one) => one.id === placedId)
    if (placed && filling !== undefined) placed.filling = filling
  })
}

/** How many days a filling looks fresh in a dry room; null for what keeps. */
export function freshDays(material: Material): number | null {
  return FRESH_DAYS[material] ?? null
}
