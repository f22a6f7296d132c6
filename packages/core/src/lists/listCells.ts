import type { PieceKind } from '../design/piece.js'
import { parseLength } from '../units/length.js'
import type { ListUnit } from './readList.js'

/** A number as people write it in lists: `12`, `12 pcs`, `2,5`, `1.200,50`, `€ 12.50`; undefined for anything else. */
export function listNumber(text: string): number | undefined {
  const bare = text.replace(/[^\d.,-]/g, '')
  if (!/^\D{0,4}\s*-?[\d.,]+\s*\D{0,5}$/.test(text.trim()) || bare === '') return undefined
  const decimal = /[.,](\d{1,2})$/.exec(bare)
  const whole = (decimal ? bare.slice(0, decimal.index) : bare).replace(/[.,](?=\d{3}\b)/g, '')
  const number = Number(decimal ? `${whole}.${decimal[1]}` : whole)
  return Number.isFinite(number) ? number : undefined
}

/** A length as people write it, millimeters; a bare number is in the unit of its column. */
export function listLengthMm(text: string, unit: ListUnit): number | undefined {
  const plain = text
    .replace(/[Ø⌀ø]/g, '')
    .replace(/[”“]/g, '"')
    .replace(/\b(zoll|inch|inches)\b/i, 'in')
    .replace(/(\d)\s*(cm|mm|in)\.?\s*$/i, '$1 $2')
    .trim()
  const bare = Number(plain.replace(',', '.'))
  if (Number.isFinite(bare) && plain !== '') return bare * { mm: 1, cm: 10, in: 25.4 }[unit]
  return parseLength(plain, unit === 'in' ? 'in' : 'cm')
}

/** `30 x 45 x 2 cm`: each length in millimeters, the unit said last holding for all; undefined where one cannot be read. */
export function listSizesMm(text: string, unit: ListUnit): number[] | undefined {
  const said = /(mm|cm|in|zoll|")\s*$/i.exec(text.trim())?.[1]?.toLowerCase()
  const own: ListUnit = said === 'mm' || said === 'cm' ? said : said ? 'in' : unit
  const sizes = text.split(/\s*[x×*]\s*/i).map((part) => listLengthMm(part, own))
  return sizes.every((size) => size !== undefined && size > 0) && sizes.length <= 3 ? (sizes as number[]) : undefined
}

const flat = ([a, b, c]: readonly number[], isRound: boolean): Record<string, string | number> =>
  b === undefined
    ? isRound
      ? { shape: 'round', diameterMm: a! }
      : { shape: 'square', sideMm: a! }
    : a === b
      ? { shape: 'square', sideMm: a!, ...(c === undefined ? {} : { heightMm: c }) }
      : { shape: 'rectangle', lengthMm: Math.max(a!, b), widthMm: Math.min(a!, b), ...(c === undefined ? {} : { heightMm: c }) }
const long = ([a, b]: readonly number[]) => (b === undefined ? { lengthMm: a! } : { lengthMm: Math.max(a!, b), widthMm: Math.min(a!, b) })
const upright = ([a, b]: readonly number[], wide: string) => (b === undefined ? { heightMm: a! } : { [wide]: Math.min(a!, b), heightMm: Math.max(a!, b) })

/** Which sizes of a kind one, two or three lengths of a list are: the way people measure each kind; common practice, no source. */
export const sizesOfKind: Readonly<Record<PieceKind, (sizes: readonly number[], isRound: boolean) => Record<string, string | number>>> = {
  plate: ([a, b]) => (b === undefined ? { diameterMm: a! } : { diameterMm: Math.max(a!, b), heightMm: Math.min(a!, b) }),
  glass: (sizes) => upright(sizes, 'bowlMm'),
  flatware: long,
  napkin: ([a]) => ({ sideMm: a! }),
  cloth: flat,
  runner: long,
  mat: flat,
  vessel: (sizes) => upright(sizes, 'widestMm'),
  stem: ([a]) => ({ lengthMm: a! }),
  candle: (sizes) => upright(sizes, 'diameterMm'),
  holder: (sizes) => upright(sizes, 'baseMm'),
  riser: flat,
  tray: flat,
  ornament: flat,
  tool: ([a]) => ({ lengthMm: a! }),
  supply: () => ({})
}
