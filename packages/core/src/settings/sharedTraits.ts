import { colorWords } from '../color/colorWords.js'
import { pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import { kindKeys, settingOf } from './settingKinds.js'

/** What all kinds of setting of a look have in common: a material, a color by its word, a color of rims and edges. */
export interface SharedTrait {
  readonly of: 'material' | 'color' | 'edge'
  readonly word: string
}

/**
 * Traits some layer of every kind has, those of pieces that only the kinds have first; a mix without any reads as an accident. Words that fit
 * nearly everything are left out. Common practice, no source.
 */
export function sharedTraits(look: Pick<Look, 'setting' | 'kinds' | 'pieces'>): SharedTrait[] {
  const index = pieceIndex(look)
  const sets = kindKeys(look).map((key) => {
    const { plateIds, glassIds, napkin } = settingOf(look, key)
    const pieces = [...plateIds, ...glassIds, ...(napkin ? [napkin.pieceId] : [])].flatMap((id) => index.get(id) ?? [])
    const traits = pieces.flatMap((piece) => [
      `material ${piece.material}`,
      ...colorWords(piece.color).map((word) => `color ${word}`),
      ...colorWords(piece.accent).map((word) => `edge ${word}`)
    ])
    return new Set(traits.filter((trait) => !vague.has(trait.split(' ')[1]!)))
  })
  const [first, ...others] = sets
  return [...(first ?? [])]
    .filter((trait) => others.every((set) => set.has(trait)))
    .map((trait) => {
      const [of, word] = trait.split(' ') as [SharedTrait['of'], string]
      return { of, word }
    })
}

const vague = new Set(['pale', 'dark', 'gray', 'glass'])
