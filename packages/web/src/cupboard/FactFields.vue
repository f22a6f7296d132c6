<script setup lang="ts">
import {
  answers,
  finishes,
  formatAmount,
  parseAmount,
  origins,
  seasons,
  type Answer,
  type CupboardItem,
  type Piece,
  type PieceFacts,
  type Season
} from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import CountField from '../shell/CountField.vue'
import SelectField from '../shell/SelectField.vue'
import { usePreferences } from '../stores/preferences.js'

/** What is known of a piece beyond its sizes. */
const props = defineProps<{ item: CupboardItem }>()
const emit = defineEmits<{ change: [item: CupboardItem] }>()
const { t } = useI18n()
const preferences = usePreferences()
const facts = computed(() => props.item.facts)
const setPiece = (part: Partial<Pick<Piece, 'pattern' | 'foodSafe' | 'heatSafe'>>) =>
  emit('change', { ...props.item, piece: { ...props.item.piece, ...part } as Piece })
const set = (part: Partial<PieceFacts>) => emit('change', { ...props.item, facts: { ...props.item.facts, ...part } })
const choices = {
  finish: finishes,
  usage: ['unknown', 'everyday', 'occasions'],
  origin: origins,
  breakable: answers
} as const
const texts = ['motif', 'provenance', 'setName', 'borrowedFrom'] as const
const each = computed(() => {
  const { paidCents } = facts.value
  return paidCents !== null && props.item.piece.owned > 1 ? formatAmount(Math.round(paidCents / props.item.piece.owned), preferences.currency) : ''
})

function setMoney(name: 'paidCents' | 'listCents', event: Event): void {
  const text = (event.target as HTMLInputElement).value.trim()
  const cents = text === '' ? null : parseAmount(text, preferences.currency)
  if (cents !== undefined && (cents === null || cents >= 0)) set({ [name]: cents })
  else (event.target as HTMLInputElement).value = shown(facts.value[name])
}
const shown = (cents: number | null) => (cents === null ? '' : formatAmount(cents, preferences.currency))

function setSeason(season: Season, on: boolean): void {
  set({ seasons: seasons.filter((one) => (one === season ? on : facts.value.seasons.includes(one))) })
}

function setAcquired(event: Event): void {
  const input = event.target as HTMLInputElement
  if (/^(\d{4}(-\d{2}-\d{2})?)?$/.test(input.value.trim())) set({ acquired: input.value.trim() })
  else input.value = facts.value.acquired
}
</script>

<template>
  <details>
    <summary>{{ t('cupboard.facts') }}</summary>
    <div class="pair">
      <div v-for="(values, name) in choices" :key="name" class="field">
        <label :for="`fact-${name}`">{{ t(`cupboard.${name}`) }}</label>
        <select :id="`fact-${name}`" class="native" :value="facts[name]" @change="set({ [name]: ($event.target as HTMLSelectElement).value })">
          <option v-for="value in values" :key="value" :value="value">{{ t(`cupboard.values.${value}`) }}</option>
        </select>
      </div>
      <SelectField
        v-for="name in ['foodSafe', 'heatSafe'] as const"
        :key="name"
        :label="t(`cupboard.${name}`)"
        :model-value="item.piece[name]"
        :choices="answers.map((value) => ({ value, label: t(`cupboard.values.${value}`) }))"
        @update:model-value="setPiece({ [name]: $event as Answer })"
      />
      <div class="field">
        <label for="fact-pattern">{{ t('cupboard.pattern') }}</label>
        <input
          id="fact-pattern"
          class="native"
          maxlength="100"
          :placeholder="t('cupboard.plainHint')"
          :value="item.piece.pattern"
          @change="setPiece({ pattern: ($event.target as HTMLInputElement).value.trim() })"
        />
      </div>
      <fieldset class="checks wide">
        <legend>{{ t('cupboard.seasons') }}</legend>
        <label v-for="season in seasons" :key="season"
          ><input type="checkbox" :checked="facts.seasons.includes(season)" @change="setSeason(season, ($event.target as HTMLInputElement).checked)" />
          {{ t(`cupboard.values.${season}`) }}</label
        >
      </fieldset>
      <div v-for="name in texts" :key="name" class="field">
        <label :for="`fact-${name}`">{{ t(`cupboard.${name}`) }}</label>
        <input
          :id="`fact-${name}`"
          class="native"
          :maxlength="name === 'provenance' ? 200 : 100"
          :value="facts[name]"
          @change="set({ [name]: ($event.target as HTMLInputElement).value })"
        />
      </div>
      <CountField :label="t('cupboard.setCount')" :model-value="facts.setCount" :max="10000" @update:model-value="set({ setCount: $event })" />
      <div class="field">
        <label for="fact-acquired">{{ t('cupboard.acquired') }}</label>
        <input id="fact-acquired" class="native" :value="facts.acquired" @change="setAcquired" />
      </div>
      <div v-for="name in ['returnBy', 'lastUsed'] as const" :key="name" class="field">
        <label :for="`fact-${name}`">{{ t(`cupboard.${name}`) }}</label>
        <input :id="`fact-${name}`" class="native" type="date" :value="facts[name]" @change="set({ [name]: ($event.target as HTMLInputElement).value })" />
      </div>
      <div class="field">
        <label for="fact-paid">{{ t('cupboard.paid') }}</label>
        <input id="fact-paid" class="native" inputmode="decimal" :value="shown(facts.paidCents)" @change="setMoney('paidCents', $event)" />
        <span v-if="each" class="soft small">{{ t('cupboard.perUse', { each }) }}</span>
      </div>
      <div class="field">
        <label for="fact-list">{{ t('cupboard.listPrice') }}</label>
        <input id="fact-list" class="native" inputmode="decimal" :value="shown(facts.listCents)" @change="setMoney('listCents', $event)" />
      </div>
      <div class="field wide">
        <label for="fact-notes">{{ t('cupboard.notes') }}</label>
        <textarea
          id="fact-notes"
          class="native"
          rows="3"
          maxlength="2000"
          :value="facts.notes"
          @change="set({ notes: ($event.target as HTMLTextAreaElement).value })"
        />
      </div>
      <label class="wide"
        ><input type="checkbox" :checked="facts.doNotRemove" @change="set({ doNotRemove: ($event.target as HTMLInputElement).checked })" />
        {{ t('cupboard.doNotRemove') }}</label
      >
    </div>
    <p class="soft small">{{ t('cupboard.safety') }}</p>
  </details>
</template>

<style scoped>
summary {
  padding: 4px 0;
  font: 560 15px var(--serif);
  cursor: pointer;
}
</style>
