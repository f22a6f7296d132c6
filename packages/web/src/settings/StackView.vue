<script setup lang="ts">
import { folds, pieceIndex, SEPARATE_DL, stackReading, type Look, type PlaceSetting } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'

/** The stack of a setting from the side, drawn apart or as it stands, with how its layers read beside each other. */
const props = withDefaults(defineProps<{ look: Look; setting: PlaceSetting; apart?: boolean }>(), { apart: true })
const { t } = useI18n()
const index = computed(() => pieceIndex(props.look))
const reading = computed(() => stackReading(props.look, props.setting))
const layers = computed(() => {
  let z = 0
  return reading.value.layers.map((layer, i) => {
    const piece = index.value.get(layer.pieceId)!
    const napkin = piece.kind === 'napkin' ? folds[props.setting.napkin!.fold] : undefined
    const half = piece.kind === 'plate' ? piece.diameterMm / 2 : piece.kind === 'napkin' && napkin ? piece.sideMm * napkin.halfX : 60
    const high = piece.kind === 'plate' ? Math.max(14, piece.heightMm) : piece.kind === 'napkin' && napkin ? Math.max(12, piece.sideMm * napkin.height) : 12
    const at = z
    z += props.apart ? high + 58 : Math.max(6, high * 0.35)
    return { piece, half, high, z: at, step: i === 0 ? null : reading.value.steps[i - 1]!, star: props.setting.starId === piece.id }
  })
})
const top = computed(() => Math.max(80, ...layers.value.map((layer) => layer.z + layer.high)) + 20)
const reach = computed(() => Math.max(150, ...layers.value.map((layer) => layer.half)) + 20)
</script>

<template>
  <svg :viewBox="`${-reach} ${-top} ${2 * reach + 300} ${top + 30}`" role="img" :aria-label="t('settings.stack')">
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
      <text v-if="apart" :x="reach" y="0" class="name">{{ layer.star ? '★ ' : '' }}{{ layer.piece.name }}</text>
      <text v-if="apart && layer.step !== null" :x="reach" y="26" :class="layer.step < SEPARATE_DL ? 'blends' : 'apart'">
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
  font: 600 22px var(--sans);
}

.blends {
  fill: var(--ember);
  font: 500 19px var(--sans);
}

.apart {
  fill: var(--soft-ink);
  font: 500 19px var(--sans);
}
</style>
