<script setup lang="ts">
import type { Stem } from '@hestiad/core'
import { computed } from 'vue'
import { leaf } from './paths.js'
import { shade } from './shade.js'

/** The head of a stem around the origin, `turnDeg` its own. */
const props = defineProps<{ stem: Stem; turnDeg: number }>()
const r = computed(() => props.stem.headMm / 2)
const petals = computed(() => Array.from({ length: 7 }, (_, i) => (i * 360) / 7))
const dots = computed(() =>
  Array.from({ length: 9 }, (_, i) => ({ x: Math.cos(i * 2.4) * r.value * 0.28 * Math.sqrt(i), y: Math.sin(i * 2.4) * r.value * 0.28 * Math.sqrt(i) }))
)
const leaves = computed(() =>
  [-0.9, -0.5, -0.1, 0.3, 0.7].flatMap((at) => [
    { at, side: 1 },
    { at, side: -1 }
  ])
)
</script>

<template>
  <g :transform="`rotate(${turnDeg})`">
    <template v-if="stem.form === 'open'">
      <ellipse
        v-for="a in petals"
        :key="a"
        :cx="r * 0.55"
        cy="0"
        :rx="r * 0.5"
        :ry="r * 0.36"
        :transform="`rotate(${a})`"
        :fill="stem.color"
        :stroke="shade(stem.color, -0.28)"
        stroke-width="1.2"
      />
      <circle :r="r * 0.26" :fill="stem.accent" />
      <circle :r="r * 0.38" fill="none" :stroke="stem.accent" stroke-width="2.4" stroke-dasharray="1 5" />
    </template>
    <template v-else-if="stem.form === 'globe'">
      <circle :r="r" :fill="shade(stem.color, -0.12)" :stroke="shade(stem.color, -0.35)" stroke-width="1.2" />
      <circle :r="r * 0.78" :cx="r * 0.05" :fill="stem.color" :stroke="shade(stem.color, -0.22)" stroke-width="1" />
      <circle :r="r * 0.5" :cx="-r * 0.05" :fill="shade(stem.color, 0.12)" :stroke="shade(stem.color, -0.22)" stroke-width="1" />
      <circle :r="r * 0.22" :fill="stem.accent" />
    </template>
    <template v-else-if="stem.form === 'spray'">
      <circle
        v-for="(d, i) in dots"
        :key="i"
        :cx="d.x"
        :cy="d.y"
        :r="r * 0.2"
        :fill="i % 3 === 0 ? stem.accent : stem.color"
        :stroke="shade(stem.color, -0.25)"
        stroke-width="0.8"
      />
    </template>
    <template v-else>
      <line :x1="-r" y1="0" :x2="r" y2="0" :stroke="stem.accent" stroke-width="2" />
      <path
        v-for="l in leaves"
        :key="`${l.at} ${l.side}`"
        :d="leaf(r * 0.62, r * 0.2)"
        :transform="`translate(${l.at * r} 0) rotate(${l.side * 42})`"
        :fill="l.side > 0 ? stem.color : shade(stem.color, -0.12)"
        :stroke="stem.accent"
        stroke-width="0.7"
      />
    </template>
  </g>
</template>
