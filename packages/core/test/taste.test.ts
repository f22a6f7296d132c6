import { byTaste, composeLooks, learnTaste, likingOf, seededRandom, traits, traitsOf, type Taste, type TasteChoice, type Traits } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { HELD_BACK, SAYS_NOTHING } from '../src/wholeLook/taste.js'
import { fiveOf } from './support/fiveOf.js'
import { demoLook } from './support/looks.js'

const random = seededRandom(11)
const pick = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)]!
const weightsOf = (of: (trait: (typeof traits)[number]) => number) => Object.fromEntries(traits.map((trait) => [trait, of(trait)])) as Traits
const made = (): Traits => weightsOf((trait) => (['cloth', 'runner', 'charger', 'fruit', 'greens'].includes(trait) ? Math.round(random()) : random()))
/** Chooses among five by a hidden taste, now and then against it, as people do. */
const choice = (hidden: Taste, shown: readonly Traits[]): TasteChoice => {
  const liked = shown.map((one) => ({ one, worth: likingOf(hidden, one) + 0.2 * Math.log(1 / -Math.log(random())) }))
  const [kept, ...others] = liked.sort((a, b) => b.worth - a.worth).map(({ one }) => one)
  return { kept: kept!, others }
}

describe('a taste learned from what was kept and dropped', () => {
  const composed = [...fiveOf('pearl-anniversary'), ...composeLooks(demoLook('mending-circle'), { from: 'few-new', want: 5, seed: 2 })]

  it('puts first what a simulated stylist would keep, for four of five hidden tastes after twenty choices', () => {
    let first = 0
    for (let taste = 0; taste < 40; taste++) {
      const likes = new Set([pick(traits), pick(traits), pick(traits)])
      const hidden: Taste = { weights: weightsOf((trait) => (likes.has(trait) ? (random() < 0.5 ? -4 : 4) : 0)), choices: 0 }
      const five = () => Array.from({ length: 5 }, made)
      const learned = learnTaste(Array.from({ length: 20 }, () => choice(hidden, five())))
      const fresh = five()
      const best = (of: Taste) => [...fresh].sort((a, b) => likingOf(of, b) - likingOf(of, a))[0]
      if (best(learned) === best(hidden)) first++
    }
    expect(first).toBeGreaterThanOrEqual(32)
  })

  it('finds the weights at which the likelihood of the choices, less what holds them back, does not rise in any direction', () => {
    const hidden: Taste = { weights: weightsOf(() => 3 * (random() - 0.5)), choices: 0 }
    const choices = Array.from({ length: 15 }, () => choice(hidden, Array.from({ length: 4 }, made)))
    const likelihood = (taste: Taste) =>
      choices.reduce(
        (sum, { kept, others }) => sum - Math.log([kept, ...others].reduce((all, one) => all + Math.exp(likingOf(taste, one) - likingOf(taste, kept)), 0)),
        0
      ) - traits.reduce((sum, trait) => sum + SAYS_NOTHING * Math.abs(taste.weights[trait]) + (HELD_BACK / 2) * taste.weights[trait] ** 2, 0)
    const learned = learnTaste(choices)
    for (const trait of traits)
      for (const by of [-0.05, 0.05]) {
        const moved = { ...learned, weights: { ...learned.weights, [trait]: learned.weights[trait] + by } }
        expect(likelihood(moved)).toBeLessThanOrEqual(likelihood(learned) + 1e-4)
      }
  })

  it('is none without choices, and then looks keep the order of their scores', () => {
    const none = learnTaste([])
    expect(Object.values(none.weights).every((weight) => weight === 0)).toBe(true)
    const order = byTaste(composed, none).map((one) => one.score)
    expect(order).toEqual([...order].sort((a, b) => b - a))
  })

  it('orders composed looks by it: who always keeps the one with a runner sees those first', () => {
    const withRunner = composed.filter((one) => traitsOf(one).runner === 1)
    const without = composed.filter((one) => traitsOf(one).runner === 0)
    expect(withRunner.length).toBeGreaterThan(0)
    expect(without.length).toBeGreaterThan(0)
    const choices = Array.from({ length: 12 }, () => ({ kept: traitsOf(pick(withRunner)), others: [traitsOf(pick(without)), traitsOf(pick(without))] }))
    const taste = learnTaste(choices)
    expect(taste.weights.runner).toBeGreaterThan(0)
    expect(traitsOf(byTaste(composed, taste)[0]!).runner).toBe(1)
    expect(composeLooks(demoLook('pearl-anniversary'), { from: 'few-new', want: 5, seed: 1, taste }).map((one) => traitsOf(one).runner)[0]).toBe(1)
  })

  it('reads traits between nothing and a little more than full, of every composed look', () => {
    for (const one of composed) for (const [trait, value] of Object.entries(traitsOf(one))) expect([trait, value >= 0 && value <= 1.3]).toEqual([trait, true])
  })
})
