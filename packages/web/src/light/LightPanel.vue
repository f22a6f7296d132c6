<script setup lang="ts">
import { findPiece, formatClock, formatDuration, lightAll, LIT_BEFORE_MIN, pieceIndex, piecesOf, setCandle, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import TimeField from '../shell/TimeField.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'

const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const index = computed(() => pieceIndex(props.look))
const holders = computed(() =>
  props.look.centerpiece.flatMap((placed) => {
    const holder = findPiece(index.value, placed.pieceId, 'holder')
    return holder ? [{ placed, holder, evening: store.resting?.light.candles.find((c) => c.placedId === placed.id) }] : []
  })
)
const first = computed(() => {
  const times = props.look.centerpiece.flatMap((p) => (p.candle ? [p.candle.lightAtMin] : []))
  return times.length > 0 ? Math.min(...times) : undefined
})
const candlesFor = (takes: string) => piecesOf(props.look, 'candle').filter((c) => c.form === takes)
</script>

<template>
  <div class="stack">
    <p v-if="holders.length === 0" class="soft">{{ t('light.none') }}</p>
    <TimeField v-if="first !== undefined" :label="t('light.all')" :model-value="first" @update:model-value="store.run(lightAll, $event)" />
    <ul>
      <li v-for="{ placed, holder, evening } in holders" :key="placed.id" :class="{ on: placed.id === store.selected }">
        <button class="plain name" @click="store.selected = placed.id">{{ holder.name }}</button>
        <select
          class="native"
          :value="placed.candle?.candleId ?? ''"
          :aria-label="`${holder.name}, ${t('light.candle')}`"
          @change="store.run(setCandle, placed.id, ($event.target as HTMLSelectElement).value || null, LIT_BEFORE_MIN)"
        >
          <option value="">{{ t('light.empty') }}</option>
          <option v-for="candle in candlesFor(holder.takes)" :key="candle.id" :value="candle.id">{{ candle.name }} ({{ candle.owned }})</option>
        </select>
        <span v-if="evening && placed.candle" class="small" :class="evening.lifeMin < evening.askedMin - 0.5 ? 'bad' : 'soft'">
          {{ t('light.lit') }} {{ formatClock(placed.candle.lightAtMin) }} · {{ formatDuration(evening.lifeMin) }},
          {{ t('light.asked', { asked: formatDuration(evening.askedMin) }) }} ·
          <template v-if="evening.lifeMin < evening.askedMin - 0.5">{{ t('light.out', { at: formatClock(evening.outAtMin) }) }}</template>
          <template v-else-if="evening.flame">{{ t('light.left', { height: length(evening.leftMm) }) }}</template>
          <template v-else>{{ t('light.flameless') }}</template>
        </span>
      </li>
    </ul>
    <p class="soft small">{{ t('light.caution') }}</p>
  </div>
</template>

<style scoped>
ul {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  gap: 2px;
  padding-left: 8px;
  border-left: 2px solid transparent;
}

li.on {
  border-left-color: var(--ember);
}

.name {
  font-weight: 600;
}

.bad {
  color: var(--ember);
  font-weight: 600;
}

p {
  margin: 0;
}
</style>
