import { applyEdit, createAssessor, findingCodes, makeEdit, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { createEngine } from '../src/assess/engine.js'
import { subjects } from '../src/assess/subjects.js'
import { part, type Part } from '../src/subject/part.js'
import { generateLook } from './support/generateLook.js'
import { demoLook } from './support/looks.js'

const demo = demoLook()

/** A part, and all it needs, in the order in which they are found. */
function withNeeds(found: Set<Part<unknown>>, one: Part<unknown>): Set<Part<unknown>> {
  if (found.has(one)) return found
  found.add(one)
  for (const need of Object.values(one.needs)) withNeeds(found, need)
  return found
}

describe('what the engine remembers', () => {
  const counted = () => {
    let worked = 0
    const sum = part({
      reads: ['guests'],
      needs: {},
      work: ({ guests }) => {
        worked++
        return { count: guests.length }
      },
      same: (before, after) => before.count === after.count
    })
    let told = 0
    const next = part({
      reads: ['name'],
      needs: { sum },
      work: ({ name }, needed) => {
        told++
        return `${name} ${needed.sum.count}`
      }
    })
    return { sum, next, times: () => [worked, told] }
  }

  it('is worked out again only when what it reads is another object', () => {
    const { next, times } = counted()
    const engine = createEngine()
    expect(engine(demo)(next)).toBe(`${demo.name} 10`)
    expect(engine({ ...demo, centerpiece: [] })(next)).toBe(`${demo.name} 10`)
    expect(times()).toEqual([1, 1])
    engine({ ...demo, name: 'Other' })(next)
    expect(times()).toEqual([1, 2])
    engine(demo)(next)
    expect(times()).toEqual([1, 2])
  })

  it('stays the same object while it is as good, so that what needs it is not worked out again', () => {
    const { sum, next, times } = counted()
    const engine = createEngine()
    const first = engine(demo)(sum)
    const renamed: Look = { ...demo, guests: demo.guests.map((guest) => ({ ...guest, name: 'Ada' })) }
    engine(demo)(next)
    expect(engine(renamed)(sum)).toBe(first)
    engine(renamed)(next)
    expect(times()).toEqual([2, 1])
    expect(engine({ ...demo, guests: demo.guests.slice(1) })(next)).toBe(`${demo.name} 9`)
  })

  it('is let go after four others', () => {
    const { sum, times } = counted()
    const engine = createEngine()
    for (let n = 0; n < 5; n++) engine({ ...demo, guests: demo.guests.slice(n) })(sum)
    engine({ ...demo })(sum)
    expect(times()[0]).toBe(6)
  })
})

describe('a part', () => {
  it('is given what it says it reads and nothing else', () => {
    const seen = part({ reads: ['name', 'guests'], needs: {}, work: (look) => Object.keys(look) })
    expect(createEngine()(demo)(seen)).toEqual(['name', 'guests'])
  })

  it('of any subject answers alike on a look of which every member it does not read has changed', () => {
    const parts = new Set<Part<unknown>>()
    for (const { figures, findings, headline } of subjects)
      for (const one of [...Object.values(figures), findings, ...Object.values(headline)]) withNeeds(parts, one)
    expect(parts.size).toBeGreaterThan(30)
    const look = generateLook(41, { guests: 6, pieces: 9, manner: 'wild' })
    const other = generateLook(42, { guests: 9, pieces: 5, manner: 'wild' })
    for (const one of parts) {
      const reads = new Set<string>([...withNeeds(new Set(), one)].flatMap((need) => need.reads))
      const mixed = Object.fromEntries(Object.keys(look).map((member) => [member, (reads.has(member) ? look : other)[member as keyof Look]])) as unknown as Look
      expect(createEngine()(mixed)(one)).toEqual(createEngine()(look)(one))
    }
  })
})

describe('subjects', () => {
  it('propose for every finding, each by one of them alone', () => {
    expect(findingCodes.length).toBeGreaterThan(80)
    expect(new Set(findingCodes).size).toBe(findingCodes.length)
  })

  it('a guest renamed and a piece moved leave every figure that is about neither the same object', () => {
    const { measure } = createAssessor()
    const before = measure(demo).figures
    const moved = measure(
      applyEdit(
        demo,
        makeEdit(demo, 'move', (draft) => void (draft.centerpiece[0]!.xMm += 3))
      )
    ).figures
    expect(moved.seats).toBe(before.seats)
    expect([moved.money, moved.florals, moved.setting]).toEqual([before.money, before.florals, before.setting])
    expect(moved.money).toBe(before.money)
    expect(moved.sight).not.toBe(before.sight)
  })
})
