<script setup lang="ts">
import { folds, pieceIndex, SEPARATE_DL, stackReading, type Look, type PlaceSetting } from '@hestiad/core'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'

/** The stack of a setting from the side, drawn apart, with how its layers read beside each other. */
const props = defineProps<{ look: Look; setting: PlaceSetting }>()
const { t } = useI18n()
const picture = ref<SVGElement>()
const { width } = useElementSize(picture)
const index = computed(() => pieceIndex(props.look))
const reading = computed(() => stackReading(props.look, props.setting))
const shapes = computed(() =>
  reading.value.layers.map((layer, i) => {
    const piece = index.value.get(layer.pieceId)!
    const napkin = piece.kind === 'napkin' ? folds[props.setting.napkin!.fold] : undefined
    const half = piece.kind === 'plate' ? piece.diameterMm / 2 : piece.kind === 'napkin' && napkin ? piece.sideMm * napkin.halfX : 60
    const high = piece.kind === 'plate' ? Math.max(14, piece.heightMm) : piece.kind === 'napkin' && napkin ? Math.max(12, piece.sideMm * napkin.height) : 12
    return { piece, half, high, step: i === 0 ? null : reading.value.steps[i - 1]!, star: props.setting.starId === piece.id }
  })
)
const reach = computed(() => Math.max(150, ...shapes.value.map((shape) => shape.half)) + 20)
const NAME = 22
const LEAST_NAME_PX = 12
/** Beside the drawing, for words of the usual size. */
const WORDS = 300
/** How much larger than usual words are where the drawing is small; the room they need makes it smaller again. */
const larger = computed(() => {
  const wordsPx = (LEAST_NAME_PX * WORDS) / NAME
  return width.value === 0 ? 1 : Math.max(1, (2 * reach.value * wordsPx) / (WORDS * Math.max(80, width.value - wordsPx)))
})
const layers = computed(() => {
  let z = 0
  return shapes.value.map((shape) => {
    const at = z
    z += shape.high + 58 * larger.value
    return { ...shape, z: at }
  })
})
const top = computed(() => Math.max(80, ...layers.value.map((layer) => layer.z + layer.high)) + 20)
</script>

<template>
  <svg ref="picture" :viewBox="`${-reach} ${-top} ${2 * reach + WORDS * larger} ${top + 30}`" role="img" :aria-label="t('settings.stack')">
    <line :x1="-reach" :x2="reach" y1="8" y2="8" class="table" />
    <g v-for="layer in layers" :key="layer.piece.id" :transform="`translate(0 ${-layer.z})`">
      <path
        v-if="layer.piece.kind === 'plate'"
        :d="`M ${-layer.half} ${-layer.high} Q ${-layer.half * 0.8} ${-layer.high * 0.9} ${-layer.half * 0.55} 0 H ${layer.half * 0.55} Q ${layer.half * 0.8} ${-layer.high * 0.9} ${layer.half} ${-layer.high} Q 0 ${-layer.high * 0.55} ${-layer.half} ${-layer.high} Z`"
        :fill="layer.piece.color"
        :stroke="layer.piece.accent"
      />
      <rect
        v-else
        :x="-layer.half"
        :y="-layer.high"
        :width="2 * layer.half"
        :height="layer.high"
        rx="6"
        :fill="layer.piece.color"
        :stroke="layer.piece.accent"
      />
      <text :x="reach" y="0" class="name" :font-size="NAME * larger">{{ layer.star ? '★ ' : '' }}{{ layer.piece.name }}</text>
      <text v-if="layer.step !== null" :x="reach" :y="26 * larger" :font-size="19 * larger" :class="layer.step < SEPARATE_DL ? 'blends' : 'apart'">
        {{ layer.step < SEPARATE_DL ? t('settings.blends') : t('settings.step') }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 200px;
  border-radius: var(--radius);
  background: var(--paper);
}

path,
rect {
  stroke-width: 2.5;
}

.table {
  stroke: var(--chair-line);
  stroke-width: 6;
}

.name {
  fill: var(--ink);
  font-family: var(--sans);
  font-weight: 600;
}

.blends {
  fill: var(--ember);
  font-family: var(--sans);
  font-weight: 500;
}

.apart {
  fill: var(--soft-ink);
  font-family: var(--sans);
  font-weight: 500;
}
</style>
