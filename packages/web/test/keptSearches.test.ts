import { noFacets } from '@hestiad/core'
import { nextTick } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useKeptSearches } from '../src/cupboard/keptSearches.js'

describe('searches of the cupboard', () => {
  const stored = new Map<string, string>()
  beforeEach(() => {
    stored.clear()
    vi.stubGlobal('localStorage', { getItem: (key: string) => stored.get(key) ?? null, setItem: (key: string, value: string) => void stored.set(key, value) })
  })
  const glass = { query: 'glass', facets: { ...noFacets, seasons: ['winter' as const] } }

  it('are kept once each, in their order, over a reload; dropped they are gone', async () => {
    const { kept, has, keep, drop } = useKeptSearches()
    const low = { query: '', facets: { ...noFacets, state: 'low' as const } }
    for (const search of [glass, low, structuredClone(glass)]) keep(search)
    expect(kept.value).toEqual([low, glass])
    expect(has(structuredClone(low))).toBe(true)
    await nextTick()
    expect(useKeptSearches().kept.value).toEqual([low, glass])
    drop(low)
    expect(has(low)).toBe(false)
    for (let i = 0; i < 30; i++) keep({ query: `q${i}`, facets: noFacets })
    expect(kept.value).toHaveLength(20)
  })

  it('stored by another version are made whole or passed over', () => {
    stored.set(
      'cupboard-searches',
      JSON.stringify([null, 'x', { query: 5, facets: {} }, { query: 'a', facets: { kinds: 'glass' } }, { query: 'b', facets: { state: 'care' } }])
    )
    expect(useKeptSearches().kept.value).toEqual([{ query: 'b', facets: { ...noFacets, state: 'care' } }])
    stored.set('cupboard-searches', 'not a list')
    expect(useKeptSearches().kept.value).toEqual([])
  })
})
