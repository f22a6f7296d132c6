import { extentSize, type Piece, type PieceKind } from '../design/piece.js'
import { parseLength, type LengthUnit } from '../units/length.js'
import { colorWords } from '../color/colorWords.js'
import type { CupboardItem, Season } from './facts.js'

/** What a search is narrowed to; an empty list or null narrows nothing. */
export interface Facets {
  readonly kinds: readonly PieceKind[]
  readonly materials: readonly string[]
  readonly seasons: readonly Season[]
  readonly rooms: readonly string[]
  /** Of the largest measure. */
  readonly fromMm: number | null
  readonly toMm: number | null
  /** ISO day for the state `unused-since`. */
  readonly sinceDay: string
  readonly state: 'all' | 'owned' | 'low' | 'never-used' | 'unused-since' | 'care' | 'borrowed' | 'incomplete'
}

export const noFacets: Facets = { kinds: [], materials: [], seasons: [], rooms: [], fromMm: null, toMm: null, sinceDay: '', state: 'all' }

/** An index over a cupboard. `find` answers positions in the list it was made of, in its order. */
export interface CupboardSearch {
  find(query: string, facets: Facets, unit: LengthUnit): number[]
}

interface Entry {
  readonly item: CupboardItem
  readonly text: string
  readonly largestMm: number
  readonly room: string
}

/** Largest measure of a piece in millimeters; 0 for a supply. */
export function largestMm(piece: Piece): number {
  const sizes = 'extent' in piece ? Object.values(extentSize(piece.extent)) : []
  const own = (['diameterMm', 'lengthMm', 'widthMm', 'sideMm', 'heightMm', 'widestMm', 'baseMm'] as const).map((name) =>
    name in piece ? ((piece as unknown as Record<string, number | null>)[name] ?? 0) : 0
  )
  return Math.max(0, ...sizes, ...own)
}

/** Makes an index: one lower-case text a piece, so that a search is one pass of plain substring tests. */
export function createCupboardSearch(items: readonly CupboardItem[], kindWords: Readonly<Record<string, string>> = {}): CupboardSearch {
  const entries = items.map((item): Entry => {
    const { piece, facts } = item
    const parts = [piece.name, piece.kind, kindWords[piece.kind] ?? '', 'role' in piece ? piece.role : '', 'form' in piece ? piece.form : '']
    const colors = [...colorWords(piece.color), ...colorWords(piece.accent)]
    const more = [
      piece.material,
      piece.kept,
      facts.finish,
      piece.pattern,
      facts.motif,
      facts.setName,
      facts.notes,
      facts.buyHint,
      facts.provenance,
      ...facts.seasons
    ]
    return {
      item,
      text: ` ${[...parts, ...colors, ...more].join(' ').toLowerCase().replace(/-/g, ' ')}`,
      largestMm: largestMm(piece),
      room: piece.kept.split(',')[0]!.trim()
    }
  })
  return {
    find(query, facets, unit) {
      const { words, fromMm, toMm } = readQuery(query, unit)
      const low = Math.max(fromMm, facets.fromMm ?? 0)
      const high = Math.min(toMm, facets.toMm ?? Infinity)
      const found: number[] = []
      entries.forEach((entry, i) => {
        if (entry.largestMm < low || entry.largestMm > high) return
        for (const word of words) if (!entry.text.includes(word)) return
        if (matches(entry, facets)) found.push(i)
      })
      return found
    }
  }
}

function matches({ item, room }: Entry, facets: Facets): boolean {
  const { piece, facts } = item
  if (facets.kinds.length > 0 && !facets.kinds.includes(piece.kind)) return false
  if (facets.materials.length > 0 && !facets.materials.includes(piece.material)) return false
  if (facets.rooms.length > 0 && !facets.rooms.includes(room)) return false
  if (facets.seasons.length > 0 && facts.seasons.length > 0 && !facts.seasons.some((season) => facets.seasons.includes(season))) return false
  switch (facets.state) {
    case 'all':
      return true
    case 'owned':
      return piece.owned > 0
    case 'low':
      return isLow(piece)
    case 'never-used':
      return piece.owned > 0 && facts.lastUsed === ''
    case 'unused-since':
      return piece.owned > 0 && facts.lastUsed < facets.sinceDay
    case 'care':
      return piece.first.length > 0
    case 'borrowed':
      return facts.borrowedFrom !== ''
    case 'incomplete':
      return facts.setCount > piece.owned
  }
}

/** A consumable of which fewer are left than its low mark. */
export function isLow(piece: Piece): boolean {
  return piece.kind === 'supply' && piece.owned < piece.lowMark
}

/** Words, and a size range where a word is one: `8-12in`, `>30cm`, `<10 in` written without a space. */
function readQuery(query: string, unit: LengthUnit): { words: string[]; fromMm: number; toMm: number } {
  let fromMm = 0
  let toMm = Infinity
  const words = query
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => {
      if (word === '') return false
      const over = /^>(.+)$/.exec(word)
      const under = /^<(.+)$/.exec(word)
      const range = /^(\d[\d./]*)-(\d[\d./]*)(in|cm|mm|"|)$/.exec(word)
      const low = over ? parseLength(over[1]!, unit) : range ? parseLength(range[1]! + range[3]!, unit) : undefined
      const high = under ? parseLength(under[1]!, unit) : range ? parseLength(range[2]! + range[3]!, unit) : undefined
      if (low !== undefined) fromMm = low
      if (high !== undefined) toMm = high
      return low === undefined && high === undefined
    })
    .flatMap((word) => word.split('-').filter(Boolean))
  return { words, fromMm, toMm }
}
