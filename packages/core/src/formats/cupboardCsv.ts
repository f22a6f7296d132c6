import { noFacts, type CupboardItem, type PieceFacts } from '../cupboard/facts.js'
import { withUsualSizes } from '../cupboard/usualSizes.js'
import { parseLength } from '../units/length.js'
import { own } from '../units/own.js'
import { slug } from '../units/slug.js'
import { guessColumns, type ColumnMap } from './columnMap.js'
import { cupboardColumns, factColumns, type CupboardColumn, type FactColumn } from './cupboardColumns.js'
import { plainField, readCsv, writeCsv } from './csv.js'
import type { Fault, Parsed } from './fault.js'
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

const textColumns = new Set<string>([
  'id',
  'kind',
  'name',
  'kept',
  'material',
  'color',
  'accent',
  'role',
  'form',
  'takes',
  'genus',
  'shape',
  'burn',
  'wax',
  'first',
  'of',
  'use',
  'pattern',
  'foodSafe',
  'heatSafe',
  'bareBack',
  'handles',
  'legs',
  'upper',
  'flaws',
  'tool'
])
const numberFacts = new Set<string>(['paidCents', 'listCents', 'setCount'])

/**
 * Reads a cupboard file. `map` names the column each header stands for, or null to leave it out; without it headers must be the columns' own
 * names. All rows are good or none is taken; every fault names its row and column. Sizes that are missing are the usual ones, told as assumed.
 */
export function readCupboardCsv(text: string, map?: ColumnMap): Parsed<CupboardItem[]> {
  const table = readCsv(text)
  if (!table.ok) return { ok: false, faults: [{ place: `row ${table.row}`, message: table.message }] }
  const columns = table.header.map((name) => (map ? (own(map, name) ?? null) : knownColumn(name)))
  const faults = headerFaults(table.header, columns, map)
  const items: CupboardItem[] = []
  const ids = new Set<string>()
  if (faults.length === 0)
    table.rows.forEach((fields, i) => {
      const read = itemFromRow(columns, fields, i + 2)
      faults.push(...read.faults)
      if (!read.item) return
      const { id } = read.item.piece
      if (ids.has(id)) faults.push({ place: `row ${i + 2}, column id`, message: `the id ${id} is used twice` })
      ids.add(id)
      items.push(read.item)
    })
  return faults.length > 0 ? { ok: false, faults: faults.slice(0, MOST_FAULTS) } : { ok: true, value: items }
}

function knownColumn(name: string): CupboardColumn | null {
  return (cupboardColumns as readonly string[]).includes(name) ? (name as CupboardColumn) : null
}

function headerFaults(header: readonly string[], columns: readonly (CupboardColumn | null)[], map: ColumnMap | undefined): Fault[] {
  const missing = (['kind', 'name'] as const).filter((column) => !columns.includes(column))
  const twice = columns.filter((column, i) => column !== null && columns.indexOf(column) < i)
  const unknown = map ? [] : header.filter((_, i) => columns[i] === null)
  return [
    ...missing.map((column) => ({ place: 'row 1', message: `has no column ${column}` })),
    ...twice.map((column) => ({ place: 'row 1', message: `two columns stand for ${column!}` })),
    ...unknown.map((column) => ({ place: 'row 1', message: `the column ${column.slice(0, 60)} is not known here` }))
  ]
}

/** What is in a file before it is imported: its header, the guessed meaning of each column and the first rows. */
export function previewCupboardCsv(text: string): Parsed<{ header: readonly string[]; map: ColumnMap; rows: readonly (readonly string[])[]; count: number }> {
  const table = readCsv(text)
  if (!table.ok) return { ok: false, faults: [{ place: `row ${table.row}`, message: table.message }] }
  return { ok: true, value: { header: table.header, map: guessColumns(table.header), rows: table.rows.slice(0, 6), count: table.rows.length } }
}

function itemFromRow(columns: readonly (CupboardColumn | null)[], fields: readonly string[], row: number): { item?: CupboardItem; faults: Fault[] } {
  const cells: Record<string, string | number> = {}
  const facts: Record<string, unknown> = {}
  const faults: Fault[] = []
  columns.forEach((column, i) => {
    const field = plainField(fields[i]!.trim())
    if (column === null || (field === '' && !textColumns.has(column))) return
    const value = cellValue(column, field)
    if (value === undefined) faults.push({ place: `row ${row}, column ${column}`, message: `${field.slice(0, 40)} is not a number` })
    else if ((factColumns as readonly string[]).includes(column)) facts[column] = factValue(column as FactColumn, value)
    else cells[column] = value
  })
  if (faults.length > 0) return { faults }
  if (!cells['id']) cells['id'] = `${slug(String(cells['name'] ?? '')) || 'piece'}-${row}`
  const { piece, assumed } = withUsualSizes(nested(cells))
  const item = { piece, facts: { ...noFacts, ...facts, assumed: [...new Set([...((facts['assumed'] as string[] | undefined) ?? []), ...assumed])] } }
  const found = [...pieceFaults(piece), ...factsFaults(item.facts)].map((fault) => ({
    place: `row ${row}, column ${columnOf(fault.place)}`,
    message: fault.message
  }))
  return found.length > 0 ? { faults: found } : { item: item as unknown as CupboardItem, faults: [] }
}

/** A cell as its column wants it; lengths may be written with a unit, as `10 1/2 in`. Undefined when it is no number. */
function cellValue(column: CupboardColumn, field: string): string | number | undefined {
  if (column === 'kind') return field.toLowerCase()
  if (column === 'color' || column === 'accent') return field.toLowerCase()
  if (textColumns.has(column) || ((factColumns as readonly string[]).includes(column) && !numberFacts.has(column))) return field
  const number = Number(field)
  if (Number.isFinite(number)) return number
  return column.endsWith('Mm') && /(in|cm|mm|["”])\s*$/.test(field) ? parseLength(field, 'in') : undefined
}

function factValue(column: FactColumn, value: string | number): unknown {
  if (column === 'seasons' || column === 'assumed') return String(value).split(/\s+/).filter(Boolean)
  if (column === 'doNotRemove') return value === 'yes' ? true : value === 'no' ? false : value
  return column === 'photoId' && value === '' ? null : value
}

const defaults = {
  pattern: '',
  foodSafe: 'unknown',
  heatSafe: 'unknown',
  owned: 0,
  kept: '',
  material: 'stoneware',
  color: '#cccccc',
  accent: '#999999',
  genus: ''
}
const ownColumns: Record<string, readonly string[]> = {
  plate: ['role', 'diameterMm', 'heightMm'],
  glass: ['role', 'footMm', 'bowlMm', 'heightMm'],
  flatware: ['role', 'lengthMm', 'widthMm'],
  napkin: ['sideMm'],
  cloth: [],
  runner: ['lengthMm', 'widthMm'],
  mat: [],
  vessel: ['form', 'baseMm', 'widestMm', 'mouthMm', 'heightMm', 'depthMm'],
  stem: ['role', 'form', 'genus', 'thicknessMm', 'headMm', 'lengthMm'],
  candle: ['form', 'diameterMm', 'heightMm'],
  holder: ['takes', 'cupMm', 'baseMm', 'heightMm'],
  riser: ['heightMm'],
  tray: ['form', 'floorMm', 'rimMm', 'wallMm'],
  ornament: ['form', 'heightMm'],
  tool: ['tool', 'lengthMm'],
  supply: ['use', 'lowMark']
}
const extentColumns: Record<string, readonly string[]> = {
  rectangle: ['lengthMm', 'widthMm'],
  square: ['sideMm'],
  round: ['diameterMm'],
  oval: ['lengthMm', 'widthMm']
}

/** A flat row as the nested piece of its kind; cells of other kinds are passed over. */
function nested(cells: Record<string, string | number>): Record<string, unknown> {
  const given = Object.fromEntries(Object.entries(cells).filter(([, value]) => value !== ''))
  const kind = String(cells['kind'] ?? '')
  const pick = (columns: readonly string[]) =>
    Object.fromEntries(columns.filter((c) => own(given, c) !== undefined || c in defaults).map((c) => [c, given[c] ?? defaults[c as keyof typeof defaults]]))
  const first = String(given['first'] ?? '')
    .split(/\s+/)
    .filter(Boolean)
  const common = {
    ...pick(['id', 'name', 'color', 'accent', 'material', 'owned', 'kept', 'pattern', 'foodSafe', 'heatSafe']),
    first,
    of: given['of'] ?? null,
    bareBack: given['bareBack'] === 'yes'
  }
  const piece: Record<string, unknown> = { kind, ...common, ...pick(own(ownColumns, kind) ?? []) }
  if (['cloth', 'mat', 'riser', 'tray', 'ornament'].includes(kind) && 'shape' in given) {
    const shape = String(given['shape'] ?? '')
    piece['extent'] = { kind: shape, ...pick(own(extentColumns, shape) ?? []) }
  }
  if (kind === 'tray') Object.assign(piece, { handles: given['handles'] === 'yes', upper: tiersOf(String(given['upper'] ?? '')) })
  if (kind === 'riser') piece['legs'] = given['legs'] === 'yes'
  if (kind === 'tray' || kind === 'riser') piece['loadG'] = given['loadG'] ?? null
  if (kind === 'ornament') piece['cordMm'] = given['cordMm'] ?? null
  if (kind === 'cloth' || kind === 'runner') piece['flaws'] = flawsOf(String(given['flaws'] ?? ''))
  if (kind === 'candle' && 'burn' in given)
    piece['burn'] = given['burn'] === 'flameless' ? { kind: 'flameless', ...pick(['hours']) } : { kind: given['burn'], ...pick(['wax', 'gramsPerHour']) }
  if (kind === 'holder' && ('chimneyInnerMm' in given || 'cupMm' in given))
    piece['chimney'] =
      'chimneyInnerMm' in given ? { innerMm: given['chimneyInnerMm'], ...('chimneyRimMm' in given ? { rimMm: given['chimneyRimMm'] } : {}) } : null
  return piece
}

/** `hole 120 -40; slit 0 10`: the kind and its place from the middle, millimeters. */
function flawsOf(text: string): { kind: string; xMm: number; yMm: number }[] {
  return groupsOf(text).map(([kind, x, y]) => ({ kind: kind!, xMm: Number(x), yMm: Number(y) }))
}

/** `130 160; 260 120`: the height of each upper level and its diameter, millimeters. */
function tiersOf(text: string): { heightMm: number; diameterMm: number }[] {
  return groupsOf(text).map(([height, diameter]) => ({ heightMm: Number(height), diameterMm: Number(diameter) }))
}

function groupsOf(text: string): string[][] {
  return text
    .split(';')
    .map((part) => part.trim().split(/\s+/))
    .filter(([first]) => first !== '')
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
