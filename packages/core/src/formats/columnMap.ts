import { own } from '../units/own.js'
import { cupboardColumns, type CupboardColumn } from './cupboardColumns.js'

/** For each header of a file the column it stands for, or null when it is left out. */
export type ColumnMap = Readonly<Record<string, CupboardColumn | null>>

/** Other words people head their lists with; our own collection. */
const otherWords: Readonly<Record<string, CupboardColumn>> = {
  item: 'name',
  piece: 'name',
  title: 'name',
  description: 'name',
  type: 'kind',
  category: 'kind',
  quantity: 'owned',
  qty: 'owned',
  count: 'owned',
  number: 'owned',
  location: 'kept',
  place: 'kept',
  stored: 'kept',
  where: 'kept',
  bin: 'kept',
  colour: 'color',
  diameter: 'diameterMm',
  length: 'lengthMm',
  width: 'widthMm',
  height: 'heightMm',
  side: 'sideMm',
  mouth: 'mouthMm',
  depth: 'depthMm',
  made: 'material',
  fabric: 'material',
  season: 'seasons',
  set: 'setName',
  note: 'notes',
  comments: 'notes',
  year: 'acquired',
  bought: 'acquired',
  source: 'provenance',
  condition: 'first'
}

/** Guesses what the headers of somebody's own list stand for; each column is taken once. */
export function guessColumns(header: readonly string[]): ColumnMap {
  const taken = new Set<CupboardColumn>()
  const guess = (name: string): CupboardColumn | null => {
    const plain = name
      .toLowerCase()
      .replace(/\(.*?\)/g, '')
      .replace(/[^a-z0-9]/g, '')
    const column = cupboardColumns.find((known) => known.toLowerCase() === plain) ?? cupboardColumns.find((known) => known.toLowerCase() === `${plain}mm`)
    const found = column ?? own(otherWords, plain) ?? null
    if (!found || taken.has(found)) return null
    taken.add(found)
    return found
  }
  return Object.fromEntries(header.map((name) => [name, guess(name)]))
}
