<script setup lang="ts">
import { findPiece, longerMm, pieceIndex, standings, takesStems, type Look, type Standing } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ElevationPiece from '../board/drawing/ElevationPiece.vue'
import PlanPiece from '../board/drawing/PlanPiece.vue'
import MiniTable from '../board/MiniTable.vue'
import StageFrame from '../shell/StageFrame.vue'
import { useLook } from '../stores/lookStore.js'
import { later } from '../stores/later.js'
import { usePreferences } from '../stores/preferences.js'

/** One arrangement large, from the side with its measures and from above, and where it stands on the table. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { length, theme } = usePreferences()
const index = computed(() => pieceIndex(props.look))
const standing = computed(() => standings(props.look))
const vessels = computed(() => standing.value.filter((one) => one.piece.kind === 'vessel' && takesStems(one.piece)))
const shown = computed<Standing | undefined>(() => vessels.value.find((one) => one.placed.id === store.selected) ?? vessels.value[0])
const vessel = computed(() => findPiece(index.value, shown.value?.placed.pieceId, 'vessel'))
/** As it stands by itself. */
const alone = computed(
  () => shown.value && { ...shown.value, pose: { x: 0, y: 0, turnRad: vessel.value && longerMm(vessel.value) > 0 ? 0 : shown.value.pose.turnRad } }
)
const flowers = computed(() => shown.value?.placed.arrangement)
const top = computed(() => (vessel.value?.heightMm ?? 0) + (flowers.value?.riseMm ?? 0))
const wide = computed(() => (vessel.value ? Math.max(vessel.value.widestMm, flowers.value?.spreadMm ?? 0) + longerMm(vessel.value) : 0))
/** Its mouth as it is seen from this side; of a trough both ways are told. */
const mouth = computed(() => (vessel.value ? vessel.value.mouthMm + longerMm(vessel.value) : 0))
const mouthSays = computed(() => {
  const across = length(vessel.value?.mouthMm ?? 0)
  return vessel.value && longerMm(vessel.value) > 0 ? `${length(mouth.value)} × ${across}` : across
})
const reach = computed(() => wide.value / 2 + 90)
/** From above one picture later, the table one more: a number of stems is taken without waiting for all three. */
const above = later(() => alone.value, 1)
const table = later(() => props.look, 2)
</script>

<template>
  <p v-if="!vessel || !alone" class="soft none">{{ t('florals.none') }}</p>
  <StageFrame
    v-else
    :label="vessel.name"
    :title="vessel.name"
    :size="t('florals.standsTall', { height: length(top), width: length(wide) })"
    :first="t('florals.fromAbove', { spread: length(wide) })"
    :second="t('florals.onTable')"
  >
    <svg class="side" :viewBox="`${-reach} ${-top - 46} ${2 * reach} ${top + 96}`" role="img" :aria-label="t('florals.fromSide')">
      <line :x1="-reach" :x2="reach" y1="0" y2="0" class="table" />
      <g transform="scale(1 -1)"><ElevationPiece :standing="alone" :index="index" :turned="false" :glow="theme === 'evening'" /></g>
      <g class="measure" :style="{ fontSize: `${reach * 0.06}px` }">
        <line :x1="reach - 34" :x2="reach - 34" y1="0" :y2="-vessel.heightMm" />
        <text :x="reach - 40" :y="-vessel.heightMm / 2 + 5" text-anchor="end">{{ length(vessel.heightMm) }}</text>
        <template v-if="flowers && flowers.riseMm > 0">
          <line :x1="reach - 34" :x2="reach - 34" :y1="-vessel.heightMm" :y2="-top" class="rise" />
          <text :x="reach - 40" :y="-vessel.heightMm - flowers.riseMm / 2 + 5" text-anchor="end">{{ length(flowers.riseMm) }}</text>
        </template>
        <line :x1="-mouth / 2" :x2="mouth / 2" y1="18" y2="18" />
        <text x="0" y="40" text-anchor="middle">{{ t('florals.mouthOf', { mouth: mouthSays, depth: length(vessel.depthMm) }) }}</text>
      </g>
    </svg>
    <template #first>
      <svg :viewBox="`${-reach} ${-reach} ${2 * reach} ${2 * reach}`" role="img" :aria-label="t('sheet.above')">
        <g transform="scale(1 -1)"><PlanPiece v-if="above" :standing="above" :index="index" /></g>
      </svg>
    </template>
    <template #second><MiniTable :look="table" close /></template>
  </StageFrame>
</template>

<style scoped>
.none {
  padding: 14px;
}

.table {
  stroke: var(--chair-line);
  stroke-width: 3;
}

.measure line {
  stroke: var(--moss);
  stroke-width: 1.6;
}

.measure line.rise {
  stroke: var(--ember);
}

.measure text {
  fill: var(--ink);
  font-family: var(--sans);
  font-weight: 600;
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
}
</style>
