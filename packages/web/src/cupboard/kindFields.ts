import { slug, type Extent, type Piece, type PieceKind } from '@hestiad/core'

/** Values a kind's role, form, use or taken candle can have. */
export const choicesOf: Readonly<Partial<Record<PieceKind, { readonly field: string; readonly values: readonly string[] }>>> = {
  plate: { field: 'role', values: ['charger', 'dinner', 'salad', 'bread', 'bowl'] },
  glass: { field: 'role', values: ['water', 'white', 'red', 'flute'] },
  flatware: {
    field: 'role',
    values: ['dinner-fork', 'salad-fork', 'fish-fork', 'oyster-fork', 'dinner-knife', 'fish-knife', 'soup-spoon', 'dessert-fork', 'dessert-spoon']
  },
  vessel: { field: 'form', values: ['jug', 'bowl', 'bottle', 'cylinder'] },
  stem: { field: 'role', values: ['focal', 'filler', 'line', 'foliage'] },
  candle: { field: 'form', values: ['taper', 'pillar', 'votive', 'tealight'] },
  holder: { field: 'takes', values: ['taper', 'pillar', 'votive', 'tealight'] },
  ornament: { field: 'form', values: ['fruit', 'compote', 'greens', 'figure'] },
  supply: { field: 'use', values: ['foam', 'tape', 'wax-dots', 'lighter', 'coin-cell', 'aa-cell', 'polish', 'dye', 'linen-care', 'glue', 'twine', 'other'] }
}

export const kinds: readonly PieceKind[] = [
  'plate',
  'glass',
  'flatware',
  'napkin',
  'cloth',
  'runner',
  'mat',
  'vessel',
  'stem',
  'candle',
  'holder',
  'riser',
  'tray',
  'ornament',
  'supply'
]

export const materials = [
  'porcelain',
  'stoneware',
  'glass',
  'brass',
  'steel',
  'silver',
  'wood',
  'rattan',
  'linen',
  'cotton',
  'wool',
  'stone',
  'wax',
  'plant',
  'dried',
  'faux',
  'paper',
  'fruit',
  'resin'
] as const

/** The measures a piece has by itself, in its own order. */
export function sizesOf(piece: Piece | Extent): [name: string, mm: number][] {
  return Object.entries(piece).filter((entry): entry is [string, number] => entry[0].endsWith('Mm') && typeof entry[1] === 'number')
}

/** An extent of another shape about as large. */
export function reshaped(extent: Extent, kind: Extent['kind']): Extent {
  const lengthMm = 'lengthMm' in extent ? extent.lengthMm : 'diameterMm' in extent ? extent.diameterMm : extent.sideMm
  const widthMm = 'widthMm' in extent ? extent.widthMm : lengthMm
  if (kind === 'round') return { kind, diameterMm: lengthMm }
  if (kind === 'square') return { kind, sideMm: lengthMm }
  return { kind, lengthMm, widthMm }
}

/** An id from a name that no item has yet. */
export function freeId(name: string, taken: ReadonlySet<string>): string {
  const stem = slug(name) || 'piece'
  let id = stem
  for (let n = 2; taken.has(id); n++) id = `${stem}-${n}`
  return id
}
