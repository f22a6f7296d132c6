import { addDays, daysBetween, type Offer, type PieceKind, type Shop } from '@hestiad/core'
import { allArticles, type Article } from './articles.js'
import { chance, chosen } from './hash.js'
import type { PriceSource } from './priceSource.js'

interface ShopPlan {
  readonly shop: Omit<Shop, 'coupon'>
  readonly kinds: readonly PieceKind[]
  /** Against the article's own price. */
  readonly dear: number
  readonly packs: readonly number[]
  readonly leadDays: readonly number[]
  /** Share of the articles of its kinds that it sells. */
  readonly share: number
  readonly couponPercent: number
}

const linens: readonly PieceKind[] = ['napkin', 'cloth', 'runner', 'mat']
const tableware: readonly PieceKind[] = ['plate', 'glass', 'flatware', 'vessel', 'holder', 'riser', 'tray', 'ornament']
const shop = (name: string, cents: number, freeFromCents: number | null) => ({ name, visit: true, delivery: { cents, freeFromCents } })

/** The six shops. All invented. */
const plans: readonly ShopPlan[] = [
  { shop: shop('Thistledown Warp and Weft', 690, 9000), kinds: linens, dear: 1, packs: [2, 4, 6], leadDays: [2, 4, 7], share: 1, couponPercent: 10 },
  { shop: shop('Gannet Quay Glass and China', 890, 12_000), kinds: tableware, dear: 1, packs: [1, 2, 4, 6], leadDays: [2, 4, 6], share: 1, couponPercent: 15 },
  {
    shop: { name: 'The Thrice-Owned Room', visit: true, delivery: null },
    kinds: [...linens, ...tableware],
    dear: 0.35,
    packs: [1, 1, 3, 5],
    leadDays: [0],
    share: 0.36,
    couponPercent: 0
  },
  { shop: shop('Fennimore Street Flowers', 990, 8000), kinds: ['stem', 'supply'], dear: 1, packs: [5, 10], leadDays: [1, 2, 3], share: 1, couponPercent: 0 },
  {
    shop: shop('Snuffer’s Row Chandlery', 590, 6000),
    kinds: ['candle', 'holder', 'supply'],
    dear: 1,
    packs: [2, 6, 12],
    leadDays: [1, 2, 5],
    share: 1,
    couponPercent: 10
  },
  {
    shop: shop('Halfpenny Barn', 790, 7500),
    kinds: [...linens, ...tableware, 'candle', 'stem', 'supply'],
    dear: 0.72,
    packs: [4, 6, 8, 12],
    leadDays: [0, 2],
    share: 0.66,
    couponPercent: 20
  }
]

/** One thing a shop sells, before the day says at what price and how many are left. */
interface Listing {
  readonly id: string
  readonly article: Article
  readonly plan: ShopPlan
  readonly packSize: number
  readonly listCents: number
  readonly leadDays: number
}

const oneAtATime = new Set<PieceKind>(['cloth', 'runner', 'vessel', 'riser', 'tray', 'ornament'])
const SEED = 'quillon'

/** The simulated shops: some 1,500 offers whose price and stock follow from the day alone. `fixedDay` stands for today when given. */
export function createMarket(fixedDay?: string): PriceSource {
  const articles = allArticles()
  const listings = plans.flatMap((plan) => articles.filter((article) => sells(plan, article)).flatMap((article) => listingsOf(plan, article)))
  return {
    today: () => fixedDay ?? localDay(),
    shopsOn: (day) => plans.map((plan) => ({ ...plan.shop, coupon: couponOn(plan, day) })),
    articles: () => articles.map((article) => article.piece),
    offersOn: (day, pieceIds) => listings.filter((listing) => !pieceIds || pieceIds.has(listing.article.piece.id)).flatMap((listing) => offerOn(listing, day))
  }
}

function sells(plan: ShopPlan, { piece }: Article): boolean {
  return plan.kinds.includes(piece.kind) && chance(`${SEED} sells ${plan.shop.name} ${piece.id}`) < plan.share
}

/** One or two pack sizes; the larger is a little cheaper a piece. */
function listingsOf(plan: ShopPlan, article: Article): Listing[] {
  const { piece, eachCents } = article
  const key = `${SEED} ${plan.shop.name} ${piece.id}`
  const first = oneAtATime.has(piece.kind) ? 1 : chosen(`${key} pack`, plan.packs)
  const second = !oneAtATime.has(piece.kind) && chance(`${key} two`) < 0.45 ? first * 2 : 0
  return [first, second]
    .filter((size) => size > 0)
    .map((packSize, i) => {
      const each = eachCents * plan.dear * (0.85 + 0.3 * chance(`${key} price`)) * (i > 0 ? 0.92 : 1)
      return {
        id: `${plan.shop.name
          .slice(0, 3)
          .toLowerCase()
          .replace(/[^a-z]/g, 'x')}-${piece.id}-${packSize}`.slice(0, 64),
        article,
        plan,
        packSize,
        listCents: Math.max(5, Math.round((each * packSize) / 5) * 5),
        leadDays: chosen(`${key} lead`, plan.leadDays)
      }
    })
}

function offerOn(listing: Listing, day: string): Offer[] {
  const { article, plan, packSize, listCents } = listing
  const month = Number(day.slice(5, 7))
  const [from, to] = article.months
  const inSeason = from <= to ? month >= from && month <= to : month >= from || month <= to
  if (!inSeason) return []
  const sale = saleOn(plan, article.piece.kind, day)
  const off = Math.round((listCents * sale.percent) / 100)
  const second = plan.shop.name === 'The Thrice-Owned Room'
  const most = second ? 1 : 2 + Math.floor(chance(`${listing.id} most`) * 14)
  return [
    {
      id: listing.id,
      pieceId: article.piece.id,
      shop: plan.shop.name,
      packSize,
      priceCents: listCents - off,
      leadDays: listing.leadDays,
      listCents: off > 0 ? listCents : null,
      untilDay: off > 0 ? sale.until : null,
      noted: null,
      ...dayStock(listing.id, most, day, article.piece.material, second)
    }
  ]
}

/** A shop cuts the prices of one kind of thing for a week now and then: 20, 30, 40 or, at a season's end, 50 percent. */
function saleOn(plan: ShopPlan, kind: PieceKind, day: string): { percent: number; until: string } {
  const number = dayNumber(day)
  const week = Math.floor(number / 7)
  const key = `${SEED} sale ${plan.shop.name} ${kind} ${week}`
  const percent = chance(key) < 0.16 ? chosen(`${key} off`, [20, 20, 30, 40, 50]) : 0
  return { percent, until: addDays(day, 6 - (number % 7)) }
}

/** Stock falls from day to day and is filled up again; a single find is sold once and never comes back. */
function dayStock(id: string, most: number, day: string, material: string, single = false): { stock: number } {
  const number = dayNumber(day)
  if (single) return { stock: chance(`${SEED} find ${id} ${Math.floor(number / 90)}`) < 0.8 ? most : 0 }
  const every = material === 'plant' ? 2 : 14 + Math.floor(chance(`${id} every`) * 28)
  const since = (number + Math.floor(chance(`${id} phase`) * every)) % every
  const rate = (most / every) * (0.2 + 1.0 * chance(`${id} rate`))
  return { stock: Math.max(0, Math.round(most - rate * since)) }
}

/** A coupon for two weeks in every five, where the shop gives any. */
function couponOn(plan: ShopPlan, day: string): Shop['coupon'] {
  const number = dayNumber(day)
  const since = (number + Math.floor(chance(`${SEED} coupon ${plan.shop.name}`) * 35)) % 35
  if (plan.couponPercent === 0 || since >= 14) return null
  const code = `${plan.shop.name
    .replace(/[^A-Za-z]/g, '')
    .slice(0, 6)
    .toUpperCase()}${plan.couponPercent}`
  return { code, off: { kind: 'percent', percent: plan.couponPercent }, fromCents: 5000, untilDay: addDays(day, 13 - since) }
}

function dayNumber(day: string): number {
  return daysBetween('2020-01-06', day)
}

/** The server's day, ISO, in its own time zone. */
function localDay(): string {
  const now = new Date()
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10)
}
