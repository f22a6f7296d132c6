<script setup lang="ts">
import { standings, type BareFinding, type PieceIndex, type Standing } from '@hestiad/core'
import { computed } from 'vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import ChosenMark from './ChosenMark.vue'
import ElevationPiece from './drawing/ElevationPiece.vue'
import PlanPiece from './drawing/PlanPiece.vue'
import FindingMark from './FindingMark.vue'
import SnapGuides from './SnapGuides.vue'
import type { useDrag } from './useDrag.js'
import { alongMm, type Viewport } from './viewport.js'

/**
 * What is being dragged, over the Board in layers of its own: a piece is drawn once as it stood, and its layers are moved by the browser, so that
 * nothing is drawn anew while it goes.
 */
const props = defineProps<{
  ids: ReadonlySet<string>
  before: readonly Standing[]
  index: PieceIndex
  view: Viewport
  drag: ReturnType<typeof useDrag>
  reachMm: number
}>()
const store = useLook()
const guides = props.drag.held
/** What a drag has moved, and all it carries, as they would stand. */
const pieces = computed(() => (store.held ? standings(store.held).filter((piece) => props.ids.has(piece.placed.id)) : []))
const preferences = usePreferences()
const deg = (rad: number) => (rad * 180) / Math.PI

/** More moved at once than this share one layer and are drawn where they are. */
const MOST_LAYERS = 12

/** A piece as it is drawn, and how far its layers are moved from there, in pixels. */
interface Layer {
  readonly key: string
  readonly pieces: readonly Standing[]
  readonly dx: number
  readonly dy: number
}

/** How each piece was drawn last; this lives no longer than the drag. */
const drawnAs = new Map<string, Standing>()

const layers = computed((): Layer[] => {
  if (pieces.value.length > MOST_LAYERS) return [{ key: 'all', pieces: pieces.value, dx: 0, dy: 0 }]
  return pieces.value.map((piece) => {
    const { id } = piece.placed
    const old = drawnAs.get(id) ?? props.before.find((one) => one.placed.id === id)
    const drawn = old && sameShape(old, piece) ? old : piece
    drawnAs.set(id, drawn)
    const [from, to] = [props.view.onPlan(drawn.pose), props.view.onPlan(piece.pose)]
    return { key: id, pieces: [drawn], dx: to.x - from.x, dy: to.y - from.y }
  })
})

/** The gravest thing found of a piece where it is now. */
function gravest({ placed }: Standing): BareFinding['severity'] | undefined {
  const found = store.findings.filter(({ at }) => at.kind === 'piece' && at.placedId === placed.id).map((finding) => finding.severity)
  return (['stop', 'warn', 'note'] as const).find((severity) => found.includes(severity))
}

/** Whether a piece only went elsewhere, at the same height. */
function sameShape(a: Standing, b: Standing): boolean {
  return a.footMm === b.footMm && a.pose.turnRad === b.pose.turnRad && a.placed.arrangement === b.placed.arrangement && a.manner === null && b.manner === null
}
</script>

<template>
  <div class="held" aria-hidden="true">
    <template v-for="layer in layers" :key="layer.key">
      <svg :width="view.width" :height="view.height" class="art" :style="{ transform: `translate(${layer.dx}px, ${layer.dy}px)` }">
        <g :transform="view.planTransform">
          <g v-for="piece in layer.pieces" :key="piece.placed.id" :transform="`translate(${piece.pose.x} ${piece.pose.y}) rotate(${deg(piece.pose.turnRad)})`">
            <PlanPiece :standing="piece" :index="index" />
          </g>
        </g>
        <template v-for="piece in layer.pieces" :key="piece.placed.id">
          <ChosenMark v-if="piece.placed.id === store.selected" :standing="piece" :view="view" only="plan" />
          <FindingMark
            v-if="gravest(piece)"
            :x="view.onPlan(piece.pose).x + 12"
            :y="view.onPlan(piece.pose).y - 14"
            :severity="gravest(piece)!"
            title=""
            :open="false"
          />
        </template>
      </svg>
      <svg :width="view.width" :height="view.height" class="art" :style="{ transform: `translate(${layer.dx}px, 0)` }">
        <g :transform="view.elevationTransform">
          <g v-for="piece in layer.pieces" :key="piece.placed.id" :transform="`translate(${alongMm(piece.pose, view.turned)} ${piece.footMm})`">
            <ElevationPiece :standing="piece" :index="index" :turned="view.turned" :glow="preferences.theme === 'evening'" />
          </g>
        </g>
        <template v-for="piece in layer.pieces" :key="piece.placed.id">
          <ChosenMark v-if="piece.placed.id === store.selected" :standing="piece" :view="view" only="elevation" />
        </template>
      </svg>
    </template>
    <svg v-if="guides" :width="view.width" :height="view.height"><SnapGuides :held="guides" :view="view" :reach-mm="reachMm" /></svg>
  </div>
</template>

<style scoped>
.held,
svg {
  position: absolute;
  inset: 0;
}

/* the pointer passes over nothing while it drags */
.held {
  overflow: hidden;
  cursor: grabbing;
}

svg {
  pointer-events: none;
  will-change: transform;
}

:root[data-theme='evening'] .art {
  filter: brightness(0.8) sepia(0.18);
}
</style>
