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
  'gapPieces'
] as const

/** The buy list as CSV, one row an offer; a line that nothing covers has no shop and tells its gap. */
export function writeBuyListCsv(list: BuyList): string {
  const rows = list.lines.flatMap(({ need, mix, gapPieces }) => {
    const why = [need.piece.name, need.group, need.perGuest, need.perLook, need.spares, need.needed, need.owned, need.short]
    const bought = mix.lines.map(({ offer, packs }) => [
      ...why,
      offer.shop,
      packs,
      offer.packSize,
      formatAmount(offer.priceCents!, list.currency),
      formatAmount(offer.priceCents! * packs, list.currency),
      list.currency,
      0
    ])
    return gapPieces > 0 ? [...bought, [...why, '', '', '', '', '', list.currency, gapPieces]] : bought
  })
  return writeCsv(buyListColumns, rows)
}
