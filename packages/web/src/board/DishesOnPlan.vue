<script setup lang="ts">
import { reachLines, type Look, type SeatPlan, type TableDish } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { arrowOf, onKeys, timesOf } from '../shell/keys.js'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import { useDishDrag } from './useDishDrag.js'
import type { Viewport } from './viewport.js'

/** The dishes of family service on the plan: dragged or nudged to a place of their own, Delete lets them find one again. */
const props = defineProps<{ look: Look; plan: SeatPlan; dishes: readonly TableDish[]; view: Viewport }>()
const { t } = useI18n()
const store = useLook()
const preferences = usePreferences()
const { begin, nudge, letGo } = useDishDrag(() => props.view)
/** Where the stylist puts a dish shows at once; where the others find room comes with the figures. */
const shown = computed(() =>
  props.dishes.map((dish): TableDish => {
    const spot = props.look.menu.dishes.find((one) => one.id === dish.dishId)?.spots[dish.vessel]
    return spot ? { ...dish, placed: true, at: { x: spot.xMm, y: spot.yMm } } : { ...dish, placed: false }
  })
)
/** The dish that is pointed at or in hand: everybody's reach to it is drawn. */
const near = ref<string | null>(null)
const keyOf = (dish: TableDish) => `${dish.dishId} ${dish.vessel}`
const lines = computed(() => {
  const dish = shown.value.find((one) => keyOf(one) === near.value)
  return dish?.at ? reachLines(props.plan, dish).map((line) => ({ ...line, a: props.view.onPlan(line.from), b: props.view.onPlan(dish.at!) })) : []
})
const nameOf = (dishId: string) => props.look.menu.dishes.find((one) => one.id === dishId)?.name ?? ''

/** A dish's name in two lines, parted at the space nearest its middle. */
function linesOf(dishId: string): readonly string[] {
  const name = nameOf(dishId)
  const spaces = [...name.matchAll(/ /g)].map((match) => match.index)
  const at = spaces.reduce((best, i) => (Math.abs(i - name.length / 2) < Math.abs(best - name.length / 2) ? i : best), -1)
  return at < 0 ? [name] : [name.slice(0, at), name.slice(at + 1)]
}

const onKey = (event: KeyboardEvent, dish: TableDish) =>
  onKeys({
    nudge: () => nudge(arrowOf(event), dish, preferences.nudgeMm() * timesOf(event)),
    takeOff: () => letGo(dish)
  })(event)
</script>

<template>
  <g class="reach" aria-hidden="true">
    <g v-for="line in lines" :key="line.number">
      <line :x1="line.a.x" :y1="line.a.y" :x2="line.b.x" :y2="line.b.y" :class="{ beyond: !line.reached }" />
      <text v-if="!line.reached" :x="line.a.x * 0.8 + line.b.x * 0.2" :y="line.a.y * 0.8 + line.b.y * 0.2" text-anchor="middle">
        {{ t('menu.beyond', { length: preferences.length(line.beyondMm) }) }}
      </text>
    </g>
  </g>
  <g v-for="dish in shown" :key="`${dish.dishId} ${dish.vessel}`">
    <g
      v-if="dish.at"
      :transform="`translate(${view.onPlan(dish.at).x} ${view.onPlan(dish.at).y})`"
      class="on-table"
      :class="{ placed: dish.placed, blocked: !dish.clear }"
      role="button"
      tabindex="0"
      :aria-label="t('menu.moveDish', { name: nameOf(dish.dishId) })"
      :data-dish="dish.dishId"
      @pointerdown.stop="begin($event, dish)"
      @pointerenter="near = keyOf(dish)"
      @pointerleave="near = null"
      @blur="near = null"
      @focus="((store.selected = null), (near = keyOf(dish)))"
      @keydown="onKey($event, dish)"
    >
      <circle :r="dish.radiusMm * view.scale" class="dish" />
      <text v-for="(line, n) in linesOf(dish.dishId)" :key="n" text-anchor="middle" :y="n * 13 - 1" class="name">{{ line }}</text>
    </g>
  </g>
</template>

<style scoped>
.reach line {
  stroke: var(--moss);
  stroke-width: 1.2;
}

.reach line.beyond {
  stroke: var(--ember);
  stroke-dasharray: 5 4;
}

.reach text {
  fill: var(--ember);
  font: 600 11.5px var(--sans);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
}

.on-table {
  cursor: grab;
}

.dish {
  fill: var(--paper);
  stroke: var(--ember);
  stroke-width: 1.5;
  stroke-dasharray: 4 3;
  fill-opacity: 0.85;
}

.placed .dish {
  stroke-dasharray: none;
}

.blocked .dish {
  stroke-width: 3.5;
}

.on-table:focus-visible .dish {
  stroke: var(--ink);
  stroke-width: 3;
}

.name {
  font: 600 12px var(--sans);
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
  stroke-linejoin: round;
}
</style>
