import { existsSync } from 'node:fs'
import { directions, seededRandom } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { bestCasts, type Newness } from '../src/wholeLook/bestCasts.js'
import { castWorth } from '../src/wholeLook/castModel.js'
import type { Uncosted } from '../src/wholeLook/laidCast.js'
import { castBrief } from './support/castBriefs.js'
import { castProgram, solvedByCbc } from './support/castProgram.js'
import { everyCast, modelOf } from './support/casts.js'
import { demoLook } from './support/looks.js'
import { many } from './support/many.js'

const all: Newness = () => 1
const told = (cast: Uncosted) => [cast.napkin, cast.cloth, cast.charger].map((piece) => piece?.id ?? '-').join(' ')

describe('the best casts of the layers', () => {
  it('are worth what the best of every cast gone through are, on seeded briefs, whatever was shown before', () => {
    for (let seed = 1; seed <= many(4); seed++) {
      const random = seededRandom(300 + seed)
      const model = modelOf(castBrief(random))
      const casts = everyCast(model)
      for (const direction of directions) {
        const seen = new Set(casts.filter(() => random() < 0.001).flatMap((cast) => [cast.napkin?.id, cast.cloth?.id, cast.dinner?.id]))
        const newness: Newness = (_, id) => (id === null ? 0.94 : seen.has(id) ? 0.7 : 1)
        const worth = (cast: Uncosted) =>
          (['cloth', 'runner', 'charger', 'dinner', 'napkin'] as const).reduce((left, layer) => left * newness(layer, cast[layer]?.id ?? null), castWorth(model, cast, direction)) // prettier-ignore
        const bestOf = new Map<string, number>()
        for (const cast of casts) bestOf.set(told(cast), Math.max(bestOf.get(told(cast)) ?? 0, worth(cast)))
        const expected = [...bestOf.values()].sort((a, b) => b - a).filter((value) => value > 0).slice(0, 4) // prettier-ignore
        const found = bestCasts(model, direction, newness, 4)
        expect(found.map(told), `${seed} ${direction}`).toEqual([...new Set(found.map(told))])
        expect(found.map(worth), `${seed} ${direction} of ${casts.length}`).toEqual(expected.map((value) => expect.closeTo(value, 9)))
      }
    }
  })

  it.skipIf(!existsSync('/usr/bin/cbc'))(
    'are the optimum of the choice as an integer program, as cbc solves it, on eight seeded briefs, forty in a long run',
    () => {
      for (let seed = 1; seed <= many(8); seed++) {
        const random = seededRandom(700 + seed)
        const model = modelOf(castBrief(random))
        const direction = directions[seed % directions.length]!
        const [best] = bestCasts(model, direction, all, 1)
        expect(castWorth(model, best!, direction), `${seed} ${direction}`).toBeCloseTo(solvedByCbc(castProgram(model, direction)), 6)
      }
    }
  )

  it('are there where everything has to be bought and there is no money, and the cheaper come first', () => {
    const look = demoLook()
    const pieces = look.pieces.map((piece) => ({ ...piece, owned: 0 }))
    const priced = pieces.filter((piece) => piece.kind === 'plate' && piece.role === 'dinner')
    const offers = priced.map((piece, i) => ({ ...look.offers[0]!, id: `o-${i}`, pieceId: piece.id, priceCents: i === 2 ? 90 : 9_000, packSize: 1, stock: 99 }))
    const poor = { ...look, pieces, offers, money: { ...look.money, totalCents: 0 }, intent: { ...look.intent, palette: [] } }
    for (const direction of directions) expect(bestCasts(modelOf(poor), direction, all, 2)[0]?.dinner?.id).toBe(priced[2]!.id)
  })

  it('are sought among all the cupboard has: with more to choose from none is worth less', () => {
    const look = demoLook()
    const half = modelOf({ ...look, pieces: look.pieces.filter((_, i) => i % 2 === 0) }, { from: 'owned' })
    const whole = modelOf(look, { from: 'owned' })
    for (const direction of directions) {
      const [few] = bestCasts(half, direction, all, 1)
      const [best] = bestCasts(whole, direction, all, 1)
      expect(castWorth(whole, best!, direction)).toBeGreaterThanOrEqual(castWorth(half, few!, direction) - 1e-9)
    }
  })
})
