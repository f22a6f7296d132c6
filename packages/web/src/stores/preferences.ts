import { formatArea, formatClock, formatLength, formatWeight, type ClockHours, type LengthUnit } from '@hestiad/core'
import { defineStore } from 'pinia'
import { computed, reactive, ref, watchEffect } from 'vue'
import type { Step } from '../shell/steps.js'

export type Theme = 'day' | 'evening'

/** How measures are told: in the units and hours somebody chose. */
export interface Measures {
  readonly length: (lengthMm: number) => string
  readonly weight: (grams: number) => string
  readonly area: (mm2: number) => string
  readonly clock: (minute: number) => string
}

export const measuresIn = (unit: LengthUnit, hours: ClockHours): Measures => ({
  length: (lengthMm) => formatLength(lengthMm, unit),
  weight: (grams) => formatWeight(grams, unit),
  area: (mm2) => formatArea(mm2, unit),
  clock: (minute) => formatClock(minute, hours)
})

/** As the browser's language counts the hours. */
const usualHours = (): ClockHours => (new Intl.DateTimeFormat(undefined, { hour: 'numeric' }).resolvedOptions().hour12 ? 12 : 24)

/** Currencies offered; any other comes in by a look file. */
export const currencies = ['USD', 'EUR', 'GBP', 'CAD', 'AUD', 'SEK', 'CHF', 'JPY'] as const

/** How this person likes to see things; kept in this browser. */
export const usePreferences = defineStore('preferences', () => {
  const unit = ref<LengthUnit>(localStorage.getItem('unit') === 'cm' ? 'cm' : 'in')
  const currency = ref(localStorage.getItem('currency') ?? 'USD')
  const hours = ref<ClockHours>(({ '12': 12, '24': 24 } as const)[localStorage.getItem('hours') ?? ''] ?? usualHours())
  const theme = ref<Theme>(localStorage.getItem('theme') === 'evening' ? 'evening' : 'day')
  /** Where the bar between stage and work was put, step by step: percent for the work. */
  const workShares = reactive<Partial<Record<Step, number>>>(readShares())
  watchEffect(() => {
    localStorage.setItem('unit', unit.value)
    localStorage.setItem('hours', String(hours.value))
    localStorage.setItem('currency', currency.value)
    localStorage.setItem('theme', theme.value)
    localStorage.setItem('work-shares', JSON.stringify(workShares))
    document.documentElement.dataset['theme'] = theme.value
  })
  const measures = computed(() => measuresIn(unit.value, hours.value))
  const length = (lengthMm: number) => measures.value.length(lengthMm)
  const weight = (grams: number) => measures.value.weight(grams)
  const area = (mm2: number) => measures.value.area(mm2)
  const clock = (minute: number) => measures.value.clock(minute)
  /** One nudge: a quarter inch or half a centimeter. */
  const nudgeMm = () => (unit.value === 'in' ? 6.35 : 5)
  return { unit, hours, currency, theme, workShares, measures, length, weight, area, clock, nudgeMm }
})

function readShares(): Partial<Record<Step, number>> {
  try {
    return JSON.parse(localStorage.getItem('work-shares') ?? '{}') as Partial<Record<Step, number>>
  } catch {
    return {}
  }
}
