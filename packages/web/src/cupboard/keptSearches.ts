import { noFacets, type Facets } from '@hestiad/core'
import { computed, type ComputedRef } from 'vue'
import { createKept } from '../stores/kept.js'

/** A search of the cupboard with its facets, kept to be made again. */
export interface KeptSearch {
  readonly query: string
  readonly facets: Facets
}

const MOST = 20

export function useKeptSearches(): {
  readonly kept: ComputedRef<readonly KeptSearch[]>
  readonly has: (search: KeptSearch) => boolean
  readonly keep: (search: KeptSearch) => void
  readonly drop: (search: KeptSearch) => void
} {
  const { list, load, keep, drop } = createKept<KeptSearch>('search', 'cupboard-searches', sound)
  void load()
  const dropAll = (search: KeptSearch) => list.value.filter((one) => same(one.value, search)).forEach((one) => drop(one.id))
  return {
    kept: computed(() => list.value.map((one) => one.value).slice(-MOST)),
    has: (search) => list.value.some((one) => same(one.value, search)),
    keep: (search) => {
      dropAll(search)
      keep(search)
    },
    drop: dropAll
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
