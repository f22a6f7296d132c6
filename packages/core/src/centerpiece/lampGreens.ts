import type { PieceIndex } from '../design/find.js'
import type { Lamp } from '../design/look.js'
import { isPliant } from './standing.js'
import { extentSize, isStanding, type Ornament, type Piece } from '../design/piece.js'
import { opacityOf } from '../reference/opacity.js'
import type { WorldSolid } from '../solids/solid.js'

/** What can be hung round a lamp. */
export function goesRoundLamp(piece: Piece): piece is Ornament {
  return isStanding(piece) && isPliant(piece)
}

/** How many of a garland go once round a lamp: pi times its width over their length. */
export function lampGreensCount({ widthMm, greens }: Lamp, index: PieceIndex): number {
  const piece = greens ? index.get(greens.pieceId) : undefined
  if (!piece || !goesRoundLamp(piece)) return 0
  return Math.max(1, Math.ceil((Math.PI * widthMm) / extentSize(piece.extent).lengthMm - 1e-9))
}

/** The greens round a lamp as one ring in the table's frame, its foot where they hang lowest; null for a bare lamp. */
export function lampGreensSolid({ bottomMm, widthMm, greens }: Lamp, tableHeightMm: number, index: PieceIndex): WorldSolid | null {
  const piece = greens ? index.get(greens.pieceId) : undefined
  if (!greens || !piece || !goesRoundLamp(piece)) return null
  const radiusMm = widthMm / 2 + extentSize(piece.extent).widthMm / 2
  const z1Mm = bottomMm - tableHeightMm
  return {
    kind: 'frustum',
    part: 'stems',
    x: 0,
    y: 0,
    turnRad: 0,
    z0Mm: z1Mm - greens.hangsMm,
    z1Mm,
    r0Mm: radiusMm,
    r1Mm: radiusMm,
    opacity: opacityOf(piece.material)
  }
}
