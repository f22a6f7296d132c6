<script setup lang="ts">
import FoldAway from '../shell/FoldAway.vue'
import { isStanding, layRow, seatPlan, type Look } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import LengthField from '../shell/LengthField.vue'
import PieceSelect from '../shell/PieceSelect.vue'
import { useLook } from '../stores/lookStore.js'

/** Greens or a row of things laid along the middle instead of a runner. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const pieceId = ref<string | null>(null)
const gapMm = ref(20)
const things = computed(() => props.look.pieces.filter((piece) => isStanding(piece) && piece.kind !== 'riser'))

function lay(): void {
  if (pieceId.value) store.run(layRow, pieceId.value, gapMm.value, seatPlan(props.look).outline)
}
</script>

<template>
  <FoldAway class="small" :title="t('linens.rows')">
    <div class="pair">
      <PieceSelect v-model="pieceId" :label="t('linens.rowOf')" :pieces="things" none="–" />
      <LengthField v-model="gapMm" :label="t('linens.rowGap')" :min-mm="-300" :max-mm="1000" />
    </div>
    <p class="soft tidy">{{ t('linens.rowHint') }}</p>
    <el-button size="small" :disabled="!pieceId" @click="lay">{{ t('linens.row') }}</el-button>
  </FoldAway>
</template>

<style scoped>
p {
  margin: 6px 0;
}
</style>
