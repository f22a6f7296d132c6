<script setup lang="ts">
import { overlapMm, reachMm, type Standing } from '@hestiad/core'
import { computed } from 'vue'
import { usePreferences } from '../stores/preferences.js'
import type { Viewport } from './viewport.js'

/** The gap between the chosen piece and the one the pointer is on. */
const props = defineProps<{ from: Standing; to: Standing; view: Viewport }>()
const { length } = usePreferences()
const line = computed(() => {
  const { from, to } = props
  const [dx, dy] = [to.pose.x - from.pose.x, to.pose.y - from.pose.y]
  const apart = Math.hypot(dx, dy) || 1
  const edge = (one: Standing, sign: 1 | -1) => ({
    x: one.pose.x + (sign * dx * Math.min(apart / 2, reachMm(one.foot))) / apart,
    y: one.pose.y + (sign * dy * Math.min(apart / 2, reachMm(one.foot))) / apart
  })
  const [a, b] = [props.view.onPlan(edge(from, 1)), props.view.onPlan(edge(to, -1))]
  return { a, b, gapMm: Math.max(0, -overlapMm(from.foot, to.foot)) }
})
</script>

<template>
  <g class="measure" aria-hidden="true">
    <line :x1="line.a.x" :y1="line.a.y" :x2="line.b.x" :y2="line.b.y" />
    <text :x="(line.a.x + line.b.x) / 2" :y="(line.a.y + line.b.y) / 2 - 6" text-anchor="middle">{{ length(line.gapMm) }}</text>
  </g>
</template>

<style scoped>
.measure {
  pointer-events: none;
}

line {
  stroke: var(--ink);
  stroke-width: 1.2;
}

text {
  font: 600 12px var(--sans);
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
}
</style>
