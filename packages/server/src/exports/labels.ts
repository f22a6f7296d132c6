import { keptParts, type CupboardItem } from '@hestiad/core'
import { create } from 'qrcode'
import { makePdf } from './pdf.js'

/** Labels for bins and shelves as PDF: what is inside, and a QR code that opens the cupboard searched for that place. Two across, five down. */
export function binLabelsPdf(items: readonly CupboardItem[], address: string): Promise<Buffer> {
  const places = new Map<string, CupboardItem[]>()
  for (const item of items) if (item.piece.kept !== '' && item.piece.owned > 0) places.set(item.piece.kept, [...(places.get(item.piece.kept) ?? []), item])
  const cells = [...places].sort(([a], [b]) => a.localeCompare(b)).map(([kept, inside]) => label(kept, inside, address))
  const rows = Array.from({ length: Math.ceil(cells.length / 2) }, (_, i) => [cells[2 * i]!, cells[2 * i + 1] ?? { text: '' }])
  const body = rows.length > 0 ? rows : [[{ text: 'Nothing in the cupboard has a place yet.' }, { text: '' }]]
  return makePdf({
    info: { title: 'Bin labels' },
    pageMargins: [28, 28, 28, 28],
    content: [{ table: { widths: ['*', '*'], heights: 140, dontBreakRows: true, body } }]
  })
}

/** Halves of a letter beyond the first 65,536 without their other half cannot be written in an address. */
function wellFormed(text: string): string {
  return text.replace(/[\uD800-\uDFFF]/gu, '\uFFFD')
}

/** Side of a code in points. */
const QR_PT = 84

/** A QR code (ISO/IEC 18004) as one path, a rectangle for each run of dark modules in a row: a figure of thousands of squares takes ten times as long. */
function qrPath(text: string): object {
  const { size, data } = create(text, { errorCorrectionLevel: 'L' }).modules
  const side = QR_PT / size
  let d = ''
  for (let row = 0; row < size; row++)
    for (let from = 0, column = 0; column <= size; column++) {
      if (column < size && data[row * size + column] === 1) continue
      if (column > from) d += `M${pt(from * side)} ${pt(row * side)}h${pt((column - from) * side)}v${pt(side)}h${pt((from - column) * side)}z`
      from = column + 1
    }
  return { type: 'path', d, color: '#2b2420', lineWidth: 0, lineColor: '#2b2420' }
}

const pt = (length: number) => length.toFixed(2)

function label(kept: string, inside: readonly CupboardItem[], address: string): object {
  const { room, shelf, bin } = keptParts(kept)
  const shown = inside.slice(0, 9).map(({ piece }) => `${piece.owned} ${piece.name}`)
  const more = inside.length > 9 ? [`and ${inside.length - 9} more`] : []
  const fragile = inside.some(({ piece, facts }) => facts.breakable === 'yes' || piece.material === 'glass' || piece.material === 'porcelain')
  return {
    columns: [
      {
        width: '*',
        stack: [
          { text: bin || shelf || room, fontSize: 15, bold: true },
          { text: [room, bin ? shelf : ''].filter(Boolean).join(', '), color: '#6b5f56' },
          ...(fragile ? [{ text: 'Breakable', bold: true, color: '#b4482a' }] : []),
          { text: [...shown, ...more].join('\n'), fontSize: 8, margin: [0, 4, 0, 0] }
        ]
      },
      { width: QR_PT, canvas: [qrPath(`${address}/cupboard?q=${encodeURIComponent(wellFormed(kept))}`)] }
    ],
    columnGap: 6,
    margin: [4, 4, 4, 4]
  }
}
