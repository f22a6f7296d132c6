<script setup lang="ts">
import type { PatternName } from '@hestiad/core'

/** A pattern of the middle in small: dots for things, a line for greens, a frame for a tray. */
defineProps<{ pattern: PatternName }>()
type Dot = readonly [x: number, y: number, r: number]
const dots: Readonly<Record<PatternName, readonly Dot[]>> = {
  'one-focus': [
    [0, 0, 7],
    [-14, 3, 2.5],
    [14, -3, 2.5],
    [-9, -5, 2],
    [9, 5, 2]
  ],
  'open-middle': [
    [-18, 0, 5.5],
    [18, 0, 5.5],
    [-12, 5, 2],
    [12, -5, 2],
    [-25, -4, 2],
    [25, 4, 2]
  ],
  flanked: [
    [0, 0, 6],
    [-19, 0, 4],
    [19, 0, 4],
    [-10, 2, 2],
    [10, -2, 2]
  ],
  run: [
    [-26, 1, 2.5],
    [-17, -1, 3.5],
    [-9, 1, 2],
    [0, -1, 4],
    [9, 1, 2],
    [17, -1, 3.5],
    [26, 1, 2.5]
  ],
  garland: [
    [-20, 4, 2],
    [-7, -4, 2],
    [7, 4, 2],
    [20, -4, 2]
  ],
  'gathered-tray': [
    [-7, 0, 4.5],
    [3, 2, 2],
    [9, -2, 3],
    [2, -3, 1.5]
  ],
  patch: [
    [0, 0, 5.5],
    [-8, 4, 3],
    [8, 4, 3],
    [0, -7, 3],
    [-13, -2, 1.6],
    [13, -3, 1.6],
    [-6, -6, 1.6],
    [15, 4, 1.6]
  ],
  scatter: [
    [-25, 4, 2],
    [-16, -4, 2],
    [-8, 3, 2],
    [1, -5, 2],
    [8, 5, 2],
    [16, -2, 2],
    [24, 3, 2],
    [-2, 2, 2]
  ],
  'bud-vases': [
    [-24, 3, 2],
    [-14, -3, 2],
    [-5, 3, 2],
    [5, -3, 2],
    [14, 3, 2],
    [24, -3, 2]
  ],
  'edible-board': [
    [-6, 0, 3.5],
    [4, 1, 3],
    [11, -1, 2],
    [-24, 0, 2],
    [24, 0, 2]
  ]
}
</script>

<template>
  <svg viewBox="-32 -14 64 28" aria-hidden="true">
    <rect x="-31" y="-13" width="62" height="26" rx="12" class="table" />
    <path v-if="pattern === 'garland'" d="M -25 0 Q -12 -4 0 0 T 25 0" class="leaf" />
    <rect v-if="pattern === 'gathered-tray' || pattern === 'edible-board'" x="-15" y="-6.5" width="30" height="13" rx="2" class="tray" />
    <circle v-for="([x, y, r], i) in dots[pattern]" :key="i" :cx="x" :cy="y" :r="r" :class="i === 0 ? 'first' : 'dot'" />
  </svg>
</template>

<style scoped>
.table {
  fill: var(--paper);
  stroke: var(--hairline-strong);
}

.tray {
  fill: none;
  stroke: var(--soft-ink);
}

.leaf {
  fill: none;
  stroke: var(--moss);
  stroke-width: 4;
  stroke-linecap: round;
}

.first {
  fill: var(--ember);
}

.dot {
  fill: var(--brass);
}
</style>
