import {
  burnHours,
  candleLifeMin,
  createAssessor,
  flameDistanceMm,
  flamesOf,
  heightAfterMm,
  holderFit,
  standings,
  waxMassG,
  type Candle,
  type Holder,
  type Look,
  type Placed,
  type WorldSolid
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook } from './support/looks.js'

const look = demoLook()
const piece = <T>(id: string) => look.pieces.find((p) => p.id === id) as T
const GRAIN_G = 0.06479891
const POUND_G = 453.59237

describe('candle life', () => {
  it('the standard candle, a sixth of a pound at 120 grains an hour, burns 9.722 h', () => {
    // Metropolitan Gas Act definition of the sperm candle (recalled); exact in grains: 7000 / 6 / 120.
    expect(burnHours(POUND_G / 6, 120 * GRAIN_G)).toBeCloseTo(9.7222, 4)
  })

  it('solid pillars of 3 x 3 and 3 x 6 in hold 313 and 625 g of paraffin', () => {
    // Handbook section 7: volume times 0.90 g/cm3.
    const pillar = (heightIn: number) => ({
      ...piece<Candle>('pillar-beeswax'),
      diameterMm: 76.2,
      heightMm: heightIn * 25.4,
      burn: { kind: 'wax' as const, wax: 'paraffin' as const, gramsPerHour: 8 }
    })
    expect(waxMassG(pillar(3))).toBeCloseTo(313, 0)
    expect(waxMassG(pillar(6))).toBeCloseTo(625, 0)
  })

  it('a 7/8 in taper loses an inch an hour, is put out at its last inch, and a tea light lasts its four hours', () => {
    const taper = piece<Candle>('taper-ivory-8')
    expect(heightAfterMm(taper, 60)).toBeCloseTo(taper.heightMm - 25.4, 0)
    expect(candleLifeMin(taper) / 60).toBeCloseTo(7, 1)
    expect(candleLifeMin(piece<Candle>('tealight-4')) / 60).toBeCloseTo(4, 1)
  })
})

describe('holder fit', () => {
  const fit = (holder: Partial<Holder>, candle: Partial<Candle>) =>
    holderFit({ ...piece<Holder>('holder-brass-low'), ...holder } as Holder, { ...piece<Candle>('taper-ivory-8'), ...candle } as Candle)?.kind
  it.each<[string, Partial<Holder>, Partial<Candle>, string | undefined]>([
    ['its own taper', {}, {}, undefined],
    ['a tea light in a taper cup', {}, { form: 'tealight' }, 'form'],
    ['a taper thicker than the cup', { cupMm: 22 }, {}, 'cup-small'],
    ['a taper loose in the cup', { cupMm: 30 }, {}, 'cup-loose'],
    ['a pillar on a plate under an inch wider', { takes: 'pillar', cupMm: 90 }, { form: 'pillar', diameterMm: 70 }, 'plate-small'],
    [
      'a pillar with less than an inch of air in its glass',
      { takes: 'pillar', cupMm: 120, chimney: { innerMm: 110, rimMm: 400 } },
      { form: 'pillar', diameterMm: 70, heightMm: 100 },
      'glass-narrow'
    ],
    [
      'a flame above the rim of its glass',
      { takes: 'pillar', cupMm: 120, chimney: { innerMm: 140, rimMm: 100 } },
      { form: 'pillar', diameterMm: 70, heightMm: 100 },
      'rim-low'
    ]
  ])('%s', (_, holder, candle, kind) => expect(fit(holder, candle)).toBe(kind))
})

describe('flames', () => {
  const lit: Placed = { ...look.centerpiece.find((p) => p.id === 'taper-1')!, xMm: 0, yMm: 0 }

  it('sweep down as the candle burns, and the distance is the straight one to the nearest of it', () => {
    const [flame] = flamesOf(standings({ centerpiece: [lit], pieces: look.pieces }), lit.candle!.lightAtMin + 120)
    expect(flame!.highMm - flame!.lowMm).toBeCloseTo(40 + 2 * 25.4, 0)
    const beside: WorldSolid = { kind: 'frustum', part: 'body', x: 300, y: 400, turnRad: 0, z0Mm: 0, z1Mm: 2000, r0Mm: 100, r1Mm: 100, opacity: 1 }
    expect(flameDistanceMm(flame!, beside)).toBeCloseTo(400, 6)
    const below = { ...beside, x: 0, y: 0, z1Mm: flame!.lowMm - 30 }
    expect(flameDistanceMm(flame!, below)).toBeCloseTo(30, 6)
  })

  it.each([
    [3 * 25.4 - 1, 'US', 1],
    [3 * 25.4 + 1, 'US', 0],
    [99, 'EU', 1],
    [101, 'EU', 0]
  ] as const)('two flames %f mm apart under the %s profile make %i finding', (apartMm, safety, count) => {
    const two: Look = { ...look, school: { ...look.school, safety }, centerpiece: [lit, { ...lit, id: 'second', xMm: apartMm }] }
    expect(
      createAssessor()
        .measure(two)
        .findings.filter((f) => f.code === 'flame.flame')
    ).toHaveLength(count)
  })

  it.each([
    [12 * 25.4 - 2, 1],
    [12 * 25.4 + 2, 0]
  ])('dried flowers %f mm from a flame make %i finding', (gapMm, count) => {
    const honesty: Placed = { ...look.centerpiece.find((p) => p.id === 'honesty')!, turnDeg: 0, xMm: 0, yMm: 0 }
    const half = (11 * 25.4) / 2
    const beside: Look = { ...look, centerpiece: [honesty, { ...lit, xMm: half + gapMm }] }
    expect(
      createAssessor()
        .measure(beside)
        .findings.filter((f) => f.code === 'flame.near')
    ).toHaveLength(count)
  })
})
