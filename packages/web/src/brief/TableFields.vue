<script setup lang="ts">
import CountField from '../shell/CountField.vue'
import { extentSize, type Table, type TableShape } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '../shell/ChoiceField.vue'
import LengthField from '../shell/LengthField.vue'

/** The table's shape, leaves, support and heights. */
const props = defineProps<{ modelValue: Table }>()
const emit = defineEmits<{ 'update:modelValue': [table: Table] }>()
const { t } = useI18n()
const kinds = ['rectangle', 'square', 'round', 'oval', 'racetrack'] as const
const size = computed(() => {
  const shape = props.modelValue.shape
  return shape.kind === 'racetrack' ? { lengthMm: shape.lengthMm, widthMm: shape.widthMm } : extentSize(shape)
})

function change(part: Partial<Table>): void {
  emit('update:modelValue', { ...props.modelValue, ...part })
}

/** Keeps the size as far as the new shape has it. */
function reshape(kind: TableShape['kind'], lengthMm = size.value.lengthMm, widthMm = size.value.widthMm): void {
  if (kind === 'square') change({ shape: { kind, sideMm: widthMm } })
  else if (kind === 'round') change({ shape: { kind, diameterMm: widthMm } })
  else change({ shape: { kind, lengthMm: Math.max(lengthMm, kind === 'racetrack' ? widthMm : 1), widthMm } })
}

function setLeaves(leaves: Partial<Table['leaves']>): void {
  const next = { ...props.modelValue.leaves, ...leaves }
  change({ leaves: { ...next, in: Math.min(next.in, next.owned) } })
}
const single = computed(() => props.modelValue.shape.kind === 'square' || props.modelValue.shape.kind === 'round')
</script>

<template>
  <div class="stack">
    <div class="field">
      <label for="table-shape">{{ t('table.shape') }}</label>
      <select
        id="table-shape"
        class="native"
        :value="modelValue.shape.kind"
        @change="reshape(($event.target as HTMLSelectElement).value as TableShape['kind'])"
      >
        <option v-for="kind in kinds" :key="kind" :value="kind">{{ t(`table.${kind}`) }}</option>
      </select>
    </div>
    <div class="pair">
      <LengthField
        v-if="!single"
        :label="t('table.length')"
        :model-value="size.lengthMm"
        :min-mm="300"
        :max-mm="12000"
        @update:model-value="reshape(modelValue.shape.kind, $event)"
      />
      <LengthField
        :label="t(single ? (modelValue.shape.kind === 'round' ? 'table.diameter' : 'table.side') : 'table.width')"
        :model-value="size.widthMm"
        :min-mm="300"
        :max-mm="6000"
        @update:model-value="reshape(modelValue.shape.kind, size.lengthMm, $event)"
      />
    </div>
    <div class="pair">
      <CountField :label="t('table.leavesOwned')" :model-value="modelValue.leaves.owned" :max="12" @update:model-value="setLeaves({ owned: $event })" />
      <CountField
        :label="t('table.leaves')"
        :model-value="modelValue.leaves.in"
        :max="modelValue.leaves.owned"
        @update:model-value="setLeaves({ in: $event })"
      />
      <LengthField
        v-if="modelValue.leaves.owned > 0"
        :label="t('table.leafEach')"
        :model-value="modelValue.leaves.eachMm"
        :min-mm="0"
        :max-mm="2000"
        @update:model-value="setLeaves({ eachMm: $event })"
      />
    </div>
    <div class="pair">
      <ChoiceField
        :label="t('table.support')"
        :model-value="modelValue.support.kind"
        :choices="[
          { value: 'pedestal', label: t('table.pedestal') },
          { value: 'legs', label: t('table.legs') }
        ]"
        @update:model-value="change({ support: $event === 'legs' ? { kind: 'legs', legMm: 70, insetMm: 30 } : { kind: 'pedestal' } })"
      />
      <ChoiceField
        :label="t('table.heads')"
        :model-value="modelValue.heads"
        :choices="[
          { value: 'open', label: t('table.open') },
          { value: 'closed', label: t('table.closed') }
        ]"
        @update:model-value="change({ heads: $event })"
      />
    </div>
    <div v-if="modelValue.support.kind === 'legs'" class="pair">
      <LengthField
        :label="t('table.leg')"
        :model-value="modelValue.support.legMm"
        :min-mm="10"
        :max-mm="400"
        @update:model-value="modelValue.support.kind === 'legs' && change({ support: { ...modelValue.support, legMm: $event } })"
      />
      <LengthField
        :label="t('table.inset')"
        :model-value="modelValue.support.insetMm"
        :min-mm="0"
        :max-mm="1500"
        @update:model-value="modelValue.support.kind === 'legs' && change({ support: { ...modelValue.support, insetMm: $event } })"
      />
    </div>
    <div class="pair">
      <LengthField
        :label="t('table.height')"
        :model-value="modelValue.heightMm"
        :min-mm="modelValue.seatHeightMm + 50"
        :max-mm="1300"
        @update:model-value="change({ heightMm: $event })"
      />
      <LengthField
        :label="t('table.seat')"
        :model-value="modelValue.seatHeightMm"
        :min-mm="200"
        :max-mm="modelValue.heightMm - 50"
        @update:model-value="change({ seatHeightMm: $event })"
      />
    </div>
  </div>
</template>
