import { learnTaste, traits, traitsOf, type TasteChoice, type Traits, type WholeLook } from '@hestiad/core'
import { defineStore } from 'pinia'
import { computed, shallowRef, watchEffect } from 'vue'
import { keptList } from './keptList.js'

/** Older choices than these are forgotten: tastes change. */
const MOST_CHOICES = 60
const KEY = 'taste-choices'

/** What this stylist kept and dropped of the looks that were composed, and what that says; kept in this browser. */
export const useTaste = defineStore('taste', () => {
  const choices = shallowRef<readonly TasteChoice[]>(keptList(KEY, (one) => (isChoice(one) ? [one] : [])))
  watchEffect(() => localStorage.setItem(KEY, JSON.stringify(choices.value)))
  const taste = computed(() => learnTaste(choices.value))

  /** Of looks that were shown together one is laid or kept; gives what takes it back. */
  function choose(kept: WholeLook, shown: readonly WholeLook[]): () => void {
    const choice: TasteChoice = { kept: traitsOf(kept), others: shown.filter((one) => one !== kept).map(traitsOf) }
    choices.value = [...choices.value, choice].slice(-MOST_CHOICES)
    return () => (choices.value = choices.value.filter((one) => one !== choice))
  }

  function forget(): readonly TasteChoice[] {
    const before = choices.value
    choices.value = []
    return before
  }

  function restore(before: readonly TasteChoice[]): void {
    choices.value = before
  }

  return { choices, taste, choose, forget, restore }
})

function isChoice(one: unknown): one is TasteChoice {
  const { kept, others } = (one ?? {}) as Partial<TasteChoice>
  return isTraits(kept) && Array.isArray(others) && others.every(isTraits)
}

function isTraits(one: unknown): one is Traits {
  return typeof one === 'object' && one !== null && traits.every((trait) => Number.isFinite((one as Record<string, unknown>)[trait]))
}
