<script setup lang="ts">
import type { Standing } from '@hestiad/core'
import { useI18n } from 'vue-i18n'
import { usePreferences } from '../stores/preferences.js'
import type { Viewport } from './viewport.js'

/** The ring round the chosen piece on the plan, and its height on the elevation with a grip to change that of flowers. */
defineProps<{ standing: Standing; view: Viewport; quiet?: boolean; only?: 'plan' | 'elevation' }>()
const emit = defineEmits<{ rise: [event: PointerEvent] }>()
const { t } = useI18n()
const preferences = usePreferences()
const deg = (rad: number) => (rad * 180) / Math.PI
</script>

<template>
  <g class="choice">
    <circle
      v-if="only !== 'elevation' && standing.foot.kind === 'disc'"
      :cx="view.onPlan(standing.pose).x"
      :cy="view.onPlan(standing.pose).y"
      :r="Math.max(14, (standing.spread.kind === 'disc' ? standing.spread.radiusMm : 0) * view.scale + 4)"
    />
    <rect
      v-else-if="only !== 'elevation' && standing.foot.kind === 'rect'"
      :x="-standing.foot.halfXMm * view.scale - 4"
      :y="-standing.foot.halfYMm * view.scale - 4"
      :width="2 * standing.foot.halfXMm * view.scale + 8"
      :height="2 * standing.foot.halfYMm * view.scale + 8"
      :transform="`translate(${view.onPlan(standing.pose).x} ${view.onPlan(standing.pose).y}) rotate(${-deg(standing.pose.turnRad) + (view.turned ? -90 : 0)})`"
    />
    <g v-if="!quiet && only !== 'plan'" class="measure">
      <line
        :x1="view.onElevation(standing.pose, 0).x + 64"
        :x2="view.onElevation(standing.pose, 0).x + 64"
        :y1="view.onElevation(standing.pose, 0).y"
        :y2="view.onElevation(standing.pose, standing.topMm).y"
      />
      <line
        :x1="view.onElevation(standing.pose, 0).x + 58"
        :x2="view.onElevation(standing.pose, 0).x + 70"
        :y1="view.onElevation(standing.pose, standing.topMm).y"
        :y2="view.onElevation(standing.pose, standing.topMm).y"
      />
      <g :transform="`translate(${view.onElevation(standing.pose, 0).x + 72} ${view.onElevation(standing.pose, standing.topMm).y - 2})`">
        <rect x="0" y="-11" width="66" height="22" rx="11" class="pill" />
        <text x="33" y="4.5" text-anchor="middle" class="pill-text">{{ preferences.length(standing.topMm) }}</text>
      </g>
      <circle
        v-if="standing.placed.arrangement"
        :cx="view.onElevation(standing.pose, 0).x"
        :cy="view.onElevation(standing.pose, standing.topMm).y - 10"
        r="8"
        class="grip"
        role="slider"
        :aria-label="t('board.rise')"
        :aria-valuenow="Math.round(standing.placed.arrangement.riseMm)"
        @pointerdown.stop="emit('rise', $event)"
      />
    </g>
  </g>
</template>

<style scoped>
.choice > circle,
.choice > rect {
  fill: none;
  stroke: var(--ember);
  stroke-width: 1.75;
  stroke-dasharray: 4 3;
  pointer-events: none;
}

.measure line {
  stroke: var(--ember);
  stroke-width: 1.5;
}

.pill {
  fill: var(--ember);
}

.pill-text {
  fill: var(--on-ember);
  font: 600 12px var(--sans);
}

.grip {
  fill: var(--paper);
  stroke: var(--ember);
  stroke-width: 2;
  cursor: ns-resize;
}
</style>
