import type { BuyList } from '../money/buyList.js'
import { formatAmount } from '../units/money.js'
import { writeCsv } from '../lists/csv.js'

export const buyListColumns = [
  'piece',
  'group',
  'perGuest',
  'perLook',
  'spares',
  'needed',
  'owned',
  'short',
  'shop',
  'packs',
  'packSize',
  'packPrice',
  'lineTotal',
  'currency',
  'gapPieces',
  'lookFor'
] as const

/** The buy list as CSV, one row an offer; a line that nothing covers has no shop and tells its gap. `hints` say by piece which kind to buy. */
export function writeBuyListCsv(list: BuyList, hints: Readonly<Record<string, string>> = {}): string {
  const rows = list.lines.flatMap(({ need, mix, gapPieces }) => {
    const why = [need.piece.name, need.group, need.perGuest, need.perLook, need.spares, need.needed, need.owned, need.short]
    const lookFor = hints[need.piece.id] ?? ''
    const bought = mix.lines.map(({ offer, packs }) => [
      ...why,
      offer.shop,
      packs,
      offer.packSize,
      formatAmount(offer.priceCents!, list.currency),
      formatAmount(offer.priceCents! * packs, list.currency),
      list.currency,
      0,
      lookFor
    ])
    return gapPieces > 0 ? [...bought, [...why, '', '', '', '', '', list.currency, gapPieces, lookFor]] : bought
  })
  return writeCsv(buyListColumns, rows)
}
