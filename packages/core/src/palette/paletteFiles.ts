import { colorFromWords } from '../color/colorFromWords.js'

/** A named color of a palette. */
export interface PaletteColor {
  readonly name: string
  readonly color: string
}

/** A palette as a GIMP palette file (`.gpl`): header, name, then red, green, blue 0 to 255 and a name a line. */
export function writeGpl(title: string, colors: readonly PaletteColor[]): string {
  const lines = colors.map(
    ({ name, color }) =>
      `${channels(color)
        .map((one) => String(one).padStart(3))
        .join(' ')}\t${oneLine(name)}`
  )
  return ['GIMP Palette', `Name: ${oneLine(title)}`, 'Columns: 0', '#', ...lines, ''].join('\n')
}

/** Reads a GIMP palette; lines that are no colors are passed over. Undefined for another file. */
export function readGpl(text: string): PaletteColor[] | undefined {
  const [first, ...lines] = text.replace(/^\uFEFF/, '').split(/\r?\n/)
  if (first?.trim() !== 'GIMP Palette') return undefined
  return lines.flatMap((line) => {
    const match = /^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/.exec(line)
    const rgb = match?.slice(1, 4).map(Number)
    if (!rgb || rgb.some((one) => one > 255)) return []
    return [{ name: (match?.[4] ?? '').trim(), color: `#${rgb.map((one) => one.toString(16).padStart(2, '0')).join('')}` }]
  })
}

/** A palette as CSS custom properties. */
export function writeCssPalette(colors: readonly PaletteColor[]): string {
  const taken = new Set<string>()
  const lines = colors.map(({ name, color }, i) => {
    const plain =
      name
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-')
        .replace(/^-|-$/g, '') || `color-${i + 1}`
    const unique = taken.has(plain) ? `${plain}-${i + 1}` : plain
    taken.add(unique)
    return `  --${unique}: ${color};`
  })
  return `:root {\n${lines.join('\n')}\n}\n`
}

/** Custom properties of CSS that are colors, in their order. */
export function readCssPalette(text: string): PaletteColor[] {
  return [...text.matchAll(/--([\w-]+)\s*:\s*([^;}]+)/g)].flatMap(([, name, value]) => {
    const color = colorFromWords(value!.trim())
    return color ? [{ name: name!, color }] : []
  })
}

const channels = (color: string) => [1, 3, 5].map((at) => parseInt(color.slice(at, at + 2), 16))
const oneLine = (text: string) => text.replace(/[\r\n\t]+/g, ' ').trim()
