import { pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { commonPlants, petLists } from '../reference/petPlants.js'
import { remembered } from '../units/remembered.js'

/** What the lists say of a genus for the animals of a household; anything on no list is unknown, never safe. */
export type PetCaution = 'toxic' | 'dangerous-to-cats' | 'listed-not-toxic' | 'unknown'

/** The genus of a botanical name however it is written: `lilium`, `Lilium longiflorum`, with a space or a hybrid sign before it. */
export function genusOf(name: string): string {
  const word =
    name
      .replace(/^[\s×✕x]+(?=[\s\p{L}])/iu, (sign) => (/[×✕\s]/.test(sign) ? '' : sign))
      .trim()
      .split(/[\s×✕]+/u)[0] ?? ''
  return word.slice(0, 1).toUpperCase() + word.slice(1).toLowerCase()
}

export function petCaution(name: string): PetCaution {
  const genus = genusOf(name)
  const has = (list: readonly string[]) => list.includes(genus)
  if (has(petLists.toxicToCats)) return 'dangerous-to-cats'
  if (has(petLists.toxicToCatsAndDogs)) return 'toxic'
  return has(petLists.listedNotToxic) ? 'listed-not-toxic' : 'unknown'
}

/** Forms that are no plant whatever they are made of. */
const noPlants = new Set(['figure', 'sign', 'throw', 'lights', 'shakers', 'napkin-holder'])

/** What a piece is as a plant: its genus where that is known, empty where it is a plant of which nobody said which; null for what is none. */
export function plantOf(piece: Piece): string | null {
  if (piece.kind === 'stem') return piece.material === 'faux' || piece.material === 'paper' ? null : genusOf(piece.genus) || named(piece.name)
  if (piece.kind !== 'ornament' || noPlants.has(piece.form)) return null
  const grown = piece.material === 'plant' || piece.material === 'dried' || piece.material === 'fruit'
  if (!grown) return null
  const genus = named(piece.name)
  return genus === '' && piece.material === 'fruit' ? null : genus
}

/** The genus that a name names, empty where it names none. */
const named = remembered((name: string): string => {
  const words = ` ${name.toLowerCase().replace(/[^\p{L}]+/gu, ' ')} `
  const found = commonPlants.find(([word]) => words.includes(` ${word} `) || words.includes(` ${word}s `) || words.includes(` ${word}es `))
  if (found) return found[1]
  return (
    Object.values(petLists)
      .flat()
      .find((genus) => words.includes(` ${genus.toLowerCase()} `)) ?? ''
  )
})

/** What is said of a plant in a household with animals; null for what is no plant, is listed as not toxic, or where there are none. */
export type PlantConcern = 'lilies-cats' | 'listed-toxic' | 'on-no-list'

export function plantConcern(piece: Piece | undefined, { cats, dogs }: Look['household']): PlantConcern | null {
  const genus = piece && (cats || dogs) ? plantOf(piece) : null
  if (genus === null) return null
  const caution = petCaution(genus)
  if (caution === 'listed-not-toxic') return null
  if (caution === 'toxic') return 'listed-toxic'
  return caution === 'dangerous-to-cats' && cats ? 'lilies-cats' : 'on-no-list'
}

/** Whether the lists call a piece not toxic, or it is no plant. */
export function isHarmless(piece: Piece): boolean {
  const genus = plantOf(piece)
  return genus === null || petCaution(genus) === 'listed-not-toxic'
}

/** Plants of a placed piece, itself and its stems, by what the lists say for this household's animals; ids of pieces. */
export function plantsOfConcern(
  look: Pick<Look, 'pieces' | 'centerpiece' | 'household'>,
  placedId: string
): { readonly toxic: string[]; readonly lilies: string[]; readonly unknown: string[] } {
  const concern = { toxic: [] as string[], lilies: [] as string[], unknown: [] as string[] }
  const lists = { 'lilies-cats': concern.lilies, 'listed-toxic': concern.toxic, 'on-no-list': concern.unknown }
  const placed = look.centerpiece.find((one) => one.id === placedId)
  const ids = placed ? [placed.pieceId, ...(placed.arrangement?.stems ?? []).map((line) => line.stemId)] : []
  const index = pieceIndex(look)
  for (const id of ids) {
    const why = plantConcern(index.get(id), look.household)
    if (why) lists[why].push(id)
  }
  return concern
}
