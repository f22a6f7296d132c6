<script setup lang="ts">
import {
  extentSize,
  findPiece,
  grown,
  legMiddles,
  pieceIndex,
  runnerLay,
  EDGE_GAP_MM,
  type Look,
  type SeatPlan,
  type SettingLayout,
  type Standing
} from '@hestiad/core'
import { computed } from 'vue'
import PlanPiece from './drawing/PlanPiece.vue'
import SettingDrawing from './drawing/SettingDrawing.vue'
import { extentPath, outlinePath, roundedRect } from './drawing/paths.js'
import { shade } from './drawing/shade.js'

/** The table from above in table millimeters; the caller sets the transform. */
const props = defineProps<{ look: Look; plan: SeatPlan; layout: SettingLayout; standing: readonly Standing[]; chairs: boolean }>()

const index = computed(() => pieceIndex(props.look))
const cloth = computed(() => findPiece(index.value, props.look.linens.clothId, 'cloth'))
const mat = computed(() => findPiece(index.value, props.look.linens.matId, 'mat'))
const runner = computed(() => {
  const piece = findPiece(index.value, props.look.linens.runner?.pieceId, 'runner')
  if (!piece || !props.look.linens.runner) return undefined
  return { piece, ...runnerLay(piece, props.look.linens.runner.lay, props.plan.outline) }
})
const clipId = computed(() => `table-${props.look.id}`)
const legs = computed(() => legMiddles(props.look.table, props.plan.outline))
const byHeight = computed(() => [...props.standing].sort((a, b) => a.footMm - b.footMm || a.topMm - b.topMm))
const deg = (rad: number) => (rad * 180) / Math.PI
const matDepth = computed(() => (mat.value ? extentSize(mat.value.extent).widthMm / 2 : 0))
defineSlots<{ piece(props: { standing: Standing }): unknown }>()
</script>

<template>
  <defs>
    <clipPath :id="clipId"><path :d="outlinePath(grown(plan.outline, 26))" /></clipPath>
  </defs>
  <g v-if="chairs" class="chairs">
    <g v-for="place in plan.places" :key="place.number" :transform="`translate(${place.x} ${place.y}) rotate(${deg(place.turnRad)})`">
      <template v-if="plan.guests[place.number - 1]?.wheelchair">
        <path :d="roundedRect(220, 170, 40)" transform="translate(0 -135)" class="chair" />
        <path d="M -250 -250 V -20 M 250 -250 V -20" class="chair-back" />
      </template>
      <template v-else>
        <path d="M -205 60 L -190 -200 Q 0 -255 190 -200 L 205 60 Z" class="chair" />
        <path d="M -215 -215 Q 0 -300 215 -215" class="chair-back" />
      </template>
    </g>
  </g>
  <path :d="outlinePath(plan.outline)" fill="#2b2420" opacity="0.14" transform="translate(8 -14)" />
  <path :d="outlinePath(plan.outline)" :fill="look.table.color" :stroke="shade(look.table.color, -0.35)" stroke-width="5" />
  <path v-if="!cloth" :d="outlinePath(grown(plan.outline, -34))" fill="none" :stroke="shade(look.table.color, -0.2)" stroke-width="2.5" />
  <template v-if="cloth">
    <path :d="outlinePath(grown(plan.outline, 14))" :fill="cloth.color" :stroke="cloth.accent" stroke-width="4" />
    <path :d="outlinePath(grown(plan.outline, -22))" fill="none" :stroke="cloth.accent" stroke-width="2" opacity="0.55" />
  </template>
  <g :clip-path="`url(#${clipId})`">
    <g v-if="runner">
      <rect
        :x="-runner.halfXMm"
        :y="-runner.halfYMm"
        :width="2 * runner.halfXMm"
        :height="2 * runner.halfYMm"
        :fill="runner.piece.color"
        :stroke="runner.piece.accent"
        stroke-width="3"
      />
      <rect
        :x="-runner.halfXMm"
        :y="-runner.halfYMm + 14"
        :width="2 * runner.halfXMm"
        :height="Math.max(0, 2 * runner.halfYMm - 28)"
        fill="none"
        :stroke="runner.piece.accent"
        stroke-width="2"
        stroke-dasharray="10 7"
        opacity="0.7"
      />
    </g>
  </g>
  <rect
    v-for="(leg, i) in cloth ? [] : legs"
    :key="i"
    :x="leg.x - 22"
    :y="leg.y - 22"
    width="44"
    height="44"
    fill="none"
    :stroke="shade(look.table.color, -0.3)"
    stroke-width="2"
    stroke-dasharray="7 6"
  />
  <g v-for="place in plan.places" :key="`s${place.number}`" :transform="`translate(${place.x} ${place.y}) rotate(${deg(place.turnRad)})`">
    <path
      v-if="mat"
      :d="extentPath(mat.extent, 10)"
      :transform="`translate(0 ${EDGE_GAP_MM * 0.4 + matDepth})`"
      :fill="mat.color"
      :stroke="mat.accent"
      stroke-width="3"
    />
    <SettingDrawing :layout="layout" :fold="look.setting.napkin?.fold ?? 'flat'" />
  </g>
  <g v-for="piece in byHeight" :key="piece.placed.id">
    <slot name="piece" :standing="piece">
      <g :transform="`translate(${piece.pose.x} ${piece.pose.y}) rotate(${deg(piece.pose.turnRad)})`">
        <PlanPiece :standing="piece" :index="index" />
      </g>
    </slot>
  </g>
</template>

<style scoped>
.chair {
  fill: var(--chair);
  stroke: var(--chair-line);
  stroke-width: 3;
}

.chair-back {
  fill: none;
  stroke: var(--chair-line);
  stroke-width: 13;
  stroke-linecap: round;
}
</style>
