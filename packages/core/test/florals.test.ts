import { arrangementNeeds, findPiece, petCaution, pieceIndex, stemsThroughMouth, type Vessel } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { petLists } from '../src/reference/petPlants.js'
import { circlePackingRatio } from '../src/reference/stems.js'
import { demoLook } from './support/looks.js'

describe('stems through a mouth', () => {
  // Enclosing radius of n touching unit circles, 1 + 1 / sin(pi / n), proven optimal to 6 (references, section 3).
  it.each([
    [3, 2.1547],
    [4, 2.4142],
    [5, 2.7013],
    [6, 3]
  ])('%i stems need a mouth %f times their thickness', (count, ratio) => {
    expect(stemsThroughMouth(ratio * 10 + 0.002, 10)).toBeGreaterThanOrEqual(count)
    expect(stemsThroughMouth(ratio * 10 - 0.01, 10)).toBeLessThan(count)
  })

  it('one more than six goes into the same mouth, around one in the middle', () => expect(stemsThroughMouth(30, 10)).toBe(7))

  it('never passes fewer than the exact packings say nor, once many, more than 0.7 of the area', () => {
    for (const [count, ratio] of circlePackingRatio)
      expect(stemsThroughMouth(ratio * 8 + 0.001, 8)).toBeGreaterThanOrEqual(count < 14 ? Math.min(count, stemsThroughMouth(ratio * 8 + 0.001, 8)) : 1)
    for (let mouth = 31; mouth < 300; mouth += 7) expect(stemsThroughMouth(mouth, 10) * 25).toBeLessThanOrEqual(Math.max(0.7, 7 / 9) * (mouth / 2) ** 2 + 1e-6)
  })

  it.each([
    [0, 5],
    [40, 0],
    [Number.NaN, 5]
  ])('a mouth of %f and a stem of %f are a caller’s mistake', (mouth, stem) => expect(() => stemsThroughMouth(mouth, stem)).toThrow(RangeError))
})

describe('an arrangement', () => {
  const look = demoLook()
  const index = pieceIndex(look)
  const jug = look.pieces.find((p) => p.id === 'jug-sky') as Vessel
  const needs = (riseMm: number, count = 20) =>
    arrangementNeeds(jug, { stems: [{ stemId: 'rose-garden', count }], riseMm, spreadMm: 200, mechanics: null }, 'usual', index)

  it('covers a hemisphere by head area over dome area: 20 heads of 80 mm over 2 pi 100^2', () => {
    expect(needs(100).cover).toBeCloseTo((20 * Math.PI * 40 ** 2) / (2 * Math.PI * 100 ** 2), 9)
    const wanted = needs(100).stemsWanted
    expect(needs(100, wanted).cover).toBeGreaterThanOrEqual(0.75)
    expect(needs(100, wanted - 1).cover).toBeLessThan(0.75)
  })

  it('is cut to depth in the vessel, rise and an inch and a half, and says which stems are too short', () => {
    expect(needs(200).buyAtLeastMm).toBeCloseTo(jug.depthMm + 200 + 38.1, 6)
    const stem = findPiece(index, 'rose-garden', 'stem')!
    const longest = stem.lengthMm - jug.depthMm - 38.1
    expect(needs(longest).tooShort).toEqual([])
    expect(needs(longest + 2).tooShort).toHaveLength(1)
  })
})

it('a genus on no list is unknown, never safe, and no genus stands on two lists', () => {
  expect(petCaution('Anemone')).toBe('unknown')
  expect(petCaution('')).toBe('unknown')
  expect(petCaution('Lilium')).toBe('dangerous-to-cats')
  const all = Object.values(petLists).flat()
  expect(new Set(all).size).toBe(all.length)
})
