import { extentSize, longerMm, type Piece } from './piece.js'

/** A piece's main measures in few words. */
export function pieceSize(piece: Piece, length: (mm: number) => string): string {
  if ('extent' in piece) {
    const { lengthMm, widthMm } = extentSize(piece.extent)
    return piece.extent.kind === 'round' ? `⌀ ${length(lengthMm)}` : `${length(lengthMm)} × ${length(widthMm)}`
  }
  switch (piece.kind) {
    case 'plate':
      return `⌀ ${length(piece.diameterMm)}`
    case 'napkin':
      return `${length(piece.sideMm)} × ${length(piece.sideMm)}`
    case 'runner':
      return `${length(piece.lengthMm)} × ${length(piece.widthMm)}`
    case 'flatware':
    case 'tool':
    case 'stem':
      return length(piece.lengthMm)
    case 'supply':
      return ''
    case 'vessel':
      return longerMm(piece) > 0 ? `${length(piece.widestMm + longerMm(piece))} × ${length(piece.widestMm)}` : `${length(piece.heightMm)} ↕`
    default:
      return `${length(piece.heightMm)} ↕`
  }
}
