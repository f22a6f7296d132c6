/** Exactly 25.4 mm to the inch (international inch, 1959). */
export const MM_PER_INCH = 25.4

export type LengthUnit = 'in' | 'cm'

export function inches(value: number): number {
  return value * MM_PER_INCH
}

/**
 * Reads a length typed by a person, in millimeters.
 * Accepts `14`, `14.5`, `14 1/2`, `14½`, `1/2`, with an optional `in`, `"`, `ft`, `'`, `cm`, `mm`, `m`;
 * a bare number is in `unit`. Returns `undefined` for anything else.
 */
export function parseLength(text: string, unit: LengthUnit): number | undefined {
  const glyphs: Record<string, string> = { '¼': ' 1/4', '½': ' 1/2', '¾': ' 3/4', '⅛': ' 1/8', '⅜': ' 3/8', '⅝': ' 5/8', '⅞': ' 7/8' }
  const plain = text
    .replace(/[¼½¾⅛⅜⅝⅞]/g, (g) => glyphs[g]!)
    .replace(',', '.')
    .trim()
  const match = /^(-?\d+(?:\.\d+)?)?\s*(?:(\d+)\/(\d+))?\s*(in|"|″|ft|'|′|cm|mm|m)?$/i.exec(plain)
  if (!match || (match[1] === undefined && match[2] === undefined)) return undefined
  const whole = Number(match[1] ?? 0)
  const fraction = match[2] === undefined ? 0 : Number(match[2]) / Number(match[3])
  const value = (whole + Math.sign(whole || 1) * fraction) * mmPer(match[4]?.toLowerCase() ?? unit)
  return Number.isFinite(value) ? value : undefined
}

function mmPer(unit: string): number {
  switch (unit) {
    case 'cm':
      return 10
    case 'mm':
      return 1
    case 'm':
      return 1000
    case 'ft':
    case "'":
    case '′':
      return 12 * MM_PER_INCH
    default:
      return MM_PER_INCH
  }
}

/**
 * Writes a length for people: inches to the nearest quarter as `14 1/2 in`, centimeters to the nearest half as `37.5 cm`.
 * `bare` leaves the unit off.
 */
export function formatLength(lengthMm: number, unit: LengthUnit, bare = false): string {
  if (unit === 'cm') return `${Math.round(lengthMm / 5) / 2}${bare ? '' : ' cm'}`
  const quarters = Math.round((lengthMm / MM_PER_INCH) * 4)
  const whole = Math.trunc(quarters / 4)
  const rest = ['', '¼', '½', '¾'][Math.abs(quarters % 4)]!
  const sign = quarters < 0 && whole === 0 ? '-' : ''
  const number = rest && whole === 0 ? `${sign}${rest}` : `${whole}${rest}`
  return bare ? number : `${number} in`
}
