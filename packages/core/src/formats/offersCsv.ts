import type { Offer } from '../design/piece.js'
import { isCalendarDay } from '../units/clock.js'
import { plainField, readCsv, writeCsv } from './csv.js'
import type { Fault, Parsed } from './fault.js'

export const offerColumns = [
  'id',
  'pieceId',
  'shop',
  'packSize',
  'priceCents',
  'stock',
  'leadDays',
  'listCents',
  'untilDay',
  'notedDay',
  'note',
  'photoId'
] as const
type OfferColumn = (typeof offerColumns)[number]

/** Offers as CSV; reading it back gives the same offers. */
export function writeOffersCsv(offers: readonly Offer[]): string {
  return writeCsv(
    offerColumns,
    offers.map((o) => [
      o.id,
      o.pieceId,
      o.shop,
      o.packSize,
      o.priceCents ?? '',
      o.stock,
      o.leadDays,
      o.listCents ?? '',
      o.untilDay ?? '',
      o.noted?.day ?? '',
      o.noted?.note ?? '',
      o.noted?.photoId ?? ''
    ])
  )
}

const wholeLimits = { packSize: [1, 10_000], priceCents: [0, 100_000_000], stock: [0, 100_000], leadDays: [0, 400], listCents: [0, 100_000_000] } as const

/** Reads offers. All rows are good or none is taken; every fault names its row and column. */
export function readOffersCsv(text: string): Parsed<Offer[]> {
  const table = readCsv(text)
  if (!table.ok) return { ok: false, faults: [{ place: `row ${table.row}`, message: table.message }] }
  const needed = ['id', 'pieceId', 'shop', 'packSize', 'priceCents'] as const
  const missing = needed.filter((column) => !table.header.includes(column))
  const unknown = table.header.filter((column) => !(offerColumns as readonly string[]).includes(column))
  const faults: Fault[] = [
    ...missing.map((column) => ({ place: 'row 1', message: `has no column ${column}` })),
    ...unknown.map((column) => ({ place: 'row 1', message: `the column ${column.slice(0, 60)} is not known here` }))
  ]
  const offers = faults.length > 0 ? [] : table.rows.map((fields, i) => offerOf(table.header, fields, i + 2, faults))
  const ids = new Set<string>()
  offers.forEach((offer, i) => {
    if (ids.has(offer.id)) faults.push({ place: `row ${i + 2}, column id`, message: `the id ${offer.id} is used twice` })
    ids.add(offer.id)
  })
  return faults.length > 0 ? { ok: false, faults: faults.slice(0, 50) } : { ok: true, value: offers }
}

function offerOf(header: readonly string[], fields: readonly string[], row: number, faults: Fault[]): Offer {
  const cell = (column: OfferColumn) => plainField((fields[header.indexOf(column)] ?? '').trim())
  const fault = (column: OfferColumn, message: string) => void faults.push({ place: `row ${row}, column ${column}`, message })
  const whole = (column: keyof typeof wholeLimits, otherwise: number | null) => {
    const field = cell(column)
    if (field === '') return otherwise
    const [low, high] = wholeLimits[column]
    const value = Number(field)
    if (!Number.isInteger(value) || value < low || value > high) fault(column, `${field.slice(0, 40)} is not a whole number from ${low} to ${high}`)
    return value
  }
  const id = (column: 'id' | 'pieceId') => {
    if (!/^[a-z0-9][a-z0-9-]{0,63}$/.test(cell(column))) fault(column, 'must be small letters, digits and dashes, at most 64')
    return cell(column)
  }
  const day = (column: 'untilDay' | 'notedDay') => {
    if (cell(column) !== '' && !isCalendarDay(cell(column))) fault(column, `${cell(column).slice(0, 40)} is no day as 2027-02-06`)
    return cell(column)
  }
  if (cell('shop') === '' || cell('shop').length > 200) fault('shop', 'must be 1 to 200 characters')
  if (cell('note').length > 1000) fault('note', 'is longer than 1000 characters')
  const notedDay = day('notedDay')
  if (!/^([a-z0-9][a-z0-9-]{0,63})?$/.test(cell('photoId'))) fault('photoId', 'is no id of a photo')
  return {
    id: id('id'),
    pieceId: id('pieceId'),
    shop: cell('shop'),
    packSize: whole('packSize', 1)!,
    priceCents: whole('priceCents', null),
    stock: whole('stock', 1)!,
    leadDays: whole('leadDays', 0)!,
    listCents: whole('listCents', null),
    untilDay: day('untilDay') || null,
    noted: notedDay === '' ? null : { day: notedDay, note: cell('note'), photoId: cell('photoId') || null }
  }
}
