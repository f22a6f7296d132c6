<script setup lang="ts">
import type { FoldKind } from '@hestiad/core'
import { computed } from 'vue'
import { shade } from './shade.js'

/** A folded napkin from above around the origin, head up; half sizes in millimeters. */
const props = defineProps<{ fold: FoldKind; halfX: number; halfY: number; color: string; accent: string }>()
const lines = computed(() => {
  const { halfX: x, halfY: y } = props
  switch (props.fold) {
    case 'pocket':
      return `M ${-x} ${y * 0.35} L ${x} ${y * 0.35} M ${-x} ${y * 0.15} L ${x} ${y * 0.15}`
    case 'draped':
      return `M ${-x * 0.34} ${-y} V ${y} M ${x * 0.34} ${-y} V ${y}`
    case 'flat':
      return `M ${-x * 0.34} ${-y} V ${y} M ${x * 0.34} ${-y} V ${y}`
    case 'band':
      return `M 0 ${-y} V ${y}`
    default:
      return ''
  }
})
const rays = computed(() => [-3, -2, -1, 0, 1, 2, 3].map((i) => (i / 3) * props.halfX))
</script>

<template>
  <g :stroke="accent" stroke-width="1.5" stroke-linejoin="round" :fill="color">
    <template v-if="fold === 'knot'">
      <path
        :d="`M 0 0 C ${-halfX * 0.9} ${halfY * 0.35} ${-halfX} ${halfY * 0.9} ${-halfX * 0.75} ${halfY} L ${halfX * 0.8} ${halfY * 0.92} C ${halfX} ${halfY * 0.7} ${halfX * 0.7} ${halfY * 0.3} 0 0 Z`"
      />
      <path
        :d="`M 0 0 C ${halfX * 0.8} ${-halfY * 0.35} ${halfX} ${-halfY * 0.85} ${halfX * 0.7} ${-halfY} L ${-halfX * 0.85} ${-halfY * 0.94} C ${-halfX} ${-halfY * 0.6} ${-halfX * 0.6} ${-halfY * 0.3} 0 0 Z`"
      />
      <ellipse :rx="halfX * 0.32" :ry="halfY * 0.17" :fill="accent" />
    </template>
    <template v-else-if="fold === 'ring'">
      <path
        :d="`M 0 0 C ${-halfX} ${halfY * 0.3} ${-halfX * 1.1} ${halfY} ${-halfX * 0.6} ${halfY} Q 0 ${halfY * 0.75} ${halfX * 0.6} ${halfY} C ${halfX * 1.1} ${halfY} ${halfX} ${halfY * 0.3} 0 0 Z`"
      />
      <path
        :d="`M 0 0 C ${halfX * 0.7} ${-halfY * 0.3} ${halfX * 0.6} ${-halfY} 0 ${-halfY} C ${-halfX * 0.6} ${-halfY} ${-halfX * 0.7} ${-halfY * 0.3} 0 0 Z`"
      />
      <ellipse :rx="halfX * 0.42" :ry="halfY * 0.13" :fill="accent" />
    </template>
    <template v-else-if="fold === 'fan'">
      <path :d="`M ${-halfX} ${-halfY * 0.2} A ${halfX} ${halfY * 1.2} 0 0 0 ${halfX} ${-halfY * 0.2} L 0 ${-halfY} Z`" transform="scale(1 -1)" />
      <line v-for="x in rays" :key="x" x1="0" :y1="halfY" :x2="x" :y2="-halfY * (0.98 - Math.abs(x / halfX) * 0.75)" transform="scale(1 1)" />
    </template>
    <template v-else-if="fold === 'pyramid' || fold === 'triangle'">
      <path :d="`M ${-halfX} ${-halfY} L ${halfX} ${-halfY} L 0 ${halfY} Z`" />
      <path v-if="fold === 'pyramid'" :d="`M 0 ${halfY} L 0 ${-halfY}`" fill="none" />
      <path v-else :d="`M ${-halfX * 0.8} ${-halfY * 0.86} L ${halfX * 0.8} ${-halfY * 0.86}`" fill="none" />
    </template>
    <template v-else-if="fold === 'tree'">
      <path
        v-for="i in 4"
        :key="i"
        :d="`M ${-halfX * (1.1 - i * 0.22)} ${halfY * (-1 + (i - 1) * 0.45)} L ${halfX * (1.1 - i * 0.22)} ${halfY * (-1 + (i - 1) * 0.45)} L 0 ${halfY * Math.min(1, -0.2 + i * 0.42)} Z`"
        :fill="shade(color, -0.05 * i)"
      />
    </template>
    <template v-else-if="fold === 'roll' || fold === 'bundle'">
      <rect :x="-halfX" :y="-halfY" :width="2 * halfX" :height="2 * halfY" :rx="halfX * 0.6" />
      <path :d="`M ${halfX * 0.35} ${-halfY} V ${halfY}`" fill="none" stroke-opacity="0.7" />
      <rect :x="-halfX - 2" y="-9" :width="2 * halfX + 4" :height="fold === 'roll' ? 18 : 6" :fill="accent" />
      <path
        v-if="fold === 'bundle'"
        :d="`M ${-halfX * 0.2} -30 L ${halfX * 0.25} ${halfY * 0.5} M 0 0 L ${halfX * 0.7} 24 M 0 14 L ${-halfX * 0.6} 40`"
        fill="none"
        stroke="#5a7052"
        stroke-width="4"
      />
    </template>
    <template v-else>
      <rect :x="-halfX" :y="-halfY" :width="2 * halfX" :height="2 * halfY" rx="3" />
      <path :d="lines" fill="none" stroke-opacity="0.7" />
      <rect v-if="fold === 'band'" :x="-halfX - 2" y="-13" :width="2 * halfX + 4" height="26" :fill="accent" />
    </template>
  </g>
</template>
