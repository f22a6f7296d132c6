import { readFileSync } from 'node:fs'
import { pathToFileURL } from 'node:url'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import * as source from '../src/index.js'
import { lookHash } from '../src/journal/lookHash.js'
import { demoLook } from './support/looks.js'

/** The same, written out plainly: members by name, parts as their own fingerprints, two multiplicative hashes of 32 bits (cyrb53, in the public domain). */
function plainHash(value: unknown): string {
  if (typeof value !== 'object' || value === null) return `${typeof value}:${String(value)}`
  const inner = Array.isArray(value)
    ? value.map(plainHash)
    : Object.entries(value)
        .filter(([, part]) => part !== undefined)
        .sort(([a], [b]) => (a < b ? -1 : 1))
        .map(([name, part]) => `${JSON.stringify(name)}=${plainHash(part)}`)
  let [a, b] = [0xdeadbeefn, 0x41c6ce57n]
  const times = (x: bigint, y: bigint) => (x * y) & 0xffffffffn
  const text = `${Array.isArray(value) ? 'list' : 'object'}(${inner.join(',')})`
  for (let i = 0; i < text.length; i++) {
    const code = BigInt(text.charCodeAt(i))
    a = times(a ^ code, 2_654_435_761n)
    b = times(b ^ code, 1_597_334_677n)
  }
  const [before, beside] = [a, b]
  a = times(before ^ (before >> 16n), 2_246_822_507n) ^ times(beside ^ (beside >> 13n), 3_266_489_909n)
  b = times(beside ^ (beside >> 16n), 2_246_822_507n) ^ times(a ^ (a >> 13n), 3_266_489_909n)
  return (4_294_967_296n * (b & 2_097_151n) + a).toString(36)
}

const json = fc.jsonValue({ maxDepth: 4 }).filter((value) => typeof value === 'object' && value !== null) as fc.Arbitrary<object>

describe('the fingerprint of a document', () => {
  it('is what the plain way comes to, whatever members it has and whatever was asked before', () => {
    fc.assert(
      fc.property(json, (document) => {
        expect(lookHash(document)).toBe(plainHash(document))
      }),
      { seed: 7, numRuns: 300 }
    )
    const look = demoLook()
    expect(lookHash(look)).toBe(plainHash(look))
  })

  it('tells apart what only looks alike: a number and its text, a list and an object, names that hold each other', () => {
    const alike: object[] = [
      { a: 1 },
      { a: '1' },
      { a: [1] },
      { a: { 0: 1 } },
      { a: null },
      { a: 'null' },
      { a: false },
      { a: {} },
      { a: [] },
      { 'a"=number:1,"b': 2 },
      { a: 1, b: 2 },
      { a: [1, 2] },
      { a: [[1], 2] },
      { a: [[1, 2]] },
      [{ a: 1 }],
      {}
    ]
    expect(new Set(alike.map(lookHash)).size).toBe(alike.length)
  })

  it('changes with every single member of a look', () => {
    const look = demoLook()
    const before = lookHash(look)
    for (const name of Object.keys(look)) expect(lookHash({ ...look, [name]: 'another' }), name).not.toBe(before)
    look.centerpiece.forEach((placed, i) => {
      const centerpiece = look.centerpiece.map((one, j) => (i === j ? { ...placed, xMm: placed.xMm + 1 } : one))
      expect(lookHash({ ...look, centerpiece })).not.toBe(before)
    })
  })
})

describe('the bundle that servers and threads load', () => {
  const built = (name: string) => new URL(`../dist/bundle/${name}.js`, import.meta.url)

  it('has every name of the core’s source and no other', async () => {
    const bundle = (await import(pathToFileURL(built('index').pathname).href)) as Record<string, unknown>
    expect(Object.keys(bundle).sort()).toEqual(Object.keys(source).sort())
  })

  it('asks for nothing but what comes with Node.js and the checks’ own library', () => {
    for (const name of ['index', 'formats']) {
      const text = readFileSync(built(name), 'utf8')
      const asked = [...text.matchAll(/^import [^'"]*['"]([^'"]+)['"]/gm)].map(([, from]) => from!)
      expect(asked.filter((from) => !from.startsWith('.') && !from.startsWith('node:'))).toEqual([])
    }
  })
})
