<script setup lang="ts">
import { chairKinds, chairWidthMm, joinForms, kneeHeightMm, type Support, type Table, type TableShape } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '../shell/ChoiceField.vue'
import CountField from '../shell/CountField.vue'
import LengthField from '../shell/LengthField.vue'
import SelectField from '../shell/SelectField.vue'
import { usePreferences } from '../stores/preferences.js'
import { reshaped, sizeOf, sizesOfShape } from './tableSizes.js'

/** The table's shape, leaves, support, heights and chairs; `short` leaves to later what need not be known to begin. */
const props = defineProps<{ modelValue: Table; short?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [table: Table] }>()
const { t } = useI18n()
const { length } = usePreferences()
const kinds = ['rectangle', 'square', 'round', 'oval', 'racetrack', 'boat', 'half-round', 'joined'] as const
const supports: Record<Support['kind'], Support> = {
  pedestal: { kind: 'pedestal' },
  legs: { kind: 'legs', legMm: 70, insetMm: 30 },
  trestle: { kind: 'trestle', insetMm: 380, footMm: 80 },
  panel: { kind: 'panel', insetMm: 300 }
}
const supportKinds = ['pedestal', 'legs', 'trestle', 'panel'] as const
/** Measures of what the table stands on, and its heights. */
const measures = computed(() => {
  const { support, heightMm, seatHeightMm } = props.modelValue
  const one = (label: 'leg' | 'foot' | 'inset' | 'height' | 'seat', mm: number, leastMm: number, mostMm: number, set: (mm: number) => Partial<Table>) => ({
    label,
    mm,
    leastMm,
    mostMm,
    set
  })
  const stand = (part: object) => ({ support: { ...support, ...part } as Support })
  return [
    ...(support.kind === 'legs' ? [one('leg', support.legMm, 10, 400, (legMm) => stand({ legMm }))] : []),
    ...(support.kind === 'trestle' ? [one('foot', support.footMm, 10, 400, (footMm) => stand({ footMm }))] : []),
    ...(support.kind === 'pedestal' ? [] : [one('inset', support.insetMm, 0, 1500, (insetMm) => stand({ insetMm }))]),
    one('height', heightMm, seatHeightMm + 50, 1300, (mm) => ({ heightMm: mm })),
    one('seat', seatHeightMm, 200, heightMm - 50, (mm) => ({ seatHeightMm: mm }))
  ]
})
const knees = computed(() => kneeHeightMm(props.modelValue))
const leaves = computed(() => !['half-round', 'joined'].includes(props.modelValue.shape.kind))

function change(part: Partial<Table>): void {
  emit('update:modelValue', { ...props.modelValue, ...part })
}

function setSize(name: string, mm: number): void {
  change({ shape: { ...props.modelValue.shape, [name]: mm } as TableShape })
}

function reshape(kind: TableShape['kind']): void {
  const shape = reshaped(kind, sizeOf(props.modelValue.shape))
  change({ shape, ...(kind === 'half-round' || kind === 'joined' ? { leaves: { ...props.modelValue.leaves, in: 0 } } : {}) })
}

function setLeaves(part: Partial<Table['leaves']>): void {
  const next = { ...props.modelValue.leaves, ...part }
  change({ leaves: { ...next, in: Math.min(next.in, next.owned) } })
}
</script>

<template>
  <div class="stack">
    <SelectField
      :label="t('table.shape')"
      :model-value="modelValue.shape.kind"
      :choices="kinds.map((value) => ({ value, label: t(`table.${value}`) }))"
      @update:model-value="reshape"
    />
    <ChoiceField
      v-if="modelValue.shape.kind === 'joined'"
      :label="t('table.form')"
      :model-value="modelValue.shape.form"
      :choices="joinForms.map((value) => ({ value, label: t(`table.forms.${value}`) }))"
      @update:model-value="change({ shape: { ...modelValue.shape, form: $event } as TableShape })"
    />
    <div class="pair">
      <LengthField
        v-for="size in sizesOfShape(modelValue.shape)"
        :key="size.name"
        :label="t(`table.${size.label}`)"
        :model-value="size.mm"
        :min-mm="300"
        :max-mm="size.mostMm"
        @update:model-value="setSize(size.name, $event)"
      />
      <template v-if="modelValue.shape.kind === 'joined'">
        <CountField :label="t('table.along')" :model-value="modelValue.shape.along" :min="1" :max="8" @update:model-value="setSize('along', $event)" />
        <CountField
          v-if="modelValue.shape.form !== 'straight'"
          :label="t('table.across')"
          :model-value="modelValue.shape.across"
          :min="1"
          :max="8"
          @update:model-value="setSize('across', $event)"
        />
      </template>
    </div>
    <div v-if="leaves" class="pair">
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
      <SelectField
        :label="t('table.support')"
        :model-value="modelValue.support.kind"
        :choices="supportKinds.map((value) => ({ value, label: t(`table.${value}`) }))"
        @update:model-value="change({ support: supports[$event] })"
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
      <template v-if="!short">
        <SelectField
          :label="t('table.set')"
          :model-value="modelValue.set"
          :choices="(['whole', 'one-end'] as const).map((value) => ({ value, label: t(`table.sets.${value}`) }))"
          @update:model-value="change({ set: $event })"
        />
        <LengthField
          v-for="measure in measures"
          :key="measure.label"
          :label="t(`table.${measure.label}`)"
          :model-value="measure.mm"
          :min-mm="measure.leastMm"
          :max-mm="measure.mostMm"
          @update:model-value="change(measure.set($event))"
        />
        <LengthField
          :label="t('table.apron')"
          :model-value="modelValue.apronMm"
          :max-mm="600"
          optional
          @update:model-value="change({ apronMm: $event })"
          @clear="change({ apronMm: null })"
        />
      </template>
    </div>
    <template v-if="!short">
      <p class="soft small tidy">{{ knees === null ? t('table.kneesUnknown') : t('table.knees', { knees: length(knees) }) }}</p>
      <div class="pair">
        <SelectField
          :label="t('table.chair')"
          :model-value="modelValue.chair.kind"
          :choices="chairKinds.map((value) => ({ value, label: t(`table.chairs.${value}`) }))"
          @update:model-value="change({ chair: { kind: $event, widthMm: chairWidthMm[$event] } })"
        />
        <LengthField
          :label="t(modelValue.chair.kind === 'bench' ? 'table.benchLength' : 'table.chairWidth')"
          :model-value="modelValue.chair.widthMm"
          :min-mm="300"
          :max-mm="6000"
          @update:model-value="change({ chair: { ...modelValue.chair, widthMm: $event } })"
        />
      </div>
    </template>
  </div>
</template>
