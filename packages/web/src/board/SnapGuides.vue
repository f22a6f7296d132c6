<script setup lang="ts">
import type { Snap } from '@hestiad/core'
import { useI18n } from 'vue-i18n'
import type { Viewport } from './viewport.js'

/** The trade's own lines that hold a piece while it is dragged, each with its name. */
defineProps<{ held: Snap; view: Viewport; reachMm: number }>()
const { t } = useI18n()
</script>

<template>
  <g class="guides" aria-hidden="true">
    <template v-if="held.acrossBy">
      <line
        :x1="view.onPlan({ x: -reachMm, y: held.at.y }).x"
        :y1="view.onPlan({ x: -reachMm, y: held.at.y }).y"
        :x2="view.onPlan({ x: reachMm, y: held.at.y }).x"
        :y2="view.onPlan({ x: reachMm, y: held.at.y }).y"
      />
      <text :x="view.onPlan({ x: reachMm * 0.8, y: held.at.y }).x" :y="view.onPlan({ x: reachMm * 0.8, y: held.at.y }).y - 5">{{
        t(`compose.snaps.${held.acrossBy}`)
      }}</text>
    </template>
    <template v-if="held.alongBy">
      <line
        :x1="view.onPlan({ x: held.at.x, y: -420 }).x"
        :y1="view.onPlan({ x: held.at.x, y: -420 }).y"
        :x2="view.onPlan({ x: held.at.x, y: 420 }).x"
        :y2="view.onPlan({ x: held.at.x, y: 420 }).y"
      />
      <text :x="view.onPlan({ x: held.at.x, y: 380 }).x + 5" :y="view.onPlan({ x: held.at.x, y: 380 }).y">{{ t(`compose.snaps.${held.alongBy}`) }}</text>
    </template>
  </g>
</template>

<style scoped>
.guides {
  pointer-events: none;
}

line {
  stroke: var(--ember);
  stroke-width: 1;
  stroke-dasharray: 5 4;
}

text {
  font: 600 11px var(--sans);
  fill: var(--ember);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
}
</style>
