<script setup lang="ts">
import { isStanding, type Candle, type Piece } from '@hestiad/core'
import { useI18n } from 'vue-i18n'
import ChoiceField from '../shell/ChoiceField.vue'
import CountField from '../shell/CountField.vue'
import LengthField from '../shell/LengthField.vue'

/** What only pieces of one kind have: how a candle burns, the glass round a flame, handles, a stem's genus, a bare back. */
const props = defineProps<{ piece: Piece }>()
const emit = defineEmits<{ change: [part: object] }>()
const { t } = useI18n()

/** A candle by its wax, or a flameless one; what it had of the other is not kept. */
const burns = ['paraffin', 'beeswax', 'flameless'] as const
const burnOf = ({ burn }: Candle) => (burn.kind === 'wax' ? burn.wax : 'flameless')

function setBurn(to: (typeof burns)[number]): void {
  if (props.piece.kind !== 'candle') return
  const { burn } = props.piece
  if (to === 'flameless') emit('change', { burn: { kind: 'flameless', hours: 48 } })
  else emit('change', { burn: { kind: 'wax', wax: to, gramsPerHour: burn.kind === 'wax' ? burn.gramsPerHour : 6.3 } })
}

const stemForms = ['open', 'globe', 'spray', 'leafy'] as const
</script>

<template>
  <div class="kind">
    <template v-if="piece.kind === 'candle'">
      <ChoiceField
        :label="t('cupboard.burns')"
        :model-value="burnOf(piece)"
        :choices="burns.map((value) => ({ value, label: t(`cupboard.burn.${value}`) }))"
        @update:model-value="setBurn"
      />
      <div v-if="piece.burn.kind === 'wax'" class="field">
        <span id="burn-rate" class="label">{{ t('cupboard.gramsPerHour') }}</span>
        <el-input-number
          aria-labelledby="burn-rate"
          :model-value="piece.burn.gramsPerHour"
          :min="0.1"
          :max="1000"
          :step="0.1"
          :precision="1"
          size="small"
          @change="$event && piece.burn.kind === 'wax' && emit('change', { burn: { ...piece.burn, gramsPerHour: $event } })"
        />
      </div>
      <CountField
        v-else
        :label="t('cupboard.hours')"
        :model-value="piece.burn.hours"
        :min="1"
        :max="10000"
        @update:model-value="emit('change', { burn: { kind: 'flameless', hours: $event } })"
      />
    </template>
    <template v-if="piece.kind === 'holder'">
      <el-checkbox
        :model-value="piece.chimney !== null"
        @update:model-value="emit('change', { chimney: $event ? { innerMm: piece.cupMm + 20, rimMm: piece.heightMm + 120 } : null })"
        >{{ t('cupboard.chimney') }}</el-checkbox
      >
      <div v-if="piece.chimney" class="two">
        <LengthField
          :label="t('cupboard.chimneyInner')"
          :model-value="piece.chimney.innerMm"
          @update:model-value="piece.chimney && emit('change', { chimney: { ...piece.chimney, innerMm: $event } })"
        />
        <LengthField
          :label="t('cupboard.chimneyRim')"
          :model-value="piece.chimney.rimMm"
          @update:model-value="piece.chimney && emit('change', { chimney: { ...piece.chimney, rimMm: $event } })"
        />
      </div>
    </template>
    <el-checkbox v-if="piece.kind === 'tray'" :model-value="piece.handles" @update:model-value="emit('change', { handles: $event === true })">{{
      t('cupboard.handles')
    }}</el-checkbox>
    <template v-if="piece.kind === 'stem'">
      <ChoiceField
        :label="t('cupboard.stemForm')"
        :model-value="piece.form"
        :choices="stemForms.map((value) => ({ value, label: t(`cupboard.stemForms.${value}`) }))"
        @update:model-value="emit('change', { form: $event })"
      />
      <div class="field">
        <span id="stem-genus" class="label">{{ t('cupboard.genus') }}</span>
        <el-input
          aria-labelledby="stem-genus"
          :model-value="piece.genus"
          size="small"
          maxlength="100"
          @change="emit('change', { genus: String($event).trim() })"
        />
        <span class="soft small">{{ t('cupboard.genusUnknown') }}</span>
      </div>
    </template>
    <el-checkbox v-if="isStanding(piece)" :model-value="piece.bareBack" @update:model-value="emit('change', { bareBack: $event === true })">{{
      t('cupboard.bareBack')
    }}</el-checkbox>
  </div>
</template>

<style scoped>
.kind {
  display: grid;
  gap: 6px;
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
</style>
