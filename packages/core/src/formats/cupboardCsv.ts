import type { Piece } from '../design/piece.js'
import { plainField, readCsv, writeCsv } from './csv.js'
import type { Fault, Parsed } from './fault.js'
import { pieceFaults } from './parseLook.js'

/** Columns of the cupboard file: the common ones, and every size of every kind; a cell is empty where a kind has no such size. */
export const cupboardColumns = [
  'id',
  'kind',
  'name',
  'owned',
  'kept',
  'material',
  'color',
  'accent',
  'role',
  'form',
  'takes',
  'genus',
  'shape',
  'lengthMm',
  'widthMm',
  'sideMm',
  'diameterMm',
  'heightMm',
  'footMm',
  'bowlMm',
  'baseMm',
  'widestMm',
  'mouthMm',
  'depthMm',
  'thicknessMm',
  'headMm',
  'cupMm',
  'floorMm',
  'rimMm',
  'chimneyInnerMm',
  'chimneyRimMm',
  'burn',
  'wax',
  'gramsPerHour',
  'hours'
] as const

type Row = Partial<Record<(typeof cupboardColumns)[number], string | number>>

const MOST_FAULTS = 50

/** The cupboard as CSV; reading it back gives the same pieces. */
export function writeCupboardCsv(pieces: readonly Piece[]): string {
  return writeCsv(
    cupboardColumns,
    pieces.map((piece) => {
      const row = rowOf(piece)
      return cupboardColumns.map((column) => row[column] ?? '')
    })
  )
}

function rowOf(piece: Piece): Row {
  const row: Record<string, unknown> = { ...piece }
  if ('extent' in piece) {
    const { kind: shape, ...sizes } = piece.extent
    Object.assign(row, { shape }, sizes)
  }
  if (piece.kind === 'candle') {
    const { kind: burn, ...rates } = piece.burn
    Object.assign(row, { burn }, rates)
  }
  if (piece.kind === 'holder' && piece.chimney) Object.assign(row, { chimneyInnerMm: piece.chimney.innerMm, chimneyRimMm: piece.chimney.rimMm })
  return row as Row
}

const textColumns = new Set<string>(['id', 'kind', 'name', 'kept', 'material', 'color', 'accent', 'role', 'form', 'takes', 'genus', 'shape', 'burn', 'wax'])

/** Reads a cupboard file. All rows are good or none is taken; every fault names its row and column. */
export function readCupboardCsv(text: string): Parsed<Piece[]> {
  const table = readCsv(text)
  if (!table.ok) return { ok: false, faults: [{ place: `row ${table.row}`, message: table.message }] }
  const missing = (['id', 'kind', 'name'] as const).filter((column) => !table.header.includes(column))
  if (missing.length > 0) return { ok: false, faults: [{ place: 'row 1', message: `has no column ${missing.join(', ')}` }] }
  const faults: Fault[] = table.header
    .filter((column) => !(cupboardColumns as readonly string[]).includes(column))
    .map((column) => ({ place: 'row 1', message: `the column ${column} is not known here` }))
  const pieces: Piece[] = []
  const ids = new Set<string>()
  table.rows.forEach((fields, i) => {
    const read = pieceFromRow(table.header, fields, i + 2)
    faults.push(...read.faults)
    if (!read.piece) return
    if (ids.has(read.piece.id)) faults.push({ place: `row ${i + 2}, column id`, message: `the id ${read.piece.id} is used twice` })
    ids.add(read.piece.id)
    pieces.push(read.piece)
  })
  return faults.length > 0 ? { ok: false, faults: faults.slice(0, MOST_FAULTS) } : { ok: true, value: pieces }
}

function pieceFromRow(header: readonly string[], fields: readonly string[], row: number): { piece?: Piece; faults: Fault[] } {
  const cells: Record<string, string | number> = {}
  const faults: Fault[] = []
  header.forEach((column, i) => {
    const field = plainField(fields[i]!.trim())
    if (textColumns.has(column)) cells[column] = field
    else if (field !== '') {
      const number = Number(field)
      if (Number.isFinite(number)) cells[column] = number
      else faults.push({ place: `row ${row}, column ${column}`, message: `${field.slice(0, 40)} is not a number` })
    }
  })
  if (faults.length > 0) return { faults }
  const piece = nested(cells)
  const found = pieceFaults(piece).map((fault) => ({ place: `row ${row}, column ${columnOf(fault.place)}`, message: fault.message }))
  return found.length > 0 ? { faults: found } : { piece: piece as unknown as Piece, faults: [] }
}

const defaults = { owned: 0, kept: '', material: 'stoneware', color: '#cccccc', accent: '#999999', genus: '' }
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
  tray: ['floorMm', 'rimMm'],
  ornament: ['form', 'heightMm']
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
    Object.fromEntries(columns.filter((c) => c in given || c in defaults).map((c) => [c, given[c] ?? defaults[c as keyof typeof defaults]]))
  const piece: Record<string, unknown> = { kind, ...pick(['id', 'name', 'color', 'accent', 'material', 'owned', 'kept']), ...pick(ownColumns[kind] ?? []) }
  if (['cloth', 'mat', 'riser', 'tray', 'ornament'].includes(kind)) {
    const shape = String(given['shape'] ?? '')
    piece['extent'] = { kind: shape, ...pick(extentColumns[shape] ?? []) }
  }
  if (kind === 'candle')
    piece['burn'] = given['burn'] === 'flameless' ? { kind: 'flameless', ...pick(['hours']) } : { kind: given['burn'], ...pick(['wax', 'gramsPerHour']) }
  if (kind === 'holder')
    piece['chimney'] =
      'chimneyInnerMm' in given ? { innerMm: given['chimneyInnerMm'], ...('chimneyRimMm' in given ? { rimMm: given['chimneyRimMm'] } : {}) } : null
  return piece
}

function columnOf(place: string): string {
  const parts = place.split('/').filter(Boolean)
  const last = parts[parts.length - 1] ?? 'kind'
  if (parts[0] === 'extent' && last === 'kind') return 'shape'
  if (parts[0] === 'burn' && last === 'kind') return 'burn'
  if (parts[0] === 'chimney') return last === 'rimMm' ? 'chimneyRimMm' : 'chimneyInnerMm'
  return last
}
