import {
  areaMm2,
  contains,
  corners,
  fromFrame,
  grown,
  halfWidthAtMm,
  overlapMm,
  rimPoints,
  seededRandom,
  toFrame,
  type Footprint,
  type Outline,
  type Random
} from '@hestiad/core'
import fc from 'fast-check'
import polygonClipping, { type Polygon } from 'polygon-clipping'
import { describe, expect, it } from 'vitest'
import { edgeAt, edgeOf, inwardNormal } from '../src/geometry/outline.js'

const clip = polygonClipping

/** A footprint as a polygon; 720 sides for a disc. */
function polygonOf(shape: Footprint): Polygon {
  if (shape.kind === 'rect') return [corners(shape).map((p) => [p.x, p.y])]
  return [
    Array.from({ length: 720 }, (_, i) => [shape.x + shape.radiusMm * Math.cos((i * Math.PI) / 360), shape.y + shape.radiusMm * Math.sin((i * Math.PI) / 360)])
  ]
}

function anyShape(random: Random): Footprint {
  const x = random() * 400
  const y = random() * 400
  if (random() < 0.5) return { kind: 'disc', x, y, radiusMm: 20 + random() * 90 }
  return { kind: 'rect', x, y, turnRad: random() * 7, halfXMm: 10 + random() * 120, halfYMm: 10 + random() * 60 }
}

describe('footprints', () => {
  it('overlap exactly when polygon-clipping finds a common area, on 600 seeded pairs', () => {
    const random = seededRandom(5)
    const told = { apart: 0, meeting: 0 }
    for (let round = 0; round < 600; round++) {
      const a = anyShape(random)
      const b = anyShape(random)
      const deep = overlapMm(a, b)
      if (Math.abs(deep) < 0.2) continue
      const common = clip.intersection(polygonOf(a), polygonOf(b))
      expect(common.length > 0, `round ${round}: ${deep}`).toBe(deep > 0)
      told[deep > 0 ? 'meeting' : 'apart']++
    }
    expect(Math.min(told.apart, told.meeting)).toBeGreaterThan(100)
  })

  it('give the same whichever is asked first, and when both are moved and turned together', () => {
    const random = seededRandom(6)
    for (let round = 0; round < 200; round++) {
      const a = anyShape(random)
      const b = anyShape(random)
      const frame = { x: random() * 900, y: random() * 900, turnRad: random() * 7 }
      const carried = (s: Footprint): Footprint =>
        s.kind === 'disc' ? { ...s, ...fromFrame(frame, s) } : { ...s, ...fromFrame(frame, s), turnRad: s.turnRad + frame.turnRad }
      expect(overlapMm(b, a)).toBeCloseTo(overlapMm(a, b), 6)
      expect(overlapMm(carried(a), carried(b))).toBeCloseTo(overlapMm(a, b), 6)
    }
  })

  it('are parted by a shift of the depth: two discs along their line, a disc out of a box through its nearest side', () => {
    const disc = (x: number): Footprint => ({ kind: 'disc', x, y: 0, radiusMm: 50 })
    expect(overlapMm(disc(0), disc(70))).toBeCloseTo(30, 9)
    expect(overlapMm(disc(0), disc(100.5))).toBeCloseTo(-0.5, 9)
    const box: Footprint = { kind: 'rect', x: 0, y: 0, turnRad: 0, halfXMm: 100, halfYMm: 40 }
    expect(overlapMm(box, { kind: 'disc', x: 90, y: 0, radiusMm: 20 })).toBeCloseTo(30, 9)
    expect(overlapMm(box, { kind: 'disc', x: 103, y: 44, radiusMm: 5 })).toBeCloseTo(0, 9)
  })

  it('have their rim on the edge: a disc’s at its radius, a box’s at its corners', () => {
    const disc: Footprint = { kind: 'disc', x: 3, y: 4, radiusMm: 10 }
    for (const p of rimPoints(disc)) expect(Math.hypot(p.x - 3, p.y - 4)).toBeCloseTo(10, 9)
    expect(
      rimPoints({ kind: 'rect', x: 0, y: 0, turnRad: Math.PI / 2, halfXMm: 30, halfYMm: 10 }).map((p) => [Math.round(Math.abs(p.x)), Math.round(Math.abs(p.y))])
    ).toEqual([
      [10, 30],
      [10, 30],
      [10, 30],
      [10, 30]
    ])
  })
})

it('a frame and its inverse take every point there and back', () => {
  const number = fc.double({ min: -5000, max: 5000, noNaN: true })
  fc.assert(
    fc.property(number, number, number, number, fc.double({ min: -10, max: 10, noNaN: true }), (x, y, fx, fy, turnRad) => {
      const frame = { x: fx, y: fy, turnRad }
      const back = toFrame(frame, fromFrame(frame, { x, y }))
      expect(back.x).toBeCloseTo(x, 6)
      expect(back.y).toBeCloseTo(y, 6)
    }),
    { seed: 4 }
  )
})

describe('outlines', () => {
  const outlines: Outline[] = [
    { kind: 'box', halfLengthMm: 900, halfWidthMm: 450 },
    { kind: 'capsule', straightMm: 0, endMm: 700, halfWidthMm: 700 },
    { kind: 'capsule', straightMm: 900, endMm: 800, halfWidthMm: 600 },
    { kind: 'capsule', straightMm: 1000, endMm: 500, halfWidthMm: 500 }
  ]

  it('have the area that counting points finds, to half a percent', () => {
    for (const outline of outlines) {
      const random = seededRandom(8)
      let inside = 0
      const tries = 60_000
      for (let i = 0; i < tries; i++) if (contains(outline, { x: (random() * 2 - 1) * 1500, y: (random() * 2 - 1) * 800 })) inside++
      const counted = (inside / tries) * 3000 * 1600
      expect(Math.abs(counted / areaMm2(outline) - 1)).toBeLessThan(0.015)
    }
  })

  it('run round once: every point of the table lies on the edge, neighbors a step apart, and the normal points in', () => {
    for (const outline of outlines) {
      if (outline.kind !== 'capsule') continue
      const edge = edgeOf(outline)
      for (let i = 0; i < 64; i++) {
        const p = edgeAt(edge, (i / 64) * edge.totalMm)
        expect(Math.abs(Math.abs(p.y) - halfWidthAtMm(outline, p.x))).toBeLessThan(6)
        const normal = inwardNormal(outline, p)
        expect(Math.hypot(normal.inwardX, normal.inwardY)).toBeCloseTo(1, 9)
        expect(contains(outline, { x: p.x + 60 * normal.inwardX, y: p.y + 60 * normal.inwardY })).toBe(true)
      }
      expect(edgeAt(edge, edge.totalMm * 3 + 5).x).toBeCloseTo(edgeAt(edge, 5).x, 6)
      expect(edgeAt(edge, -5).y).toBeCloseTo(-edgeAt(edge, 5).y, 1)
    }
  })

  it('grow outward by a margin on every axis and shrink to nothing, never inside out', () => {
    for (const outline of outlines) {
      expect(grown(outline, 50).halfWidthMm).toBe(outline.halfWidthMm + 50)
      expect(areaMm2(grown(outline, -5000))).toBe(0)
    }
  })
})
