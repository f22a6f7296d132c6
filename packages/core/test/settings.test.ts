import { flatwareFor, MOST_OF_ONE, overlapMm, settingItems, type Course, type FlatwareRole, type Footprint } from '@hestiad/core'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoLook } from './support/looks.js'

const courses: Course[] = ['oysters', 'soup', 'fish', 'salad', 'main', 'dessert']
const usedIn: Partial<Record<FlatwareRole, Course>> = {
  'oyster-fork': 'oysters',
  'soup-spoon': 'soup',
  'fish-fork': 'fish',
  'fish-knife': 'fish',
  'salad-fork': 'salad',
  'dinner-fork': 'main',
  'dinner-knife': 'main',
  'dessert-fork': 'dessert',
  'dessert-spoon': 'dessert'
}

// Ordering rules: Emily Post, Etiquette (recalled); tested as invariants over every order of every menu.
describe('flatware', () => {
  const menus = fc.shuffledSubarray(courses)

  it('lies outside in by the order of the courses, forks left, knives and spoons right, the oyster fork right', () => {
    fc.assert(
      fc.property(menus, (menu) => {
        const { left, right } = flatwareFor(menu, true)
        for (const side of [left, right]) {
          const order = side.map((role) => menu.indexOf(usedIn[role]!))
          expect(order).toEqual([...order].sort((a, b) => b - a))
        }
        expect(left.every((role) => role.endsWith('fork') && role !== 'oyster-fork')).toBe(true)
        expect(right.some((role) => role.endsWith('fork') && role !== 'oyster-fork')).toBe(false)
      }),
      { seed: 7 }
    )
  })

  it('never lays more than three of an implement, loses none, and brings in what is over', () => {
    fc.assert(
      fc.property(menus, fc.boolean(), (menu, above) => {
        const order = flatwareFor(menu, above)
        expect(order.left.length).toBeLessThanOrEqual(MOST_OF_ONE)
        const all = [...order.left, ...order.right, ...order.above, ...order.broughtIn]
        expect(new Set(all).size).toBe(all.length)
        expect(all.length).toBe(Object.values(usedIn).filter((course) => menu.includes(course)).length)
      }),
      { seed: 8 }
    )
  })
})

describe('a place setting', () => {
  it('is as wide as its parts: half a charger and a fork left, half a charger, a knife, a spoon and their gaps right', () => {
    const look = demoLook()
    const layout = settingItems({ ...look, setting: { ...look.setting, glassIds: [] } })
    const half = (12 * 25.4) / 2
    expect(layout.leftMm).toBeCloseTo(half + 10 + 25, 0)
    expect(layout.rightMm).toBeCloseTo(half + 10 + 22 + 10 + 38, 0)
  })

  it('never lays one of its things over another, whatever the menu', () => {
    const look = demoLook()
    fc.assert(
      fc.property(fc.shuffledSubarray(courses), fc.boolean(), (menu, above) => {
        const flatwareIds = look.pieces.filter((p) => p.kind === 'flatware').map((p) => p.id)
        const { items } = settingItems({
          ...look,
          occasion: { ...look.occasion, courses: menu },
          setting: {
            ...look.setting,
            flatwareIds,
            dessertAbove: above,
            breadPlateId: 'bread-oyster',
            napkin: { pieceId: 'napkin-oyster', place: 'left', fold: 'band' }
          }
        })
        const solid = items.filter((item) => !item.stacked)
        const shape = (item: (typeof solid)[number]): Footprint =>
          item.round
            ? { kind: 'disc', x: item.x, y: item.y, radiusMm: item.halfXMm }
            : { kind: 'rect', x: item.x, y: item.y, turnRad: 0, halfXMm: item.halfXMm, halfYMm: item.halfYMm }
        solid.forEach((a, i) =>
          solid.slice(i + 1).forEach((b) => expect(overlapMm(shape(a), shape(b)), `${a.piece.name} and ${b.piece.name} for ${menu.join()}`).toBeLessThan(1))
        )
      }),
      { seed: 9 }
    )
  })

  it('puts the water glass above the knife nearest the plate and wines outward of it', () => {
    const { items } = settingItems(demoLook())
    const knife = items.find((item) => item.piece.id === 'knife-dinner')!
    const [water, wine] = items.filter((item) => item.what === 'glass')
    expect(water!.y - water!.halfYMm).toBeGreaterThan(knife.y + knife.halfYMm)
    expect(wine!.x).toBeGreaterThan(water!.x)
  })
})
