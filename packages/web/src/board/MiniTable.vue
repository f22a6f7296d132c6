<script setup lang="ts">
import { halfLengthMm, placeLayouts, seatPlan, standings, type Look } from '@hestiad/core'
import { computed } from 'vue'
import PlanView from './PlanView.vue'

/** A small drawing of a look's table, to scale. */
const props = defineProps<{ look: Look }>()
const plan = computed(() => seatPlan(props.look))
const layouts = computed(() => placeLayouts(props.look, plan.value.places))
const standing = computed(() => standings(props.look))
const half = computed(() => ({ x: halfLengthMm(plan.value.outline) + 310, y: plan.value.outline.halfWidthMm + 310 }))
</script>

<template>
  <svg :viewBox="`${-half.x} ${-half.y} ${2 * half.x} ${2 * half.y}`" role="img" :aria-label="look.table.name">
    <g transform="scale(1 -1)">
      <PlanView :look="look" :plan="plan" :layouts="layouts" :standing="standing" chairs />
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  height: 100%;
}
</style>
