<script setup lang="ts">
import {
  alignEdit,
  alongEdgeEdit,
  distributeEdit,
  groupEdit,
  lockPlaced,
  mirrorAxes,
  mirrorEdit,
  seatPlan,
  SHOW_MARGIN_MM,
  type Look,
  type Placed
} from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import SelectField from '../shell/SelectField.vue'
import { useLook } from '../stores/lookStore.js'

/** What is done with the chosen piece, and with several: kept in place, mirrored, grouped, put on the axis, spaced evenly. */
const props = defineProps<{ look: Look; placed: Placed }>()
const { t } = useI18n()
const store = useLook()
const several = computed(() => store.chosen.length > 1)
const grouped = computed(() => props.placed.group !== null)
const fewOwned = computed(() => {
  const owned = props.look.pieces.find((piece) => piece.id === props.placed.pieceId)?.owned ?? 0
  return owned < 2 * props.look.centerpiece.filter((one) => one.pieceId === props.placed.pieceId).length
})

function group(): void {
  const ids = several.value ? store.chosen : props.look.centerpiece.filter((one) => one.group === props.placed.group).map((one) => one.id)
  store.run(groupEdit, ids)
}

/** Just inside the places, or two inches from the edge where nobody sits. */
function alongEdge(): void {
  const depthMm = props.look.guests.length > 0 ? (store.resting?.setting.depthMm ?? 0) : 0
  store.run(alongEdgeEdit, store.chosen, seatPlan(props.look).outline, depthMm + SHOW_MARGIN_MM)
}
</script>

<template>
  <div class="stack actions">
    <div class="pair">
      <CheckField :label="t('compose.lock')" :model-value="placed.locked" @update:model-value="store.run(lockPlaced, store.chosen, $event)" />
      <SelectField
        v-model="store.mirror"
        :label="t('compose.mirrorMode')"
        none="–"
        :choices="mirrorAxes.map((value) => ({ value, label: t(`compose.mirrorAxes.${value}`) }))"
        @none="store.mirror = null"
      />
    </div>
    <div class="row">
      <el-button size="small" :disabled="placed.on !== null" @click="store.run(mirrorEdit, placed.id, store.mirror ?? 'ends')">{{
        t('compose.mirror')
      }}</el-button>
      <el-button size="small" :disabled="!several && !grouped" @click="group">{{ grouped ? t('compose.ungroup') : t('compose.group') }}</el-button>
      <el-button v-if="several" size="small" @click="store.run(alignEdit, store.chosen, 0)">{{ t('compose.align') }}</el-button>
      <el-button v-if="store.chosen.length > 2" size="small" @click="store.run(distributeEdit, store.chosen)">{{ t('compose.distribute') }}</el-button>
      <el-button v-if="store.chosen.length > 2" size="small" @click="alongEdge">{{ t('compose.alongEdge') }}</el-button>
    </div>
    <p class="soft small">{{ several ? t('compose.several', { n: store.chosen.length }) : fewOwned ? t('compose.mirrorFew') : t('compose.chooseMore') }}</p>
  </div>
</template>

<style scoped>
.actions {
  gap: 6px;
}

.pair {
  align-items: end;
}

.row {
  flex-wrap: wrap;
  gap: 6px;
}

.row .el-button {
  margin: 0;
}

p {
  margin: 0;
}
</style>
