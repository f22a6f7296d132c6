import { directions, newGuest, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { fitsBeside } from '../src/settings/fitsBeside.js'
import { bestCasts } from '../src/wholeLook/bestCasts.js'
import type { Uncosted } from '../src/wholeLook/laidCast.js'
import { layLayers } from '../src/wholeLook/layLayers.js'
import { everyCast, modelOf } from './support/casts.js'
import { demoLook } from './support/looks.js'

const laid = (look: Look, cast: Uncosted, direction: (typeof directions)[number]) =>
  layLayers(look, { ...cast, costCents: 0, kinship: 1 }, direction, new Set())

describe('layers are cast that find room at every place', () => {
  it('by every direction, where some do and some do not: ten at an oval have no room for wide chargers and two goblets', () => {
    const look = demoLook()
    const model = modelOf(look)
    const { layers } = model
    const wide = everyCast({ layers: { ...layers, cloths: [null], runners: [null], napkins: [null] } }).filter(
      (cast) => cast.charger && cast.glasses.length > 1
    )
    expect(wide.length).toBeGreaterThan(0)
    expect(wide.every((cast) => fitsBeside(laid(look, cast, 'tonal')))).toBe(false)
    for (const direction of directions) {
      const [first] = bestCasts(model, direction, () => 1, 1)
      expect([direction, fitsBeside(laid(look, first!, direction))]).toEqual([direction, true])
    }
  })

  it('where nothing finds room the casts are ordered as if all did, and something is laid', () => {
    const demo = demoLook()
    const packed: Look = { ...demo, guests: [...demo.guests, ...Array.from({ length: 8 }, (_, i) => ({ ...newGuest(i + 1), id: `more-${i}` }))] }
    for (const direction of ['tonal', 'natural'] as const) {
      const found = bestCasts(modelOf(packed), direction, () => 1, 4)
      expect(found.length).toBeGreaterThan(0)
      for (const cast of found) expect(fitsBeside(laid(packed, cast, direction))).toBe(false)
    }
  })

  it('and what is kept is asked for room as it is, whatever else is cast', () => {
    const look = demoLook()
    const keep = ['plates', 'glasses', 'flatware'] as const
    for (const cast of bestCasts(modelOf(look, { keep }), 'tonal', () => 1, 40)) {
      const kept = layLayers(look, cast, 'tonal', new Set(keep))
      expect(kept.setting).toMatchObject({ plateIds: look.setting.plateIds, glassIds: look.setting.glassIds, flatwareIds: look.setting.flatwareIds })
    }
  })
})
