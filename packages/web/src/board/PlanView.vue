<script setup lang="ts">
import {
  extentSize,
  findPiece,
  grown,
  halfLengthMm,
  pieceIndex,
  runnerLay,
  EDGE_GAP_MM,
  type Look,
  type SeatPlan,
  settingOf,
  sides,
  tableSeams,
  type PlaceLayout,
  type Standing,
  type TableDish
} from '@hestiad/core'
import { computed } from 'vue'
import PlanPiece from './drawing/PlanPiece.vue'
import SettingDrawing from './drawing/SettingDrawing.vue'
import { extentPath, outlinePath, roundedRect } from './drawing/paths.js'
import { shade } from './drawing/shade.js'

/** The table from above in table millimeters; the caller sets the transform. */
const props = defineProps<{
  look: Look
  plan: SeatPlan
  layouts: readonly PlaceLayout[]
  standing: readonly Standing[]
  chairs: boolean
  dishes?: readonly TableDish[] | undefined
}>()

const index = computed(() => pieceIndex(props.look))
const cloth = computed(() => findPiece(index.value, props.look.linens.clothId, 'cloth'))
const topper = computed(() => findPiece(index.value, props.look.linens.topper?.pieceId, 'cloth'))
const mat = computed(() => findPiece(index.value, props.look.linens.matId, 'mat'))
const runner = computed(() => {
  const piece = findPiece(index.value, props.look.linens.runner?.pieceId, 'runner')
  if (!piece || !props.look.linens.runner) return undefined
  return { piece, ...runnerLay(piece, props.look.linens.runner.lay, props.plan.outline) }
})
const clipId = computed(() => `table-${props.look.id}`)
const seams = computed(() => tableSeams(props.look.table.shape))
const chairHalf = computed(() => Math.min(340, props.look.table.chair.kind === 'bench' ? 250 : props.look.table.chair.widthMm / 2) / 205)
const middleY = computed(() => (props.plan.outline.kind === 'polygon' ? props.plan.outline.middleY : 0))
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
/** A dish's name in two lines, parted at the space nearest its middle. */
function dishLines(dishId: string): readonly string[] {
  const name = props.look.menu.dishes.find((one) => one.id === dishId)?.name ?? ''
  const spaces = [...name.matchAll(/ /g)].map((match) => match.index)
  const at = spaces.reduce((best, i) => (Math.abs(i - name.length / 2) < Math.abs(best - name.length / 2) ? i : best), -1)
  return at < 0 ? [name] : [name.slice(0, at), name.slice(at + 1)]
}
defineSlots<{ piece(props: { standing: Standing }): unknown }>()
</script>

<template>
  <defs>
    <clipPath :id="clipId"><path :d="outlinePath(grown(plan.outline, 26))" /></clipPath>
  </defs>
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
  <path :d="outlinePath(plan.outline)" fill="#2b2420" opacity="0.14" transform="translate(8 -14)" />
  <path :d="outlinePath(plan.outline)" :fill="look.table.color" :stroke="shade(look.table.color, -0.35)" stroke-width="5" />
  <path v-if="!cloth" :d="outlinePath(grown(plan.outline, -34))" fill="none" :stroke="shade(look.table.color, -0.2)" stroke-width="2.5" />
  <template v-if="cloth">
    <path :d="outlinePath(grown(plan.outline, 14))" :fill="cloth.color" :stroke="cloth.accent" stroke-width="4" />
    <path :d="outlinePath(grown(plan.outline, -22))" fill="none" :stroke="cloth.accent" stroke-width="2" opacity="0.55" />
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
    <g v-if="runner">
      <rect
        :x="-runner.halfXMm"
        :y="middleY - runner.halfYMm"
        :width="2 * runner.halfXMm"
        :height="2 * runner.halfYMm"
        :fill="runner.piece.color"
        :stroke="runner.piece.accent"
        stroke-width="3"
      />
      <rect
        :x="-runner.halfXMm"
        :y="middleY - runner.halfYMm + 14"
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
  <g v-for="piece in byHeight" :key="piece.placed.id">
    <slot name="piece" :standing="piece">
      <g :transform="`translate(${piece.pose.x} ${piece.pose.y}) rotate(${deg(piece.pose.turnRad)})`">
        <PlanPiece :standing="piece" :index="index" />
      </g>
    </slot>
  </g>
  <g v-for="(dish, i) in dishes ?? []" :key="`d${i}`">
    <g v-if="dish.at" :transform="`translate(${dish.at.x} ${dish.at.y})`">
      <circle :r="dish.radiusMm" class="dish" />
      <text v-for="(line, n) in dishLines(dish.dishId)" :key="n" transform="scale(1 -1)" text-anchor="middle" :y="n * 46 - 6" class="dish-name">{{
        line
      }}</text>
    </g>
  </g>
</template>

<style scoped>
.chair {
  fill: var(--chair);
  stroke: var(--chair-line);
  stroke-width: 3;
}

.wall {
  fill: none;
  stroke: var(--hairline-strong);
  stroke-width: 26;
}

.dish {
  fill: var(--paper);
  stroke: var(--ember);
  stroke-width: 5;
  fill-opacity: 0.85;
}

.dish-name {
  font: 600 44px var(--sans);
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 12px;
  stroke-linejoin: round;
}

.chair-back {
  fill: none;
  stroke: var(--chair-line);
  stroke-width: 13;
  stroke-linecap: round;
}
</style>
