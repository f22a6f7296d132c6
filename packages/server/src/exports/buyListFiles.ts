import {
  arrangementNeeds,
  formatMoney,
  formatLength,
  longerMm,
  orderByDay,
  pieceIndex,
  pieceSize,
  pieceUses,
  stemAsks,
  type BuyList,
  type Look,
  type Receipt,
  type UseRole
} from '@hestiad/core'
import { makePdf } from './pdf.js'

const heads = ['Shop', 'Order by', 'Piece', 'Packs', 'Pack of', 'Pack price', 'Line total', 'Why', 'Look for'] as const
type Hints = Readonly<Record<string, string>>

/** The buy list as a spreadsheet, one row an offer; amounts are numbers, text is never a formula. */
export async function buyListXlsx(look: Look, list: BuyList, hints: Hints): Promise<Buffer> {
  const { default: writeXlsx } = await import('write-excel-file/node')
  const rows = rowsOf(look, list, hints).map(({ shop, by, name, packs, size, cents, why, lookFor }) => [
    { value: shop },
    { value: by },
    { value: name },
    { value: packs },
    { value: size },
    { value: cents / 100, format: '0.00' },
    { value: (cents * packs) / 100, format: '0.00' },
    { value: why },
    { value: lookFor }
  ])
  const header = heads.map((value) => ({ value, fontWeight: 'bold' as const }))
  const total = [
    { value: 'Together, delivery, coupons and tax included' },
    ...Array.from({ length: 5 }, () => null),
    { value: list.openCents / 100, format: '0.00' },
    { value: list.currency }
  ]
  return writeXlsx([header, ...rows, total], {
    columns: [{ width: 30 }, { width: 12 }, { width: 32 }, { width: 8 }, { width: 8 }, { width: 11 }, { width: 11 }, { width: 40 }, { width: 40 }]
  }).toBuffer()
}

function rowsOf(look: Look, list: BuyList, hints: Hints) {
  const offers = new Map(look.offers.map((offer) => [offer.id, offer]))
  const index = pieceIndex(look)
  const asks = stemAsks(look)
  const needOf = new Map(list.lines.flatMap((line) => line.mix.lines.map(({ offer }) => [offer.id, line.need] as const)))
  return list.orders.flatMap((order) =>
    order.lines.map((line) => {
      const offer = offers.get(line.offerId)!
      const need = needOf.get(line.offerId)
      const why = need ? `${need.needed} needed, ${need.owned} owned, ${need.short} short` : ''
      const ask = asks.get(offer.pieceId)
      const named = index.get(offer.pieceId)?.name ?? need?.piece.name ?? offer.pieceId
      const name = ask
        ? `${named}, ${formatLength(ask.atLeastMm, 'in')} (${formatLength(ask.atLeastMm, 'cm')}) at least${ask.keep ? `, with its ${ask.keep}` : ''}`
        : named
      const lookFor = hints[offer.pieceId] ?? hints[need?.piece.id ?? ''] ?? ''
      return {
        shop: order.shop,
        by: orderByDay(offer, look.occasion.date),
        name,
        packs: line.packs,
        size: offer.packSize,
        cents: offer.priceCents ?? 0,
        why,
        lookFor
      }
    })
  )
}

/** What to carry to the shops, as PDF: a block an order to tick off, vessel cards with mouths and depths, a card of the look's colors. */
export function buyListPdf(look: Look, list: BuyList, hints: Hints): Promise<Buffer> {
  const money = (cents: number) => formatMoney(cents, look.money.currency)
  const rows = rowsOf(look, list, hints)
  const orders = list.orders.flatMap((order) => [
    { text: order.shop, style: 'h', margin: [0, 12, 0, 2] },
    {
      text: `${order.way === 'trip' ? 'One trip' : 'Delivered'}${order.slot === 'fresh' ? ', in the last days' : ''}${order.coupon ? ', with the coupon' : ''}`,
      color: '#6b5f56'
    },
    {
      table: {
        widths: [12, '*', 'auto', 'auto', 'auto'],
        body: [
          ...rows
            .filter((row) => row.shop === order.shop && order.lines.length > 0)
            .map((row) => [
              '[ ]',
              named(row.name, row.lookFor),
              `${row.packs} x pack of ${row.size}`,
              `by ${row.by}`,
              { text: money(row.cents * row.packs), alignment: 'right' }
            ]),
          ...extras(order.receipt).map(([name, cents]) => ['', { text: name, color: '#6b5f56' }, '', '', { text: money(cents), alignment: 'right' }]),
          ['', { text: 'Together', bold: true }, '', '', { text: money(order.receipt.totalCents), bold: true, alignment: 'right' }]
        ]
      },
      layout: 'lightHorizontalLines'
    }
  ])
  const missing = list.lines.filter((line) => line.gapPieces > 0)
  return makePdf({
    info: { title: `${look.occasion.title}: to buy` },
    content: [
      { text: look.occasion.title, fontSize: 18 },
      {
        text: `${look.occasion.date} · ${look.guests.length} guests · ${money(list.openCents)} to spend, ${money(list.leftCents)} left of ${money(list.workingCents)}`,
        color: '#6b5f56'
      },
      ...orders,
      ...(missing.length > 0
        ? [
            { text: 'Still looked for', style: 'h', margin: [0, 12, 0, 2] },
            {
              ul: missing.map(
                (line) =>
                  `${line.need.piece.name}: ${line.gapPieces}, ${pieceSize(line.need.piece, (mm) => formatLength(mm, 'in'))}, color ${line.need.piece.color}${hints[line.need.piece.id] ? `; ${hints[line.need.piece.id]!}` : ''}`
              )
            }
          ]
        : []),
      { text: 'Carry along', style: 'h', margin: [0, 14, 0, 4] },
      ...vesselCards(look),
      colorCard(look)
    ],
    styles: { h: { fontSize: 13, bold: true } }
  })
}

/** A piece with which kind of it to buy. */
function named(name: string, lookFor: string): object {
  return { text: [name, ...(lookFor === '' ? [] : [{ text: `\n${lookFor}`, italics: true, color: '#6b5f56' }])] }
}

/** Parts of a receipt beside the goods, such as are not nothing. */
function extras(receipt: Receipt): [name: string, cents: number][] {
  const parts: [string, number][] = [
    ['Coupon', -receipt.couponCents],
    ['Delivery', receipt.deliveryCents],
    ['Tax', receipt.taxCents]
  ]
  return parts.filter(([, cents]) => cents !== 0)
}

/** Mouth, depth and widest of each vessel in the look, and how many stems it takes. */
function vesselCards(look: Look): object[] {
  const index = pieceIndex(look)
  return look.centerpiece.flatMap((placed) => {
    const piece = index.get(placed.pieceId)
    if (piece?.kind !== 'vessel') return []
    const both = (mm: number) => `${formatLength(mm, 'in')} (${formatLength(mm, 'cm')})`
    const longer = longerMm(piece)
    const needs = placed.arrangement && arrangementNeeds(piece, placed.arrangement, look.school.fullness, index)
    const cut = needs && needs.stems > 0 ? `, cut to ${both(needs.cutMm)}, bought ${both(needs.buyAtLeastMm)} long at least` : ''
    const stems = placed.arrangement?.stems.reduce((sum, line) => sum + line.count, 0) ?? 0
    return [
      {
        margin: [0, 0, 0, 4],
        text: [
          { text: `${piece.name}  `, bold: true },
          `mouth ${longer > 0 ? `${both(piece.mouthMm + longer)} by ` : ''}${both(piece.mouthMm)}, inside depth ${both(piece.depthMm)}, widest ${both(piece.widestMm)}, ${stems} stems${cut}`
        ]
      }
    ]
  })
}

/** What the colors of a table are made of: textiles, plates, flowers and what stands in the middle. */
const colored: readonly UseRole[] = ['cloth', 'topper', 'runner', 'napkin', 'plate', 'middle', 'stem']

function colorCard(look: Look): object {
  const index = pieceIndex(look)
  const uses = pieceUses(look).filter((use) => colored.includes(use.role))
  const pieces = [...new Set(uses.map((use) => use.pieceId))].flatMap((id) => (index.has(id) ? [index.get(id)!] : []))
  const cells = pieces.map((piece) => [{ canvas: [{ type: 'rect', x: 0, y: 0, w: 40, h: 24, color: piece.color }] }, { text: piece.name, fontSize: 7 }])
  const rows = Array.from({ length: Math.ceil(cells.length / 8) }, (_, i) => ({
    columns: cells.slice(8 * i, 8 * i + 8).map((stack) => ({ stack, width: 62 })),
    columnGap: 2,
    margin: [0, 4, 0, 0]
  }))
  return { stack: rows, margin: [0, 8, 0, 0] }
}
