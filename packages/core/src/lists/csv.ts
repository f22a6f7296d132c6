import Papa from 'papaparse'

/** A table of text read from CSV (RFC 4180): header names and rows, or what is wrong and in which row. */
export type CsvTable =
  | { readonly ok: true; readonly header: readonly string[]; readonly rows: readonly (readonly string[])[] }
  | { readonly ok: false; readonly row: number; readonly message: string }

/** Longest field taken, in characters, and most fields in a row. */
const LONGEST_FIELD = 10_000
const MOST_FIELDS = 1000

/** Reads CSV text; a byte order mark is dropped, blank lines are passed over. Rows count from 1, the header being row 1. */
export function readCsv(text: string): CsvTable {
  const over = overLong(text)
  if (over) return { ok: false, ...over }
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  const error = parsed.errors.find((e) => e.code !== 'UndetectableDelimiter')
  if (error) return { ok: false, row: (error.row ?? 0) + 1, message: error.message }
  const [header, ...rows] = parsed.data
  if (!header) return { ok: false, row: 1, message: 'the file is empty' }
  const ragged = rows.findIndex((row) => row.length !== header.length)
  if (ragged >= 0) return { ok: false, row: ragged + 2, message: `has ${rows[ragged]!.length} fields where the header has ${header.length}` }
  return { ok: true, header: header.map((name) => name.trim()), rows }
}

/** Looks for what no parser should be given, in one pass: a field without end, a row of any number of fields. */
function overLong(text: string): { readonly row: number; readonly message: string } | undefined {
  let [row, fields, from, startsQuoted, isQuoted] = [1, 1, 0, false, false]
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i)
    if (i - from > LONGEST_FIELD) return { row, message: `a field is longer than ${LONGEST_FIELD} characters` }
    if (i === from) startsQuoted = c === QUOTE
    if (c === QUOTE && startsQuoted) isQuoted = !isQuoted
    if (isQuoted || (c !== COMMA && c !== SEMICOLON && c !== TAB && c !== NEWLINE)) continue
    from = i + 1
    startsQuoted = false
    fields = c === NEWLINE ? 1 : fields + 1
    if (c === NEWLINE) row++
    if (fields > MOST_FIELDS) return { row, message: `has more than ${MOST_FIELDS} fields` }
  }
  return undefined
}
const [QUOTE, COMMA, SEMICOLON, TAB, NEWLINE] = [34, 44, 59, 9, 10]

/** Writes CSV with CRLF line ends; a field that a spreadsheet would run as a formula gets an apostrophe before it. */
export function writeCsv(header: readonly string[], rows: readonly (readonly (string | number)[])[]): string {
  const safe = rows.map((row) => row.map((field) => (typeof field === 'string' && /^[=+\-@\t\r]/.test(field) ? `'${field}` : String(field))))
  return Papa.unparse([[...header], ...safe], { newline: '\r\n' }) + '\r\n'
}

/** Takes back the apostrophe that `writeCsv` put before a would-be formula. */
export function plainField(field: string): string {
  return /^'[=+\-@\t\r]/.test(field) ? field.slice(1) : field
}
