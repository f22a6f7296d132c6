<script setup lang="ts">
import {
  clothDrop,
  clothOutline,
  joinedExtent,
  extentSize,
  findPiece,
  grown,
  halfLengthMm,
  pieceIndex,
  laidRunners,
  EDGE_GAP_MM,
  type CordRoute,
  type CoverSpot,
  type SeatPlan,
  settingOf,
  sides,
  tableSeams,
  type PlaceLayout,
  type Standing
} from '@hestiad/core'
import { computed } from 'vue'
import type { DrawnLook } from './drawnLook.js'
import PlanPiece from './drawing/PlanPiece.vue'
import SettingDrawing from './drawing/SettingDrawing.vue'
import { extentPath, outlinePath, roundedRect } from './drawing/paths.js'
import { shade } from './drawing/shade.js'

/** The table from above in table millimeters; the caller sets the transform. */
const props = defineProps<{
  look: DrawnLook
  plan: SeatPlan
  layouts: readonly PlaceLayout[]
  standing: readonly Standing[]
  chairs: boolean
  spots?: readonly CoverSpot[] | undefined
  cords?: readonly CordRoute[] | undefined
}>()

const index = computed(() => pieceIndex(props.look))
const cloth = computed(() => findPiece(index.value, props.look.linens.clothId, 'cloth'))
const topper = computed(() => findPiece(index.value, props.look.linens.topper?.pieceId, 'cloth'))
const mat = computed(() => findPiece(index.value, props.look.linens.matId, 'mat'))
const runner = computed(() => {
  const lay = laidRunners(props.look, index.value, props.plan)
  const piece = index.value.get(props.look.linens.runner?.pieceId ?? '')
  return lay && piece ? { piece, ...lay } : undefined
})
/** What the stylist has yet to cover: holes, slits, stains and the seam of two cloths. */
const spots = computed(() => props.spots?.filter((spot) => !spot.covered) ?? [])
const lapped = computed(() => cloth.value !== undefined && props.look.linens.lapMm !== null)
/** The cloth's own edge where it leaves part of the table bare: a round one on a rectangle, or one too small. */
const bareCloth = computed(() => {
  if (!cloth.value || props.plan.outline.kind === 'polygon') return undefined
  const extent = joinedExtent(cloth.value.extent, props.look.linens.lapMm)
  return clothDrop(extent, props.plan.outline).leastMm < 0 ? clothOutline(extent) : undefined
})
const clipId = computed(() => `table-${props.look.id}`)
const seams = computed(() => tableSeams(props.look.table.shape))
const chairHalf = computed(() => Math.min(340, props.look.table.chair.kind === 'bench' ? 250 : props.look.table.chair.widthMm / 2) / 205)
/** Walls, as lines at their clear distance. */
const walls = computed(() =>
  sides.flatMap((side) => {
    const clear = props.look.room.clearMm[side]
    if (clear === null) return []
    const [x, y] = [halfLengthMm(props.plan.outline) + clear, props.plan.outline.halfWidthMm + clear]
    return [{ north: `M -20000 ${y} H 20000`, south: `M -20000 ${-y} H 20000`, east: `M ${x} -20000 V 20000`, west: `M ${-x} -20000 V 20000` }[side]]
  })
)
const byHeight = computed(() => [...props.standing].sort((a, b) => a.footMm - b.footMm || a.topMm - b.topMm))
const deg = (rad: number) => (rad * 180) / Math.PI
const isArmed = (number: number) => props.look.table.chair.kind === 'arm' || props.plan.guests[number - 1]?.chair === 'armchair'
const matDepth = computed(() => (mat.value ? extentSize(mat.value.extent).widthMm / 2 : 0))
defineSlots<{ piece(props: { standing: Standing }): unknown }>()
</script>

<template>
  <defs>
    <clipPath :id="clipId"><path :d="outlinePath(grown(plan.outline, 26))" /></clipPath>
  </defs>
  <g>
    <path v-for="wall in chairs ? walls : []" :key="wall" :d="wall" class="wall" />
    <g v-if="chairs" class="chairs">
      <g v-for="place in plan.places" :key="place.number" :transform="`translate(${place.x} ${place.y}) rotate(${deg(place.turnRad)})`">
        <template v-if="plan.guests[place.number - 1]?.wheelchair">
          <path :d="roundedRect(220, 170, 40)" transform="translate(0 -135)" class="chair" />
          <path d="M -250 -250 V -20 M 250 -250 V -20" class="chair-back" />
        </template>
        <template v-else>
          <g :transform="`scale(${chairHalf} 1)`">
            <path d="M -205 60 L -190 -200 Q 0 -255 190 -200 L 205 60 Z" class="chair" />
            <path v-if="look.table.chair.kind !== 'bench'" d="M -215 -215 Q 0 -300 215 -215" class="chair-back" />
            <path v-if="isArmed(place.number)" d="M -212 -190 V 10 M 212 -190 V 10" class="chair-back" />
          </g>
        </template>
      </g>
    </g>
    <path :d="outlinePath(plan.outline)" fill="#2b2420" fill-opacity="0.14" transform="translate(8 -14)" />
    <path :d="outlinePath(plan.outline)" :fill="look.table.color" :stroke="shade(look.table.color, -0.35)" stroke-width="5" />
    <path v-if="!cloth" :d="outlinePath(grown(plan.outline, -34))" fill="none" :stroke="shade(look.table.color, -0.2)" stroke-width="2.5" />
    <g v-if="cloth && bareCloth" :clip-path="`url(#${clipId})`">
      <path :d="outlinePath(bareCloth)" :fill="cloth.color" :stroke="cloth.accent" stroke-width="6" />
    </g>
    <template v-else-if="cloth">
      <path :d="outlinePath(grown(plan.outline, 14))" :fill="cloth.color" :stroke="cloth.accent" stroke-width="4" />
      <path :d="outlinePath(grown(plan.outline, -22))" fill="none" :stroke="cloth.accent" stroke-width="2" stroke-opacity="0.55" />
    </template>
    <g :clip-path="`url(#${clipId})`">
      <path
        v-if="topper"
        :d="extentPath(topper.extent, 10)"
        :transform="`rotate(${look.linens.topper?.turned ? 45 : 0})`"
        :fill="topper.color"
        :stroke="topper.accent"
        stroke-width="5"
      />
      <line v-if="lapped" x1="0" x2="0" y1="-5000" y2="5000" :stroke="cloth!.accent" stroke-width="5" />
      <g v-for="(strip, i) in runner?.strips ?? []" :key="`r${i}`" :transform="`translate(${strip.x} ${strip.y})`">
        <path :d="roundedRect(strip.halfXMm, strip.halfYMm, 4)" :fill="runner!.piece.color" :stroke="runner!.piece.accent" stroke-width="3" />
        <path
          :d="roundedRect(Math.max(1, strip.halfXMm - 14), Math.max(1, strip.halfYMm - 14), 2)"
          fill="none"
          :stroke="runner!.piece.accent"
          stroke-width="2"
          stroke-dasharray="10 7"
          stroke-opacity="0.7"
        />
      </g>
      <circle v-for="(spot, i) in spots" :key="`f${i}`" :cx="spot.x" :cy="spot.y" r="15" class="spot" />
    </g>
    <path v-for="cord in cords ?? []" :key="cord.placedId" :d="`M ${cord.way.map((at) => `${at.x} ${at.y}`).join(' L ')}`" class="cord" />
    <rect
      v-for="(support, i) in cloth ? [] : plan.supports"
      :key="i"
      :x="-support.halfXMm"
      :y="-support.halfYMm"
      :width="2 * support.halfXMm"
      :height="2 * support.halfYMm"
      :transform="`translate(${support.x} ${support.y}) rotate(${deg(support.turnRad)})`"
      fill="none"
      :stroke="shade(look.table.color, -0.3)"
      stroke-width="2"
      stroke-dasharray="7 6"
    />
    <path
      v-for="(seam, i) in cloth ? [] : seams"
      :key="`seam${i}`"
      :d="`M ${seam[0].x} ${seam[0].y} L ${seam[1].x} ${seam[1].y}`"
      :stroke="shade(look.table.color, -0.4)"
      stroke-width="6"
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
      <SettingDrawing
        v-if="layouts[place.number - 1]"
        :layout="layouts[place.number - 1]!.layout"
        :mirrored="layouts[place.number - 1]!.mirrored"
        :fold="settingOf(look, layouts[place.number - 1]!.key).napkin?.fold ?? 'flat'"
        :card="settingOf(look, layouts[place.number - 1]!.key).card"
      />
    </g>
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

.spot {
  fill: none;
  stroke: var(--ember);
  stroke-width: 6;
  stroke-dasharray: 7 5;
}

/* the way of a cord, as the wall and the socket have it */
.cord {
  fill: none;
  stroke: var(--soft-ink);
  stroke-width: 5;
  stroke-dasharray: 14 9;
  stroke-linejoin: round;
}

.wall {
  fill: none;
  stroke: var(--hairline-strong);
  stroke-width: 26;
}

.chair-back {
  fill: none;
  stroke: var(--chair-line);
  stroke-width: 13;
  stroke-linecap: round;
}
</style>
