import { familiesOf, isStanding, type StandingPiece } from '@hestiad/core'
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { item, type Item } from '../src/composer/item.js'
import type { Table } from '../src/composer/mass.js'
import type { Option } from '../src/composer/stock.js'
import { repeated } from '../src/composer/structures/repeats.js'
import { demoLook } from './support/looks.js'

const { pieces } = demoLook()
const option = (id: string, count: number): Option => {
  const piece = pieces.find((one): one is StandingPiece => one.id === id && isStanding(one))!
  const family = familiesOf(pieces).find((one) => one.pieces.some((other) => other.id === id))!
  return { piece, family, part: 'tray', count, candle: null, suits: 1 }
}
/** A tray with a bowl on its left and a light on its right, and a light of its own beyond either end. */
const group = (trays: number, bowls: number, lights: number): Item[] => [
  item(option('tray-brass-round', trays), 'base', 0),
  item(option('bowl-oyster-small', bowls), 'hero', -50, 0, { onBase: true }),
  item(option('votive-clear', lights), 'light', 80, 0, { onBase: true }),
  item(option('votive-clear', lights), 'light', -260),
  item(option('votive-clear', lights), 'light', 260)
]
const tableOf = (tableHalfMm: number, bays: readonly number[], ring: readonly number[] | null = null) =>
  ({ frame: { tableHalfMm, halfMm: tableHalfMm - 420, bays, ring } }) as unknown as Table
/** Where the trays of a layout stand, and all else along the table. */
const trays = (items: readonly Item[]) => items.filter((one) => one.role === 'base').map((one) => one.x)
const where = (items: readonly Item[]) => {
  const baseOf = (group: number) => items.find((one) => one.role === 'base' && one.group === group)!
  return items.map((one) => ({ id: one.option.piece.id, x: one.x + (one.onBase ? baseOf(one.group).x : 0) }))
}

it('groups again along a long table stand mirrored, each with all that belongs to it, as many as there are of everything, and the one alone comes last', () => {
  const counts = fc.integer({ min: 1, max: 12 })
  const tables = fc.record({ half: fc.integer({ min: 1230, max: 2600 }), seat: fc.integer({ min: 480, max: 700 }) })
  fc.assert(
    fc.property(counts, counts, counts, tables, (trayCount, bowls, lights, { half, seat }) => {
      const bays = [-3, -2, -1, 0, 1, 2, 3].map((i) => i * seat)
      const one = group(trayCount, bowls, lights)
      const layouts = repeated([one], tableOf(half, bays))
      expect(layouts.at(-1)).toBe(one)
      for (const items of layouts.slice(0, -1)) {
        const times = items.length / one.length
        expect([2, 3]).toContain(times)
        expect(trayCount >= times && bowls >= times && lights >= 3 * times).toBe(true)
        expect(new Set(items.filter((each) => each.role === 'base').map((each) => each.group)).size).toBe(times)
        const xs = trays(items)
        expect(xs).toEqual([...xs].sort((a, b) => a - b))
        xs.forEach((x, i) => expect(x + xs[times - 1 - i]!).toBe(0))
        // two of a kind stand mirrored; of three the one in the middle is as it was
        if (times === 2) for (const { id, x } of where(items)) expect(where(items).some((other) => other.id === id && other.x === -x)).toBe(true)
      }
      if (trayCount >= 3 && bowls >= 3 && lights >= 9 && half > 1700) expect(layouts.some((items) => trays(items).length === 3)).toBe(true)
    }),
    { seed: 3, numRuns: 200 }
  )
})

it('up to 96 in, and on a round, nothing comes again', () => {
  const one = group(9, 9, 30)
  expect(repeated([one], tableOf(1219, [0]))).toEqual([one])
  expect(repeated([one], tableOf(1800, [0], [0, 1.57, 3.14, 4.71]))).toEqual([one])
})

it('a gap between guests that is near is kept to, and the even step is tried too', () => {
  const layouts = repeated([group(3, 3, 9)], tableOf(1829, [-1171, -586, 0, 586, 1171]))
  expect(layouts.slice(0, 2).map(trays)).toEqual([
    [-1171, 0, 1171],
    [-1060, 0, 1060]
  ])
})
