<script setup lang="ts">
import type { FoldKind, SettingLayout } from '@hestiad/core'
import { computed } from 'vue'
import SettingDrawing from '../board/drawing/SettingDrawing.vue'

/** One place setting from above at scale, with its true width and depth. */
const props = defineProps<{
  layout: SettingLayout
  fold: FoldKind
  width: string
  depth: string
  card?: boolean
  /** Depth to show though the setting is less deep. */
  roomMm?: number
  moved?: { readonly i: number; readonly x: number; readonly y: number } | undefined
}>()
defineSlots<{ default?(): unknown }>()
const half = computed(() => Math.max(props.layout.leftMm, props.layout.rightMm, 150) + 45)
const deep = computed(() => Math.max(props.layout.depthMm, props.roomMm ?? 0, 300) + 30)
</script>

<template>
  <svg :viewBox="`${-half} ${-deep} ${2 * half} ${deep + 62}`" :role="$slots.default ? 'group' : 'img'" :aria-label="`${width} × ${depth}`">
    <line :x1="-half" :x2="half" y1="0" y2="0" class="edge" />
    <g transform="scale(1 -1)">
      <SettingDrawing :layout="layout" :fold="fold" :card="card ?? false" :moved="moved" />
      <!-- what is laid over the setting, in its own frame -->
      <slot />
    </g>
    <line :x1="-layout.leftMm" :x2="layout.rightMm" y1="26" y2="26" class="measure" />
    <text :x="(layout.rightMm - layout.leftMm) / 2" y="54" text-anchor="middle">{{ width }}</text>
    <line :x1="half - 18" :x2="half - 18" y1="0" :y2="-layout.depthMm" class="measure" />
    <text :x="half - 26" :y="-layout.depthMm + 20" text-anchor="end">{{ depth }}</text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 240px;

  border-radius: var(--radius);
  background: var(--paper);
}

.edge {
  stroke: var(--chair-line);
  stroke-width: 5;
}

.measure {
  stroke: var(--ember);
  stroke-width: 2.5;
}

text {
  fill: var(--ember);
  font: 600 22px var(--sans);
}
</style>
