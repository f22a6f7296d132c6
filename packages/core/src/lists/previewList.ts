import { readCsv } from './csv.js'
import type { Parsed } from './fault.js'
import type { ListReading } from './readList.js'

/** What is in a list before it is taken in: its header, how it would be read and how many rows it has. */
export interface ListPreview<Column extends string> {
  readonly header: readonly string[]
  readonly reading: ListReading<Column>
  readonly count: number
}

/** Looks into a list; read as it is told, else as is guessed from its header and rows. */
export function previewList<Column extends string>(
  text: string,
  reading: ListReading<Column> | undefined,
  guess: (header: readonly string[], rows: readonly (readonly string[])[]) => ListReading<Column>
): Parsed<ListPreview<Column>> {
  const table = readCsv(text)
  if (!table.ok) return { ok: false, faults: [{ place: `row ${table.row}`, message: table.message }] }
  return { ok: true, value: { header: table.header, reading: reading ?? guess(table.header, table.rows), count: table.rows.length } }
}
