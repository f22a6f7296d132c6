import { lastingSpend, noFacts, type CupboardItem, type Look, type PieceFacts } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook, threeThings } from './support/looks.js'

const pearl = demoLook('pearl-anniversary')
const bare = threeThings()
const having = (owned: Readonly<Record<string, number>>): Look => ({
  ...bare,
  pieces: bare.pieces.map((piece) => ({ ...piece, owned: owned[piece.id] ?? 40 }))
})
const knowing = (facts: Readonly<Record<string, Partial<PieceFacts>>>): CupboardItem[] =>
  bare.pieces.map((piece) => ({ piece, facts: { ...noFacts, ...facts[piece.id] } }))

describe('what is spent on the timeless and on what is of these years', () => {
  it('is told only where the cupboard says it of a piece that is laid', () => {
    expect(lastingSpend(having({}), knowing({ 'charger-brass': { lasting: 'trend' } }))).toEqual([])
    expect(lastingSpend(having({}), knowing({ 'dinner-oyster': { lasting: 'trend' } }))).toHaveLength(3)
  })

  // worked by hand: three kinds are laid; the charger stays in the cupboard
  it('adds up what was paid for what is laid and for all of it in the house, and names as a gap what nobody knows the price of', () => {
    const items = knowing({
      'dinner-oyster': { lasting: 'timeless', paidCents: 21000 },
      'cloth-oyster-oval': { lasting: 'timeless' },
      'water-goblet': { lasting: 'trend', paidCents: 5400 },
      'charger-brass': { lasting: 'trend', paidCents: 1000 }
    })
    const spend = lastingSpend(having({}), items)
    expect(spend.find((one) => one.lasting === 'timeless')).toMatchObject({ kinds: 2, paidCents: 21000, gapKinds: 1, toBuyCents: 0, housePaidCents: 21000 })
    expect(spend.find((one) => one.lasting === 'trend')).toMatchObject({ kinds: 1, paidCents: 5400, gapKinds: 0, housePaidCents: 6400 })
    expect(spend.find((one) => one.lasting === 'unknown')).toMatchObject({ kinds: 0, paidCents: 0 })
  })

  it('adds what is still to buy of it, and says of nothing to be bought that its price is unknown', () => {
    const items = knowing({ 'water-goblet': { lasting: 'trend' } })
    const priced = pearl.offers.some((offer) => offer.pieceId === 'napkin-persimmon')
    const look = having({ 'napkin-persimmon': 0 })
    const short: Look = { ...look, setting: { ...look.setting, napkin: { ...pearl.setting.napkin!, pieceId: 'napkin-persimmon' } } }
    const trend = lastingSpend(short, [
      ...items.filter((item) => item.piece.id !== 'napkin-persimmon'),
      ...knowing({ 'napkin-persimmon': { lasting: 'trend' } }).filter((item) => item.piece.id === 'napkin-persimmon')
    ]).find((one) => one.lasting === 'trend')!
    expect(trend.kinds).toBe(2)
    // of the two only the goblet is in the house
    expect(trend.gapKinds).toBe(1)
    expect(trend.toBuyCents > 0).toBe(priced)
  })
})
