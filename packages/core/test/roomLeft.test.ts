import { newPlaced, reachedAtMm, roomLeft, seededRandom, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { gapMm, type Footprint } from '../src/geometry/footprint.js'
import { fromFrame } from '../src/geometry/point.js'
import { seatPlan } from '../src/seating/seatPlan.js'
import { bareLook, demoLook, longTable } from './support/looks.js'
import { many } from './support/many.js'

describe('the room the middle leaves for the settings', () => {
  // outside check: the strip before a place asked point by point
  it('is where the first point of a strip before the place is covered, on 150 seeded things', () => {
    const random = seededRandom(41)
    const between = (low: number, high: number) => low + random() * (high - low)
    const place = { x: 200, y: -500, turnRad: 0.4 }
    const halfMm = 150
    const stepMm = 5
    for (let i = 0; i < many(150); i++) {
      const at = fromFrame(place, { x: between(-400, 400), y: between(60, 700) })
      const foot: Footprint =
        i % 2 === 0
          ? { kind: 'disc', ...at, radiusMm: between(20, 200) }
          : { kind: 'rect', ...at, halfXMm: between(20, 220), halfYMm: between(20, 90), turnRad: between(0, Math.PI) }
      let [first, leastMm] = [Infinity, Infinity]
      for (let x = -halfMm; x <= halfMm; x += stepMm)
        for (let y = -300; y < 1000; y += stepMm) {
          const gap = gapMm(foot, fromFrame(place, { x, y }))
          leastMm = Math.min(leastMm, gap)
          if (gap <= 0) first = Math.min(first, y)
        }
      const told = reachedAtMm(foot, place, halfMm)
      if (leastMm > stepMm) expect(told).toBe(Infinity)
      if (first === Infinity) continue
      expect(told).toBeLessThanOrEqual(first + 1e-6)
      expect(first - told).toBeLessThan(30 * stepMm)
    }
  })

  // worked by hand: a table 40 in wide, a bowl of shells in its middle, places along the sides
  it('grows by as much as the thing moves away, is told of the nearest place, and counts nothing that hangs high', () => {
    const look: Look = { ...bareLook(), table: longTable(96, 40), centerpiece: [] }
    expect(roomLeft(look)).toBeUndefined()
    const { number, x, y } = seatPlan(look).places.find((place) => place.side === 'long' && place.y < 0)!
    const at = (yMm: number) => roomLeft({ ...look, centerpiece: [newPlaced('a', 'shells', x, yMm)] })!
    const near = at(y + 250)
    expect(near.number).toBe(number)
    expect(at(y + 300).depthMm - near.depthMm).toBeCloseTo(50, 6)
    expect(near.depthMm).toBeLessThan(250)
    expect(near.elsewhereMm).toBeGreaterThan(near.depthMm)
    // a plate lies 1 in from the edge
    expect(near.depthMm - near.plateMm).toBeCloseTo(25, 0)
  })

  it('is less than the setting reaches in where a piece is found in a place, and then no plate of that size is said to fit', () => {
    const look = demoLook()
    const { x, y, turnRad, number } = seatPlan(look).places[1]!
    const inPlace = fromFrame({ x, y, turnRad }, { x: 0, y: 120 })
    const left = roomLeft({ ...look, centerpiece: [...look.centerpiece, newPlaced('in', 'shells', inPlace.x, inPlace.y)] })!
    expect(left.number).toBe(number)
    expect(left.depthMm).toBeLessThan(left.neededMm)
    expect(left.plateMm).toBeLessThan(200)
  })
})
