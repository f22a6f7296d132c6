import { applyEdit, newGuest, problemOf, scoreOf, seatEdit, seatGuests, seatingNow, seededRandom, type Guest, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { company } from './support/company.js'
import { demoLook, longTable } from './support/looks.js'

const lookOf = (guests: readonly Guest[]): Look => ({ ...demoLook(), guests, table: longTable(guests.length * 14, 44) })

/** Best score of all seatings, tried one by one (Heap's method). */
function exhaustive(look: Look): number {
  const problem = problemOf(look)
  const seat = Int32Array.from(look.guests, (_, i) => i)
  let best = scoreOf(problem, seat)
  const walk = (n: number): void => {
    if (n === 1) return void (best = Math.max(best, scoreOf(problem, seat)))
    for (let i = 0; i < n; i++) {
      walk(n - 1)
      const j = n % 2 === 0 ? i : 0
      ;[seat[j], seat[n - 1]] = [seat[n - 1]!, seat[j]!]
    }
  }
  walk(seat.length)
  return best
}

describe('seating named guests', () => {
  it('finds the best of all seatings of seven and eight guests', () => {
    const random = seededRandom(4)
    for (const [count, rounds] of [
      [7, 6],
      [8, 2]
    ] as const)
      for (let round = 0; round < rounds; round++) {
        const look = lookOf(company(random, count, 11))
        expect(seatGuests(look).score, `${count} guests, round ${round}`).toBeCloseTo(exhaustive(look), 6)
      }
  })

  it('never seats worse than now, keeps locked guests and all others once, and the same seed seats the same', () => {
    const random = seededRandom(5)
    for (let round = 0; round < 8; round++) {
      const guests = company(random, 12, 16).map((guest, i) => ({ ...guest, seatLocked: i % 5 === 2 }))
      const look = lookOf(guests)
      const seating = seatGuests(look, { tries: 8000 })
      expect(seating.score).toBeGreaterThanOrEqual(seatingNow(look).score - 1e-9)
      expect(seating.score).toBeLessThanOrEqual(seating.most + 1e-9)
      guests.forEach((guest, i) => guest.seatLocked && expect(seating.order[i]!.id).toBe(guest.id))
      expect(seating.order.map((guest) => guest.id).sort()).toEqual(guests.map((guest) => guest.id).sort())
      expect(seatGuests(look, { tries: 8000 })).toEqual(seating)
      expect(seatingNow(applyEdit(look, seatEdit(look, seating))).score).toBeCloseTo(seating.score, 9)
    }
  })

  it('two who want to sit together do, two who do not are apart, a child has an adult beside, elbows of a left-hander are free', () => {
    const base = Array.from({ length: 8 }, (_, i): Guest => newGuest(i + 1))
    const guests = base.map((guest, i): Guest => {
      if (i === 0) return { ...guest, near: ['guest-8'], apart: ['guest-2'] }
      if (i === 3) return { ...guest, leftHanded: true }
      return i === 5 ? { ...guest, body: { kind: 'child', ageYears: 5, boosterMm: 80 } } : guest
    })
    const { wishes } = seatGuests(lookOf(guests))
    expect(wishes.map((wish) => [wish.kind, wish.degree])).toEqual([
      ['apart', 1],
      ['near', 1],
      ['left-handed', 1],
      ['child', 1]
    ])
  })
})
