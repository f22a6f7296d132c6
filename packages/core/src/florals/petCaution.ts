import { petLists } from '../reference/stems.js'

/** What the lists say of a genus for the animals of a household; anything on no list is unknown, never safe. */
export type PetCaution = 'toxic' | 'dangerous-to-cats' | 'listed-not-toxic' | 'unknown'

export function petCaution(genus: string): PetCaution {
  const has = (list: readonly string[]) => list.includes(genus)
  if (has(petLists.toxicToCats)) return 'dangerous-to-cats'
  if (has(petLists.toxicToCatsAndDogs)) return 'toxic'
  return has(petLists.listedNotToxic) ? 'listed-not-toxic' : 'unknown'
}
