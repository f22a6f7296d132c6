import {
  clothDrop,
  cheapestPacks,
  flameDistanceMm,
  flamesOf,
  seatPlan,
  seededRandom,
  settingItems,
  standings,
  tableOutline,
  type Extent,
  type Look,
  type Offer,
  type Outline,
  type Random,
  type Table,
  type WorldSolid
} from '@hestiad/core'
import polygonClipping, { type Polygon } from 'polygon-clipping'
import { describe, expect, it } from 'vitest'
import { hiddenAndRegained, hiddenShare } from '../src/sight/hiddenShare.js'
import { ROWS, rowHalfWidthMm, type Shadow } from '../src/sight/shadow.js'
import { laidItems, settingCrowding, TOUCH_MM } from '../src/settings/settingCrowding.js'
import { corners } from '../src/geometry/footprint.js'
import { demoLook, guests, longTable, ovalTable, roundTable } from './support/looks.js'

/** Every fast computation here is held against a slow one that anybody can see is right. */
const pick = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!

describe('packs', () => {
  /** All ways to take packs, tried one by one. */
  function cheapestByTrying(need: number, offers: readonly Offer[]): { cents: number; pieces: number } {
    let best = { cents: Infinity, pieces: Infinity }
    const take = (i: number, cents: number, pieces: number): void => {
      if (pieces >= need && (cents < best.cents || (cents === best.cents && pieces < best.pieces))) best = { cents, pieces }
      const offer = offers[i]
      if (!offer) return
      for (let packs = 0; packs <= offer.stock; packs++) take(i + 1, cents + packs * offer.priceCents!, pieces + packs * offer.packSize)
    }
    take(0, 0, 0)
    return best
  }

  it('cost what trying every way costs, and leave as little over', () => {
    const random = seededRandom(77)
    for (let round = 0; round < 300; round++) {
      const offers = Array.from({ length: 1 + Math.floor(random() * 3) }, (_, i) => ({
        id: `o${i}`,
        pieceId: 'x',
        shop: 's',
        packSize: 1 + Math.floor(random() * 7),
        priceCents: 100 * (1 + Math.floor(random() * 9)),
        stock: Math.floor(random() * 5),
        leadDays: 0,
        listCents: null,
        untilDay: null,
        noted: null
      }))
      const stock = offers.reduce((sum, o) => sum + o.packSize * o.stock, 0)
      const need = Math.min(stock, 1 + Math.floor(random() * 18))
      if (need === 0) continue
      const slow = cheapestByTrying(need, offers)
      const fast = cheapestPacks(need, offers)
      expect([fast.costCents, fast.pieces], `round ${round}`).toEqual([slow.cents, slow.pieces])
    }
  })
})

describe('shadows on a face', () => {
  const anyShadow = (random: Random): Shadow => {
    const first = Math.floor(random() * ROWS)
    const rows = 1 + Math.floor(random() * (ROWS - first))
    const ends = Array.from({ length: rows }, (_, i) => {
      const half = rowHalfWidthMm[first + i]!
      return [(random() * 2 - 1) * half, (random() * 2 - 1) * half].sort((a, b) => a - b) as [number, number]
    })
    return {
      pair: 0,
      opacity: pick(random, [0.15, 0.35, 0.7, 0.95, 1]),
      first,
      left: ends.map((e) => e[0]),
      right: ends.map((e) => e[1]),
      share: Array.from({ length: rows }, () => 1)
    }
  }

  /** Rows cut into thin slices; each slice asks every shadow. */
  function hiddenBySlices(shadows: readonly Shadow[]): number {
    let hidden = 0
    let all = 0
    for (let k = 0; k < ROWS; k++) {
      const half = rowHalfWidthMm[k]!
      const slices = 800
      for (let i = 0; i < slices; i++) {
        const x = -half + (2 * half * (i + 0.5)) / slices
        let passes = 1
        for (const s of shadows) {
          const j = k - s.first
          if (j >= 0 && j < s.left.length && s.left[j]! <= x && x <= s.right[j]!) passes *= 1 - s.opacity
        }
        hidden += (1 - passes) * ((2 * half) / slices)
        all += (2 * half) / slices
      }
    }
    return hidden / all
  }

  it('hide together what asking slice by slice finds, for up to six of them', () => {
    const random = seededRandom(12)
    for (let round = 0; round < 60; round++) {
      const shadows = Array.from({ length: round % 7 }, () => anyShadow(random))
      expect(Math.abs(hiddenShare(shadows) - hiddenBySlices(shadows)), `round ${round}`).toBeLessThan(0.003)
    }
  })

  it('cost for each owner what is hidden less what is hidden without it, however many lie over one another', () => {
    const random = seededRandom(14)
    for (let round = 0; round < 80; round++) {
      const shadows = Array.from({ length: 1 + (round % 9) }, () => ({ ...anyShadow(random), ...(random() < 0.3 && { opacity: 1 }) }))
      const owners = 1 + (round % 4)
      const owner = shadows.map((_, i) => i % owners)
      const { hidden, regained } = hiddenAndRegained(shadows, owner, owners)
      expect(hidden).toBeCloseTo(hiddenShare(shadows), 9)
      regained.forEach((share, o) => {
        const without = hiddenShare(shadows.filter((_, i) => owner[i] !== o))
        expect(share, `round ${round}, owner ${o}`).toBeCloseTo(hidden - without, 9)
      })
    }
  })

  it('hide the same in any order, and never less with one more', () => {
    const random = seededRandom(13)
    for (let round = 0; round < 60; round++) {
      const shadows = Array.from({ length: 4 }, () => anyShadow(random))
      const all = hiddenShare(shadows)
      expect(hiddenShare([...shadows].reverse())).toBeCloseTo(all, 9)
      expect(hiddenShare(shadows.slice(1))).toBeLessThanOrEqual(all + 1e-9)
      expect(all).toBeLessThanOrEqual(1)
    }
  })
})

describe('places on a curve', () => {
  /** The chord found by walking a fine polyline with ever smaller steps of chord. */
  function chordByWalking(outline: Outline & { kind: 'capsule' }, count: number): number {
    const points = Array.from({ length: 20_001 }, (_, i) => {
      const angle = (i / 20_000) * 2 * Math.PI
      const cos = Math.cos(angle)
      return [outline.endMm * cos + (Math.sign(Math.round(cos * 1e9)) * outline.straightMm) / 2, outline.halfWidthMm * Math.sin(angle)] as const
    })
    const stepsFor = (chord: number) => {
      let steps = 0
      let from = points[0]!
      for (const [i, p] of points.entries()) {
        const before = points[Math.max(0, i - 1)]!
        const gap = Math.hypot(p[0] - before[0], p[1] - before[1])
        const parts = Math.max(1, Math.ceil(gap))
        for (let j = 1; j <= parts; j++) {
          const q = [before[0] + ((p[0] - before[0]) * j) / parts, before[1] + ((p[1] - before[1]) * j) / parts] as const
          if (Math.hypot(q[0] - from[0], q[1] - from[1]) < chord) continue
          from = q
          steps++
        }
      }
      return steps
    }
    let low = 10
    let high = 5000
    for (let i = 0; i < 24; i++) {
      const middle = (low + high) / 2
      if (stepsFor(middle) >= count) low = middle
      else high = middle
    }
    return low
  }

  it.each<[string, Table, number]>([
    ['a circle', roundTable(60), 7],
    ['an oval', ovalTable(100, 50), 9],
    ['an oval with leaves', { ...ovalTable(68, 50), leaves: { owned: 2, in: 2, eachMm: 457.2 } }, 10],
    ['a racetrack', { ...ovalTable(96, 48), shape: { kind: 'racetrack', lengthMm: 2438, widthMm: 1219 } }, 8]
  ])('give everybody on %s the chord that walking the edge finds', (_, table, count) => {
    const outline = tableOutline(table) as Outline & { kind: 'capsule' }
    const slow = chordByWalking(outline, count)
    const { places } = seatPlan({ table: { ...table, heads: 'closed' }, guests: guests(count), school: demoLook().school })
    for (const place of places) expect(Math.abs(place.widthMm - slow)).toBeLessThan(1.5)
  })
})

describe('cloths', () => {
  /** Least reach of a cloth beyond the table along the outward normal, by tiny steps outward at many points of the edge. */
  function leastDropByStepping(cloth: { a: number; b: number }, table: { a: number; b: number }): number {
    let least = Infinity
    for (let i = 0; i < 720; i++) {
      const angle = (i / 720) * 2 * Math.PI
      const x = table.a * Math.cos(angle)
      const y = table.b * Math.sin(angle)
      const size = Math.hypot(Math.cos(angle) / table.a, Math.sin(angle) / table.b)
      const nx = Math.cos(angle) / table.a / size
      const ny = Math.sin(angle) / table.b / size
      let t = 0
      while (((x + nx * t) / cloth.a) ** 2 + ((y + ny * t) / cloth.b) ** 2 <= 1) t += 0.5
      least = Math.min(least, t)
    }
    return least
  }

  it.each([
    [1300, 900, 1000, 600],
    [1500, 800, 1250, 640],
    [900, 900, 600, 500]
  ])('oval %i x %i on oval %i x %i hang least where stepping outward says', (ca, cb, ta, tb) => {
    const cloth: Extent = { kind: 'oval', lengthMm: 2 * ca, widthMm: 2 * cb }
    const hang = clothDrop(cloth, { kind: 'capsule', straightMm: 0, endMm: ta, halfWidthMm: tb })
    expect(Math.abs(hang.leastMm - leastDropByStepping({ a: ca, b: cb }, { a: ta, b: tb }))).toBeLessThan(2)
  })
})

describe('flames', () => {
  const look = demoLook()
  const lit = { ...look.centerpiece.find((p) => p.id === 'taper-1')!, xMm: 0, yMm: 0 }
  const [flame] = flamesOf(standings({ centerpiece: [lit], pieces: look.pieces }), look.occasion.endMin)

  it('are as far from a thing as the nearest of many points of it', () => {
    const random = seededRandom(21)
    for (let round = 0; round < 40; round++) {
      const z0Mm = random() * 300
      const z1Mm = z0Mm + 5 + random() * 200
      const at = { x: (random() * 2 - 1) * 500, y: (random() * 2 - 1) * 500, turnRad: random() * 6, z0Mm, z1Mm, part: 'body' as const, opacity: 1 }
      const solid: WorldSolid =
        round % 2 === 0 ? { ...at, kind: 'box', halfXMm: 10 + random() * 90, halfYMm: 10 + random() * 90 } : { ...at, kind: 'frustum', r0Mm: 60, r1Mm: 60 }
      let nearest = Infinity
      for (let i = 0; i < 4000; i++) {
        const z = z0Mm + random() * (z1Mm - z0Mm)
        const u = random() * 2 - 1
        const v = random() * 2 - 1
        const local =
          solid.kind === 'box'
            ? [u * solid.halfXMm, v * solid.halfYMm]
            : [60 * Math.sqrt(Math.abs(u)) * Math.cos(v * Math.PI), 60 * Math.sqrt(Math.abs(u)) * Math.sin(v * Math.PI)]
        const x = solid.x + local[0]! * Math.cos(solid.turnRad) - local[1]! * Math.sin(solid.turnRad)
        const y = solid.y + local[0]! * Math.sin(solid.turnRad) + local[1]! * Math.cos(solid.turnRad)
        const upright = Math.max(0, flame!.lowMm - z, z - flame!.highMm)
        nearest = Math.min(nearest, Math.hypot(x, y, upright))
      }
      const exact = flameDistanceMm(flame!, solid)
      expect(exact).toBeLessThanOrEqual(nearest + 1e-6)
      expect(nearest - exact, `round ${round}`).toBeLessThan(25)
    }
  })
})

describe('settings', () => {
  it('are crowded exactly between the guests whose things polygon-clipping finds over one another', () => {
    const look: Look = demoLook()
    const layout = settingItems(look)
    for (const [table, count] of [
      [longTable(72, 36), 8],
      [roundTable(54), 7],
      [ovalTable(90, 44), 9],
      [longTable(120, 48), 8]
    ] as const) {
      const { places } = seatPlan({ table, guests: guests(count), school: look.school })
      const laid = places.map((place) => laidItems(place, layout))
      const told = new Set(settingCrowding(laid, places, layout).map((c) => `${c.from} ${c.to}`))
      for (let a = 0; a < count; a++)
        for (let b = a + 1; b < count; b++) {
          const areas = laid[a]!.flatMap((one) =>
            laid[b]!.map((other) => areaOf(polygonClipping.intersection(outlineOf(one.shape, TOUCH_MM / 2), outlineOf(other.shape, TOUCH_MM / 2))))
          )
          const meets = Math.max(...areas) > 60
          const apart = Math.max(...areas) === 0
          if (meets) expect(told.has(`${a + 1} ${b + 1}`), `${table.shape.kind} ${a + 1} ${b + 1}`).toBe(true)
          if (apart) expect(told.has(`${a + 1} ${b + 1}`), `${table.shape.kind} ${a + 1} ${b + 1}`).toBe(false)
        }
    }
  })

  /** A shape drawn in by a margin, as a polygon. */
  function outlineOf(shape: ReturnType<typeof laidItems>[number]['shape'], inMm: number): Polygon {
    if (shape.kind === 'rect') return [corners({ ...shape, halfXMm: shape.halfXMm - inMm, halfYMm: shape.halfYMm - inMm }).map((p) => [p.x, p.y])]
    const r = shape.radiusMm - inMm
    return [Array.from({ length: 180 }, (_, i) => [shape.x + r * Math.cos((i * Math.PI) / 90), shape.y + r * Math.sin((i * Math.PI) / 90)])]
  }

  function areaOf(polygons: readonly Polygon[]): number {
    let area = 0
    for (const [ring] of polygons) for (let i = 1; i < (ring?.length ?? 0); i++) area += (ring![i - 1]![0] * ring![i]![1] - ring![i]![0] * ring![i - 1]![1]) / 2
    return Math.abs(area)
  }
})
