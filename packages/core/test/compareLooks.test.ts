import { buyList, compareLooks, needs, withGuests, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook } from './support/looks.js'

const terms = { guests: 10, shared: 'out', owned: 'free' } as const

/** The demo's look with another napkin and without its bread plates. */
function other(): Look {
  const look = demoLook()
  const napkin = look.pieces.find((piece) => piece.kind === 'napkin' && piece.id !== look.setting.napkin!.pieceId)!
  return { ...look, name: 'Other', setting: { ...look.setting, breadPlateId: null, napkin: { ...look.setting.napkin!, pieceId: napkin.id } } }
}

describe('two looks compared', () => {
  it('a look and itself: nothing differs, and with shared pieces in, both cost what each costs to buy', () => {
    const look = demoLook()
    expect(compareLooks(look, look, terms)).toMatchObject({ lines: [], differenceCents: 0 })
    const all = compareLooks(look, look, { ...terms, shared: 'in' })
    const goods = buyList(look).lines.reduce((sum, line) => sum + line.mix.costCents, 0)
    expect(all.sums.map((sum) => sum.cents)).toEqual([goods, goods])
    expect(all.lines.length).toBe(needs(look).filter((need) => need.needed > 0).length)
  })

  it('turned round it says the opposite, and leaving shared pieces out or in changes no difference when what both use is used alike', () => {
    const [a, b] = [demoLook(), other()]
    const out = compareLooks(a, b, terms)
    expect(out.differenceCents).not.toBe(0)
    expect(compareLooks(b, a, terms).differenceCents).toBe(-out.differenceCents)
    expect(compareLooks(a, b, { ...terms, shared: 'in' }).differenceCents).toBe(out.differenceCents)
    expect(out.lines.map((line) => line.sides.filter(Boolean).length)).toEqual(out.lines.map(() => 1))
    expect(out.groups.reduce((sum, row) => sum + row.cents[1] - row.cents[0], 0)).toBe(out.differenceCents)
  })

  it('both are counted for the same guests, whatever was bought or decided, and per guest is the sum over them', () => {
    const eight = { ...demoLook(), guests: demoLook().guests.slice(0, 8) }
    const bought = { id: 'b', pieceId: 'napkin-persimmon', pieces: 9, cents: 100, day: '2027-01-01', shop: 'S', note: '', photoId: null }
    const decided = { ...eight, buying: { ...eight.buying, bought: [bought], skipped: ['taper-ivory-8'] } }
    const { sums, differenceCents } = compareLooks(decided, demoLook(), { ...terms, guests: 14, shared: 'in' })
    expect(differenceCents).toBe(0)
    expect(sums[0].perGuestCents).toBe(Math.round(sums[0].cents / 14))
    expect(withGuests(eight, 14).guests).toHaveLength(14)
  })

  it('priced as if everything were bought, an unpriced piece is a gap told for its side and never zero', () => {
    const free = compareLooks(demoLook(), other(), { ...terms, shared: 'in' })
    const priced = compareLooks(demoLook(), other(), { ...terms, shared: 'in', owned: 'priced' })
    expect(priced.sums[0].cents).toBeGreaterThanOrEqual(free.sums[0].cents)
    expect(priced.sums[0].gapPieces).toBeGreaterThan(free.sums[0].gapPieces)
    expect(() => compareLooks(demoLook(), { ...other(), money: { ...other().money, currency: 'SEK' } }, terms)).toThrow('SEK')
  })
})
