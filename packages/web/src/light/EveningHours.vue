<script setup lang="ts">
import { findPiece, pieceIndex, type Figures, type Look } from '@hestiad/core'
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { usePreferences } from '../stores/preferences.js'

/** The evening from left to right: each kind of candle from lighting until it is out, beside the hours of the occasion. */
const props = defineProps<{ look: Look; light: Figures['light'] }>()
const { t } = useI18n()
const { clock } = usePreferences()
const WIDE = 640
const ROW = 26
const EDGE = { left: 176, right: 24, top: 8, bottom: 26 }

/** Candles of one kind lit at one time are one row. */
const rows = computed(() => {
  const index = pieceIndex(props.look)
  const byKind = new Map<string, { name: string; color: string; count: number; litMin: number; outMin: number; flame: boolean }>()
  for (const one of props.light.candles) {
    const placed = props.look.centerpiece.find((other) => other.id === one.placedId)
    const candle = findPiece(index, placed?.candle?.candleId, 'candle')
    if (!candle || !placed?.candle) continue
    const litMin = placed.candle.lightAtMin
    const key = `${candle.id} ${litMin}`
    const row = byKind.get(key) ?? { name: candle.name, color: candle.color, count: 0, litMin, outMin: litMin + one.lifeMin, flame: one.flame }
    row.count++
    byKind.set(key, row)
  }
  return [...byKind.values()].sort((a, b) => a.outMin - b.outMin)
})
const from = computed(() => Math.min(props.look.occasion.arriveMin, ...rows.value.map((row) => row.litMin)) - 20)
const until = computed(() => props.look.occasion.endMin + 60)
const x = computed(() => scaleLinear([from.value, until.value], [EDGE.left, WIDE - EDGE.right]))
const high = computed(() => EDGE.top + EDGE.bottom + Math.max(1, rows.value.length) * ROW)
const hours = computed(() => {
  const list = []
  for (let minute = 60 * Math.ceil(from.value / 60); minute <= until.value; minute += 60) list.push(minute)
  return list
})
const isShort = (outMin: number) => outMin < props.look.occasion.endMin - 0.5
</script>

<template>
  <svg :viewBox="`0 0 ${WIDE} ${high}`" role="img" :aria-label="t('light.hours')">
    <rect
      :x="x(look.occasion.arriveMin)"
      :y="EDGE.top"
      :width="x(look.occasion.endMin) - x(look.occasion.arriveMin)"
      :height="high - EDGE.top - EDGE.bottom"
      class="occasion"
    />
    <g v-for="hour in hours" :key="hour">
      <line :x1="x(hour)" :x2="x(hour)" :y1="EDGE.top" :y2="high - EDGE.bottom" class="tick" />
      <text :x="x(hour)" :y="high - 8" text-anchor="middle" class="soft">{{ clock(hour) }}</text>
    </g>
    <g v-for="(row, i) in rows" :key="`${row.name} ${row.litMin}`">
      <text :x="EDGE.left - 10" :y="EDGE.top + i * ROW + 17" text-anchor="end">{{ row.count }} × {{ row.name }}</text>
      <rect
        :x="x(row.litMin)"
        :y="EDGE.top + i * ROW + 6"
        :width="Math.max(2, x(Math.min(row.outMin, until)) - x(row.litMin))"
        :height="ROW - 12"
        rx="3"
        class="burn"
        :class="{ short: isShort(row.outMin) }"
        :style="{ fill: row.flame ? row.color : undefined }"
      />
      <text v-if="isShort(row.outMin)" :x="x(row.outMin) + 6" :y="EDGE.top + i * ROW + 17" class="out">
        {{ t('light.out', { at: clock(row.outMin) }) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 100%;
}

text {
  fill: var(--ink);
  font: 500 12.5px var(--sans);
}

text.soft {
  fill: var(--soft-ink);
}

.occasion {
  fill: var(--ember-soft);
  opacity: 0.55;
}

.tick {
  stroke: var(--hairline-strong);
  stroke-dasharray: 2 4;
}

.burn {
  fill: var(--moss-soft);
  stroke: var(--moss);
  stroke-width: 1.4;
}

.burn.short {
  stroke: var(--ember);
}

.out {
  fill: var(--ember);
  font-weight: 600;
}
</style>
