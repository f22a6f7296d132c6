<script setup lang="ts">
import { findingKey, guestEyes, halfLengthMm, pieceIndex, standings, type BareFinding, type Look, type Standing } from '@hestiad/core'
import { useElementSize } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, toRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { findingTitle } from '../findings/findingWords.js'
import type { Step } from '../shell/steps.js'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import ElevationPiece from './drawing/ElevationPiece.vue'
import PlanPiece from './drawing/PlanPiece.vue'
import ChosenMark from './ChosenMark.vue'
import DishesOnPlan from './DishesOnPlan.vue'
import ElevationView from './ElevationView.vue'
import FindingMark from './FindingMark.vue'
import HangMarks from './HangMarks.vue'
import HeldLayer from './HeldLayer.vue'
import MeasureLine from './MeasureLine.vue'
import PlanView from './PlanView.vue'
import { useBoardKeys } from './useBoardKeys.js'
import { useDrawnLook } from './drawnLook.js'
import { useDrag } from './useDrag.js'
import SeatBadges from './SeatBadges.vue'
import { useGeometry } from './useGeometry.js'
import { badgesOf, offNames, spotOf } from './spots.js'
import { alongMm, viewport } from './viewport.js'

const props = defineProps<{ look: Look; step: Step }>()
const { t } = useI18n()
const store = useLook()
const preferences = usePreferences()
const frame = ref<HTMLElement>()
const { width, height } = useElementSize(frame)
const turned = ref(false)
const seat = ref<number | null>(null)
const { plan, layouts, standing } = useGeometry(toRef(props, 'look'))
const drawn = useDrawnLook(toRef(props, 'look'))
const index = computed(() => pieceIndex(drawn.value))
const view = computed(() => viewport(plan.value.outline, Math.max(320, width.value), Math.max(320, height.value), turned.value))
const drag = useDrag(() => view.value)
const { begin, held, onto } = drag
const hovered = ref<string | null>(null)
const measured = computed(() =>
  hovered.value && hovered.value !== store.selected && !held.value ? standing.value.find((s) => s.placed.id === hovered.value) : undefined
)
const sitting = ref(false)
const SeatView = defineAsyncComponent(() => import('../seat-view/SeatView.vue'))
const HeightMapLayer = defineAsyncComponent(() => import('./HeightMapLayer.vue'))
// one gets up to go to another step
watch(toRef(props, 'step'), () => (sitting.value = false))
const { onKey } = useBoardKeys({ turned, seat, sitting, seats: () => plan.value.places.length })
const deg = (rad: number) => (rad * 180) / Math.PI

/** Ids of what a drag has moved since it began, and of all it carries; the same set as long as they are the same, so that nothing below is drawn anew. */
const liftedIds = computed((before?: ReadonlySet<string>) => {
  if (!store.held) return before?.size === 0 ? before : new Set<string>()
  const still = new Set(standing.value)
  const moved = standings(store.held).flatMap((piece) => (still.has(piece) || before?.has(piece.placed.id) ? [] : [piece.placed.id]))
  return before && moved.length === 0 ? before : new Set([...(before ?? []), ...moved])
})
const selected = computed(() => standing.value.find((s) => s.placed.id === store.selected))
const alsoChosen = computed(() => standing.value.filter((s) => store.also.includes(s.placed.id) || s.placed.id === onto.value))
const clear = computed(() => store.figures?.sight.clearHeights.find((c) => c.placedId === store.selected) ?? store.figures?.sight.clearHeights[0])

const hiddenLimit = computed(() => store.figures?.sight.limit ?? 1)
/** Lines of sight: from the chosen seat to everybody, or of the open finding's worst pair. */
const sightLines = computed(() => {
  const eyes = guestEyes(plan.value, drawn.value.table)
  const line = (from: number, to: number, hidden: number) => ({
    key: `${from}-${to}`,
    a: view.value.onPlan(eyes[from]!),
    b: view.value.onPlan(eyes[to]!),
    hidden
  })
  const matrix = store.figures?.sight.hidden
  if (!matrix || matrix.length !== eyes.length) return []
  if (seat.value !== null && seat.value <= eyes.length) {
    const from = seat.value - 1
    return eyes.flatMap((_, to) => (to === from ? [] : [line(from, to, matrix[from]![to]!)]))
  }
  if (store.shown?.code !== 'sight.hidden') return []
  const cost = store.figures?.sight.costs.find((c) => store.shown?.at.kind === 'piece' && c.placedId === store.shown.at.placedId)
  return (cost?.blames ?? []).map((blame) => line(blame.from, blame.to, blame.hidden))
})

const rank = { stop: 0, warn: 1, note: 2 } as const

/** One mark for all findings of a spot, as the gravest of them; opened again it goes on to the next. */
const marks = computed(() => {
  const spots = new Map<
    string,
    { readonly x: number; readonly y: number; readonly quiet: boolean; readonly placedId: string | null; readonly findings: BareFinding[] }
  >()
  const badges = badgesOf(plan.value, view.value)
  const mark = (finding: BareFinding, about: BareFinding['at'], quiet: boolean) => {
    const beside = spotOf(about, standing.value, plan.value, view.value)
    if (!beside || (about.kind === 'piece' && liftedIds.value.has(about.placedId))) return
    const at = offNames(beside, badges)
    const key = `${Math.round(at.x / 12)} ${Math.round(at.y / 12)}`
    const spot = spots.get(key) ?? { ...at, quiet, placedId: about.kind === 'piece' ? about.placedId : null, findings: [] }
    spot.findings.push(finding)
    spots.set(key, spot)
  }
  const sorted = [...store.findings].sort((a, b) => rank[a.severity] - rank[b.severity])
  for (const finding of sorted) mark(finding, finding.at, false)
  for (const finding of sorted) if (finding.at.kind === 'piece') for (const placedId of finding.also ?? []) mark(finding, { kind: 'piece', placedId }, true)
  return [...spots].map(([key, { x, y, quiet, placedId, findings }]) => ({
    key,
    x,
    y,
    quiet,
    placedId,
    keys: findings.map((finding) => findingKey(finding)),
    severity: findings[0]!.severity,
    title: findings.map((finding) => findingTitle(finding, { t, look: props.look, ...preferences.measures })).join('; ')
  }))
})

function openNext(keys: readonly string[]): void {
  const next = keys.indexOf(store.openFinding ?? '') + 1
  store.openFinding = keys[next] ?? null
}

/** Steps draw strongly what they are about. */
const faint = computed(() => ({ settings: props.step === 'settings', middle: props.step === 'linens' }))

let labels = new WeakMap<Standing, string>()
watch(
  () => preferences.unit,
  () => (labels = new WeakMap())
)

/** A piece's name and height; kept while it stays as it is, since eighty of them are asked for with every move. */
function label(piece: Standing): string {
  const known = labels.get(piece)
  if (known !== undefined) return known
  const text = t('board.piece', { name: piece.piece.name, height: preferences.length(piece.topMm) })
  labels.set(piece, text)
  return text
}
</script>

<template>
  <div ref="frame" class="board" :aria-label="t('board.label')" role="application" tabindex="0" @keydown="onKey" @pointerdown.self="store.selected = null">
    <div class="caption top">
      <span class="serif">{{ t('board.above') }}</span>
      <span class="soft small">{{
        t('board.size', { length: preferences.length(2 * halfLengthMm(plan.outline)), width: preferences.length(2 * plan.outline.halfWidthMm) })
      }}</span>
    </div>
    <svg
      v-if="width > 0"
      class="scene"
      :width="view.width"
      :height="view.height"
      :viewBox="`0 0 ${view.width} ${view.height}`"
      @pointerdown.self="store.selected = null"
    >
      <g :transform="view.planTransform" :class="['art', { 'faint-middle': faint.middle }]">
        <PlanView :look="drawn" :plan="plan" :layouts="layouts" :standing="standing" :spots="store.figures?.linens.spots" :cords="store.figures?.cords" chairs>
          <template #piece="{ standing: piece }">
            <g
              :transform="`translate(${piece.pose.x} ${piece.pose.y}) rotate(${deg(piece.pose.turnRad)})`"
              class="piece"
              :class="{
                chosen: store.chosen.includes(piece.placed.id),
                cleared: !piece.placed.atMeal,
                locked: piece.placed.locked,
                lifted: liftedIds.has(piece.placed.id)
              }"
              role="button"
              tabindex="0"
              :aria-label="label(piece)"
              :data-piece="piece.placed.id"
              @pointerdown.stop="begin($event, piece.placed.id, 'plan')"
              @focus="store.chosen.includes(piece.placed.id) || store.choose(piece.placed.id)"
              @pointerenter="hovered = piece.placed.id"
              @pointerleave="hovered = null"
            >
              <PlanPiece :standing="piece" :index="index" />
            </g>
          </template>
        </PlanView>
      </g>
      <line x1="0" :x2="view.width" :y1="view.dividerY" :y2="view.dividerY" class="divider" />
      <g class="art" :transform="view.elevationTransform">
        <ElevationView
          :look="drawn"
          :plan="plan"
          :layouts="layouts"
          :standing="standing"
          :linens="store.figures?.linens"
          :cords="store.figures?.cords"
          :turned="turned"
          :glow="preferences.theme === 'evening'"
          :reach-mm="view.width / view.scale / 2"
          :top-mm="(view.onElevation({ x: 0, y: 0 }, 0).y - view.dividerY) / view.scale - 20"
        >
          <template #piece="{ standing: piece }">
            <g
              :transform="`translate(${alongMm(piece.pose, turned)} ${piece.footMm})`"
              class="piece"
              :class="{ cleared: !piece.placed.atMeal, lifted: liftedIds.has(piece.placed.id) }"
              @pointerdown.stop="begin($event, piece.placed.id, 'elevation')"
            >
              <ElevationPiece :standing="piece" :index="index" :turned="turned" :glow="preferences.theme === 'evening'" />
            </g>
          </template>
        </ElevationView>
      </g>
    </svg>
    <HeldLayer v-if="liftedIds.size > 0" :ids="liftedIds" :before="standing" :index="index" :view="view" :drag="drag" :reach-mm="halfLengthMm(plan.outline)" />
    <svg v-if="width > 0" class="over" :width="view.width" :height="view.height" :viewBox="`0 0 ${view.width} ${view.height}`">
      <HeightMapLayer
        v-if="store.heights && step === 'centerpiece'"
        :map="store.heights"
        :depth-mm="(store.figures?.setting.depthMm ?? 400) * 0.9"
        :outline="plan.outline"
        :view="view"
        :clip-id="`heights-${look.id}`"
      />
      <g class="sights">
        <line
          v-for="line in sightLines"
          :key="line.key"
          :x1="line.a.x"
          :y1="line.a.y"
          :x2="line.b.x"
          :y2="line.b.y"
          :class="line.hidden > hiddenLimit ? 'hidden' : 'clear'"
        />
      </g>
      <MeasureLine v-if="selected && measured" :from="selected" :to="measured" :view="view" />
      <ChosenMark v-for="one in alsoChosen" :key="one.placed.id" :standing="one" :view="view" quiet />
      <ChosenMark v-if="selected && !liftedIds.has(selected.placed.id)" :standing="selected" :view="view" @rise="begin($event, selected.placed.id, 'rise')" />
      <g v-if="clear && !liftedIds.has(clear.placedId)" class="clear-line">
        <template v-for="piece in standing.filter((s) => s.placed.id === clear!.placedId)" :key="piece.placed.id">
          <line
            :x1="view.onElevation(piece.pose, clear.clearMm).x - 150"
            :x2="view.onElevation(piece.pose, clear.clearMm).x + 46"
            :y1="view.onElevation(piece.pose, clear.clearMm).y"
            :y2="view.onElevation(piece.pose, clear.clearMm).y"
          />
          <text :x="view.onElevation(piece.pose, clear.clearMm).x - 150" :y="view.onElevation(piece.pose, clear.clearMm).y - 5">
            {{ t('board.hidesNobody', { height: preferences.length(clear.clearMm) }) }}
          </text>
        </template>
      </g>
      <DishesOnPlan v-if="step === 'menu' && store.figures" :look="store.held ?? look" :plan="plan" :dishes="store.figures.serving.onTable" :view="view" />
      <HangMarks v-if="step === 'linens' && store.figures?.linens.cloth" :look="look" :plan="plan" :cloth="store.figures.linens.cloth" :view="view" />
      <SeatBadges v-model="seat" :plan="plan" :view="view" />
      <FindingMark
        v-for="mark in marks"
        :key="mark.key"
        :x="mark.x"
        :y="mark.y"
        :severity="mark.severity"
        :title="mark.title"
        :quiet="mark.quiet"
        :open="mark.keys.includes(store.openFinding ?? '')"
        @open="openNext(mark.keys)"
        @press="mark.placedId && begin($event, mark.placedId, 'plan', true)"
      />
    </svg>
    <SeatView v-if="sitting" :look="look" :seat="seat" @close="sitting = false" @sit="seat = $event" />
    <div class="caption low" :style="{ top: `${view.dividerY + 6}px` }">
      <span class="serif">{{ turned ? t('board.shortSide') : t('board.longSide') }}</span>
      <span class="soft small">{{ t('board.faces') }}</span>
    </div>
    <div class="keys soft small">
      <el-button class="plain" @click="turned = !turned"><kbd>t</kbd> {{ t('board.turn') }}</el-button>
      <el-button class="plain" @click="sitting = true"><kbd>v</kbd> {{ seat === null ? t('seatView.look') : t('seatView.open') }}</el-button>
      <span><kbd>1</kbd>–<kbd>9</kbd> {{ t('board.sit') }}</span>
      <span class="wide"><kbd>?</kbd> {{ t('board.allKeys') }}</span>
    </div>
  </div>
</template>

<style scoped>
.board {
  position: relative;
  height: 100%;
  overflow: hidden;
  border: 1px solid var(--hairline);
  border-radius: 6px;
  background: var(--paper);
  touch-action: none;
}

svg {
  display: block;
}

/* what is told of the scene, in a layer of its own: neither is drawn anew when the other changes */
.scene,
.over {
  will-change: transform;
}

.over {
  position: absolute;
  inset: 0;
  pointer-events: none;
}

.over :deep(:is(.mark, .seat, .on-table, .grip)) {
  pointer-events: auto;
}

.caption {
  position: absolute;
  left: 14px;
  right: 14px;
  display: flex;
  justify-content: space-between;
  pointer-events: none;
}

.caption.top {
  top: 10px;
}

.serif {
  font: 560 14px var(--serif);
  color: var(--soft-ink);
}

.keys {
  position: absolute;
  right: 8px;
  bottom: 7px;
  display: flex;
  gap: 12px;
  padding: 2px 8px;
  border-radius: 10px;
  background: var(--paper);
}

.divider {
  stroke: var(--hairline-strong);
  stroke-dasharray: 2 4;
}

:root[data-theme='evening'] .art {
  filter: brightness(0.8) sepia(0.18);
}

.piece {
  cursor: grab;
  outline: none;
}

.piece:active {
  cursor: grabbing;
}

.lifted {
  visibility: hidden;
}

.cleared {
  opacity: 0.4;
}

.faint-middle .piece {
  opacity: 0.35;
}

.clear-line line {
  stroke: var(--moss);
  stroke-width: 1.5;
  stroke-dasharray: 4 3;
}

.clear-line text {
  fill: var(--moss);
  font: 600 12px var(--sans);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
  stroke-linejoin: round;
}

.sights {
  pointer-events: none;
}

.sights .hidden {
  stroke: var(--ember);
  stroke-width: 1.75;
  stroke-dasharray: 5 4;
}

.sights .clear {
  stroke: var(--moss);
  stroke-width: 1;
  opacity: 0.55;
}

@media (max-width: 1100px) {
  .keys .wide {
    display: none;
  }
}

/* under a finger there are no keys; what they do is pressed by its words */
@media (pointer: coarse) {
  .keys > span,
  .keys kbd {
    display: none;
  }
}
</style>
