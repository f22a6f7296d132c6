import { formatLength, type LengthUnit } from '@hestiad/core'
import { defineStore } from 'pinia'
import { reactive, ref, watchEffect } from 'vue'
import type { Step } from '../shell/steps.js'

export type Theme = 'day' | 'evening'

/** Currencies offered; any other comes in by a look file. */
export const currencies = ['USD', 'EUR', 'GBP', 'CAD', 'AUD', 'SEK', 'CHF', 'JPY'] as const

/** How this person likes to see things; kept in this browser. */
export const usePreferences = defineStore('preferences', () => {
  const unit = ref<LengthUnit>(localStorage.getItem('unit') === 'cm' ? 'cm' : 'in')
  const currency = ref(localStorage.getItem('currency') ?? 'USD')
  const theme = ref<Theme>(localStorage.getItem('theme') === 'evening' ? 'evening' : 'day')
  /** Where the bar between stage and work was put, step by step: percent for the work. */
  const workShares = reactive<Partial<Record<Step, number>>>(readShares())
  watchEffect(() => {
    localStorage.setItem('unit', unit.value)
    localStorage.setItem('currency', currency.value)
    localStorage.setItem('theme', theme.value)
    localStorage.setItem('work-shares', JSON.stringify(workShares))
    document.documentElement.dataset['theme'] = theme.value
  })
  const length = (lengthMm: number) => formatLength(lengthMm, unit.value)
  /** One nudge: a quarter inch or half a centimeter. */
  const nudgeMm = () => (unit.value === 'in' ? 6.35 : 5)
  return { unit, currency, theme, workShares, length, nudgeMm }
})

function readShares(): Partial<Record<Step, number>> {
  try {
    return JSON.parse(localStorage.getItem('work-shares') ?? '{}') as Partial<Record<Step, number>>
  } catch {
    return {}
  }
}
