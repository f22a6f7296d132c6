import { createCupboardSearch, noFacets, type CupboardItem, type Facets, type Uses } from '@hestiad/core'
import { computed, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import { usePreferences } from '../stores/preferences.js'

/** The cupboard on the page: its items, what the search leaves of them, and writing. What is typed is shown at once and kept on the server. */
export function useCupboard() {
  const { t } = useI18n()
  const preferences = usePreferences()
  const items = shallowRef<readonly CupboardItem[]>()
  const uses = shallowRef<Readonly<Record<string, Uses>>>({})
  const failed = ref(false)
  const message = ref('')
  const query = ref('')
  const facets = ref<Facets>({ ...noFacets })
  const search = computed(() => createCupboardSearch((items.value ?? []).map(withLastUse)))
  const found = computed(() => search.value.find(query.value, facets.value, preferences.unit).map((i) => items.value![i]!))
  const values = (of: (item: CupboardItem) => string) => [...new Set((items.value ?? []).map(of).filter(Boolean))].sort()
  const rooms = computed(() => values((item) => item.piece.kept.split(',')[0]!.trim()))
  const materials = computed(() => values((item) => item.piece.material))
  const kinds = computed(() => values((item) => item.piece.kind))

  /** The last use is the one noted or the last occasion kept here, whichever is later. */
  function withLastUse(item: CupboardItem): CupboardItem {
    const last = uses.value[item.piece.id]?.last ?? ''
    return last > item.facts.lastUsed ? { ...item, facts: { ...item.facts, lastUsed: last } } : item
  }

  async function load(): Promise<void> {
    failed.value = false
    try {
      items.value = (await api.getCupboard()).items
      uses.value = (await api.cupboardUses().catch(() => undefined))?.uses ?? {}
    } catch {
      failed.value = true
    }
  }

  /** Writes items; on refusal they are shown again as they were, whatever else was written meanwhile, and the reason is told. */
  async function write(changed: readonly CupboardItem[]): Promise<boolean> {
    const before = items.value ?? []
    const byId = new Map(changed.map((item) => [item.piece.id, item]))
    const known = new Set(before.map((item) => item.piece.id))
    items.value = [...changed.filter((item) => !known.has(item.piece.id)), ...before.map((item) => byId.get(item.piece.id) ?? item)]
    try {
      await (changed.length === 1 ? api.putItem(changed[0]!.piece.id, changed[0]!) : api.putItems({ items: changed }))
      message.value = changed.length === 1 ? `${t('cupboard.saved')}: ${changed[0]!.piece.name}` : t('cupboard.saved')
      return true
    } catch (error) {
      const was = new Map(before.map((item) => [item.piece.id, item]))
      items.value = (items.value ?? []).flatMap((item) => (byId.get(item.piece.id) === item ? (was.get(item.piece.id) ?? []) : item))
      message.value = t('cupboard.failed', { message: (error as Error).message })
      return false
    }
  }

  async function remove(item: CupboardItem): Promise<boolean> {
    try {
      await api.removePiece(item.piece.id)
      items.value = (items.value ?? []).filter((one) => one.piece.id !== item.piece.id)
      message.value = t('cupboard.removed', { name: item.piece.name })
      return true
    } catch (error) {
      message.value = t('cupboard.failed', { message: (error as Error).message })
      return false
    }
  }

  return { items, uses, failed, message, query, facets, found, rooms, materials, kinds, load, write, remove }
}
