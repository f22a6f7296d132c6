import { applyEdit, composeLooks, composeMiddles, pieceUses, type Idea, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { likedBy } from '../src/intent/liked.js'
import { demoLook } from './support/looks.js'

const nobody = { cats: false, dogs: false, toddlers: false }
const liking = (what: string, household: Look['household'] = nobody): Look => {
  const look = demoLook()
  return { ...look, centerpiece: [], household, intent: { ...look.intent, touches: what === '' ? [] : [{ kind: 'taste', what, where: 'Ada' }] } }
}
const laysOf = (look: Look, what: string) => {
  const by = likedBy({ touches: [{ kind: 'taste', what, where: '' }] })
  const used = new Set(pieceUses(look).map((use) => use.pieceId))
  return look.pieces.some((piece) => used.has(piece.id) && by(piece) !== undefined)
}
const patterns = ['one-focus', 'flanked', 'open-middle', 'bud-vases'] as const
const middles = (look: Look) => composeMiddles(look, { patterns, from: 'few-new', want: 6, seed: 1 }).ideas
const laysInMiddle = (look: Look, { edit }: Pick<Idea, 'edit'>, what: string) =>
  laysOf({ ...applyEdit(look, edit), setting: { ...look.setting, napkin: null } }, what)
const middlesOf = (what: string, look: Look) => middles(look).filter((idea) => laysInMiddle(look, idea, what))

describe('what a guest of honor likes', () => {
  it('is a color, a material, a kind, a name or a pattern, in words parted by commas; the first who likes a piece is named', () => {
    const { pieces } = demoLook()
    const by = likedBy({
      touches: [
        { kind: 'surprise', what: 'brass', where: 'under the plate' },
        { kind: 'taste', what: 'Dahlias; brass', where: 'Ada' },
        { kind: 'taste', what: 'brass, linen', where: 'Bo' }
      ]
    })
    const who = (name: string) => by(pieces.find((piece) => piece.name === name)!)
    expect(who('Plum dahlia')).toBe('Ada')
    expect(by(pieces.find((piece) => piece.material === 'brass')!)).toBe('Ada')
    expect(who('Persimmon linen napkin')).toBe('Bo')
    expect(who('White stock')).toBeUndefined()
  })

  it('is composed oftener, with the reason told, in middles and in whole looks', () => {
    const count = { plain: 0, liked: 0 }
    const plain = liking('')
    const unasked = middles(plain)
    for (const what of ['anemone', 'dahlia']) {
      const liked = middlesOf(what, liking(what))
      count.plain += unasked.filter((idea) => laysInMiddle(plain, idea, what)).length
      count.liked += liked.length
      for (const idea of liked) expect(idea.why).toContainEqual(expect.objectContaining({ code: 'liked', whose: 'Ada' }))
    }
    // three times as often, and at least thrice
    expect(count.liked).toBeGreaterThanOrEqual(3 * Math.max(1, count.plain))
    const looks = composeLooks(liking('dahlia, flax'), { from: 'few-new', want: 3, seed: 1 })
    expect(looks.filter((whole) => laysOf(whole.look, 'dahlia')).length).toBeGreaterThan(0)
    const flax = looks.flatMap((whole) => whole.choices).filter(({ pieceId }) => pieceId === 'runner-flax')
    for (const choice of flax) expect(choice.why).toContain('liked')
  })

  it('is told of what is to be bought as well', () => {
    const look = liking('blue')
    const [runner] = look.pieces.filter((piece) => piece.id === 'runner-smoke')
    const sold = { ...(runner ?? look.pieces.find((piece) => piece.kind === 'runner')!), id: 'sold-blue', name: 'Blue runner of the shop', owned: 0, of: null }
    const offers = [{ ...look.offers[0]!, id: 'sold-offer', pieceId: sold.id, priceCents: 900, packSize: 1, stock: 3 }]
    const bare = {
      ...look,
      pieces: look.pieces.filter((piece) => piece.kind !== 'runner'),
      offers: look.offers.filter((one) => one.pieceId !== sold.id),
      linens: { ...look.linens, runner: null }
    }
    const choices = composeLooks(bare, { from: 'few-new', want: 2, seed: 1, shelf: { pieces: [sold], offers } }).flatMap((whole) => whole.choices)
    const chosen = choices.filter((choice) => choice.pieceId === sold.id)
    expect(chosen.length).toBeGreaterThan(0)
    for (const choice of chosen) expect(choice.why).toEqual(expect.arrayContaining(['bought', 'liked']))
  })

  it('forces nothing: what is not for the animals of the house, or must not be there, stays away however much it is liked', () => {
    expect(middlesOf('anemone', liking('anemone', { ...nobody, cats: true }))).toEqual([])
    const look = liking('anemone')
    expect(middlesOf('anemone', { ...look, intent: { ...look.intent, avoid: ['anemone'] } })).toEqual([])
  })

  it('that the house and the shops do not have changes nothing', () => {
    expect(middles(liking('peacock')).map((idea) => idea.centerpiece)).toEqual(middles(liking('')).map((idea) => idea.centerpiece))
  })
})
