import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { steps, usualShares } from '../src/shell/steps.js'
import { usePreferences } from '../src/stores/preferences.js'

describe('where the bar between table and work stands', () => {
  const kept = new Map<string, string>()
  beforeEach(() => {
    kept.clear()
    setActivePinia(createPinia())
    vi.stubGlobal('localStorage', { getItem: (key: string) => kept.get(key) ?? null, setItem: (key: string, value: string) => void kept.set(key, value) })
    vi.stubGlobal('document', { documentElement: { dataset: {} } })
  })

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
