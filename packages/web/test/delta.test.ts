import fc from 'fast-check'
import { expect, it } from 'vitest'
import { deltaOf, withDelta } from '../src/workers/delta.js'

/** JSON as a look has it: no key that means something to JavaScript itself. */
const documents = fc.jsonValue().filter((value) => !JSON.stringify(value).includes('__proto__'))

it('a difference put onto the earlier state gives the later one, whatever both are', () => {
  fc.assert(
    fc.property(documents, documents, (before, after) => {
      expect(withDelta(before, deltaOf(before, after))).toEqual(after)
    }),
    { seed: 11 }
  )
})

it('what did not change stays the same object, so that what is remembered of it holds', () => {
  const piece = { id: 'a', at: [1, 2] }
  const before = { table: { lengthMm: 2000 }, pieces: [piece, { id: 'b', at: [3] }], gone: 1 }
  const copy = structuredClone(before)
  const after = { table: before.table, pieces: [piece, { id: 'b', at: [4] }, { id: 'c', at: [] }] }
  const next = withDelta(copy, deltaOf(before, after)) as typeof after
  expect(next).toEqual(after)
  expect(next.table).toBe(copy.table)
  expect(next.pieces[0]).toBe(copy.pieces[0])
  expect(deltaOf(before, before)).toBeUndefined()
  // equal in all parts is no difference, and what is no plain object goes whole
  expect(deltaOf(before, structuredClone(before))).toBeUndefined()
  const bytes = { free: Uint8Array.of(1, 2, 3) }
  expect(withDelta({ free: Uint8Array.of(9) }, deltaOf({ free: Uint8Array.of(9) }, bytes))).toEqual(bytes)
})
