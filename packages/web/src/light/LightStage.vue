<script setup lang="ts">
import type { Look } from '@hestiad/core'
import { useI18n } from 'vue-i18n'
import SeatView from '../seat-view/SeatView.vue'
import { useLook } from '../stores/lookStore.js'
import EveningHours from './EveningHours.vue'

/** The table by candlelight, with the hours of the evening under it. */
defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
</script>

<template>
  <section class="stage" :aria-label="t('step.light')">
    <div class="picture"><SeatView :look="look" :seat="null" embedded /></div>
    <EveningHours v-if="store.figures && store.figures.light.candles.length > 0" class="hours" :look="look" :light="store.figures.light" />
    <p v-else class="soft small tidy">{{ t('light.noHours') }}</p>
  </section>
</template>

<style scoped>
.stage {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  gap: 8px;
  height: 100%;
  overflow: hidden;
  padding: 8px;
  border: 1px solid var(--hairline);
  border-radius: 6px;
  background: var(--paper);
}

.picture {
  position: relative;
  min-height: 0;
}

.hours {
  max-height: 190px;
}
</style>
