import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import type PDFDocument from 'pdfkit'

/** Color of everything that is read. */
export const INK = '#2b2420'

/** A page that is drawn on, in points from its upper left corner. */
export type PdfPage = PDFKit.PDFDocument

interface PdfMake {
  setFonts(fonts: object): void
  setUrlAccessPolicy?(policy: () => boolean): void
  setLocalAccessPolicy?(policy: (path: string) => boolean): void
  createPdf(definition: object): { getBuffer(): Promise<Buffer> }
}

const require = createRequire(import.meta.url)

function fonts() {
  const folder = join(dirname(require.resolve('pdfmake/package.json')), 'build', 'fonts', 'Roboto')
  return {
    folder,
    files: {
      normal: join(folder, 'Roboto-Regular.ttf'),
      bold: join(folder, 'Roboto-Medium.ttf'),
      italics: join(folder, 'Roboto-Italic.ttf'),
      bolditalics: join(folder, 'Roboto-MediumItalic.ttf')
    }
  }
}

let loaded: PdfMake | undefined

/** Loaded when the first PDF is asked for: the library is large. */
function pdfmake(): PdfMake {
  if (loaded) return loaded
  const { folder, files } = fonts()
  loaded = require('pdfmake') as PdfMake
  loaded.setFonts({ Roboto: files })
  loaded.setUrlAccessPolicy?.(() => false)
  loaded.setLocalAccessPolicy?.((path) => path.startsWith(folder))
  return loaded
}

/** A PDF of flowing text and tables, from a pdfmake document definition. */
export async function makePdf(definition: object): Promise<Buffer> {
  return pdfmake()
    .createPdf({ pageMargins: [42, 42, 42, 42], defaultStyle: { fontSize: 10, lineHeight: 1.15, color: INK }, ...definition })
    .getBuffer()
}

/** A PDF whose pages are drawn place by place, with the fonts `normal` and `bold`: what is many and alike is laid out far sooner so. */
export function drawPdf(title: string, draw: (page: PdfPage) => void): Promise<Buffer> {
  const Document = require('pdfkit') as typeof PDFDocument
  const page = new Document({ size: 'A4', margin: 0, info: { Title: title } })
  const { normal, bold } = fonts().files
  page.registerFont('normal', normal).registerFont('bold', bold).font('normal')
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = []
    page
      .on('data', (chunk: Buffer) => chunks.push(chunk))
      .on('end', () => resolve(Buffer.concat(chunks)))
      .on('error', reject)
    draw(page)
    page.end()
  })
}
