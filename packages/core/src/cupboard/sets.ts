import type { CupboardItem } from './facts.js'

/** A set known as one, and what of it is missing. */
export interface SetState {
  readonly name: string
  readonly pieces: readonly { readonly pieceId: string; readonly name: string; readonly owned: number; readonly whole: number; readonly missing: number }[]
  readonly missing: number
}

/** Sets of the cupboard by name; incomplete ones first, the most missing before. */
export function setStates(items: readonly CupboardItem[]): SetState[] {
  const byName = new Map<string, CupboardItem[]>()
  for (const item of items) if (item.facts.setName !== '') byName.set(item.facts.setName, [...(byName.get(item.facts.setName) ?? []), item])
  return [...byName]
    .map(([name, members]): SetState => {
      const pieces = members.map(({ piece, facts }) => ({
        pieceId: piece.id,
        name: piece.name,
        owned: piece.owned,
        whole: facts.setCount,
        missing: Math.max(0, facts.setCount - piece.owned)
      }))
      return { name, pieces, missing: pieces.reduce((sum, piece) => sum + piece.missing, 0) }
    })
    .sort((a, b) => b.missing - a.missing || a.name.localeCompare(b.name))
}
