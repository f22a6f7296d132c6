import { createAssessor, newPlaced, seededRandom, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { fieldOf } from '../src/composition/field.js'
import { gapMm, reachMm, type Footprint } from '../src/geometry/footprint.js'
import { contains } from '../src/geometry/outline.js'
import { edgeDistanceMm } from '../src/geometry/polygon.js'
import { tableOutline } from '../src/seating/tableOutline.js'
import { generateLook } from './support/generateLook.js'

const halfLengthMm = 1500
const halfWidthMm = 600
const box = { outline: { kind: 'box', halfLengthMm, halfWidthMm } as const, places: [], laidFromMm: -9999 }

function obstacles(seed: number): Footprint[] {
  const random = seededRandom(seed)
  const between = (low: number, high: number) => low + random() * (high - low)
  return Array.from({ length: 40 }, (_, i): Footprint => {
    const at = { x: between(-halfLengthMm, halfLengthMm), y: between(-halfWidthMm, halfWidthMm) }
    return i % 2 === 0
      ? { kind: 'disc', ...at, radiusMm: between(15, 160) }
      : { kind: 'rect', ...at, halfXMm: between(10, 200), halfYMm: between(8, 60), turnRad: between(0, Math.PI) }
  })
}

describe('what is free of a table', () => {
  // outside check: every obstacle asked, none left out by cells or columns
  it('is as far as asking every single thing says, up to the reach that is looked at', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const taken = obstacles(seed)
      const field = fieldOf(box, [], taken)
      const random = seededRandom(100 + seed)
      for (let i = 0; i < 120; i++) {
        const at = { x: (2 * random() - 1) * halfLengthMm, y: (2 * random() - 1) * halfWidthMm }
        const edge = Math.min(halfLengthMm - Math.abs(at.x), halfWidthMm - Math.abs(at.y))
        const each = Math.min(360, edge, ...taken.map((shape) => gapMm(shape, at)))
        expect(field.clearMm(at)).toBeCloseTo(each, 9)
      }
    }
  })

  // outside check: 40,000 points of the edge of an oval, written by its equation, and every edge of a boat asked
  it('ends at the edge of an oval and of a boat as near as every point of the edge says', () => {
    const oval = { ...box, outline: { kind: 'capsule', straightMm: 400, endMm: 1500, halfWidthMm: 640 } as const }
    const rim = Array.from({ length: 40_000 }, (_, i) => {
      const angle = (i * Math.PI) / 20_000
      return { x: 1500 * Math.cos(angle) + Math.sign(Math.cos(angle)) * 200, y: 640 * Math.sin(angle) }
    })
    rim.push(...Array.from({ length: 801 }, (_, i) => [-1, 1].map((side) => ({ x: i / 2 - 200, y: side * 640 }))).flat())
    const boat = {
      ...box,
      outline: tableOutline({ shape: { kind: 'boat', lengthMm: 2600, widthMm: 1100, endMm: 800 }, leaves: { owned: 0, in: 0, eachMm: 0 } })
    }
    expect(boat.outline.kind).toBe('polygon')
    const [ovalField, boatField] = [fieldOf(oval, [], []), fieldOf(boat, [], [])]
    const random = seededRandom(7)
    for (let i = 0; i < 60; i++) {
      const at = { x: (2 * random() - 1) * 1600, y: (2 * random() - 1) * 600 }
      const away = Math.sqrt(rim.reduce((least, p) => Math.min(least, (p.x - at.x) ** 2 + (p.y - at.y) ** 2), Infinity))
      const signed = contains(oval.outline, at) ? away : -away
      expect(Math.abs(ovalField.edgeMm(at) - signed)).toBeLessThan(0.6)
      expect(Math.abs(ovalField.clearMm(at) - Math.min(360, signed))).toBeLessThan(0.6)
      const points = boat.outline.kind === 'polygon' ? boat.outline.points : []
      const toBoat = (contains(boat.outline, at) ? 1 : -1) * edgeDistanceMm(points, at)
      expect(boatField.edgeMm(at)).toBeCloseTo(toBoat, 6)
      expect(boatField.clearMm(at)).toBeCloseTo(Math.min(360, toBoat), 6)
    }
  })

  // outside check: small steps along four directions until something is met
  it('is nowhere wider than small steps across it find, and nowhere narrower than what is clear all round', () => {
    for (let seed = 1; seed <= 6; seed++) {
      const taken = obstacles(seed)
      const field = fieldOf(box, [], taken)
      const random = seededRandom(200 + seed)
      const isFree = (x: number, y: number) => Math.abs(x) < halfLengthMm && Math.abs(y) < halfWidthMm && taken.every((shape) => gapMm(shape, { x, y }) > 0)
      for (let i = 0; i < 25; i++) {
        const at = { x: (2 * random() - 1) * halfLengthMm, y: (2 * random() - 1) * halfWidthMm }
        const stepped = Math.min(
          ...[0, 1, 2, 3].map((way) => {
            const [x, y] = [Math.cos((way * Math.PI) / 4), Math.sin((way * Math.PI) / 4)]
            return [1, -1].reduce((sum, sign) => {
              let mm = 0
              while (isFree(at.x + sign * x * mm, at.y + sign * y * mm)) mm += 1
              return sum + mm
            }, 0)
          })
        )
        const width = field.freeWidthMm(at, Infinity)
        expect(width).toBeLessThanOrEqual(stepped + 2)
        expect(width).toBeGreaterThanOrEqual(2 * Math.max(0, Math.min(field.clearMm(at), stepped / 2)) - 4)
      }
    }
  })

  it('is nothing within a thing laid, and asked again is the same', () => {
    const [disc] = obstacles(3)
    const field = fieldOf(box, [], [disc!])
    const within = { x: disc!.x, y: disc!.y }
    expect(field.clearMm(within)).toBeCloseTo(-reachMm(disc!), 9)
    expect(field.freeWidthMm(within, Infinity)).toBe(0)
    expect(field.freeWidthMm(within, Infinity)).toBe(0)
    const at = { x: 0, y: 0 }
    const exact = field.freeWidthMm(at, Infinity)
    expect(field.freeWidthMm({ ...at }, Infinity)).toBe(exact)
    // what is wide enough is not measured further
    expect(field.freeWidthMm({ ...at, x: at.x + 1e-9 }, exact / 2)).toBe(exact / 2)
  })
})

const compositionOf = (look: Look) => createAssessor().measure(look).figures.composition

describe('neighbors and groups', () => {
  it('are the same however the pieces are listed', () => {
    for (let seed = 1; seed <= 8; seed++) {
      const look = generateLook(seed, { guests: 8, pieces: 18, manner: 'laid' })
      const turned: Look = { ...look, centerpiece: [...look.centerpiece].reverse() }
      const [a, b] = [compositionOf(look), compositionOf(turned)]
      const sorted = (groups: readonly (readonly string[])[]) => groups.map((group) => [...group].sort().join()).sort()
      expect(sorted(b.groups)).toEqual(sorted(a.groups))
      expect(sorted(b.alike)).toEqual(sorted(a.alike))
      expect(b.levels).toEqual(a.levels)
    }
  })

  it('are the same when the whole middle is moved together, as long as it stays on the table', () => {
    const look = generateLook(4, { guests: 8, pieces: 12, manner: 'laid' })
    const moved: Look = { ...look, centerpiece: look.centerpiece.map((placed) => (placed.on === null ? { ...placed, xMm: placed.xMm + 9 } : placed)) }
    expect(compositionOf(moved).groups).toEqual(compositionOf(look).groups)
    expect(compositionOf(moved).alike).toEqual(compositionOf(look).alike)
  })

  it('things far from one another are no group, three close are one', () => {
    const look = generateLook(1, { guests: 6, pieces: 1, manner: 'laid' })
    const at = (xs: readonly number[]): Look => ({
      ...look,
      centerpiece: xs.map((xMm, i) => newPlaced(`b${i}`, 'jug-oyster', xMm))
    })
    expect(compositionOf(at([-700, 0, 700])).groups).toEqual([])
    expect(compositionOf(at([-120, 0, 120])).groups.map((group) => [...group].sort())).toEqual([['b0', 'b1', 'b2']])
  })
})
