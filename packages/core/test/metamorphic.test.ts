import { createAssessor, newGuest, plainRoom, seededRandom, type Figures, type Look, type Random, type TableShape } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { generateLook } from './support/generateLook.js'
import { many } from './support/many.js'

/** What is true of a look must be true of the same look told in another way. */
const SEEDS = Array.from({ length: many(9) }, (_, i) => 1000 + i)
const wildOf = (seed: number) => generateLook(seed, { guests: 3 + (seed % 7), pieces: 3 + (seed % 5), manner: 'wild' })
const measured = (look: Look) => createAssessor().measure(look)
const codesOf = (look: Look) =>
  measured(look)
    .findings.map((finding) => finding.code)
    .sort()

function shuffled<T>(list: readonly T[], random: Random): T[] {
  const out = list.slice()
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1))
    ;[out[i], out[j]] = [out[j]!, out[i]!]
  }
  return out
}

/** Cover is counted in cells of 30 mm, so two tellings may differ by a few of them. */
const coverApart = (a: Look, b: Look) => Math.abs(measured(a).figures.composition.covered - measured(b).figures.composition.covered)
/** Figures that say nothing of where things are. */
const sums = ({ sight, composition, stability, money, light, seats }: Figures) => ({
  seen: sight.seen,
  hidden: Math.round(sight.meanHidden * 1e6),
  levels: composition.levels.map((mm) => Math.round(mm)),
  groups: composition.groups.map((group) => group.length).sort(),
  grams: Math.round(stability.tilts.reduce((sum, tilt) => sum + tilt.grams, 0)),
  lifts: stability.clearing.lifts.length,
  spend: money.spendCents,
  shortest: light.shortestMin,
  narrowest: seats.narrowestMm === null ? null : Math.round(seats.narrowestMm)
})

describe('a look told in another way', () => {
  it('pieces and offers in another order: the same findings of the same things, the same figures', () => {
    for (const seed of SEEDS) {
      const look = wildOf(seed)
      const random = seededRandom(seed)
      const other = { ...look, offers: shuffled(look.offers, random), pieces: shuffled(look.pieces, random) }
      expect(codesOf(other), `seed ${seed}`).toEqual(codesOf(look))
      expect(sums(measured(other).figures), `seed ${seed}`).toEqual(sums(measured(look).figures))
    }
  })

  it('what stands there listed in another order: the same but for whom of two a collision is laid to', () => {
    for (const seed of SEEDS) {
      const look = wildOf(seed)
      const other = { ...look, centerpiece: shuffled(look.centerpiece, seededRandom(seed)) }
      const some = (one: Look) =>
        codesOf(one).filter((code) => !['piece.piece', 'compose.neighbors', 'flame.flame', 'flame.near', 'sight.hidden'].includes(code))
      expect(some(other), `seed ${seed}`).toEqual(some(look))
      expect(sums(measured(other).figures), `seed ${seed}`).toEqual(sums(measured(look).figures))
    }
  })

  it('other ids for everything that stands there: the same findings', () => {
    for (const seed of SEEDS.slice(0, 8)) {
      const look = wildOf(seed)
      const id = (old: string) => `z-${old}`
      const other = {
        ...look,
        centerpiece: look.centerpiece.map((placed) => ({ ...placed, id: id(placed.id), on: placed.on === null ? null : id(placed.on) }))
      }
      expect(codesOf(other), `seed ${seed}`).toEqual(codesOf(look))
      expect(sums(measured(other).figures)).toEqual(sums(measured(look).figures))
    }
  })

  it('everything on the table given half a turn among guests all alike: the same findings, the same figures', () => {
    const shapes: readonly TableShape[] = [
      { kind: 'rectangle', lengthMm: 2600, widthMm: 1150 },
      { kind: 'oval', lengthMm: 2700, widthMm: 1300 },
      { kind: 'racetrack', lengthMm: 2800, widthMm: 1200 },
      { kind: 'boat', lengthMm: 2700, widthMm: 1250, endMm: 950 }
    ]
    for (const seed of SEEDS) {
      const wild = wildOf(seed)
      const look: Look = {
        ...wild,
        guests: Array.from({ length: 8 }, (_, i) => newGuest(i + 1)),
        room: plainRoom,
        kinds: { ...wild.kinds, others: [], spread: 'same', byGuest: [] },
        menu: { ...wild.menu, dishes: [] },
        table: { ...wild.table, shape: shapes[seed % 4]!, leaves: { owned: 0, in: 0, eachMm: 450 }, heads: 'open', set: 'whole', support: { kind: 'pedestal' } }
      }
      const turned = {
        ...look,
        centerpiece: look.centerpiece.map((placed) =>
          placed.on === null ? { ...placed, xMm: -placed.xMm, yMm: -placed.yMm, turnDeg: placed.turnDeg + 180 } : placed
        )
      }
      // flaws of textiles do not turn with what stands on them
      const some = (one: Look) => codesOf(one).filter((code) => !['linen.flaw', 'cloth.seam'].includes(code))
      expect(some(turned), `seed ${seed}`).toEqual(some(look))
      expect(coverApart(turned, look), `seed ${seed}`).toBeLessThan(0.03)
      expect(sums(measured(turned).figures), `seed ${seed}`).toEqual(sums(measured(look).figures))
    }
  })
})

describe('more or less of one thing', () => {
  it('a budget raised never adds a finding, and one lowered never takes one away', () => {
    for (const seed of SEEDS) {
      const look = wildOf(seed)
      const money = (totalCents: number) => codesOf({ ...look, money: { ...look.money, totalCents } }).filter((code) => code.startsWith('money.'))
      let before = money(0).length
      for (const totalCents of [10_000, 40_000, 200_000, 2_000_000]) {
        const now = money(totalCents).length
        expect(now, `seed ${seed}, ${totalCents}`).toBeLessThanOrEqual(before)
        before = now
      }
    }
  })

  it('one piece more in the house is never one more to buy', () => {
    for (const seed of SEEDS.slice(0, 10)) {
      const look = wildOf(seed)
      const short = (one: Look) => measured(one).figures.money.lines.reduce((sum, line) => sum + line.need.short, 0)
      const richer = { ...look, pieces: look.pieces.map((piece) => ({ ...piece, owned: piece.owned + 1 })) }
      expect(short(richer), `seed ${seed}`).toBeLessThanOrEqual(short(look))
    }
  })

  it('a house without animals and children has no more findings of safety than one with them', () => {
    for (const seed of SEEDS) {
      const look = wildOf(seed)
      const safety = (household: Look['household']) =>
        codesOf({ ...look, household }).filter((code) =>
          ['piece.tips', 'edge.hands', 'edge.tail', 'flame.household', 'stems.pets', 'stems.pets-unknown', 'piece.leans'].includes(code)
        ).length
      expect(safety({ cats: false, dogs: false, toddlers: false }), `seed ${seed}`).toBeLessThanOrEqual(safety({ cats: true, dogs: true, toddlers: true }))
    }
  })

  it('taking everything off leaves nothing to say of the middle', () => {
    for (const seed of SEEDS.slice(0, 8)) {
      const left = codesOf({ ...wildOf(seed), centerpiece: [] }).filter((code) =>
        /^(piece\.(?!claimed)|compose|cover|cord|edge|flame|candle|stems|sight|view|clear)/.test(code)
      )
      expect(left, `seed ${seed}`).toEqual([])
    }
  })
})
