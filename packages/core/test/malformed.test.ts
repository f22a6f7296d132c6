import { createAssessor, seededRandom, standingKinds, type Look, type Random, readCsv, writeCsv } from '@hestiad/core'
import { cupboardColumns, factsFaults, parseLook, pieceFaults, readCupboardCsv, validateLook, writeCupboardCsv } from '@hestiad/core/formats'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoLook, items } from './support/looks.js'
import { many } from './support/many.js'

type Node = Record<string, unknown>
const pick = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!

/** Every place in a document that holds something, as JSON Pointers with their parent. */
function placesOf(value: unknown, at = ''): { at: string; parent: Node; key: string }[] {
  if (typeof value !== 'object' || value === null) return []
  return Object.entries(value).flatMap(([key, inner]) => [{ at: `${at}/${key}`, parent: value as Node, key }, ...placesOf(inner, `${at}/${key}`)])
}

describe('a spoiled look file', () => {
  it('is refused at the spoiled place or within its parent, on 80 seeded spoilings', () => {
    const random = seededRandom(1234)
    for (let round = 0; round < many(80); round++) {
      const look = structuredClone(demoLook()) as unknown as Node
      const { at, parent, key } = pick(random, placesOf(look))
      const isListItem = Array.isArray(parent)
      if (round % 2 === 0 || isListItem) parent[key] = pick(random, [{ wrong: true }, ['wrong'], -7.25, null, true])
      else Reflect.deleteProperty(parent, key)
      const parsed = parseLook(JSON.stringify(look))
      if (parsed.ok) {
        expect(() => createAssessor().measure(parsed.value), at).not.toThrow()
        continue
      }
      const above = at.slice(0, at.lastIndexOf('/'))
      expect(parsed.faults.length).toBeGreaterThan(0)
      for (const fault of parsed.faults) expect(fault.message).not.toBe('')
      const near = parsed.faults.some(
        (f) =>
          f.place === at ||
          f.place.startsWith(`${at}/`) ||
          f.place === above ||
          f.place.startsWith(`${above}/`) ||
          at.startsWith(`${f.place}/`) ||
          above.endsWith('/kind')
      )
      const elsewhere = parsed.faults.every((f) => !f.place.startsWith(above))
      expect(near || elsewhere, `${at}: ${JSON.stringify(parsed.faults[0])}`).toBe(true)
    }
  })

  it('of any text at all never throws', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.json(),
          fc.jsonValue().map((v) => JSON.stringify(v))
        ),
        (text) => {
          const parsed = parseLook(text)
          expect(parsed.ok).toBe(false)
        }
      ),
      { seed: 5, numRuns: many(200) }
    )
  })

  it('with a sound byte order mark is taken, with a cut end it is not', () => {
    const text = JSON.stringify(demoLook())
    expect(parseLook(`\uFEFF${text}`).ok).toBe(true)
    expect(parseLook(text.slice(0, -1)).ok).toBe(false)
  })

  it('says so of every number out of range, every enum and every color', () => {
    const spoil = (recipe: (look: never) => void): string[] => {
      const look = structuredClone(demoLook())
      recipe(look as never)
      const parsed = validateLook(look)
      return parsed.ok ? [] : parsed.faults.map((f) => `${f.place} ${f.message}`)
    }
    expect(spoil((l: Look & Node) => Object.assign(l.money, { reservePercent: 101 })).join()).toContain('/money/reservePercent must be <= 100')
    expect(spoil((l: Look & Node) => Object.assign(l.school, { comfort: 'cosy' })).join()).toContain('must be one of tight, usual, roomy')
    expect(spoil((l: Look & Node) => Object.assign(l.table, { color: 'red' })).join()).toContain('/table/color must match pattern')
    expect(spoil((l: Look & Node) => Object.assign(l, { format: 'other' })).join()).toContain('/format must be "hestiad-look"')
    expect(spoil((l: Look & Node) => Object.assign(l.table.leaves, { in: 9 })).join()).toContain('/table/leaves/in')
    expect(spoil((l: Look & Node) => Object.assign(l.table, { seatHeightMm: 800 })).join()).toContain('/table/seatHeightMm must be less than heightMm')
  })
})

describe('the piece schema', () => {
  it('knows every kind, and refuses each when one of its sizes is missing', () => {
    const byKind = new Map(demoLook().pieces.map((piece) => [piece.kind, piece]))
    expect(byKind.size).toBe(16)
    for (const kind of standingKinds) expect(byKind.has(kind)).toBe(true)
    for (const piece of byKind.values()) {
      expect(pieceFaults(piece)).toEqual([])
      for (const key of Object.keys(piece)) {
        const without: Node = { ...piece }
        Reflect.deleteProperty(without, key)
        expect(
          pieceFaults(without)
            .map((fault) => fault.place)
            .join(),
          `${piece.kind} without ${key}`
        ).toContain(key === 'kind' ? '' : `/${key}`)
      }
    }
  })
})

describe('a cupboard file', () => {
  const csv = writeCupboardCsv(items(demoLook().pieces))

  it('may have its columns in any order and leave out those it needs not', () => {
    const table = readCsv(csv)
    if (!table.ok) throw new Error(table.message)
    const keep = ['name', 'kind', 'sideMm', 'id', 'owned', 'color', 'accent', 'material'] as const
    const columns = keep.map((name) => cupboardColumns.indexOf(name))
    const napkins = table.rows.filter((row) => row[1] === 'napkin').map((row) => columns.map((c) => row[c]!))
    const read = readCupboardCsv(writeCsv(keep, napkins))
    if (!read.ok) throw new Error(JSON.stringify(read.faults))
    expect(read.value.map((item) => item.piece.id)).toEqual(demoLook().pieces.flatMap((piece) => (piece.kind === 'napkin' ? [piece.id] : [])))
    expect(read.value.every((item) => item.piece.kept === '')).toBe(true)
  })

  it('of any text never throws, and what it takes is sound', () => {
    const lines = csv.split('\r\n')
    const random = seededRandom(9)
    for (let round = 0; round < 300; round++) {
      const spoiled = lines.map((line) =>
        random() < 0.9
          ? line
          : pick(random, ['', '"', ',,,,', line.slice(0, Math.floor(random() * line.length)), `${line},`, line.replace(/\d/g, 'x'), '=HYPERLINK("x")'])
      )
      const read = readCupboardCsv(spoiled.join(pick(random, ['\r\n', '\n'])))
      if (read.ok) for (const { piece, facts } of read.value) expect([...pieceFaults(piece), ...factsFaults(facts)]).toEqual([])
      else expect(read.faults.every((fault) => /^row \d+/.test(fault.place) && fault.message !== '')).toBe(true)
    }
  })
})
