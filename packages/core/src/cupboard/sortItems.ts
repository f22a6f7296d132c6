import { extentSize, type Piece } from '../design/piece.js'
import type { CupboardItem } from './facts.js'

export const sortColumns = ['name', 'size', 'material', 'owned', 'kept'] as const
export type SortColumn = (typeof sortColumns)[number]

/** The length a piece is known by among its like: across or long, else tall, millimeters; 0 for what has none. */
function sizeMm(piece: Piece): number {
  const of = piece as unknown as Readonly<Record<string, number | null | undefined>>
  if ('extent' in piece) return extentSize(piece.extent).lengthMm
  return of['diameterMm'] ?? of['lengthMm'] ?? of['sideMm'] ?? of['heightMm'] ?? of['widestMm'] ?? 0
}

const words = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })

/** Pieces by a column, up or down; those alike in it stay in the order they came, and what is kept nowhere comes last either way. */
export function sortItems(items: readonly CupboardItem[], column: SortColumn, down: boolean): CupboardItem[] {
  const sign = down ? -1 : 1
  return [...items].sort(({ piece: a }, { piece: b }) => {
    if (column === 'size') return sign * (sizeMm(a) - sizeMm(b))
    if (column === 'owned') return sign * (a.owned - b.owned)
    if (column === 'kept' && (a.kept === '') !== (b.kept === '')) return a.kept === '' ? 1 : -1
    return sign * words.compare(a[column], b[column])
  })
}
