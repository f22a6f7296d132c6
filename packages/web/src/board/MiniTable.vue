<script setup lang="ts">
import { halfLengthMm, placeLayouts, seatPlan, standings, type Look } from '@hestiad/core'
import { computed } from 'vue'
import PlanView from './PlanView.vue'
import { chairMiddle } from './spots.js'

/** A small drawing of a look's table, to scale; with the numbers of the places where they are asked for, or from close by without the chairs. */
const props = defineProps<{ look: Look; numbers?: boolean; close?: boolean }>()
const CHAIRS_MM = 310
const RIM_MM = 20
const plan = computed(() => seatPlan(props.look))
const layouts = computed(() => placeLayouts(props.look, plan.value.places))
const standing = computed(() => standings(props.look))
const numbered = computed(() => (props.numbers ? plan.value.places.map((place) => ({ number: place.number, ...chairMiddle(place) })) : []))
const around = computed(() => (props.close ? RIM_MM : CHAIRS_MM))
const half = computed(() => ({ x: halfLengthMm(plan.value.outline) + around.value, y: plan.value.outline.halfWidthMm + around.value }))
</script>

<template>
  <svg :viewBox="`${-half.x} ${-half.y} ${2 * half.x} ${2 * half.y}`" role="img" :aria-label="look.table.name">
    <g transform="scale(1 -1)">
      <PlanView :look="look" :plan="plan" :layouts="layouts" :standing="standing" :chairs="!close" />
    </g>
    <text v-for="one in numbered" :key="one.number" :x="one.x" :y="24 - one.y" text-anchor="middle">{{ one.number }}</text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  height: 100%;
}

text {
  fill: var(--ink);
  font: 600 70px var(--sans);
}
</style>
