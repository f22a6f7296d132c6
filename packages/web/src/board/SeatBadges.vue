<script setup lang="ts">
import { exchangeSeats, type SeatPlan } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'
import { badgesOf } from './spots.js'
import { useSeatDrag } from './useSeatDrag.js'
import type { Viewport } from './viewport.js'

/** Numbers and names on the chairs: clicked they show whom a guest sees, dragged onto another the two change places. */
const props = defineProps<{ plan: SeatPlan; view: Viewport }>()
const seat = defineModel<number | null>({ required: true })
const { t } = useI18n()
const store = useLook()
const seatDrag = useSeatDrag(() => seats.value, exchange)
const { held, upon } = seatDrag
let dragged = false

/** Chair badges: number, name, and whether this guest loses a face. */
const seats = computed(() =>
  badgesOf(props.plan, props.view).map(({ name, ...at }, i) => {
    const { number } = props.plan.places[i]!
    const others = props.plan.places.length - 1
    const sees = store.figures?.sight.seenBy[number - 1]
    return { number, name, at, loses: sees !== undefined && sees < others ? others - sees : 0, others }
  })
)

function exchange(a: number, b: number): void {
  store.run(exchangeSeats, a, b)
}

/** A drag that ended here was no click. */
function sit(number: number): void {
  if (!dragged) seat.value = seat.value === number ? null : number
  dragged = false
}
</script>

<template>
  <g
    v-for="s in seats"
    :key="s.number"
    class="seat"
    :class="{ loses: s.loses > 0, on: seat === s.number, upon: upon === s.number }"
    :transform="held?.number === s.number ? `translate(${held.x} ${held.y})` : `translate(${s.at.x} ${s.at.y})`"
    role="button"
    tabindex="0"
    :aria-label="s.loses > 0 ? t('board.seatLoses', s) : t('board.seat', s)"
    @pointerdown.stop="seatDrag.begin($event, s)"
    @pointermove="seatDrag.move($event)"
    @pointerup="dragged = seatDrag.end()"
    @pointercancel="seatDrag.end()"
    @click="sit(s.number)"
    @keydown.enter="seat = seat === s.number ? null : s.number"
  >
    <circle r="10" />
    <text y="4" text-anchor="middle">{{ s.number }}</text>
    <text y="23" text-anchor="middle" class="name">{{ s.name }}</text>
  </g>
</template>

<style scoped>
.seat {
  cursor: pointer;
}

.seat circle {
  fill: var(--paper);
  stroke: var(--hairline-strong);
}

.seat text {
  fill: var(--ink);
  font: 600 11px var(--sans);
}

.seat .name {
  font-weight: 500;
  font-size: 11.5px;
  paint-order: stroke;
  stroke: var(--chair);
  stroke-width: 3px;
}

.seat.loses circle {
  fill: var(--ember);
  stroke: var(--ember);
}

.seat.loses text:not(.name) {
  fill: var(--on-ember);
}

.seat.upon circle {
  stroke: var(--moss);
  stroke-width: 4;
}

.seat.on circle {
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
