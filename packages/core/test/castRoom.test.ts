import { directions, newGuest, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { fitsBeside } from '../src/settings/fitsBeside.js'
import { bestCasts, layerCasts } from '../src/wholeLook/castLayers.js'
import type { LayerCast } from '../src/wholeLook/layerCast.js'
import { layLayers } from '../src/wholeLook/layLayers.js'
import { demoLook } from './support/looks.js'

const options = { from: 'few-new', want: 5, seed: 1 } as const
const laid = (look: Look, cast: LayerCast, direction: (typeof directions)[number]) => layLayers(look, cast, direction, new Set())
const best = (look: Look, casts: readonly LayerCast[], direction: (typeof directions)[number]) =>
  bestCasts(look, casts, direction, look.money.totalCents, () => 1, 12)

describe('layers are cast that find room at every place', () => {
  it('by every direction, where some do and some do not: ten at an oval have no room for wide chargers and two goblets', () => {
    const look = demoLook()
    const casts = layerCasts(look, options)
    const wide = casts.filter((cast) => cast.charger && cast.glasses.length > 1)
    expect(wide.length).toBeGreaterThan(0)
    expect(wide.every((cast) => fitsBeside(laid(look, cast, 'tonal')))).toBe(false)
    for (const direction of directions) {
      const [first] = best(look, casts, direction)
      expect([direction, fitsBeside(laid(look, first!, direction))]).toEqual([direction, true])
    }
  })

  it('where nothing finds room the casts are ordered as if all did, and something is laid', () => {
    const demo = demoLook()
    const packed: Look = { ...demo, guests: [...demo.guests, ...Array.from({ length: 8 }, (_, i) => ({ ...newGuest(i + 1), id: `more-${i}` }))] }
    const casts = layerCasts(packed, options)
    for (const direction of ['tonal', 'natural'] as const) {
      const first = best(packed, casts, direction)
      expect(first.length).toBeGreaterThan(0)
      for (const cast of first) expect(fitsBeside(laid(packed, cast, direction))).toBe(false)
    }
  })

  it('and what is kept is asked for room as it is, whatever else is cast', () => {
    const look = demoLook()
    for (const cast of layerCasts(look, { ...options, keep: ['plates', 'glasses', 'flatware'] }).slice(0, 40)) {
      const kept = layLayers(look, cast, 'tonal', new Set(['plates', 'glasses', 'flatware']))
      expect(kept.setting).toMatchObject({ plateIds: look.setting.plateIds, glassIds: look.setting.glassIds, flatwareIds: look.setting.flatwareIds })
    }
  })
})
