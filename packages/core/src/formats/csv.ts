import Papa from 'papaparse'

/** A table of text read from CSV (RFC 4180): header names and rows, or what is wrong and in which row. */
export type CsvTable =
  | { readonly ok: true; readonly header: readonly string[]; readonly rows: readonly (readonly string[])[] }
  | { readonly ok: false; readonly row: number; readonly message: string }

/** Longest field taken, in characters. */
const LONGEST_FIELD = 10_000

/** Reads CSV text; a byte order mark is dropped, blank lines are passed over. Rows count from 1, the header being row 1. */
export function readCsv(text: string): CsvTable {
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  const error = parsed.errors.find((e) => e.code !== 'UndetectableDelimiter')
  if (error) return { ok: false, row: (error.row ?? 0) + 1, message: error.message }
  const [header, ...rows] = parsed.data
  if (!header) return { ok: false, row: 1, message: 'the file is empty' }
  const longest = parsed.data.findIndex((row) => row.some((field) => field.length > LONGEST_FIELD))
  if (longest >= 0) return { ok: false, row: longest + 1, message: `a field is longer than ${LONGEST_FIELD} characters` }
  const ragged = rows.findIndex((row) => row.length !== header.length)
  if (ragged >= 0) return { ok: false, row: ragged + 2, message: `has ${rows[ragged]!.length} fields where the header has ${header.length}` }
  return { ok: true, header: header.map((name) => name.trim()), rows }
}

/** Writes CSV with CRLF line ends; a field that a spreadsheet would run as a formula gets an apostrophe before it. */
export function writeCsv(header: readonly string[], rows: readonly (readonly (string | number)[])[]): string {
  const safe = rows.map((row) => row.map((field) => (typeof field === 'string' && /^[=+\-@\t\r]/.test(field) ? `'${field}` : String(field))))
  return Papa.unparse([[...header], ...safe], { newline: '\r\n' }) + '\r\n'
}

/** Takes back the apostrophe that `writeCsv` put before a would-be formula. */
export function plainField(field: string): string {
  return /^'[=+\-@\t\r]/.test(field) ? field.slice(1) : field
}
