import { extentSize, type StandingPiece } from '../design/piece.js'

/** A flat thing stood on its longer edge. */
export interface Panel {
  readonly widthMm: number
  readonly upMm: number
  readonly thickMm: number
}

const flatForms = ['tray', 'board', 'mirror']

/** What can lean: a flat tray, a board, a mirror, a sign; null for all else. */
export function panelOf(piece: StandingPiece): Panel | null {
  if (piece.kind === 'tray' && flatForms.includes(piece.form)) {
    const { lengthMm, widthMm } = extentSize(piece.extent)
    return { widthMm: lengthMm, upMm: widthMm, thickMm: Math.max(piece.floorMm, piece.rimMm) }
  }
  if (piece.kind !== 'ornament' || piece.form !== 'sign') return null
  const { lengthMm, widthMm } = extentSize(piece.extent)
  return { widthMm: lengthMm, upMm: piece.heightMm, thickMm: widthMm }
}
