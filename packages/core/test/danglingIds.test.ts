import { parseLook } from '@hestiad/core/formats'
import type { Look, Placed } from '@hestiad/core'
import { expect, it } from 'vitest'
import { demoLook } from './support/looks.js'

type Loose = { -readonly [Member in keyof Look]: any } // eslint-disable-line @typescript-eslint/no-explicit-any -- files that are not looks

const order = (offerId: string) => ({ shop: 'a', slot: 'ahead', way: 'trip', coupon: false, lines: [{ offerId, packs: 1, locked: false }] })
const variant = (placed: Partial<Placed>) => ({ id: 'v', name: 'v', why: '', centerpiece: [{ ...demoLook().centerpiece[0], ...placed }] })

it.each<[string, (look: Loose) => void, string]>([
  ['a wish about nobody', (look) => (look.guests[0].near = ['nobody']), '/guests/0/near/0'],
  ['a wish about oneself', (look) => (look.guests[0].apart = [look.guests[0].id]), '/guests/0/apart/0'],
  ['a kind of setting for nobody', (look) => (look.kinds.byGuest = [{ guestId: 'nobody', key: 'B' }]), '/kinds/byGuest/0/guestId'],
  ['a star that is no layer', (look) => (look.setting.starId = 'cloth-long'), '/setting/starId'],
  ['another use of nothing', (look) => (look.pieces[0].of = 'nothing'), '/pieces/0/of'],
  ['another use of itself', (look) => (look.pieces[0].of = look.pieces[0].id), '/pieces/0/of'],
  ['an order of no offer', (look) => (look.buying.orders = [order('none')]), '/buying/orders/0/lines/0/offerId'],
  ['a variant with no such piece', (look) => (look.variants = [variant({ pieceId: 'nothing' })]), '/variants/0/centerpiece/0/pieceId'],
  ['a variant whose piece stands on nothing', (look) => (look.variants = [variant({ on: 'nothing' })]), '/variants/0/centerpiece/0/on'],
  ['a level the stand does not have', (look) => (look.centerpiece[0].level = 3), '/centerpiece/0/level'],
  ['a kind without a form as text', (look) => (look.pieces[0].kind = { toString: 1, valueOf: 1 }), '/pieces/0/kind'],
  [
    'something borrowed that is not there',
    (look) => (look.buying.borrowed = [{ id: 'b', pieceId: 'nothing', count: 1, from: '', backDay: null }]),
    '/buying/borrowed/0/pieceId'
  ],
  ['a candle of no height', (look) => (look.pieces.find((piece: { kind: string }) => piece.kind === 'candle').heightMm = 1e-300), '/heightMm'],
  ['a hundred thousand roses', (look) => (look.centerpiece[0].arrangement.stems[0].count = 100_000), '/centerpiece/0/arrangement/stems/0/count']
])('a file with %s is told by its place', (_, damage, place) => {
  const look = demoLook() as Loose
  damage(look)
  const read = parseLook(JSON.stringify(look))
  expect(read.ok).toBe(false)
  if (!read.ok) expect(read.faults[0]!.place).toContain(place)
})
