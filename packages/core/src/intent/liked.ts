import type { Intent } from '../design/intent.js'
import type { Piece } from '../design/piece.js'
import { plainWords, says } from '../units/plainWords.js'
import { aboutOf } from './avoids.js'

/** Words of what a guest of honor likes, as they are compared. */
export const likedWords = (what: string) => what.split(/[,;]/).map(plainWords).filter(Boolean)

/** Whether a plain word means a piece by its color, material, kind, name or pattern, or the motif the cupboard knows of it. */
export function isOfTaste(piece: Piece, word: string, motif = ''): boolean {
  return aboutOf(piece, word) !== undefined || says(piece.pattern, word) || says(motif, word)
}

/** Whose taste a piece is of, as the brief names them, empty where it names nobody; undefined where nobody it names likes it. */
export function likedBy({ touches }: Pick<Intent, 'touches'>): (piece: Piece) => string | undefined {
  const tastes = touches.flatMap(({ kind, what, where }) => (kind === 'taste' ? [{ whose: where, words: likedWords(what) }] : []))
  if (tastes.length === 0) return () => undefined
  const known = new Map<Piece, string | undefined>()
  return (piece) => {
    // asked of the same few pieces in ten thousand casts
    if (!known.has(piece)) known.set(piece, tastes.find(({ words }) => words.some((word) => isOfTaste(piece, word)))?.whose)
    return known.get(piece)
  }
}
