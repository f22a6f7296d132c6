import { keptParts, type CupboardItem } from '@hestiad/core'
import { create } from 'qrcode'
import { drawPdf, INK, type PdfPage } from './pdf.js'

const [MARGIN_PT, ACROSS, DOWN] = [28, 2, 5]
/** Inside a label, from its edge and between words and code. */
const [PAD_PT, GAP_PT, QR_PT] = [8, 6, 84]
const SHOWN_PIECES = 8

interface Cell {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** Labels for bins and shelves as PDF: what is inside, and a QR code that opens the cupboard searched for that place. Two across, five down. */
export function binLabelsPdf(items: readonly CupboardItem[], address: string): Promise<Buffer> {
  const places = new Map<string, CupboardItem[]>()
  for (const item of items) {
    const { kept, owned } = item.piece
    if (kept === '' || owned === 0) continue
    const inside = places.get(kept)
    if (inside) inside.push(item)
    else places.set(kept, [item])
  }
  const labels = [...places].sort(([a], [b]) => a.localeCompare(b))
  return drawPdf('Bin labels', (page) => {
    if (labels.length === 0) page.text('Nothing in the cupboard has a place yet.', MARGIN_PT, MARGIN_PT)
    labels.forEach(([kept, inside], i) => {
      const onPage = i % (ACROSS * DOWN)
      if (i > 0 && onPage === 0) page.addPage()
      drawLabel(page, cellOf(page, onPage), kept, inside, address)
    })
  })
}

function cellOf({ page: { width, height } }: PdfPage, onPage: number): Cell {
  const [cellWidth, cellHeight] = [(width - 2 * MARGIN_PT) / ACROSS, (height - 2 * MARGIN_PT) / DOWN]
  return {
    x: MARGIN_PT + (onPage % ACROSS) * cellWidth,
    y: MARGIN_PT + Math.floor(onPage / ACROSS) * cellHeight,
    width: cellWidth,
    height: cellHeight
  }
}

function drawLabel(page: PdfPage, cell: Cell, kept: string, inside: readonly CupboardItem[], address: string): void {
  page.rect(cell.x, cell.y, cell.width, cell.height).lineWidth(0.5).stroke('#c9bfb4')
  const [x, right] = [cell.x + PAD_PT, cell.x + cell.width - PAD_PT]
  const bottom = cell.y + cell.height - PAD_PT
  const width = right - x - QR_PT - GAP_PT
  const { room, shelf, bin } = keptParts(kept)
  let y = cell.y + PAD_PT
  const line = (text: string, font: 'normal' | 'bold', size: number, color = INK) => {
    if (text === '' || y + size > bottom) return
    page.font(font).fontSize(size).fillColor(color)
    const height = size * 1.25
    page.text(text, x, y, { width, height, ellipsis: true, lineBreak: false })
    y += height
  }
  line(bin || shelf || room, 'bold', 15)
  line([room, bin ? shelf : ''].filter(Boolean).join(', '), 'normal', 10, '#6b5f56')
  if (inside.some(breakable)) line('Breakable', 'bold', 10, '#b4482a')
  y += 3
  for (const { piece } of inside.slice(0, SHOWN_PIECES)) line(`${piece.owned} ${piece.name}`, 'normal', 8)
  if (inside.length > SHOWN_PIECES) line(`and ${inside.length - SHOWN_PIECES} more`, 'normal', 8)
  drawCode(page, right - QR_PT, cell.y + PAD_PT, `${address}/cupboard?q=${encodeURIComponent(wellFormed(kept))}`)
}

/** Halves of a letter beyond the first 65,536 without their other half cannot be written in an address. */
function wellFormed(text: string): string {
  return text.replace(/[\uD800-\uDFFF]/gu, '\uFFFD')
}

function breakable({ piece, facts }: CupboardItem): boolean {
  return facts.breakable === 'yes' || piece.material === 'glass' || piece.material === 'porcelain'
}

/**
 * A QR code (ISO/IEC 18004), a rectangle for each run of dark modules in a row.
 * All of it in bytes and with the first mask: the search for the shortest mix of modes and the fairest of eight masks costs more than all the rest, and every
 * one can be read.
 */
function drawCode(page: PdfPage, x: number, y: number, text: string): void {
  const { size, data } = create([{ data: Buffer.from(text), mode: 'byte' }], { errorCorrectionLevel: 'L', maskPattern: 0 }).modules
  let runs = ''
  for (let row = 0; row < size; row++)
    for (let from = 0, column = 0; column <= size; column++) {
      if (column < size && data[row * size + column] === 1) continue
      if (column > from) runs += `${from} ${row} ${column - from} 1 re `
      from = column + 1
    }
  page
    .save()
    .translate(x, y)
    .scale(QR_PT / size)
    .fillColor(INK)
    .addContent(`${runs}f`)
  page.restore()
}
