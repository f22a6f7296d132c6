<script setup lang="ts">
import type { ColorGroup } from '@hestiad/core'
import { scaleLinear, scaleSqrt } from 'd3-scale'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'

/** How much of the table is how light: bars over lightness, each stacked of its colors. */
const props = defineProps<{ groups: readonly ColorGroup[]; mean: number }>()
const { t } = useI18n()
const [WIDE, HIGH, BINS] = [1000, 150, 20]
const x = scaleLinear([0, 100], [0, WIDE])
const bars = computed(() => {
  const bins = Array.from({ length: BINS }, (_, i) => props.groups.filter((one) => Math.min(BINS - 1, Math.floor((one.lightness / 100) * BINS)) === i))
  const y = scaleSqrt([0, Math.max(0.01, ...bins.map((one) => one.reduce((sum, group) => sum + group.share, 0)))], [0, HIGH])
  return bins.flatMap((one, i) => {
    let from = 0
    return one.map((group) => {
      const [low, high] = [y(from), y((from += group.share))]
      return { color: group.color, x: x((100 * i) / BINS), wide: WIDE / BINS - 2, y: HIGH - high, high: high - low, key: `${i}${group.color}` }
    })
  })
})
</script>

<template>
  <svg :viewBox="`0 0 ${WIDE} ${HIGH + 16}`" role="img" :aria-label="t('colors.lightness')">
    <line x1="0" :x2="WIDE" :y1="HIGH + 1" :y2="HIGH + 1" class="axis" />
    <rect v-for="bar in bars" :key="bar.key" :x="bar.x" :y="bar.y" :width="bar.wide" :height="bar.high" :fill="bar.color" class="bar" />
    <path :d="`M ${x(mean)} ${HIGH + 3} l 9 13 h -18 z`" class="mean" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}

.axis,
.bar {
  stroke: var(--hairline-strong);
}

.mean {
  fill: var(--ember);
}
</style>
