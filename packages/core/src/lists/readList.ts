import { cupboardColumns } from './cupboardColumns.js'
import { plainWords } from '../units/plainWords.js'
import { headerWords, kindWords, type ListColumn } from './listWords.js'
import { colorFromWords } from '../color/colorFromWords.js'

/** Columns a list may have: the cupboard's own, or all sizes in one. */
export const listColumns = [...cupboardColumns, 'size'] as const satisfies readonly ListColumn[]

export const listUnits = ['mm', 'cm', 'in'] as const
export type ListUnit = (typeof listUnits)[number]

/** How a list is read: for each header the column it stands for or null when it is left out, and the unit of bare numbers in its lengths. */
export interface ListReading<Column extends string = ListColumn> {
  readonly map: Readonly<Record<string, Column | null>>
  readonly units: Readonly<Record<string, ListUnit>>
}

/** Guesses what the headers of somebody's own list stand for, by their words in several languages, then by what is in the columns. Each column is taken once. */
export function guessReading(header: readonly string[], rows: readonly (readonly string[])[]): ListReading {
  const map = guessHeaders<ListColumn>(header, listColumns, headerWords)
  const open = () => header.map((name, at) => ({ name, cells: cellsOf(rows, at) })).filter(({ name, cells }) => map[name] === null && cells.length > 0)
  const taken = (column: ListColumn) => Object.values(map).includes(column)
  const give = (column: ListColumn, found: { name: string } | undefined) => {
    if (found && !taken(column)) map[found.name] = column
  }
  const most = (cells: readonly string[], is: (cell: string) => boolean) => cells.filter(is).length >= 0.6 * cells.length
  give(
    'color',
    open().find(({ cells }) => most(cells, (cell) => colorFromWords(cell) !== undefined && !/^\d+$/.test(cell)))
  )
  give(
    'kind',
    open().find(({ cells }) => most(cells, (cell) => kindWords.has(plainWords(cell))))
  )
  give(
    'size',
    open().find(({ cells }) => most(cells, (cell) => /\d\s*(x|×|\*)\s*\d|\d\s*(cm|mm|in|")\s*$/i.test(cell)))
  )
  const numbers = open().filter(({ cells }) => most(cells, (cell) => /^\d{1,3}\s*(x|stk\.?|pcs\.?)?$/i.test(cell)))
  if (numbers.length === 1) give('owned', numbers[0])
  give('name', [...open().filter(({ cells }) => most(cells, (cell) => /[a-zà-ÿ]{3}/i.test(cell)))].sort((a, b) => longest(b.cells) - longest(a.cells))[0])
  return { map, units: Object.fromEntries(header.map((name, at) => [name, guessUnit(name, map[name] ?? null, cellsOf(rows, at))])) }
}

/** The columns that headers stand for by their own words. Each column is taken once. */
export function guessHeaders<Column extends string>(
  header: readonly string[],
  columns: readonly Column[],
  words: ReadonlyMap<string, Column>
): Record<string, Column | null> {
  const taken = new Set<Column>()
  const guess = (name: string): Column | null => {
    const [plain, whole] = [plainWords(name.replace(/\(.*?\)|\b(in )?(cm|mm|inch(es)?|zoll)\b/gi, '')), plainWords(name)]
    const joined = plain.replace(/ /g, '')
    const found =
      columns.find((known) => known.toLowerCase() === joined || known.toLowerCase() === `${joined}mm` || known.toLowerCase() === whole.replace(/ /g, '')) ??
      words.get(plain) ??
      (name.includes('Ø') || name.includes('⌀') ? words.get('dia') : undefined)
    if (!found || taken.has(found)) return null
    taken.add(found)
    return found
  }
  return Object.fromEntries(header.map((name) => [name, guess(name)]))
}

const cellsOf = (rows: readonly (readonly string[])[], at: number) =>
  rows
    .slice(0, 200)
    .map((row) => (row[at] ?? '').trim())
    .filter(Boolean)
const longest = (cells: readonly string[]) => cells.reduce((sum, cell) => sum + cell.length, 0) / cells.length

/** What the header says; else our own columns are millimeters; else by how large the numbers are: most things of a table are 10 to 60 cm. */
function guessUnit(name: string, column: ListColumn | null, cells: readonly string[]): ListUnit {
  const said = /\b(mm|cm|in|inch|inches|zoll|pouces|pulgadas|pollici)\b/i.exec(name)?.[1]?.toLowerCase()
  if (said) return said === 'mm' || said === 'cm' ? said : 'in'
  if (column !== null && column === name) return 'mm'
  const numbers = cells.flatMap((cell) => (cell.match(/\d+(?:[.,]\d+)?/g) ?? []).map((text) => Number(text.replace(',', '.')))).sort((a, b) => a - b)
  const middle = numbers[Math.floor(numbers.length / 2)] ?? 0
  if (middle >= 100) return 'mm'
  return cells.some((cell) => /\d\s*\/\s*\d|[¼½¾]|["”]/.test(cell)) ? 'in' : 'cm'
}
