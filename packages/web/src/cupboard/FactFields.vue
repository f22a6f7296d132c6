<script setup lang="ts">
import AmountField from '../shell/AmountField.vue'
import DateField from '../shell/DateField.vue'
import CheckField from '../shell/CheckField.vue'
import TextField from '../shell/TextField.vue'
import FoldAway from '../shell/FoldAway.vue'
import {
  answers,
  finishes,
  formatMoney,
  lastings,
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
const props = defineProps<{ item: CupboardItem; items: readonly CupboardItem[] }>()
const emit = defineEmits<{ change: [item: CupboardItem] }>()
const { t } = useI18n()
const preferences = usePreferences()
const facts = computed(() => props.item.facts)
const setPiece = (part: Partial<Pick<Piece, 'pattern' | 'foodSafe' | 'heatSafe'>>) =>
  emit('change', { ...props.item, piece: { ...props.item.piece, ...part } as Piece })
const set = (part: Partial<PieceFacts>) => emit('change', { ...props.item, facts: { ...props.item.facts, ...part } })
const choices = {
  finish: finishes,
  lasting: lastings,
  usage: ['unknown', 'everyday', 'occasions'],
  origin: origins,
  breakable: answers
} as const
const texts = ['motif', 'provenance', 'setName', 'borrowedFrom', 'buyHint'] as const
const longTexts: readonly string[] = ['provenance', 'buyHint']
const others = computed(() => props.items.flatMap(({ piece }) => (piece.id === props.item.piece.id ? [] : [{ value: piece.id, label: piece.name }])))
const each = computed(() => {
  const { paidCents } = facts.value
  return paidCents !== null && props.item.piece.owned > 1 ? formatMoney(Math.round(paidCents / props.item.piece.owned), preferences.currency) : ''
})

function setSeason(season: Season, on: boolean): void {
  set({ seasons: seasons.filter((one) => (one === season ? on : facts.value.seasons.includes(one))) })
}

const wrongYear = (text: string) => (/^(\d{4}(-\d{2}-\d{2})?)?$/.test(text.trim()) ? '' : t('cupboard.acquiredHint'))
</script>

<template>
  <FoldAway :title="t('cupboard.facts')">
    <div class="pair">
      <SelectField
        v-for="(values, name) in choices"
        :key="name"
        :label="t(`cupboard.${name}`)"
        :model-value="facts[name] as string"
        :choices="values.map((value) => ({ value, label: t(`cupboard.values.${value}`) }))"
        @update:model-value="set({ [name]: $event })"
      />
      <SelectField
        v-for="name in ['foodSafe', 'heatSafe'] as const"
        :key="name"
        :label="t(`cupboard.${name}`)"
        :model-value="item.piece[name]"
        :choices="answers.map((value) => ({ value, label: t(`cupboard.values.${value}`) }))"
        @update:model-value="setPiece({ [name]: $event as Answer })"
      />
      <TextField
        :label="t('cupboard.pattern')"
        :model-value="item.piece.pattern"
        :max="100"
        :placeholder="t('cupboard.plainHint')"
        @update:model-value="setPiece({ pattern: $event.trim() })"
      />
      <fieldset class="checks wide">
        <legend>{{ t('cupboard.seasons') }}</legend>
        <CheckField
          v-for="season in seasons"
          :key="season"
          :label="t(`cupboard.values.${season}`)"
          :model-value="facts.seasons.includes(season)"
          @update:model-value="setSeason(season, $event)"
        />
      </fieldset>
      <TextField
        v-for="name in texts"
        :key="name"
        :label="t(`cupboard.${name}`)"
        :max="longTexts.includes(name) ? 200 : 100"
        :placeholder="name === 'buyHint' ? t('cupboard.buyHintSuch') : ''"
        :model-value="facts[name]"
        @update:model-value="set({ [name]: $event })"
      />
      <SelectField
        :label="t('cupboard.behind')"
        :model-value="facts.behind || null"
        :choices="others"
        :none="t('cupboard.behindNone')"
        @update:model-value="set({ behind: $event })"
        @none="set({ behind: '' })"
      />
      <CountField :label="t('cupboard.setCount')" :model-value="facts.setCount" :max="10000" @update:model-value="set({ setCount: $event })" />
      <TextField :label="t('cupboard.acquired')" :model-value="facts.acquired" :wrong="wrongYear" @update:model-value="set({ acquired: $event.trim() })" />
      <DateField
        v-for="name in ['returnBy', 'lastUsed'] as const"
        :key="name"
        optional
        :label="t(`cupboard.${name}`)"
        :model-value="facts[name]"
        @update:model-value="set({ [name]: $event })"
      />
      <AmountField
        :label="t('cupboard.paid')"
        optional
        :currency="preferences.currency"
        :model-value="facts.paidCents"
        @update:model-value="set({ paidCents: $event })"
        @clear="set({ paidCents: null })"
      />
      <AmountField
        :label="t('cupboard.listPrice')"
        optional
        :currency="preferences.currency"
        :model-value="facts.listCents"
        @update:model-value="set({ listCents: $event })"
        @clear="set({ listCents: null })"
      />
      <p v-if="each" class="soft small wide tidy">{{ t('cupboard.perUse', { each }) }}</p>
      <TextField class="wide" :label="t('cupboard.notes')" :model-value="facts.notes" :max="2000" :rows="3" @update:model-value="set({ notes: $event })" />
      <CheckField class="wide" :label="t('cupboard.doNotRemove')" :model-value="facts.doNotRemove" @update:model-value="set({ doNotRemove: $event })" />
    </div>
    <p class="soft small">{{ t('cupboard.safety') }}</p>
  </FoldAway>
</template>
