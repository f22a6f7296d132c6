<script setup lang="ts">
import type { Piece, Tier } from '@hestiad/core'
import { X } from '@lucide/vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import CountField from '../shell/CountField.vue'
import LengthField from '../shell/LengthField.vue'

/** What a stand carries and whether one sees below it, the levels of a tiered stand, and a cord. */
const props = defineProps<{ piece: Piece }>()
const emit = defineEmits<{ change: [part: object] }>()
const { t } = useI18n()

function setTier(i: number, part: Partial<Tier>): void {
  if (props.piece.kind === 'tray') emit('change', { upper: props.piece.upper.map((tier, j) => (i === j ? { ...tier, ...part } : tier)) })
}

function addTier(): void {
  if (props.piece.kind !== 'tray') return
  const last = props.piece.upper[props.piece.upper.length - 1] ?? { heightMm: props.piece.floorMm, diameterMm: 240 }
  emit('change', { upper: [...props.piece.upper, { heightMm: last.heightMm + 150, diameterMm: Math.round(last.diameterMm * 0.75) }] })
}
</script>

<template>
  <fieldset v-if="piece.kind === 'riser' || piece.kind === 'tray' || piece.kind === 'ornament'" class="carry">
    <CheckField v-if="piece.kind === 'riser'" :label="t('cupboard.legs')" :model-value="piece.legs" @update:model-value="emit('change', { legs: $event })" />
    <template v-if="piece.kind === 'riser' || piece.kind === 'tray'">
      <CheckField :label="t('cupboard.loadKnown')" :model-value="piece.loadG !== null" @update:model-value="emit('change', { loadG: $event ? 2000 : null })" />
      <CountField
        v-if="piece.loadG !== null"
        :label="t('cupboard.load')"
        :model-value="piece.loadG"
        :max="100000"
        :step="100"
        @update:model-value="emit('change', { loadG: $event })"
      />
    </template>
    <template v-if="piece.kind === 'tray' && piece.form === 'tiers'">
      <div v-for="(tier, i) in piece.upper" :key="i" class="tier">
        <LengthField :label="t('cupboard.tierHeight', { n: i + 2 })" :model-value="tier.heightMm" @update:model-value="setTier(i, { heightMm: $event })" />
        <LengthField :label="t('cupboard.tierAcross')" :model-value="tier.diameterMm" @update:model-value="setTier(i, { diameterMm: $event })" />
        <el-button
          class="plain"
          :aria-label="t('cupboard.dropTier', { n: i + 2 })"
          @click="
            emit('change', {
              upper: piece.upper.filter((_, j) => j !== i)
            })
          "
        >
          <X :size="15" />
        </el-button>
      </div>
      <el-button v-if="piece.upper.length < 6" class="plain link small" @click="addTier">{{ t('cupboard.addTier') }}</el-button>
    </template>
    <CheckField
      v-if="piece.kind === 'ornament'"
      :label="t('cupboard.cord')"
      :model-value="piece.cordMm !== null"
      @update:model-value="emit('change', { cordMm: $event ? 1500 : null })"
    />
  </fieldset>
</template>

<style scoped>
.carry {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  border: 0;
}

.tier {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 6px;
  align-items: end;
}
</style>
