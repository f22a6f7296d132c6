import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { steps, usualShares } from '../src/shell/steps.js'
import { usePreferences } from '../src/stores/preferences.js'

const kept = new Map<string, string>()
beforeEach(() => {
  kept.clear()
  setActivePinia(createPinia())
  vi.stubGlobal('localStorage', { getItem: (key: string) => kept.get(key) ?? null, setItem: (key: string, value: string) => void kept.set(key, value) })
  vi.stubGlobal('document', { documentElement: { dataset: {} } })
})

describe('where the bar between table and work stands', () => {
  it('leaves the table a fifth of the width at least in every step, and the work as much', () => {
    for (const step of steps) {
      expect(usualShares[step]).toBeGreaterThan(20)
      expect(usualShares[step]).toBeLessThan(80)
    }
  })

  it('is kept step by step in this browser, and found again', async () => {
    usePreferences().workShares.menu = 70
    await nextTick()
    setActivePinia(createPinia())
    expect(usePreferences().workShares).toEqual({ menu: 70 })
  })

  it('is the usual one again where what is kept cannot be read', () => {
    kept.set('work-shares', '{spoiled')
    expect(usePreferences().workShares).toEqual({})
  })
})

describe('how measures are told', () => {
  it('follows the units and hours chosen at once, everywhere they are asked for', () => {
    const preferences = usePreferences()
    preferences.unit = 'in'
    preferences.hours = 12
    expect([preferences.length(254), preferences.weight(907.2), preferences.clock(1110)]).toEqual(['10 in', '2 lb', '6:30 pm'])
    preferences.unit = 'cm'
    preferences.hours = 24
    expect([preferences.length(254), preferences.weight(907.2), preferences.clock(1110)]).toEqual(['25.5 cm', '910 g', '18:30'])
    expect(preferences.measures.clock(1500)).toBe('01:00')
  })

  it('is kept in this browser; hours nobody chose are those of its language, and nonsense is none', async () => {
    const preferences = usePreferences()
    preferences.hours = preferences.hours === 12 ? 24 : 12
    const chosen = preferences.hours
    await nextTick()
    setActivePinia(createPinia())
    expect(usePreferences().hours).toBe(chosen)
    kept.set('hours', '13')
    setActivePinia(createPinia())
    expect([12, 24]).toContain(usePreferences().hours)
  })
})
