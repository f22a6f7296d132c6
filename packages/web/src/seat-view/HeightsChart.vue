<script setup lang="ts">
import SelectField from '../shell/SelectField.vue'
import { sightByHeight, type SeenAtHeight, type SightLines, type Standing } from '@hestiad/core'
import { scaleLinear } from 'd3-scale'
import { curveStepAfter, line } from 'd3-shape'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { usePreferences } from '../stores/preferences.js'

/** How many views stay clear at each height of one piece, all else as it stands; its own height marked. */
const props = defineProps<{ lines: SightLines; standing: readonly Standing[]; first: string | null; limit: number }>()
const { t } = useI18n()
const { length, unit } = usePreferences()
const WIDE = 560
const HIGH = 180
const EDGE = { left: 42, right: 26, top: 14, bottom: 30 }
const picked = ref<string | null>(null)
const choices = computed(() => props.standing.filter((one) => one.placed.on === null && one.topMm > 60))
const self = computed(() => choices.value.find((one) => one.placed.id === (picked.value ?? props.first)) ?? choices.value[0])
const stepMm = computed(() => (unit === 'in' ? 25.4 : 20))
const seen = computed((): SeenAtHeight[] => {
  if (!self.value) return []
  const count = Math.ceil(700 / stepMm.value)
  return sightByHeight(
    props.lines,
    props.standing,
    self.value.placed.id,
    Array.from({ length: count }, (_, i) => (i + 1) * stepMm.value),
    props.limit
  )
})
const pairs = computed(() => props.lines.count * (props.lines.count - 1))
const x = computed(() => scaleLinear([0, seen.value[seen.value.length - 1]?.heightMm ?? 700], [EDGE.left, WIDE - EDGE.right]))
const y = computed(() => scaleLinear([0, pairs.value], [HIGH - EDGE.bottom, EDGE.top]).nice(5))
const path = computed(() =>
  line<SeenAtHeight>()
    .x((one) => x.value(one.heightMm))
    .y((one) => y.value(one.seen))
    .curve(curveStepAfter)(seen.value)
)
const marks = computed(() => seen.value.filter((_, i) => (i + 1) % (unit === 'in' ? 4 : 5) === 0))
</script>

<template>
  <figure v-if="self">
    <SelectField
      :label="t('sight.heights')"
      :model-value="self.placed.id"
      :choices="choices.map((one) => ({ value: one.placed.id, label: one.piece.name }))"
      @update:model-value="picked = $event"
    />
    <svg :viewBox="`0 0 ${WIDE} ${HIGH}`" role="img" :aria-label="t('sight.heightsOf', { name: self.piece.name, pairs })">
      <g v-for="tick in y.ticks(4)" :key="tick" class="axis">
        <line :x1="EDGE.left" :x2="WIDE - EDGE.right" :y1="y(tick)" :y2="y(tick)" />
        <text :x="EDGE.left - 6" :y="y(tick) + 4" text-anchor="end">{{ tick }}</text>
      </g>
      <text v-for="mark in marks" :key="mark.heightMm" class="label" :x="x(mark.heightMm)" :y="HIGH - 10" text-anchor="middle">
        {{ length(mark.heightMm) }}
      </text>
      <path :d="path ?? ''" class="seen" />
      <g class="now" :transform="`translate(${x(Math.min(700, self.topMm - self.footMm))} 0)`">
        <line :y1="EDGE.top" :y2="HIGH - EDGE.bottom" />
        <text y="11" :x="self.topMm - self.footMm > 500 ? -5 : 5" :text-anchor="self.topMm - self.footMm > 500 ? 'end' : 'start'">
          {{ t('sight.now', { height: length(self.topMm - self.footMm) }) }}
        </text>
      </g>
    </svg>
    <figcaption class="soft small">{{ t('sight.heightsOf', { name: self.piece.name, pairs }) }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  display: grid;
  gap: 4px;
  max-width: 620px;
  margin: 0;
}

.row {
  gap: 10px;
}

text {
  fill: var(--soft-ink);
  font: 12px var(--sans);
  font-variant-numeric: tabular-nums;
}

.axis line {
  stroke: var(--hairline);
}

.seen {
  fill: none;
  stroke: var(--moss);
  stroke-width: 2.5;
}

.now line {
  stroke: var(--ember);
  stroke-dasharray: 4 3;
}

.now text {
  fill: var(--ember);
  font-weight: 600;
}
</style>
