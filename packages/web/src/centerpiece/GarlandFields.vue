<script setup lang="ts">
import FoldAway from '../shell/FoldAway.vue'
import { garlandPaths, halfLengthMm, layGarland, seatPlan, type GarlandLay, type Look } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '../shell/ChoiceField.vue'
import LengthField from '../shell/LengthField.vue'
import PieceSelect from '../shell/PieceSelect.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'

/** A garland along the middle, in a wave or round a ring, cut and joined from what is to be had. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const garlands = computed(() => props.look.pieces.filter((piece) => piece.kind === 'ornament' && (piece.form === 'garland' || piece.form === 'greens')))
const open = ref(false)
const chosen = ref<string | null>(null)
const path = ref<GarlandLay['path']>('middle')
const free = computed(() => store.resting?.composition.middle)
const typedMm = ref<number | null>(null)
const dropMm = ref(0)
/** Hanging over the ends it runs the whole table. */
const lengthMm = computed(() =>
  dropMm.value > 0 ? Math.round(2 * halfLengthMm(seatPlan(props.look).outline)) : (typedMm.value ?? Math.round((free.value?.lengthMm ?? 1000) * 0.92))
)
const pieceId = computed(() => chosen.value ?? garlands.value.find((piece) => piece.owned > 0)?.id ?? garlands.value[0]?.id ?? null)
const laid = computed(() =>
  open.value && pieceId.value
    ? layGarland(props.look, {
        pieceId: pieceId.value,
        path: path.value,
        lengthMm: lengthMm.value,
        widthMm: Math.round((free.value?.widthMm ?? 300) * 0.8),
        dropMm: dropMm.value
      })
    : undefined
)
</script>

<template>
  <FoldAway v-if="garlands.length > 0" class="stack small" :title="t('compose.garland')" @opened="open = $event">
    <PieceSelect :label="t('compose.garlandOf')" :model-value="pieceId" :pieces="garlands" @update:model-value="chosen = $event" />
    <ChoiceField
      v-model="path"
      :label="t('compose.garlandPath')"
      :choices="garlandPaths.map((value) => ({ value, label: t(`compose.garlandPaths.${value}`) }))"
    />
    <LengthField :label="t('centerpiece.along')" :model-value="lengthMm" :min-mm="200" :max-mm="10000" @update:model-value="typedMm = $event" />
    <LengthField
      v-if="path !== 'ring'"
      :label="t('compose.garlandDrop')"
      :model-value="dropMm"
      :min-mm="0"
      :max-mm="700"
      @update:model-value="dropMm = $event"
    />
    <p v-if="laid" class="soft">{{ t('compose.garlandTold', { pieces: laid.pieces, length: length(laid.runMm) }, laid.pieces) }}</p>
    <el-button size="small" :disabled="!laid" @click="laid && store.apply(laid.edit)">{{ t('compose.lay') }}</el-button>
  </FoldAway>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
