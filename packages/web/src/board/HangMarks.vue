<script setup lang="ts">
import { dropLimits, halfLengthMm, type Figures, type Look, type SeatPlan } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { usePreferences } from '../stores/preferences.js'
import type { Viewport } from './viewport.js'

/** The hang of the cloth dimensioned at end, side and corner, beside what its style asks. */
const props = defineProps<{ look: Look; plan: SeatPlan; cloth: NonNullable<Figures['linens']['cloth']>; view: Viewport }>()
const { t } = useI18n()
const preferences = usePreferences()
const range = computed(() => dropLimits(props.look.school.drop, props.look.table.heightMm))
const isFit = (dropMm: number) => dropMm >= range.value[0] - 0.5 && dropMm <= range.value[1] + 0.5
const half = computed(() => ({ x: halfLengthMm(props.plan.outline), y: props.plan.outline.halfWidthMm }))
/** On the side view: from the tabletop down to the hem, and the band the style asks for. */
const side = computed(() => {
  const across = props.view.turned ? half.value.y : half.value.x
  const dropMm = props.view.turned ? props.cloth.sideDropMm : props.cloth.endDropMm
  const at = (zMm: number) => props.view.onElevation(props.view.turned ? { x: 0, y: -across } : { x: across, y: 0 }, zMm)
  return { dropMm, top: at(0), hem: at(-dropMm), least: at(-range.value[0]), most: at(-range.value[1]) }
})
/** On the plan: end, side and corner, each said where it hangs. */
const marks = computed(() =>
  [
    { name: 'ends' as const, dropMm: props.cloth.endDropMm, at: props.view.onPlan({ x: -half.value.x, y: 0 }) },
    { name: 'sides' as const, dropMm: props.cloth.sideDropMm, at: props.view.onPlan({ x: 0, y: -half.value.y }) },
    { name: 'corners' as const, dropMm: props.cloth.cornerDropMm, at: props.view.onPlan({ x: half.value.x, y: -half.value.y }) }
  ].map((mark) => ({ ...mark, text: `${t(`linens.${mark.name}`)} ${preferences.length(mark.dropMm)}`, fits: isFit(mark.dropMm) }))
)
</script>

<template>
  <g class="hang" aria-hidden="true">
    <rect :x="side.top.x + 4" :y="side.least.y" width="12" :height="Math.max(1, side.most.y - side.least.y)" class="asked" />
    <line :x1="side.top.x + 10" :x2="side.hem.x + 10" :y1="side.top.y" :y2="side.hem.y" :class="{ off: !isFit(side.dropMm) }" />
    <text :x="side.hem.x + 22" :y="(side.top.y + side.hem.y) / 2 + 4" :class="{ off: !isFit(side.dropMm) }">{{ preferences.length(side.dropMm) }}</text>
    <text v-for="mark in marks" :key="mark.name" :x="mark.at.x" :y="mark.at.y" text-anchor="middle" :class="{ off: mark.name !== 'corners' && !mark.fits }">
      {{ mark.text }}
    </text>
  </g>
</template>

<style scoped>
.asked {
  fill: var(--moss-soft);
  stroke: var(--moss);
  stroke-dasharray: 2 2;
}

line {
  stroke: var(--moss);
  stroke-width: 2.5;
}

line.off {
  stroke: var(--ember);
}

text {
  fill: var(--ink);
  font: 600 12.5px var(--sans);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
  stroke-linejoin: round;
}

text.off {
  fill: var(--ember);
}
</style>
