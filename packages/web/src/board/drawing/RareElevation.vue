<script setup lang="ts">
import { LANTERN_FLOOR_MM, type Standing } from '@hestiad/core'
import { computed } from 'vue'
import { leaf } from './paths.js'
import { shade } from './shade.js'

/** Lanterns, tiered stands, wreaths, signs, scarves and strands of lights from the side; `half` is half the width seen. */
const props = defineProps<{ standing: Standing; half: number }>()
const piece = computed(() => props.standing.piece)
/** Spots evenly along the width. */
const along = (everyMm: number) => {
  const count = Math.max(3, Math.round((2 * props.half) / everyMm))
  return Array.from({ length: count }, (_, i) => ((2 * (i + 0.5)) / count - 1) * props.half)
}

/** Lines written on a sign. */
const chalk = computed(() => {
  const { half } = props
  const h = 'heightMm' in piece.value ? piece.value.heightMm : 0
  return [0.66, 0.48, 0.3].map((t, i) => `M ${-half * 0.66} ${h * t} Q ${-half * 0.1} ${h * (t + 0.06)} ${half * (0.66 - i * 0.14)} ${h * t}`).join(' ')
})
</script>

<template>
  <g v-if="piece.kind === 'vessel'">
    <rect :x="-piece.baseMm / 2" y="0" :width="piece.baseMm" :height="LANTERN_FLOOR_MM" :fill="piece.color" />
    <rect
      :x="-piece.baseMm / 2"
      :y="LANTERN_FLOOR_MM"
      :width="piece.baseMm"
      :height="piece.depthMm"
      fill="#dfe8ea"
      fill-opacity="0.3"
      :stroke="piece.color"
      stroke-width="7"
    />
    <rect
      v-if="standing.filling && standing.placed.filling"
      :x="-piece.baseMm / 2 + 4"
      :y="LANTERN_FLOOR_MM"
      :width="piece.baseMm - 8"
      :height="standing.placed.filling.heightMm"
      :fill="standing.filling.color"
    />
    <line x1="0" x2="0" :y1="LANTERN_FLOOR_MM" :y2="LANTERN_FLOOR_MM + piece.depthMm" :stroke="piece.color" stroke-width="3" stroke-opacity="0.6" />
    <path
      :d="`M ${-piece.widestMm / 2} ${LANTERN_FLOOR_MM + piece.depthMm} L ${piece.widestMm / 2} ${LANTERN_FLOOR_MM + piece.depthMm} L ${piece.widestMm / 8} ${piece.heightMm - 20} L ${-piece.widestMm / 8} ${piece.heightMm - 20} Z`"
      :fill="piece.color"
      :stroke="piece.accent"
      stroke-width="2"
    />
    <circle :cy="piece.heightMm - 10" r="14" fill="none" :stroke="piece.color" stroke-width="5" />
  </g>
  <g v-else-if="piece.kind === 'tray'">
    <rect x="-7" y="0" width="14" :height="piece.upper[piece.upper.length - 1]?.heightMm ?? 0" :fill="piece.accent" />
    <rect
      :x="-half"
      :y="Math.max(0, piece.floorMm - 8)"
      :width="2 * half"
      :height="piece.rimMm - Math.max(0, piece.floorMm - 8)"
      rx="4"
      :fill="piece.color"
      :stroke="piece.accent"
      stroke-width="2"
    />
    <path :d="`M ${-half * 0.5} 0 L ${half * 0.5} 0 L ${half * 0.2} ${piece.floorMm - 8} L ${-half * 0.2} ${piece.floorMm - 8} Z`" :fill="piece.accent" />
    <rect
      v-for="(tier, i) in piece.upper"
      :key="i"
      :x="-tier.diameterMm / 2"
      :y="tier.heightMm - 7"
      :width="tier.diameterMm"
      height="9"
      rx="4"
      :fill="piece.color"
      :stroke="piece.accent"
      stroke-width="2"
    />
    <circle :cy="(piece.upper[piece.upper.length - 1]?.heightMm ?? 0) + 22" r="15" fill="none" :stroke="piece.accent" stroke-width="5" />
  </g>
  <g v-else-if="piece.kind === 'ornament' && piece.form === 'wreath'">
    <path
      v-for="(x, i) in along(14)"
      :key="i"
      :d="leaf(piece.heightMm * 0.8, piece.heightMm * 0.2)"
      :transform="`translate(${x} ${piece.heightMm * 0.2}) rotate(${30 + (i % 4) * 35})`"
      :fill="i % 2 === 0 ? piece.color : shade(piece.color, -0.14)"
      :stroke="piece.accent"
      stroke-width="0.8"
    />
  </g>
  <g v-else-if="piece.kind === 'ornament' && piece.form === 'lights'">
    <rect :x="-half" y="2" :width="2 * half" height="4" rx="2" :fill="piece.accent" />
    <g v-for="x in along(60)" :key="x">
      <circle :cx="x" cy="9" r="20" fill="url(#glow)" />
      <circle :cx="x" cy="8" r="6" :fill="piece.color" stroke="#a98535" stroke-width="1.5" />
    </g>
  </g>
  <g v-else-if="piece.kind === 'ornament' && piece.form === 'shakers'">
    <g v-for="side in [-1, 1]" :key="side" :transform="`translate(${side * half * 0.52} 0)`">
      <path
        :d="`M ${-half * 0.42} 0 L ${-half * 0.26} ${piece.heightMm * 0.5} L ${-half * 0.36} ${piece.heightMm * 0.74} H ${half * 0.36} L ${half * 0.26} ${piece.heightMm * 0.5} L ${half * 0.42} 0 Z`"
        :fill="side < 0 ? shade(piece.color, 0.35) : piece.color"
        :stroke="piece.accent"
        stroke-width="2"
      />
      <path :d="`M ${-half * 0.36} ${piece.heightMm * 0.78} Q 0 ${piece.heightMm * 1.16} ${half * 0.36} ${piece.heightMm * 0.78} Z`" :fill="piece.accent" />
    </g>
  </g>
  <g v-else-if="piece.kind === 'ornament' && piece.form === 'napkin-holder'">
    <rect :x="-half * 0.9" y="6" :width="half * 1.8" :height="piece.heightMm * 0.94" fill="#f3eee4" stroke="#cfc6b6" stroke-width="2" />
    <path
      :d="`M ${-half} 4 H ${half} M ${-half * 0.8} 4 Q ${-half * 0.8} ${piece.heightMm * 0.7} 0 ${piece.heightMm * 0.7} Q ${half * 0.8} ${piece.heightMm * 0.7} ${half * 0.8} 4`"
      fill="none"
      :stroke="piece.color"
      stroke-width="7"
      stroke-linecap="round"
    />
  </g>
  <g v-else-if="piece.kind === 'ornament'">
    <rect :x="-half" y="0" :width="2 * half" :height="piece.heightMm" rx="2" :fill="piece.color" :stroke="piece.accent" stroke-width="2.5" />
    <path
      v-if="piece.form === 'sign' && half > 40"
      :d="chalk"
      fill="none"
      :stroke="piece.accent"
      stroke-width="4"
      stroke-linecap="round"
      stroke-opacity="0.8"
    />
  </g>
</template>
