import { makeEdit, type Edit } from '../design/edit.js'
import type { Guest, Look } from '../design/look.js'
import { seededRandom } from '../geometry/random.js'
import { seatPlan } from './seatPlan.js'
import { degreeOf, seatFacts, wishesOf, wishWeights, type SeatFacts, type Wish } from './seatWishes.js'

/** Who sits where, with every wish and how far it is met. */
export interface Seating {
  /** Guests in the order of the places. */
  readonly order: readonly Guest[]
  /** Weighted sum of how far the wishes are met, and what it could be at the most if none stood in another's way. */
  readonly score: number
  readonly most: number
  readonly wishes: readonly { readonly kind: Wish['kind']; readonly guestId: string; readonly otherId: string | null; readonly degree: number }[]
}

/** How the guests sit now. */
export function seatingNow(look: Pick<Look, 'table' | 'room' | 'guests' | 'school'>): Seating {
  const problem = problemOf(look)
  return seatingOf(
    problem,
    Int32Array.from(look.guests, (_, i) => i)
  )
}

/**
 * A seating that meets the wishes best: exchanges of two guests as long as they help, from many seeded beginnings, within a budget of seatings
 * tried. Locked guests keep their places. Same look and seed, same seating.
 */
export function seatGuests(
  look: Pick<Look, 'table' | 'room' | 'guests' | 'school'>,
  options: { readonly seed?: number; readonly tries?: number } = {}
): Seating {
  const problem = problemOf(look)
  const free = look.guests.flatMap((guest, i) => (guest.seatLocked ? [] : [i]))
  if (problem.wishes.length === 0 || free.length < 2) return seatingNow(look)
  const random = seededRandom(options.seed ?? 1)
  const budget = options.tries ?? 60_000
  const start = Int32Array.from(look.guests, (_, i) => i)
  let best: Int32Array = start
  let bestScore = -1
  let tried = 0
  for (let round = 0; tried < budget && bestScore < problem.most - 1e-9; round++) {
    const seat =
      round === 0 ? start.slice() : round % 3 === 1 ? shuffled(best, free, 3 + Math.floor(random() * 4), random) : shuffled(start, free, free.length, random)
    const climbed = climb(problem, seat, free, budget - tried)
    tried += climbed.tried
    if (climbed.score > bestScore + 1e-9) [best, bestScore] = [climbed.seat, climbed.score]
  }
  return seatingOf(problem, best)
}

/** The guests moved to their seats. */
export function seatEdit(look: Look, seating: Seating): Edit {
  return makeEdit(look, 'seating', (draft) => void (draft.guests = structuredClone(seating.order) as typeof draft.guests))
}

export interface SeatingProblem {
  readonly guests: readonly Guest[]
  readonly facts: SeatFacts
  readonly wishes: readonly Wish[]
  readonly most: number
  /** Wishes that depend on who sits where, by guest: those a guest has part in, and those any neighbor changes. */
  readonly byGuest: readonly (readonly number[])[]
  readonly byAnybody: readonly number[]
}

export function problemOf(look: Pick<Look, 'table' | 'room' | 'guests' | 'school'>): SeatingProblem {
  const { places } = seatPlan({ ...look, guests: look.guests.map((guest) => ({ ...guest, wheelchair: false, chair: null })) })
  const wishes = wishesOf(look.guests)
  const isLoose = (wish: Wish) => wish.kind === 'left-handed' || wish.kind === 'child'
  return {
    guests: look.guests,
    facts: seatFacts(look, places),
    wishes,
    most: wishes.reduce((sum, wish) => sum + wishWeights[wish.kind], 0),
    byGuest: look.guests.map((_, g) => wishes.flatMap((wish, w) => (!isLoose(wish) && (wish.guest === g || wish.other === g) ? [w] : []))),
    byAnybody: wishes.flatMap((wish, w) => (isLoose(wish) ? [w] : []))
  }
}

/** Weighted degrees of all wishes for a seating: place of each guest. */
export function scoreOf(problem: SeatingProblem, seat: Int32Array): number {
  const at = inverse(seat)
  return problem.wishes.reduce((sum, wish) => sum + wishWeights[wish.kind] * degreeOf(wish, problem.guests, problem.facts, seat, at), 0)
}

function inverse(seat: Int32Array): Int32Array {
  const at = new Int32Array(seat.length)
  seat.forEach((place, guest) => (at[place] = guest))
  return at
}

function shuffled(seat: Int32Array, free: readonly number[], moves: number, random: () => number): Int32Array {
  const next = seat.slice()
  for (let i = 0; i < moves; i++) {
    const a = free[Math.floor(random() * free.length)]!
    const b = free[Math.floor(random() * free.length)]!
    ;[next[a], next[b]] = [next[b]!, next[a]!]
  }
  return next
}

/** Takes the best exchange of two guests again and again until none helps. */
function climb(problem: SeatingProblem, seat: Int32Array, free: readonly number[], budget: number): { seat: Int32Array; score: number; tried: number } {
  const at = inverse(seat)
  let score = scoreOf(problem, seat)
  let tried = 1
  for (let moved = true; moved && tried < budget;) {
    moved = false
    for (let i = 0; i < free.length; i++)
      for (let j = i + 1; j < free.length; j++) {
        const [a, b] = [free[i]!, free[j]!]
        const before = partOf(problem, a, b, seat, at)
        exchange(seat, at, a, b)
        const gain = partOf(problem, a, b, seat, at) - before
        tried++
        if (gain > 1e-9) {
          score += gain
          moved = true
        } else exchange(seat, at, a, b)
      }
  }
  return { seat, score, tried }
}

function exchange(seat: Int32Array, at: Int32Array, a: number, b: number): void {
  ;[seat[a], seat[b]] = [seat[b]!, seat[a]!]
  at[seat[a]!] = a
  at[seat[b]!] = b
}

/** What an exchange of two guests can change of the score. */
function partOf(problem: SeatingProblem, a: number, b: number, seat: Int32Array, at: Int32Array): number {
  let sum = 0
  const add = (w: number) => {
    const wish = problem.wishes[w]!
    sum += wishWeights[wish.kind] * degreeOf(wish, problem.guests, problem.facts, seat, at)
  }
  for (const w of problem.byGuest[a]!) add(w)
  for (const w of problem.byGuest[b]!) if (!isShared(problem.wishes[w]!, a)) add(w)
  for (const w of problem.byAnybody) add(w)
  return sum
}

function isShared(wish: Wish, guest: number): boolean {
  return wish.guest === guest || wish.other === guest
}

function seatingOf(problem: SeatingProblem, seat: Int32Array): Seating {
  const at = inverse(seat)
  const { guests, wishes, facts } = problem
  return {
    order: Array.from(at, (guest) => guests[guest]!),
    score: scoreOf(problem, seat),
    most: problem.most,
    wishes: wishes.map((wish) => ({
      kind: wish.kind,
      guestId: guests[wish.guest]!.id,
      otherId: wish.other === null ? null : guests[wish.other]!.id,
      degree: degreeOf(wish, guests, facts, seat, at)
    }))
  }
}
