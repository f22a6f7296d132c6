import { isStyle, noStyle, type Style } from '@hestiad/core'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { createKept } from './kept.js'

/** There is one style of one stylist. */
const OWN = 'own'

/** The stylist's style: kept on the server, what a new brief begins with. */
export const useStyle = defineStore('style', () => {
  const kept = createKept<Style>('style', 'own-style', (one) => (isStyle(one) ? [one] : []))
  const style = computed(() => kept.list.value.find((one) => one.id === OWN)?.value ?? noStyle)
  const isSaid = computed(() => JSON.stringify(style.value) !== JSON.stringify(noStyle))
  const loaded = kept.load()

  const change = (part: Partial<Style>): void => void kept.keep({ ...style.value, ...part }, OWN)
  const forget = (): void => kept.drop(OWN)
  return { style, isSaid, loaded, change, forget }
})
