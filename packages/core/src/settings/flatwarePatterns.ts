import type { Flatware, Piece } from '../design/piece.js'

/** Flatware made to lie together. */
export interface FlatwarePattern {
  /** What the names of its pieces share: "Brass". */
  readonly name: string
  readonly pieces: readonly Flatware[]
}

const partWords = /\b(dinner|salad|fish|soup|dessert|oyster|steak|pastry|cake|tea|table|forks?|knife|knives|spoons?)\b/gi

/** Patterns of a cupboard: flatware of one material whose names are the same but for the part they say; at most one piece a part, the most owned first. */
export function flatwarePatterns(pieces: readonly Piece[]): FlatwarePattern[] {
  const patterns = new Map<string, { name: string; pieces: Flatware[] }>()
  for (const piece of pieces) {
    if (piece.kind !== 'flatware') continue
    const name = piece.name.replace(partWords, ' ').replace(/\s+/g, ' ').trim() || piece.material
    const key = `${piece.material} ${name.toLowerCase()}`
    const pattern = patterns.get(key) ?? { name, pieces: [] }
    const same = pattern.pieces.findIndex((one) => one.role === piece.role)
    if (same < 0) pattern.pieces.push(piece)
    else if (pattern.pieces[same]!.owned < piece.owned) pattern.pieces[same] = piece
    patterns.set(key, pattern)
  }
  return [...patterns.values()].sort((a, b) => ownedOf(b) - ownedOf(a))
}

function ownedOf(pattern: FlatwarePattern): number {
  return pattern.pieces.reduce((sum, piece) => sum + piece.owned, 0)
}
