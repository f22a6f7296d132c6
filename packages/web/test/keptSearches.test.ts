import { noFacets } from '@hestiad/core'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useKeptSearches } from '../src/cupboard/keptSearches.js'
import { keptServer } from './support/keptServer.js'

describe('searches of the cupboard', () => {
  beforeEach(() => keptServer.reset())
  const glass = { query: 'glass', facets: { ...noFacets, seasons: ['winter' as const] } }
  const low = { query: '', facets: { ...noFacets, state: 'low' as const } }

  it('are kept once each, in their order, for every window; dropped they are gone', async () => {
    const { kept, has, keep, drop } = useKeptSearches()
    for (const search of [glass, low, structuredClone(glass)]) keep(search)
    expect(kept.value).toEqual([low, glass])
    expect(has(structuredClone(low))).toBe(true)
    await vi.waitFor(() => expect(keptServer.rows.get('search')).toHaveLength(2))
    const other = useKeptSearches()
    await vi.waitFor(() => expect(other.kept.value).toEqual([low, glass]))
    drop(low)
    expect(has(low)).toBe(false)
    for (let i = 0; i < 30; i++) keep({ query: `q${i}`, facets: noFacets })
    expect(kept.value).toHaveLength(20)
  })

  it('stored by another version are made whole or passed over', async () => {
    const values = [
      { query: 5, facets: {} },
      { query: 'a', facets: { kinds: 'glass' } },
      { query: 'b', facets: { state: 'care' } }
    ]
    keptServer.rows.set('search', values.map((value, i) => ({ id: `${i}`, value, createdAtMs: i }))) // prettier-ignore
    const { kept } = useKeptSearches()
    await vi.waitFor(() => expect(kept.value).toEqual([{ query: 'b', facets: { ...noFacets, state: 'care' } }]))
  })
})
