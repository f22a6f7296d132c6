import { cutStock, cuttingPlan, seededRandom } from '@hestiad/core'
import { describe, expect, it } from 'vitest'

describe('cutting from rolls', () => {
  // The paper-mill instance of the cutting-stock literature (rolls of 5600 mm, 13 widths; recalled): 73 rolls, proven.
  it('the paper mill takes 73 rolls, and the bound proves it', () => {
    const mill = [1380, 22, 1520, 25, 1560, 12, 1710, 14, 1820, 18, 1880, 18, 1930, 20, 2000, 10, 2050, 12, 2100, 14, 2140, 16, 2150, 18, 2200, 20]
    const demands = mill.flatMap((length, i) => (i % 2 === 0 ? [{ length, count: mill[i + 1]! }] : []))
    const plan = cutStock(5600, demands)
    expect([plan.rolls, plan.bound]).toEqual([73, 73])
    demands.forEach((demand, i) => expect(plan.patterns.reduce((sum, one) => sum + one.cuts[i]! * one.times, 0)).toBe(demand.count))
  })

  // Martello and Toth, Knapsack Problems, 1990, example of chapter 8 (recalled), and one instance whose optimum is plain: 3 in each bin.
  it.each([
    ['Martello and Toth', 100, [99, 94, 79, 64, 50, 46, 43, 37, 32, 19, 18, 7, 6, 3], 7],
    ['triplets that fill their bins', 100, [48, 47, 45, 44, 27, 26, 28, 26, 25, 27, 27, 30], 4]
  ])('bin packing: %s', (_, capacity, items, bins) => {
    const counts = new Map<number, number>()
    for (const item of items) counts.set(item, (counts.get(item) ?? 0) + 1)
    expect(
      cutStock(
        capacity,
        [...counts].map(([length, count]) => ({ length, count }))
      ).rolls
    ).toBe(bins)
  })

  it('no pattern is longer than its roll, every piece is cut once, and no plan beats its bound', () => {
    const random = seededRandom(6)
    for (let round = 0; round < 40; round++) {
      const demands = Array.from({ length: 1 + Math.floor(random() * 6) }, (_, i) => ({
        length: 100 + 37 * i + Math.floor(random() * 500),
        count: 1 + Math.floor(random() * 12)
      }))
      const plan = cutStock(1200, demands)
      for (const { cuts } of plan.patterns) expect(cuts.reduce((sum, count, i) => sum + count * demands[i]!.length, 0)).toBeLessThanOrEqual(1200)
      expect(demands.map((_, i) => plan.patterns.reduce((sum, one) => sum + one.cuts[i]! * one.times, 0))).toEqual(demands.map((demand) => demand.count))
      expect(plan.rolls).toBeGreaterThanOrEqual(plan.bound)
      expect(plan.rolls - plan.bound).toBeLessThanOrEqual(1)
    }
    expect(() => cutStock(10, [{ length: 11, count: 1 }])).toThrow('at most 10')
  })
})

describe('cutting from fabric', () => {
  const sewing = {
    fabricWidthMm: 1400,
    hemMm: 20,
    shrinkPercent: 0,
    mayTurn: true,
    items: [{ id: 'n', name: 'Napkin', lengthMm: 500, widthMm: 500, count: 6 }]
  }

  it('six napkins of 500 with 20 hems are cut two by two of 1400 wide: three strips of 540', () => {
    expect(cuttingPlan(sewing)).toMatchObject({ fabricMm: 1620, panels: [] })
    expect(cuttingPlan({ ...sewing, shrinkPercent: 10 }).fabricMm).toBe(Math.ceil((3 * 540) / 0.9))
    expect(cuttingPlan({ ...sewing, fabricWidthMm: 1620 }).strips).toHaveLength(2)
  })

  it('beside a long runner lie as many napkins as go in a row, worked by hand: five of 500 beside 2,600, in one strip', () => {
    const items = [
      { id: 'r', name: 'Runner', lengthMm: 2600, widthMm: 400, count: 1 },
      { id: 'n', name: 'Napkin', lengthMm: 480, widthMm: 480, count: 5 }
    ]
    const plan = cuttingPlan({ ...sewing, items })
    expect(plan.fabricMm).toBe(2640)
    expect(plan.strips).toHaveLength(1)
    expect(plan.strips[0]!.pieces.filter((piece) => piece.itemId === 'n').map((piece) => [piece.acrossMm, piece.alongMm])).toEqual(
      [0, 520, 1040, 1560, 2080].map((along) => [440, along])
    )
  })

  it('takes no more fabric than one strip for each length would, and on the mean a good deal less where lengths differ', () => {
    const random = seededRandom(21)
    let saved = 0
    for (let round = 0; round < 40; round++) {
      const items = [0, 1, 2].map((i) => ({
        id: `i-${i}`,
        name: '',
        lengthMm: 300 + Math.floor(random() * 2200),
        widthMm: 250 + Math.floor(random() * 500),
        count: 1 + Math.floor(random() * 5)
      }))
      // side by side only, the way the width is used best: what a plan of plain strips comes to
      const stripped = items.reduce((sum, { lengthMm, widthMm, count }) => {
        const [along, across] = [lengthMm + 40, widthMm + 40]
        return sum + Math.ceil(count / Math.floor(1400 / across)) * along
      }, 0)
      const plan = cuttingPlan({ ...sewing, items, mayTurn: false })
      expect(plan.fabricMm).toBeLessThanOrEqual(stripped)
      saved += 1 - plan.fabricMm / stripped
    }
    expect(saved / 40).toBeGreaterThan(0.08)
  })

  it('what is too wide either way is joined of panels, and every plan holds all pieces within the width and above its bound', () => {
    const cloth = cuttingPlan({ ...sewing, items: [{ id: 'c', name: 'Cloth', lengthMm: 3000, widthMm: 2200, count: 1 }] })
    expect(cloth.panels).toEqual([{ itemId: 'c', count: 2, seams: 1 }])
    const random = seededRandom(8)
    for (let round = 0; round < 60; round++) {
      const items = Array.from({ length: 1 + Math.floor(random() * 4) }, (_, i) => ({
        id: `i-${i}`,
        name: '',
        lengthMm: 200 + Math.floor(random() * 2500),
        widthMm: 200 + Math.floor(random() * 1000),
        count: 1 + Math.floor(random() * 8)
      }))
      const plan = cuttingPlan({ ...sewing, items, mayTurn: round % 2 === 0 })
      expect(plan.fabricMm).toBeGreaterThanOrEqual(plan.boundMm)
      for (const { lengthMm, pieces } of plan.strips) {
        for (const [i, one] of pieces.entries()) {
          expect(one.acrossMm + one.widthMm).toBeLessThanOrEqual(1400.001)
          expect(one.alongMm + one.lengthMm).toBeLessThanOrEqual(lengthMm + 0.001)
          for (const other of pieces.slice(i + 1)) {
            const across = Math.min(one.acrossMm + one.widthMm, other.acrossMm + other.widthMm) - Math.max(one.acrossMm, other.acrossMm)
            const along = Math.min(one.alongMm + one.lengthMm, other.alongMm + other.lengthMm) - Math.max(one.alongMm, other.alongMm)
            expect(Math.min(across, along)).toBeLessThan(0.001)
          }
        }
      }
      const panels = new Map(plan.panels.map((panel) => [panel.itemId, panel.count]))
      for (const item of items)
        expect(plan.strips.flatMap((strip) => strip.pieces).filter((piece) => piece.itemId === item.id)).toHaveLength(item.count * (panels.get(item.id) ?? 1))
    }
  })
})
