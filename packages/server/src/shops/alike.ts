import { colorDistance, largestMm, type Piece } from '@hestiad/core'

/** How alike two pieces of the same job are, 0 to 1: color first, then size, then material. Weights are our own starting values. */
function likeness(a: Piece, b: Piece): number {
  const color = Math.max(0, 1 - colorDistance(a.color, b.color) / 0.25)
  const size = largestMm(a) > 0 && largestMm(b) > 0 ? Math.min(largestMm(a), largestMm(b)) / Math.max(largestMm(a), largestMm(b)) : 1
  return 0.55 * color + 0.3 * Math.max(0, 1 - (1 - size) * 3) + 0.15 * (a.material === b.material ? 1 : 0)
}

/** Pieces like one, the most alike first; the piece itself is left out. */
export function alikePieces(model: Piece, among: readonly Piece[]): { readonly piece: Piece; readonly likeness: number }[] {
  return among
    .filter((piece) => piece.id !== model.id)
    .map((piece) => ({ piece, likeness: likeness(model, piece) }))
    .filter((entry) => entry.likeness > 0.5)
    .sort((x, y) => y.likeness - x.likeness)
}
