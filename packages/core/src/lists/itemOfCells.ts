import { noFacts, type CupboardItem } from '../cupboard/facts.js'
import { withUsualSizes } from '../cupboard/usualSizes.js'
import { parseLength } from '../units/length.js'
import { own } from '../units/own.js'
import { slug } from '../units/slug.js'
import { factColumns, type CupboardColumn, type FactColumn } from './cupboardColumns.js'
import type { Fault } from './fault.js'

/** Columns of numbers beside the lengths, whose names end in Mm. */
const counts: ReadonlySet<string> = new Set<CupboardColumn>(['owned', 'loadG', 'gramsPerHour', 'hours', 'lowMark', 'paidCents', 'listCents', 'setCount'])
const isNumber = (column: CupboardColumn) => counts.has(column) || column.endsWith('Mm')
const isFact = (column: CupboardColumn): column is FactColumn => (factColumns as readonly string[]).includes(column)

/** The cells of a row, by columns of the cupboard file, as a piece with its facts; numbers that are none are told. Whether it is sound is for the schema. */
export function itemOfCells(given: Partial<Record<CupboardColumn, string>>, row: number): { item?: CupboardItem; faults: Fault[] } {
  const cells: Record<string, string | number> = {}
  const facts: Record<string, unknown> = {}
  const faults: Fault[] = []
  for (const [name, field] of Object.entries(given)) {
    const column = name as CupboardColumn
    if (field === '' && (isNumber(column) || isFact(column))) continue
    const value = cellValue(column, field)
    if (value === undefined) faults.push({ place: `row ${row}, column ${column}`, message: `${field.slice(0, 40)} is not a number` })
    else if (isFact(column)) facts[column] = factValue(column, value)
    else cells[column] = value
  }
  if (faults.length > 0) return { faults }
  if (!cells['id']) cells['id'] = `${slug(String(cells['name'] ?? '')) || 'piece'}-${row}`
  const { piece, assumed } = withUsualSizes(nested(cells))
  const item = { piece, facts: { ...noFacts, ...facts, assumed: [...new Set([...((facts['assumed'] as string[] | undefined) ?? []), ...assumed])] } }
  return { item: item as unknown as CupboardItem, faults: [] }
}

/** A cell as its column wants it; lengths may be written with a unit, as `10 1/2 in`. Undefined when it is no number. */
function cellValue(column: CupboardColumn, field: string): string | number | undefined {
  if (!isNumber(column)) return ['kind', 'color', 'accent'].includes(column) ? field.toLowerCase() : field
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
  if (kind === 'vessel') piece['lengthMm'] = given['lengthMm'] ?? null
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
