import type { CupboardItem, PieceFacts } from '../cupboard/facts.js'
import { own } from '../units/own.js'
import { cupboardColumns, factColumns, type CupboardColumn, type FactColumn } from '../lists/cupboardColumns.js'
import { plainField, readCsv, writeCsv } from '../lists/csv.js'
import type { Fault, Parsed } from '../lists/fault.js'
import { itemOfCells } from '../lists/itemOfCells.js'
import { ownCells } from '../lists/ownCells.js'
import type { ListColumn } from '../lists/listWords.js'
import type { ListReading } from '../lists/readList.js'
import { factsFaults, pieceFaults } from './parseLook.js'

type Row = Partial<Record<CupboardColumn, string | number>>

const MOST_FAULTS = 50

/** The cupboard as CSV; reading it back gives the same pieces and facts. */
export function writeCupboardCsv(items: readonly CupboardItem[]): string {
  return writeCsv(
    cupboardColumns,
    items.map((item) => {
      const row = rowOf(item)
      return cupboardColumns.map((column) => row[column] ?? '')
    })
  )
}

function rowOf({ piece, facts }: CupboardItem): Row {
  const row: Record<string, unknown> = { ...piece, first: piece.first.join(' '), of: piece.of ?? '' }
  for (const column of ['foodSafe', 'heatSafe'] as const) if (piece[column] === 'unknown') row[column] = ''
  for (const column of ['bareBack', 'handles', 'legs'] as const) if (column in piece) row[column] = row[column] === true ? 'yes' : ''
  if ('flaws' in piece) row['flaws'] = piece.flaws.map((flaw) => `${flaw.kind} ${flaw.xMm} ${flaw.yMm}`).join('; ')
  if (piece.kind === 'tray') row['upper'] = piece.upper.map((tier) => `${tier.heightMm} ${tier.diameterMm}`).join('; ')
  if ('extent' in piece) {
    const { kind: shape, ...sizes } = piece.extent
    Object.assign(row, { shape }, sizes)
  }
  if (piece.kind === 'candle') {
    const { kind: burn, ...rates } = piece.burn
    Object.assign(row, { burn }, rates)
  }
  if (piece.kind === 'holder' && piece.chimney) Object.assign(row, { chimneyInnerMm: piece.chimney.innerMm, chimneyRimMm: piece.chimney.rimMm })
  for (const column of factColumns) row[column] = factField(facts[column])
  return row as Row
}

/** A fact as a cell; what says nothing is an empty cell. */
function factField(value: PieceFacts[FactColumn]): string | number {
  if (value === null || value === 'unknown' || value === 0 || value === false) return value === 0 ? 0 : ''
  if (Array.isArray(value)) return value.join(' ')
  return value === true ? 'yes' : (value as string | number)
}

/**
 * Reads a cupboard file, or with a `reading` somebody's own list. All rows are good or none is taken; every fault names its row and column. Without
 * a reading headers must be the columns' own names. Sizes that are missing are the usual ones, told as assumed.
 */
export function readCupboardCsv(text: string, reading?: ListReading): Parsed<CupboardItem[]> {
  const table = readCsv(text)
  if (!table.ok) return { ok: false, faults: [{ place: `row ${table.row}`, message: table.message }] }
  const columns = table.header.map((name) => (reading ? (own(reading.map, name) ?? null) : knownColumn(name)))
  const faults = headerFaults(table.header, columns, reading)
  const items: CupboardItem[] = []
  const ids = new Set<string>()
  if (faults.length === 0)
    table.rows.forEach((raw, i) => {
      const fields = raw.map((field) => plainField(field.trim()))
      const own = reading ? ownCells(table.header, fields, reading) : { cells: cellsOf(columns as CupboardColumn[], fields), faults: [] }
      faults.push(...own.faults.map((fault) => ({ place: `row ${i + 2}, column ${fault.column}`, message: fault.message })))
      const read = own.faults.length > 0 ? { faults: [] } : itemFromCells(own.cells, i + 2)
      faults.push(...read.faults)
      if (!('item' in read) || !read.item) return
      const { id } = read.item.piece
      if (ids.has(id)) faults.push({ place: `row ${i + 2}, column id`, message: `the id ${id} is used twice` })
      ids.add(id)
      items.push(read.item)
    })
  return faults.length > 0 ? { ok: false, faults: faults.slice(0, MOST_FAULTS) } : { ok: true, value: items }
}

function cellsOf(columns: readonly CupboardColumn[], fields: readonly string[]): Partial<Record<CupboardColumn, string>> {
  return Object.fromEntries(columns.map((column, i) => [column, fields[i]!]))
}

function knownColumn(name: string): CupboardColumn | null {
  return (cupboardColumns as readonly string[]).includes(name) ? (name as CupboardColumn) : null
}

/** A list of somebody's own may lack the kind, for names often say it. */
function headerFaults(header: readonly string[], columns: readonly (ListColumn | null)[], reading: ListReading | undefined): Fault[] {
  const missing = (reading ? (['name'] as const) : (['kind', 'name'] as const)).filter((column) => !columns.includes(column))
  const twice = columns.filter((column, i) => column !== null && columns.indexOf(column) < i)
  const unknown = reading ? [] : header.filter((_, i) => columns[i] === null)
  return [
    ...missing.map((column) => ({ place: 'row 1', message: `has no column ${column}` })),
    ...twice.map((column) => ({ place: 'row 1', message: `two columns stand for ${column!}` })),
    ...unknown.map((column) => ({ place: 'row 1', message: `the column ${column.slice(0, 60)} is not known here` }))
  ]
}

/** A row as a piece with its facts, checked as every other. */
function itemFromCells(given: Partial<Record<CupboardColumn, string>>, row: number): { item?: CupboardItem; faults: Fault[] } {
  const read = itemOfCells(given, row)
  if (!read.item) return read
  const found = [...pieceFaults(read.item.piece), ...factsFaults(read.item.facts)].map((fault) => ({
    place: `row ${row}, column ${columnOf(fault.place)}`,
    message: fault.message
  }))
  return found.length > 0 ? { faults: found } : read
}

function columnOf(place: string): string {
  const parts = place.split('/').filter(Boolean)
  const last = parts[parts.length - 1] ?? 'kind'
  if (parts[0] === 'extent' && last === 'kind') return 'shape'
  if (parts[0] === 'burn' && last === 'kind') return 'burn'
  if (parts[0] === 'flaws' || parts[0] === 'upper') return parts[0]
  if (parts[0] === 'chimney') return last === 'rimMm' ? 'chimneyRimMm' : 'chimneyInnerMm'
  return last
}
