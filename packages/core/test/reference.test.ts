import { describe, expect, it } from 'vitest'
import { childEyeHeightMm, FACE_HALF_HEIGHT_MM, FACE_HALF_WIDTH_MM, sittingEyeHeightMm } from '../src/reference/bodies.js'
import { flameClearance, fuelOf } from '../src/reference/burning.js'
import { stopAtMm, waxDensityGPerCm3 } from '../src/reference/candles.js'
import { dropRangeMm, RUNNER_OVERHANG_MM, RUNNER_OVERHANG_MOST_MM } from '../src/reference/linens.js'
import { opacity, opacityOf } from '../src/reference/opacity.js'
import { cornerCoreMm, placeWidthMm, TIGHT_PLATE_MM } from '../src/reference/places.js'
import { petLists } from '../src/reference/petPlants.js'
import { circlePackingRatio, coverShare } from '../src/reference/stems.js'

const rising = (numbers: readonly number[]) => numbers.every((n, i) => i === 0 || n >= numbers[i - 1]!)

describe('reference tables', () => {
  it('places: tight, usual and roomy are 22, 24 and 30 in; the corner core holds the tight plate', () => {
    // 24 and 30 in: Panero & Zelnik 1979 (recalled); 22 in: common practice.
    expect(Object.values(placeWidthMm).map((mm) => Math.round(mm / 2.54) / 10)).toEqual([22, 24, 30])
    expect(cornerCoreMm.widthMm).toBeGreaterThan(TIGHT_PLATE_MM)
  })

  it('bodies: taller people have higher eyes, and the unstated lie between women and men', () => {
    for (const row of Object.values(sittingEyeHeightMm)) expect(rising([row.short, row.average, row.tall])).toBe(true)
    for (const stature of ['short', 'average', 'tall'] as const)
      expect(sittingEyeHeightMm.unstated[stature]).toBe((sittingEyeHeightMm.woman[stature] + sittingEyeHeightMm.man[stature]) / 2)
    expect(rising(childEyeHeightMm.map(([age]) => age)) && rising(childEyeHeightMm.map(([, eye]) => eye))).toBe(true)
    expect([2 * FACE_HALF_HEIGHT_MM, 2 * FACE_HALF_WIDTH_MM]).toEqual([190, 140])
  })

  it('circle packings never beat the area: n circles need a radius of at least the root of n', () => {
    expect(rising(circlePackingRatio.map(([, ratio]) => ratio))).toBe(true)
    for (const [count, ratio] of circlePackingRatio) {
      expect(ratio).toBeGreaterThanOrEqual(Math.sqrt(count) - 1e-12)
      if (count > 1) expect(count / ratio ** 2).toBeLessThanOrEqual(Math.PI / Math.sqrt(12))
    }
  })

  it('cover grows from sparse to lush, and drops from casual to dressy', () => {
    expect(rising([coverShare.sparse, coverShare.usual, coverShare.lush])).toBe(true)
    expect(dropRangeMm.casual[1]).toBe(dropRangeMm.dressy[0])
    expect(RUNNER_OVERHANG_MM).toBeLessThan(RUNNER_OVERHANG_MOST_MM)
  })

  it('opacities lie from 0 to 1, glass is the clearest, and everything that grew or was woven burns', () => {
    expect(rising([0, opacity.clearGlass, opacity.airyBranches, opacity.looseFlowers, opacity.denseMass, opacity.solid, 1])).toBe(true)
    expect(opacityOf('glass')).toBe(opacity.clearGlass)
    for (const material of ['wood', 'rattan', 'linen', 'cotton', 'wool', 'plant', 'dried', 'faux', 'paper'] as const) expect(fuelOf[material]).not.toBe('none')
    for (const material of ['glass', 'brass', 'stone', 'porcelain'] as const) expect(fuelOf[material]).toBe('none')
  })

  it('flames: 12 in from what burns in both profiles, 3 in and 10 cm between them; beeswax is the denser wax', () => {
    // Fire-service and candle-trade guidance; EN 15494-type labels (recalled).
    expect([flameClearance.US.fromCombustibleMm, flameClearance.EU.fromCombustibleMm]).toEqual([304.8, 304.8].map((mm) => expect.closeTo(mm, 6)))
    expect([flameClearance.US.betweenFlamesMm, flameClearance.EU.betweenFlamesMm]).toEqual([expect.closeTo(76.2, 6), 100])
    expect(waxDensityGPerCm3.beeswax).toBeGreaterThan(waxDensityGPerCm3.paraffin)
    expect([stopAtMm.pillar, stopAtMm.votive]).toEqual([expect.closeTo(50.8, 6), expect.closeTo(12.7, 6)])
  })

  it('poison lists name genera, each once and spelled as a genus', () => {
    for (const genus of Object.values(petLists).flat()) expect(genus).toMatch(/^[A-Z][a-z]+$/)
    expect(petLists.toxicToCats).toContain('Lilium')
    expect(petLists.listedNotToxic).not.toContain('Lilium')
  })
})
