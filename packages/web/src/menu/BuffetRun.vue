<script setup lang="ts">
import { pieceIndex, type BuffetStation, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { usePreferences } from '../stores/preferences.js'

/** The buffet drawn on its sideboard, in the order guests walk. */
const props = defineProps<{ look: Look; stations: readonly BuffetStation[] }>()
const { t } = useI18n()
const { length } = usePreferences()
const index = computed(() => pieceIndex(props.look))
const totalMm = computed(() => props.stations[props.stations.length - 1]?.toMm ?? 0)
const boardMm = computed(() => Math.max(totalMm.value, props.look.menu.sideboardMm ?? 0))
const dishOf = (station: BuffetStation) => props.look.menu.dishes.find((dish) => dish.id === station.dishId)
const colorOf = (station: BuffetStation) => index.value.get(dishOf(station)?.vesselId ?? '')?.color ?? '#ece5d6'
</script>

<template>
  <figure>
    <svg :viewBox="`-20 0 ${boardMm + 40} 460`" role="img" :aria-label="t('menu.run')">
      <rect x="0" y="30" :width="look.menu.sideboardMm ?? totalMm" height="400" rx="14" class="board" />
      <line
        v-if="look.menu.sideboardMm !== null && totalMm > look.menu.sideboardMm"
        :x1="look.menu.sideboardMm"
        :x2="look.menu.sideboardMm"
        y1="10"
        y2="450"
        class="end"
      />
      <g v-for="(station, i) in stations" :key="i" :transform="`translate(${(station.fromMm + station.toMm) / 2} 230)`">
        <template v-if="station.what === 'plates'">
          <circle v-for="n in 3" :key="n" :cx="(n - 2) * 7" :cy="(2 - n) * 9" r="120" class="ware" />
        </template>
        <template v-else-if="station.what === 'cutlery'">
          <rect v-for="n in 4" :key="n" :x="-95 + n * 38" y="-100" width="16" height="200" rx="8" class="ware" />
        </template>
        <circle v-else r="125" :fill="colorOf(station)" class="dish" />
        <text y="16" text-anchor="middle">{{ i + 1 }}</text>
      </g>
    </svg>
    <ol class="small">
      <li v-for="(station, i) in stations" :key="i">
        {{ station.what === 'plates' ? t('menu.plates') : station.what === 'cutlery' ? t('menu.cutlery') : (dishOf(station)?.name ?? '') }}
      </li>
    </ol>
    <figcaption class="soft small">{{ t('menu.runLength', { length: length(totalMm) }) }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

svg {
  width: 100%;
  max-height: 150px;
}

.board {
  fill: var(--chair);
  stroke: var(--chair-line);
  stroke-width: 8;
}

.end {
  stroke: var(--ember);
  stroke-width: 14;
  stroke-dasharray: 30 20;
}

.ware {
  fill: var(--paper);
  stroke: var(--chair-line);
  stroke-width: 5;
}

.dish {
  stroke: var(--chair-line);
  stroke-width: 6;
}

text {
  fill: var(--ink);
  font: 600 90px var(--sans);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 18px;
}

ol {
  margin: 4px 0;
  padding-left: 22px;
  columns: 2;
}
</style>
