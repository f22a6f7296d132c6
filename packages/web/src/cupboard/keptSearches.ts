import { noFacets, type Facets } from '@hestiad/core'
import { ref, watchEffect, type Ref } from 'vue'
import { keptList } from '../stores/keptList.js'

/** A search of the cupboard with its facets, kept in this browser to be made again. */
export interface KeptSearch {
  readonly query: string
  readonly facets: Facets
}

const KEY = 'cupboard-searches'
const MOST = 20

export function useKeptSearches(): {
  readonly kept: Ref<readonly KeptSearch[]>
  readonly has: (search: KeptSearch) => boolean
  readonly keep: (search: KeptSearch) => void
  readonly drop: (search: KeptSearch) => void
} {
  const kept = ref<readonly KeptSearch[]>(keptList(KEY, sound))
  watchEffect(() => localStorage.setItem(KEY, JSON.stringify(kept.value)))
  const without = (search: KeptSearch) => kept.value.filter((one) => !same(one, search))
  return {
    kept,
    has: (search) => kept.value.some((one) => same(one, search)),
    keep: (search) => (kept.value = [...without(search), search].slice(-MOST)),
    drop: (search) => (kept.value = without(search))
  }
}

/** Whether two searches ask for the same. */
export const same = (a: KeptSearch, b: KeptSearch) => JSON.stringify([a.query, a.facets]) === JSON.stringify([b.query, b.facets])

/** What another version stored is made whole, or passed over. */
function sound(one: unknown): KeptSearch[] {
  const { query, facets } = (one ?? {}) as Partial<KeptSearch>
  if (typeof query !== 'string' || typeof facets !== 'object' || facets === null) return []
  const whole = { ...noFacets, ...facets }
  return [whole.kinds, whole.materials, whole.seasons, whole.rooms].every(Array.isArray) ? [{ query, facets: whole }] : []
}
