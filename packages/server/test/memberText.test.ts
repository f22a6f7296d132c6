import fc from 'fast-check'
import { describe, expect, it, vi } from 'vitest'
import { memberText } from '../src/http/memberText.js'
import { checkLookBy, lettersIn, lettersOf, lookFrom } from '../src/looks/checkedLook.js'
import type { Workers } from '../src/work/workers.js'
import { validateLook } from '@hestiad/core/formats'
import { demoLook } from './support.js'

describe('an object written by its members', () => {
  it('is the JSON of the object, whatever its members are', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.string(), fc.jsonValue({ maxDepth: 3 })), (value) => {
        expect(JSON.parse(memberText(value))).toEqual(JSON.parse(JSON.stringify(value)))
      }),
      { seed: 13, numRuns: 150 }
    )
    expect(memberText({ a: 1, b: undefined, c: 'two' })).toBe('{"a":1,"c":"two"}')
    const look = demoLook()
    expect(memberText(look)).toBe(JSON.stringify(look))
  })

  it('writes a large member once as long as it is that very member, and anew when it is another', () => {
    const look = demoLook()
    memberText(look)
    const written = vi.spyOn(JSON, 'stringify')
    const again = memberText({ ...look, name: 'Another' })
    const large = written.mock.calls.filter(([value]) => value === look.pieces || value === look.offers)
    written.mockRestore()
    expect(large).toEqual([])
    expect(JSON.parse(again)).toEqual({ ...look, name: 'Another' })
    const fewer = { ...look, pieces: look.pieces.slice(1) }
    expect(JSON.parse(memberText(fewer))).toEqual(fewer)
  })
})

describe('a look from outside', () => {
  const worker = () => {
    const run = vi.fn((_: string, [value]: readonly unknown[]) => Promise.resolve(validateLook(value)))
    return { run, workers: { run } as unknown as Workers }
  }

  it('is checked here where it is small and in a thread where it is large, with the same answer', async () => {
    const look = demoLook()
    for (const value of [look, { ...look, table: { ...look.table, heightMm: 'high' } }, null, []]) {
      const { run, workers } = worker()
      const here = await checkLookBy(workers)(value, 1_000)
      expect(run).not.toHaveBeenCalled()
      const there = await checkLookBy(workers)(value, 3_000_000)
      expect(run).toHaveBeenCalledTimes(1)
      expect(there).toEqual(here)
    }
  })

  it('is as large as it was sent, or as the pieces and offers it is made of; what says nothing of its size counts as large', async () => {
    expect(lettersIn({ headers: { 'content-length': '12345' } })).toBe(12_345)
    expect(lettersIn({ headers: {} })).toBe(Infinity)
    const look = demoLook()
    const real = JSON.stringify(look.pieces).length + JSON.stringify(look.offers).length
    expect(lettersOf(look)).toBeGreaterThan(0.5 * real)
    expect(lettersOf(look)).toBeLessThan(2 * real)
    const { workers } = worker()
    await expect(lookFrom(workers, 10, { ...look, id: 7 })).rejects.toMatchObject({ code: 'unusable-look', faults: [{ place: '/id' }] })
    expect(await lookFrom(workers, 1_000_000, look)).toEqual(look)
  })
})
