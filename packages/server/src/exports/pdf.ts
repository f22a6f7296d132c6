import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'

interface PdfMake {
  setFonts(fonts: object): void
  setUrlAccessPolicy?(policy: () => boolean): void
  setLocalAccessPolicy?(policy: (path: string) => boolean): void
  createPdf(definition: object): { getBuffer(): Promise<Buffer> }
}

let loaded: PdfMake | undefined

/** Loaded when the first PDF is asked for: the library is large. */
function pdfmake(): PdfMake {
  if (loaded) return loaded
  const require = createRequire(import.meta.url)
  const folder = join(dirname(require.resolve('pdfmake/package.json')), 'build', 'fonts', 'Roboto')
  loaded = require('pdfmake') as PdfMake
  loaded.setFonts({
    Roboto: {
      normal: join(folder, 'Roboto-Regular.ttf'),
      bold: join(folder, 'Roboto-Medium.ttf'),
      italics: join(folder, 'Roboto-Italic.ttf'),
      bolditalics: join(folder, 'Roboto-MediumItalic.ttf')
    }
  })
  loaded.setUrlAccessPolicy?.(() => false)
  loaded.setLocalAccessPolicy?.((path) => path.startsWith(folder))
  return loaded
}

/** A PDF from a pdfmake document definition. */
export async function makePdf(definition: object): Promise<Buffer> {
  return pdfmake()
    .createPdf({ pageMargins: [42, 42, 42, 42], defaultStyle: { fontSize: 10, lineHeight: 1.15, color: '#2b2420' }, ...definition })
    .getBuffer()
}
