import { composeLooks, newGuest, seededRandom, type Look, type Piece } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { kindsByPlace, settingOf } from '../src/settings/settingKinds.js'
import { seatPlan } from '../src/seating/seatPlan.js'
import { turnsOf } from '../src/wholeLook/byTurns.js'
import { waresOf } from '../src/wholeLook/wares.js'
import { demoLook } from './support/looks.js'

const options = { from: 'owned', want: 1, seed: 1 } as const
const setKinds = ['plate', 'napkin', 'glass', 'flatware']

/** The demo for so many at a long table, with no more than so many owned of each kind of ware. */
function houseOf(guests: number, most: number, base: Look = demoLook()): Look {
  return {
    ...base,
    guests: Array.from({ length: guests }, (_, i) => newGuest(i + 1)),
    table: { ...base.table, shape: { kind: 'rectangle', lengthMm: 600 * Math.ceil(guests / 2), widthMm: 1100 } },
    pieces: base.pieces.map((piece) => (setKinds.includes(piece.kind) ? { ...piece, owned: Math.min(piece.owned, most) } : piece))
  }
}

/** How often each piece lies at the places, added up place by place. */
function laidAtPlaces(look: Look): Map<string, number> {
  const counts = new Map<string, number>()
  for (const key of kindsByPlace(look, seatPlan(look).places)) {
    const { plateIds, glassIds, flatwareIds, napkin } = settingOf(look, key)
    for (const id of [...plateIds, ...glassIds, ...flatwareIds, ...(napkin ? [napkin.pieceId] : [])]) counts.set(id, (counts.get(id) ?? 0) + 1)
  }
  return counts
}

describe('sets too small for everybody', () => {
  it.each([
    [14, 8, 2],
    [7, 4, 2],
    [14, 5, 3]
  ])(
    'lie by turns: %i guests and %i of each kind make %i kinds of setting; nobody goes without, nothing is laid oftener than it is owned',
    (guests, most, kinds) => {
      const [one] = composeLooks(houseOf(guests, most), options)
      const { look, lacking, choices } = one!
      expect([1 + look.kinds.others.length, look.kinds.spread, lacking]).toEqual([kinds, 'alternating', []])
      const owned = new Map(look.pieces.map((piece) => [piece.id, piece.owned]))
      for (const [id, count] of laidAtPlaces(look)) expect([id, count <= owned.get(id)!]).toEqual([id, true])
      const role = new Map(look.pieces.map((piece) => [piece.id, piece.kind === 'plate' ? piece.role : piece.kind]))
      for (const setting of [look.setting, ...look.kinds.others.map((other) => other.setting)]) {
        const roles = [...setting.plateIds, ...setting.glassIds, setting.napkin!.pieceId].map((id) => role.get(id))
        expect(roles).toEqual(expect.arrayContaining(['dinner', 'bowl', 'glass', 'napkin']))
      }
      const told = choices.filter((choice) => choice.why.includes('by-turns')).map((choice) => choice.pieceId)
      for (const { setting } of look.kinds.others) expect(told).toContain(setting.plateIds[0])
    }
  )

  it('wait where the house has enough of one kind, and where the layer is kept', () => {
    const [plenty] = composeLooks(houseOf(8, 99), options)
    expect(plenty!.choices.flatMap((choice) => choice.why)).not.toContain('by-turns')
    const short = houseOf(14, 8)
    const keys = (keep: readonly 'napkins'[]) => new Set([...turnsOf(short, waresOf(short, options), new Set(keep)).keys()].map((piece) => piece.kind))
    expect(keys([])).toContain('napkin')
    expect(keys(['napkins'])).not.toContain('napkin')
  })

  it('are told where even three kinds are too few: how many there are, how many are asked for', () => {
    const [one] = composeLooks(houseOf(14, 3), options)
    expect(one!.lacking).toEqual(expect.arrayContaining([{ what: 'dinner', have: 3, asked: 14 }]))
    expect(one!.look.setting.plateIds).toEqual([])
  })

  // outside check: every ordered choice of two, then of three sets, gone through one by one
  it('are found exactly where some choice of two or three sets gives every place one, on seeded cupboards', () => {
    const random = seededRandom(11)
    const base = demoLook()
    for (let round = 0; round < 300; round++) {
      const guests = 3 + Math.floor(random() * 14)
      const sets = base.pieces
        .filter((piece): piece is Extract<Piece, { kind: 'napkin' }> => piece.kind === 'napkin')
        .map((piece) => ({ ...piece, sideMm: 450, owned: Math.floor(random() * 8) }))
      const look = { ...houseOf(guests, 99, base), pieces: sets, claims: [] }
      const counted = (kinds: number) =>
        Array.from({ length: kinds }, (_, slot) => Array.from({ length: guests }, (_, i) => i).filter((i) => i % kinds === slot).length)
      const holds = (chosen: readonly (typeof sets)[number][]) =>
        sets.every((set) => counted(chosen.length).reduce((sum, count, slot) => sum + (chosen[slot] === set ? count : 0), 0) <= set.owned)
      const pairs = sets.flatMap((a) => sets.filter((b) => b !== a).map((b) => [a, b]))
      const threes = pairs.flatMap(([a, b]) => sets.filter((c) => c !== b).map((c) => [a!, b!, c]))
      const expected = sets.some((set) => set.owned >= guests) ? 0 : pairs.some(holds) ? 2 : threes.some(holds) ? 3 : 0
      const found = [...turnsOf(look, waresOf(look, options), new Set()).values()]
      expect([round, found.length > 0 ? 1 + found[0]!.length : 0]).toEqual([round, expected])
      for (const others of found) expect(others.length).toBe(expected - 1)
    }
  })
})
