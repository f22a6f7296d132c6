import { composeMiddles, composePart, createAssessor, applyEdit, patternNames, type Look, type Stem } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook } from './support/looks.js'

const household = { ...demoLook('mending-circle').household, cats: false, dogs: false }
const mending: Look = { ...demoLook('mending-circle'), household, centerpiece: [] }

/** The house with this many of one focal flower that keeps, and no other. */
function withRoses(count: number): Look {
  const rose = mending.pieces.find((piece): piece is Stem => piece.id === 'rose-faux')!
  return {
    ...mending,
    pieces: mending.pieces.flatMap((piece) =>
      piece.id === rose.id ? [{ ...rose, owned: count }] : piece.kind === 'stem' && piece.role === 'focal' ? [] : [piece]
    )
  }
}

const stemsOf = ({ centerpiece }: Pick<Look, 'centerpiece'>) => {
  const counts = new Map<string, number>()
  for (const { arrangement } of centerpiece) for (const { stemId, count } of arrangement?.stems ?? []) counts.set(stemId, (counts.get(stemId) ?? 0) + count)
  return counts
}
const ownedOf = (look: Look, id: string) => look.pieces.find((piece) => piece.id === id)!.owned
const offeredOf = (look: Look, id: string) =>
  look.offers.filter((offer) => offer.pieceId === id && offer.priceCents !== null).reduce((sum, offer) => sum + offer.packSize * offer.stock, 0)

describe('a composed middle takes no more stems than there are', () => {
  it.each(['pearl-anniversary', 'ferry-crew', 'mending-circle', 'ordinary-week'] as const)(
    '%s: of what is owned where nothing is bought, and of what shops have where it is',
    (name) => {
      const look = { ...demoLook(name), centerpiece: [] }
      for (const from of ['owned', 'few-new'] as const) {
        const { ideas } = composeMiddles(look, { patterns: patternNames, from, want: 10, seed: 2, effort: 0.5 })
        expect(ideas.length).toBeGreaterThan(2)
        for (const idea of ideas) {
          for (const [id, count] of stemsOf(idea)) expect(count).toBeLessThanOrEqual(ownedOf(look, id) + (from === 'owned' ? 0 : offeredOf(look, id)))
          if (from === 'owned') expect(idea.brings.map((finding) => finding.code)).not.toContain('money.gap')
        }
      }
    }
  )

  it('nine faux roses stand in bud vases and fill no bowl; two hundred fill bowls', () => {
    const flowered = (count: number) =>
      composeMiddles(withRoses(count), { patterns: patternNames, from: 'owned', want: 10, seed: 1 }).ideas.flatMap((idea) =>
        idea.centerpiece.filter((placed) => placed.arrangement?.stems.some((line) => line.stemId === 'rose-faux'))
      )
    const most = (count: number) =>
      Math.max(0, ...flowered(count).map((placed) => placed.arrangement!.stems.find((line) => line.stemId === 'rose-faux')!.count))
    expect(flowered(9).length).toBeGreaterThan(0)
    expect(most(9)).toBe(1)
    expect(most(200)).toBeGreaterThan(5)
  })

  it('with no flower in the house every pattern that needs none is still laid with fruit, compotes and small things', () => {
    const look = withRoses(0)
    const { ideas } = composeMiddles(look, { patterns: patternNames, from: 'owned', want: 10, seed: 1 })
    const laid = new Set(ideas.map((idea) => idea.pattern))
    for (const pattern of ['one-focus', 'flanked', 'run', 'garland', 'patch', 'scatter', 'edible-board'] as const) expect(laid).toContain(pattern)
    for (const idea of ideas) expect([...stemsOf(idea).keys()]).toEqual([])
  })

  it('what another occasion lays at the time is not there either, and flowers composed anew in standing vessels keep to it too', () => {
    const look = withRoses(60)
    const [claim] = [{ pieceId: 'rose-faux', count: 55, settled: false }]
    const claimed: Look = { ...look, claims: [{ ...demoLook('pearl-anniversary').claims[0]!, ...claim }] }
    for (const idea of composeMiddles(claimed, { patterns: patternNames, from: 'owned', want: 10, seed: 1 }).ideas)
      expect(stemsOf(idea).get('rose-faux') ?? 0).toBeLessThanOrEqual(5)
    const [first] = composeMiddles(look, { patterns: ['bud-vases', 'one-focus'], from: 'owned', want: 2, seed: 1 }).ideas.filter(
      (idea) => stemsOf(idea).size > 0
    )
    const laid = applyEdit(look, first!.edit)
    for (const idea of composePart(laid, 'flowers', { from: 'owned', want: 3, seed: 1 }).ideas)
      for (const [id, count] of stemsOf(idea)) expect(count).toBeLessThanOrEqual(Math.max(ownedOf(look, id), stemsOf(laid).get(id) ?? 0))
    expect(
      createAssessor()
        .measure(laid)
        .findings.map((finding) => finding.code)
    ).not.toContain('money.gap')
  })
})
