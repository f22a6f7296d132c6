import { colorName } from '../color/colorWords.js'
import type { Piece } from '../design/piece.js'
import { plainWords, says, singular } from '../units/plainWords.js'
import { remembered } from '../units/remembered.js'

/** What of a piece a word is about. */
export type AvoidedFor = 'color' | 'material' | 'kind' | 'name'

/** Why a piece is something that must not be on the table; undefined where none of the words means it. */
export function avoidedFor(piece: Piece, words: readonly string[]): { readonly word: string; readonly for: AvoidedFor } | undefined {
  for (const word of words) {
    const plain = plainWords(word)
    if (plain === '') continue
    const about = aboutOf(piece, plain)
    if (about) return { word, for: about }
  }
  return undefined
}

const inSingular = remembered((text) => singular(plainWords(text)))

/** What of a piece a plain word is about; undefined where it does not mean the piece. */
export function aboutOf(piece: Piece, word: string): AvoidedFor | undefined {
  const means = (text: string) => inSingular(text) === singular(word)
  if (means(colorName(piece.color))) return 'color'
  if (means(piece.material)) return 'material'
  if (means(piece.kind) || ('form' in piece && means(piece.form))) return 'kind'
  const genus = piece.kind === 'stem' ? piece.genus : ''
  return says(piece.name, word) || (genus !== '' && means(genus)) ? 'name' : undefined
}

/** Ids of the pieces that must not be on the table. */
export function avoidedIds(pieces: readonly Piece[], words: readonly string[]): string[] {
  return words.length === 0 ? [] : pieces.filter((piece) => avoidedFor(piece, words)).map((piece) => piece.id)
}
