import type { Offer } from '../design/piece.js'
import { isCalendarDay } from '../units/clock.js'
import { own } from '../units/own.js'
import { plainField, readCsv, writeCsv } from '../lists/csv.js'
import type { Fault, Parsed } from '../lists/fault.js'
import { listNumber } from '../lists/listCells.js'
import { wordTable } from '../units/plainWords.js'
import { guessHeaders, type ListReading } from '../lists/readList.js'

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
/** Columns a list of offers may have: our own, or the piece by its name. */
export const offerListColumns = [...offerColumns, 'piece'] as const
export type OfferColumn = (typeof offerListColumns)[number]

/** Words of lists in English, German, French, Spanish, Italian and Dutch; our own collection, from memory. */
const offerWords = wordTable<OfferColumn>({
  piece: 'piece, item, article, name, artikel, gegenstand, stück, bezeichnung, article, objet, nom, artículo, pieza, nombre, articolo, pezzo, nome, naam',
  shop: 'shop, store, seller, where, laden, geschäft, händler, wo, magasin, boutique, où, tienda, dónde, negozio, dove, winkel, waar',
  packSize: 'pack, pack size, pieces, packung, stück pro packung, lot, paquet, paquete, confezione, verpakking',
  priceCents: 'price, cost, preis, prix, precio, prezzo, prijs',
  stock: 'stock, left, vorrat, bestand, auf lager, disponible, existencias, disponibili, voorraad',
  leadDays: 'days, lead, delivery days, lieferzeit, tage, délai, jours, días, giorni, dagen, levertijd',
  listCents: 'list price, was, before, statt, listenpreis, prix barré, antes, listino, adviesprijs',
  untilDay: 'until, valid until, gültig bis, bis, jusqu au, hasta, fino al, tot',
  notedDay: 'seen, seen on, gesehen, gesehen am, vu le, visto el, visto il, gezien op',
  note: 'note, notes, remark, bemerkung, remarque, nota, opmerking'
})

/** Guesses how a list of offers is read, by its headers. */
export function guessOfferReading(header: readonly string[]): ListReading<OfferColumn> {
  return { map: guessHeaders<OfferColumn>(header, offerListColumns, offerWords), units: {} }
}

/** What an offer of a list is of: pieces by id, each with its name. */
export type NamedPieces = readonly { readonly id: string; readonly name: string }[]

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

/**
 * Reads offers, or with a `reading` somebody's own list: amounts then are whole units of the currency with their decimals, pieces may be named by their
 * names among `pieces`, and a row without an id gets one. All rows are good or none is taken; every fault names its row and column.
 */
export function readOffersCsv(text: string, reading?: ListReading<OfferColumn>, pieces: NamedPieces = []): Parsed<Offer[]> {
  const table = readCsv(text)
  if (!table.ok) return { ok: false, faults: [{ place: `row ${table.row}`, message: table.message }] }
  const columns = table.header.map((name) => (reading ? (own(reading.map, name) ?? null) : (offerColumns.find((known) => known === name) ?? null)))
  const has = (column: OfferColumn) => columns.includes(column)
  const needed = reading ? (['shop', 'priceCents'] as const) : (['id', 'pieceId', 'shop', 'packSize', 'priceCents'] as const)
  const missing: string[] = needed.filter((column) => !has(column))
  if (reading && !has('piece') && !has('pieceId')) missing.push('piece')
  const faults: Fault[] = [
    ...missing.map((column) => ({ place: 'row 1', message: `has no column ${column}` })),
    ...(reading ? [] : table.header.filter((_, i) => columns[i] === null)).map((column) => ({
      place: 'row 1',
      message: `the column ${column.slice(0, 60)} is not known here`
    }))
  ]
  const idOf = new Map(pieces.map(({ id, name }) => [name.trim().toLowerCase(), id]))
  const offers = faults.length > 0 ? [] : table.rows.map((fields, i) => offerOf(cellOf(table.header, columns, fields, i + 2, idOf), i + 2, faults))
  const ids = new Set<string>()
  offers.forEach((offer, i) => {
    if (ids.has(offer.id)) faults.push({ place: `row ${i + 2}, column id`, message: `the id ${offer.id} is used twice` })
    ids.add(offer.id)
  })
  return faults.length > 0 ? { ok: false, faults: faults.slice(0, 50) } : { ok: true, value: offers }
}

type Cell = (column: Exclude<OfferColumn, 'piece'>) => string

/** The cells of a row by their columns; those under headers of somebody's own are put as ours are. */
function cellOf(
  header: readonly string[],
  columns: readonly (OfferColumn | null)[],
  fields: readonly string[],
  row: number,
  idOf: ReadonlyMap<string, string>
): Cell {
  const raw = (column: OfferColumn) => plainField((fields[columns.indexOf(column)] ?? '').trim())
  const isOurs = (column: OfferColumn) => header[columns.indexOf(column)] === column
  return (column) => {
    const text = raw(column)
    if (column === 'id' && text === '') return `listed-${row}-${(idOf.get(raw('piece').toLowerCase()) ?? '').slice(0, 40)}`.replace(/-$/, '')
    if (column === 'pieceId') return text || (idOf.get(raw('piece').toLowerCase()) ?? raw('piece'))
    if (isOurs(column) || text === '') return text
    if (column === 'priceCents' || column === 'listCents') return numeric(text, 100)
    return column === 'packSize' || column === 'stock' || column === 'leadDays' ? numeric(text, 1) : text
  }
}

/** A number of a list as our own cells have it; what is none stays, to be told. */
function numeric(text: string, times: number): string {
  const number = listNumber(text)
  return number === undefined ? text : String(Math.round(number * times))
}

function offerOf(cell: Cell, row: number, faults: Fault[]): Offer {
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
    if (!/^[a-z0-9][a-z0-9-]{0,63}$/.test(cell(column)))
      fault(column, column === 'pieceId' ? `${cell(column).slice(0, 60)} is no piece of the cupboard` : 'must be small letters, digits and dashes, at most 64')
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
