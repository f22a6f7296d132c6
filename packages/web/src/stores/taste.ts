import { isTraits, learnTaste, traitsOf, type TasteChoice, type WholeLook } from '@hestiad/core'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { createKept } from './kept.js'

/** Older choices than these say nothing any more: tastes change. */
const MOST_CHOICES = 60

/** What this stylist kept and dropped of the looks that were composed, and what that says. */
export const useTaste = defineStore('taste', () => {
  const kept = createKept<TasteChoice>('taste', 'taste-choices', (one) => (isChoice(one) ? [one] : []))
  const choices = computed(() => kept.list.value.map((one) => one.value).slice(-MOST_CHOICES))
  const taste = computed(() => learnTaste(choices.value))
  const loaded = kept.load()

  /** Of looks that were shown together one is laid or kept; another one of them later takes its place. Taken back by the same id. */
  const choose = (laid: WholeLook, shown: readonly WholeLook[], id: string): string =>
    kept.keep({ kept: traitsOf(laid), others: shown.filter((one) => one !== laid).map(traitsOf) }, id)

  function forget(): readonly TasteChoice[] {
    const before = choices.value
    for (const { id } of kept.list.value) kept.drop(id)
    return before
  }

  function restore(before: readonly TasteChoice[]): void {
    for (const choice of before) kept.keep(choice)
  }

  return { choices, taste, loaded, choose, unchoose: kept.drop, forget, restore }
})

function isChoice(one: unknown): one is TasteChoice {
  const { kept, others } = (one ?? {}) as Partial<TasteChoice>
  return isTraits(kept) && Array.isArray(others) && others.every(isTraits)
}
