import { applyEdit, createAssessor, dressLamp, goesRoundLamp, lampGreensCount, needs, pieceIndex, plainRoom, swapEdit, usedIds, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { fillLook } from '../src/formats/fillLook.js'
import { bareLook, findingOf, put } from './support/looks.js'

const bare = bareLook()
const index = pieceIndex(bare)
/** A lamp so high above the tabletop, as wide as half a meter, an olive garland of 6 ft hanging so far below it. */
const lamp = (overTableMm: number, hangsMm = 100, widthMm = 500): Look['room'] => ({
  ...plainRoom,
  fixture: { bottomMm: bare.table.heightMm + overTableMm, widthMm, greens: { pieceId: 'garland-olive', hangsMm } }
})
const taper = put('taper', 'holder-brass-low', { candle: { candleId: 'taper-ivory-8', lightAtMin: bare.occasion.arriveMin } })
const lit = (overTableMm: number): Look => ({
  ...bare,
  occasion: { ...bare.occasion, endMin: bare.occasion.arriveMin + 30 },
  room: lamp(overTableMm),
  centerpiece: [taper]
})
const codes = (look: Look) =>
  createAssessor()
    .measure(look)
    .each.map((one) => one.code)

describe('greens round the lamp', () => {
  it('as many go round as its width times pi asks, they are needed like all else, and what cannot bend does not go round', () => {
    expect([500, 582, 583, 1164, 1165].map((widthMm) => lampGreensCount(lamp(800, 0, widthMm).fixture!, index))).toEqual([1, 1, 2, 2, 3])
    const look = { ...bare, room: lamp(800, 100, 1000) }
    expect(usedIds(look)).toContain('garland-olive')
    expect(needs(look).find(({ piece }) => piece.id === 'garland-olive')!.perLook).toBe(2)
    expect(['garland-olive', 'wreath-bay', 'heron-figure', 'jug-sky'].map((id) => goesRoundLamp(index.get(id)!))).toEqual([true, true, false, false])
    expect(applyEdit(look, swapEdit(look, 'garland-olive', 'garland-eucalyptus')).room.fixture!.greens!.pieceId).toBe('garland-eucalyptus')
  })

  it('takes minutes, as all that is built does', () => {
    const minutes = (room: Look['room']) => createAssessor().measure({ ...bare, room }).figures.effort.totalMin
    expect(minutes(lamp(900)) - minutes({ ...plainRoom, fixture: { ...lamp(900).fixture!, greens: null } })).toBe(8)
  })

  it('takes from the room under the lamp what it hangs down', () => {
    const jug = put('jug', 'jug-sky')
    const topMm = (index.get('jug-sky') as { heightMm: number }).heightMm
    const low = (hangsMm: number) => codes({ ...bare, room: lamp(topMm + 150, hangsMm), centerpiece: [jug] }).includes('fixture.low')
    expect([low(0), low(100)]).toEqual([false, true])
  })

  // twelve inches above a flame, as of anything that can burn: the guidance in reference/burning.ts
  it('a flame less than twelve inches under it is told; a higher lamp, a bare one or no flame mends it', () => {
    expect(codes(lit(1200))).not.toContain('flame.lamp')
    const found = findingOf(lit(620), 'flame.lamp')
    expect(found.severity).toBe('stop')
    expect(found.measured.distanceMm).toBeLessThan(found.limit.distanceMm)
    const mended = found.remedies.map((remedy) => ({ code: remedy.code, left: codes(applyEdit(lit(620), remedy.edit)).includes('flame.lamp') }))
    expect(mended.map(({ code }) => code)).toEqual(expect.arrayContaining(['raise-fixture', 'bare-lamp', 'swap']))
    expect(mended.every(({ left }) => !left)).toBe(true)
  })

  it('a lamp is dressed and bared by one edit each, and a file from before has a bare one', () => {
    const hung = { ...bare, room: { ...plainRoom, fixture: { bottomMm: 1500, widthMm: 400, greens: null } } }
    const dressed = applyEdit(hung, dressLamp(hung, 'garland-olive'))
    expect(dressed.room.fixture!.greens).toMatchObject({ pieceId: 'garland-olive' })
    expect(applyEdit(dressed, dressLamp(dressed, null)).room.fixture).toEqual(hung.room.fixture)
    const old = { ...bare, room: { ...plainRoom, fixture: { bottomMm: 1500, widthMm: 400 } } }
    expect((fillLook(old) as Look).room.fixture).toEqual({ bottomMm: 1500, widthMm: 400, greens: null })
  })
})

// the lists: reference/petPlants.ts; what is on none of them is unknown and never called safe
describe('leaves under plates and round the lamp in a house with animals', () => {
  const pets = { cats: true, dogs: false, toddlers: false }
  const leafOf = (genus: string) => bare.pieces.map((piece) => (piece.id === 'kale-leaf' && piece.kind === 'stem' ? { ...piece, genus, name: 'Leaf' } : piece))
  const laid = (genus: string, household: Look['household'] = pets): Look => ({
    ...bare,
    household,
    pieces: leafOf(genus),
    setting: { ...bare.setting, leavesId: 'kale-leaf' }
  })
  const told = (look: Look) =>
    createAssessor()
      .measure(look)
      .each.filter((one) => one.code === 'plants.pets')
      .map((one) => [one.severity, one.because])

  it('a lily stops, a listed plant warns, one on no list is a note and never silent, a harmless one and a house without animals are', () => {
    expect(told(laid('Lilium'))).toEqual([['stop', 'lilies-cats']])
    expect(told(laid('Lilium', { ...pets, cats: false, dogs: true }))).toEqual([['note', 'on-no-list']])
    expect(told(laid('Hedera'))).toEqual([['warn', 'listed-toxic']])
    expect(told(laid('Nonesuch'))).toEqual([['note', 'on-no-list']])
    expect(told(laid('Rosa'))).toEqual([])
    expect(told(laid('Lilium', { cats: false, dogs: false, toddlers: false }))).toEqual([])
  })

  it('leaves of both kinds that are on no list are told as one', () => {
    const both = {
      ...laid('Nonesuch'),
      room: lamp(900),
      pieces: leafOf('Nonesuch').map((piece) => (piece.id === 'garland-olive' ? { ...piece, name: 'Garland' } : piece))
    }
    expect(told(both)).toHaveLength(2)
    const { findings } = createAssessor().measure(both)
    expect(findings.filter((one) => one.code === 'plants.pets')).toHaveLength(1)
  })

  it('each remedy takes them away, and none brings another that is listed', () => {
    const lilies = laid('Lilium')
    const found = findingOf(lilies, 'plants.pets')
    expect(found.remedies.map((one) => one.code)).toContain('leave-out-plants')
    for (const remedy of found.remedies) expect(told(applyEdit(lilies, remedy.edit))).toEqual([])
    const ivy = {
      ...bare,
      household: pets,
      room: lamp(900),
      pieces: bare.pieces.map((piece) => (piece.id === 'garland-olive' ? { ...piece, name: 'Ivy garland, 6 ft' } : piece))
    }
    expect(told(ivy)).toEqual([['warn', 'listed-toxic']])
    for (const remedy of findingOf(ivy, 'plants.pets').remedies) expect(told(applyEdit(ivy, remedy.edit))).toEqual([])
  })
})
