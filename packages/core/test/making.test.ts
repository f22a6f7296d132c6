import {
  applyEdit,
  arrangementNeeds,
  buyList,
  clothFit,
  createAssessor,
  findPiece,
  findingKey,
  makingDo,
  newDish,
  newGuest,
  pieceIndex,
  reachLines,
  seatPlan,
  servings,
  stemAsks,
  tableDishes,
  whoCannotEat,
  type Look,
  type Piece
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { generateLook } from './support/generateLook.js'
import { bareLook, demoLook, findingOf, firstOf, guests, longTable, put, withPiece } from './support/looks.js'
import { tables } from './support/tables.js'

const demo = demoLook()
const inch = 25.4

describe('making do with what is in the house', () => {
  const looks = ['pearl-anniversary', 'mending-circle', 'ferry-crew'].map((name) => demoLook(name))
  const found = looks.flatMap((look) => makingDo(createAssessor(), look).map((one) => ({ look, one })))

  it('saves just what it says, with pieces of the house alone, and brings what it names', () => {
    expect(found.length).toBeGreaterThan(0)
    for (const { look, one } of found) {
      const after = applyEdit(look, one.edit)
      expect(buyList(look).openCents - buyList(after).openCents).toBe(one.savesCents)
      expect(one.savesCents).toBeGreaterThan(0)
      expect(buyList(after).lines.some((line) => line.need.piece.id === one.withId)).toBe(false)
      const had = new Set(createAssessor().measure(look).each.map(findingKey))
      const fresh = createAssessor().measure(after).each.filter((finding) => !had.has(findingKey(finding))) // prettier-ignore
      expect(fresh.every((finding) => one.brings.some((told) => findingKey(told) === findingKey(finding)))).toBe(true)
    }
  })

  it('never offers another kind of thing, nor one of half or twice the size', () => {
    for (const { look, one } of found) {
      const [from, to] = [one.pieceId, one.withId].map((id) => look.pieces.find((piece) => piece.id === id)!)
      expect(to!.kind).toBe(from!.kind)
      for (const name of ['diameterMm', 'heightMm', 'sideMm', 'lengthMm'] as const) {
        const [a, b] = [from, to].map((piece) => (piece as unknown as Record<string, number | undefined>)[name])
        if (a && b) expect(Math.max(a / b, b / a)).toBeLessThan(2.5)
      }
    }
  })
})

describe('stems are bought', () => {
  it('as long as the longest cut of them asks with the recut, the same on the list as on the panel', () => {
    const index = pieceIndex(demo)
    const asks = stemAsks(demo)
    const longest = new Map<string, number>()
    for (const placed of demo.centerpiece) {
      const vessel = findPiece(index, placed.pieceId, 'vessel')
      if (!vessel || !placed.arrangement) continue
      const { buyAtLeastMm } = arrangementNeeds(vessel, placed.arrangement, 'usual', index)
      for (const { stemId } of placed.arrangement.stems) longest.set(stemId, Math.max(buyAtLeastMm, longest.get(stemId) ?? 0))
    }
    expect([...asks].map(([id, ask]) => [id, ask.atLeastMm])).toEqual([...longest])
  })

  it.each([
    ['Daucus carota', 'tops'],
    ['Allium', 'roots'],
    ['Rosa', null]
  ] as const)('%s with its %s', (genus, keep) => {
    const stemId = demo.centerpiece.find((placed) => placed.arrangement)!.arrangement!.stems[0]!.stemId
    expect(stemAsks(withPiece(demo, stemId, { genus })).get(stemId)!.keep).toBe(keep)
  })
})

describe('candlesticks of another metal', () => {
  const sticks = (ids: readonly string[]): Look => ({ ...bareLook(), centerpiece: ids.map((id, i) => put(`s${i}`, id, { xMm: 260 * i - 400 })) })

  it('are told where they are few among many, not where two metals are mixed half and half', () => {
    expect(firstOf(sticks(['stick-brass-mid', 'stick-brass-high', 'stick-pewter-mid']), 'holders.metals')?.at).toMatchObject({ pieceId: 'stick-pewter-mid' })
    expect(firstOf(sticks(['stick-brass-mid', 'stick-pewter-mid']), 'holders.metals')).toBeUndefined()
    expect(firstOf(sticks(['stick-brass-mid', 'stick-brass-high', 'stick-glass-low']), 'holders.metals')).toBeUndefined()
  })

  it('may be sprayed: the can goes on the list, its price and a day to dry are said, and the note is gone', () => {
    const look = sticks(['stick-brass-mid', 'stick-brass-high', 'stick-pewter-mid'])
    const remedy = findingOf(look, 'holders.metals').remedies.find((one) => one.code === 'spray')!
    expect(remedy.params).toMatchObject({ pieceId: 'stick-pewter-mid', dryHours: 24 })
    const sprayed = applyEdit(look, remedy.edit)
    expect(firstOf(sprayed, 'holders.metals')).toBeUndefined()
    expect(buyList(sprayed).lines.map((line) => (line.need.piece as Piece & { use?: string }).use)).toContain('spray')
    expect(buyList(look).lines.map((line) => (line.need.piece as Piece & { use?: string }).use)).not.toContain('spray')
  })
})

describe('a cloth judged before it is bought', () => {
  // Hang = (cloth - table) / 2 on each side, as every linen size chart has it.
  it.each([
    [[90, 60], [72, 42], 9, 9],
    [[120, 60], [72, 42], 9, 24]
  ] as const)('of %j in on %j in hangs %d to %d in', (cloth, table, least, most) => {
    const look: Look = { ...demo, table: longTable(table[0], table[1]), guests: guests(4) }
    const extent = { kind: 'rectangle', lengthMm: cloth[0] * inch, widthMm: cloth[1] * inch } as const
    const { hang, offMm } = clothFit(look, seatPlan(look).outline, { extent })
    expect([hang.leastMm / inch, hang.mostMm / inch].map((value) => Math.round(value * 100) / 100)).toEqual([least, most])
    expect(offMm === 0).toBe(most <= 10)
  })
})

describe('dishes and who is served by them', () => {
  it('reach lines and the share of guests who reach a dish are one rule', () => {
    for (const look of [tables.oval(), tables.round(), tables.L()]) {
      const served: Look = {
        ...look,
        menu: {
          ...look.menu,
          service: 'family',
          dishes: [{ ...newDish('stew', 'main'), name: 'Stew', vesselId: look.pieces.find((piece) => piece.kind === 'vessel' && piece.form === 'bowl')!.id }]
        }
      }
      const plan = seatPlan(served)
      const dishes = tableDishes(served, plan, [], [], servings(served)).filter((dish) => dish.at)
      expect(dishes.length).toBeGreaterThan(0)
      for (const dish of dishes) {
        const lines = reachLines(plan, dish)
        expect(lines).toHaveLength(plan.places.length)
        expect(lines.filter((line) => line.reached).length / lines.length).toBeCloseTo(dish.inReach, 9)
        for (const line of lines) expect(line.beyondMm > 0).toBe(!line.reached)
      }
    }
  })

  it('names those who cannot eat it and those for whom nobody said enough, and nobody without a diet', () => {
    const company = ['', 'vegetarian', 'nuts'].map((diet, i) => ({ ...newGuest(i + 1), diet }))
    const names = (name: string, contains: string) => {
      const { cannot, unchecked } = whoCannotEat({ name, contains }, company)
      return [cannot, unchecked].map((list) => list.map((guest) => guest.diet))
    }
    expect(names('Roast duck', 'persimmon')).toEqual([['vegetarian'], []])
    expect(names('Cake', 'walnuts, butter')).toEqual([['nuts'], []])
    expect(names('Surprise', '')).toEqual([[], ['vegetarian', 'nuts']])
  })
})

it('every look laid by chance is read without a fault by what is new', () => {
  for (let seed = 1; seed <= 12; seed++) {
    const look = generateLook(300 + seed, { guests: 2 + (seed % 9), pieces: 3 + (seed % 7), manner: 'wild' })
    for (const { atLeastMm } of stemAsks(look).values()) expect(atLeastMm).toBeGreaterThan(38)
    for (const one of makingDo(createAssessor(), look)) expect(one.pieceId).not.toBe(one.withId)
  }
})
