import { colorFromWords } from '../color/colorFromWords.js'
import { materials, pieceKinds, type PieceKind } from '../design/piece.js'
import { own } from '../units/own.js'
import type { CupboardColumn } from './cupboardColumns.js'
import { kindFromWords } from './kindFromWords.js'
import { listLengthMm, listNumber, listSizesMm, sizesOfKind } from './listCells.js'
import { materialWords, seasonWords, yesWords, type ListColumn } from './listWords.js'
import { plainWords } from '../units/plainWords.js'
import { listColumns, type ListReading } from './readList.js'

type Cells = Partial<Record<CupboardColumn, string>>
export interface CellFault {
  readonly column: ListColumn
  readonly message: string
}

/** A row of somebody's own list as the cells of a cupboard file: kinds, colors, materials, sizes and sums from their words; what cannot be read is named. */
export function ownCells(header: readonly string[], fields: readonly string[], reading: ListReading): { cells: Cells; faults: CellFault[] } {
  const given: Partial<Record<ListColumn, { text: string; header: string }>> = {}
  header.forEach((name, i) => {
    const column = own(reading.map, name) ?? null
    if (column !== null) given[column] = { text: fields[i]!.trim(), header: name }
  })
  const cells: Cells = {}
  const faults: CellFault[] = []
  const kind = kindOf(given, cells)
  for (const column of listColumns) {
    const cell = given[column]
    if (column === 'kind' || column === 'size' || !cell || cell.text === '') continue
    const value = cell.header === column ? cell.text : ownValue(column, cell.text, own(reading.units, cell.header) ?? 'mm')
    if (value === undefined) faults.push({ column, message: `${cell.text.slice(0, 40)} cannot be read here` })
    else cells[column] = value
  }
  const size = given.size
  if (size && size.text !== '' && kind) {
    const sizes = listSizesMm(size.text, own(reading.units, size.header) ?? 'mm')
    if (!sizes) faults.push({ column: 'size', message: `${size.text.slice(0, 40)} is no size such as 30 x 45 cm` })
    else for (const [column, value] of Object.entries(sizesOfKind[kind](sizes, isRound(given, cells)))) cells[column as CupboardColumn] ??= String(value)
  }
  if (!('shape' in cells) && kind && ['cloth', 'mat', 'riser', 'tray', 'ornament'].includes(kind)) shapeBySizes(cells)
  return { cells, faults }
}

/** The kind by its column, else by the name; what the words say of role or form is written beside it. */
function kindOf(given: Partial<Record<ListColumn, { text: string }>>, cells: Cells): PieceKind | undefined {
  const [said, name] = [given.kind?.text ?? '', given.name?.text ?? '']
  const plain = said.toLowerCase()
  const byKind = (pieceKinds as readonly string[]).includes(plain) ? { kind: plain as PieceKind, is: {} } : kindFromWords(said)
  const byName = kindFromWords(name)
  const found = byKind ?? (said === '' ? byName : undefined)
  cells.kind = found?.kind ?? said
  const more = byKind && byName?.kind === byKind.kind ? { ...byKind.is, ...byName.is } : (found?.is ?? {})
  Object.assign(cells, more)
  return found?.kind
}

const isRound = (given: Partial<Record<ListColumn, { text: string }>>, cells: Cells) =>
  /[Ø⌀]/.test(given.size?.text ?? '') || /\b(round|rund|runder?s?|ronde?|redond[oa]|rotond[oa]|rond)\b/i.test(given.name?.text ?? '') || cells.kind === 'riser'

/** Flat things whose sizes came in columns of their own are round by a diameter, square by a side, else a rectangle. */
function shapeBySizes(cells: Cells): void {
  if ('diameterMm' in cells) cells.shape = 'round'
  else if ('sideMm' in cells) cells.shape = 'square'
  else if ('lengthMm' in cells && 'widthMm' in cells) cells.shape = 'rectangle'
}

function ownValue(column: ListColumn, text: string, unit: 'mm' | 'cm' | 'in'): string | undefined {
  const plain = plainWords(text)
  if (column === 'color' || column === 'accent') return colorFromWords(text)
  if (column === 'material') return (materials as readonly string[]).includes(plain) ? plain : materialOf(plain)
  if (column === 'seasons') {
    const words = plain.split(' ').map((word) => seasonWords.get(word))
    return words.every((word) => word !== undefined) ? words.join(' ') : ''
  }
  if (column === 'paidCents' || column === 'listCents') return cents(listNumber(text))
  if (column === 'owned' || column === 'setCount') return whole(listNumber(text))
  if (['handles', 'legs', 'bareBack', 'doNotRemove'].includes(column)) return yesWords.has(plain) ? 'yes' : 'no'
  if (column.endsWith('Mm')) {
    const mm = listLengthMm(text, unit)
    return mm === undefined ? undefined : String(Math.round(mm * 10) / 10)
  }
  return text
}

const cents = (amount: number | undefined) => (amount === undefined ? undefined : String(Math.round(amount * 100)))
const whole = (count: number | undefined) => (count === undefined || !Number.isInteger(count) ? undefined : String(count))

/** The last word of a material that is known: `weisses Porzellan`, `olive wood`. */
function materialOf(plain: string): string | undefined {
  const words = plain.split(' ')
  return materialWords.get(plain) ?? [...words].reverse().flatMap((word) => materialWords.get(word) ?? [])[0]
}
