import { applyEdit, borrowPieces, buyList, changeBorrowed, createAssessor, needs, removeBorrowed, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { findingOf, put, tidyLook } from './support/looks.js'

const tidy = tidyLook()
const small = (look: Look): Look => ({ ...look, household: { cats: false, dogs: false, toddlers: true } })
const codes = (look: Look) =>
  createAssessor()
    .measure(look)
    .findings.filter((one) => one.code.startsWith('hands.'))
    .map((one) => [one.code, one.because])

describe('small children', () => {
  const tea = put('tea', 'tealight-smoke', { candle: { candleId: 'tealight-flameless', lightAtMin: 1110 } })
  const taper = put('taper', 'holder-brass-low', { candle: { candleId: 'taper-flameless', lightAtMin: 1110 } })
  const bare = { ...tidy, linens: { ...tidy.linens, clothId: null, runner: null } }

  it.each([
    ['a candle on coin cells', [tea], [['hands.small', 'coin-cells']]],
    ['a candle on larger cells', [taper], []],
    ['pods', [put('pods', 'pods-poppy')], [['hands.small', 'small-parts']]],
    ['beads', [put('beads', 'beads-wood')], [['hands.small', 'small-parts']]]
  ])('%s', (_, centerpiece, told) => {
    expect(codes(small({ ...bare, centerpiece }))).toEqual(told)
    expect(codes({ ...bare, centerpiece })).toEqual([])
  })

  it('a cloth with things on it can be pulled, a bare table cannot, and what is meant so is not told again', () => {
    const laid = small({ ...bare, linens: { ...bare.linens, clothId: 'cloth-long' }, centerpiece: [taper] })
    expect(codes(laid)).toEqual([['hands.cloth', 'pull']])
    const finding = findingOf(laid, 'hands.cloth')
    expect(codes(applyEdit(laid, finding.remedies[0]!.edit))).toEqual([])
  })
})

describe('borrowed pieces', () => {
  const look: Look = {
    ...tidy,
    setting: { ...tidy.setting, plateIds: ['dinner-slate'] },
    guests: tidy.guests.concat(tidy.guests.map((guest) => ({ ...guest, id: `${guest.id}-b` })))
  }
  const short = (one: Look) => needs(one).find((need) => need.piece.id === 'dinner-slate')!

  it('cover what is short, leave what is owned as it is, and are gone when they are not borrowed after all', () => {
    const before = short(look)
    expect(before.short).toBeGreaterThan(0)
    const lent = applyEdit(look, borrowPieces(look, 'dinner-slate', before.short))
    expect(short(lent)).toMatchObject({ short: 0, borrowed: before.short, owned: before.owned })
    expect(buyList(lent).spendCents).toBeLessThanOrEqual(buyList(look).spendCents)
    const said = applyEdit(lent, changeBorrowed(lent, lent.buying.borrowed[0]!.id, { from: 'The mending circle', backDay: '2027-02-08' }))
    expect(said.buying.borrowed).toEqual([
      { id: 'borrowed-1', pieceId: 'dinner-slate', count: before.short, from: 'The mending circle', backDay: '2027-02-08' }
    ])
    expect(short(applyEdit(said, removeBorrowed(said, 'borrowed-1'))).short).toBe(before.short)
  })
})
