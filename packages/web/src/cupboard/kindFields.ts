import {
  candleForms,
  flatwareRoles,
  glassRoles,
  ornamentForms,
  plateRoles,
  servingTools,
  slug,
  stemRoles,
  supplyUses,
  trayForms,
  vesselForms,
  type Extent,
  type Piece,
  type PieceKind
} from '@hestiad/core'

/** The field that tells a kind's pieces apart by use, and its values. */
export const choicesOf: Readonly<Partial<Record<PieceKind, { readonly field: string; readonly values: readonly string[] }>>> = {
  plate: { field: 'role', values: plateRoles },
  glass: { field: 'role', values: glassRoles },
  flatware: { field: 'role', values: flatwareRoles },
  vessel: { field: 'form', values: vesselForms },
  stem: { field: 'role', values: stemRoles },
  candle: { field: 'form', values: candleForms },
  holder: { field: 'takes', values: candleForms },
  ornament: { field: 'form', values: ornamentForms },
  tray: { field: 'form', values: trayForms },
  tool: { field: 'tool', values: servingTools },
  supply: { field: 'use', values: supplyUses }
}

/** The measures a piece has by itself, in its own order. */
export function sizesOf(piece: Piece | Extent): [name: string, mm: number][] {
  return Object.entries(piece).filter((entry): entry is [string, number] => entry[0].endsWith('Mm') && typeof entry[1] === 'number')
}

/** A trough is about three times as long as wide: our own starting value. */
export function usualTroughMm({ widestMm }: { readonly widestMm: number }): number {
  return 3 * widestMm
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
