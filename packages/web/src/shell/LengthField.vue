<script setup lang="ts">
import { formatLength, parseLength } from '@hestiad/core'
import { computed, ref, useId, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { usePreferences } from '../stores/preferences.js'

/** A length typed in inches or centimeters, fractions and all; what cannot be read stays in the field and says so. `bare` leaves the label to screen readers; an `optional` length that nobody knows is empty. */
const props = defineProps<{ label: string; modelValue: number | null; minMm?: number; maxMm?: number; bare?: boolean; optional?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [mm: number]; clear: [] }>()
const { t } = useI18n()
const preferences = usePreferences()
const id = useId()
const shown = computed(() => (props.modelValue === null ? '' : formatLength(props.modelValue, preferences.unit)))
const text = ref(shown.value)
const wrong = ref('')
watch(shown, (value) => {
  text.value = value
  wrong.value = ''
})

function take(): void {
  if (props.optional && text.value.trim() === '') {
    wrong.value = ''
    if (props.modelValue !== null) emit('clear')
    return
  }
  const mm = parseLength(text.value, preferences.unit)
  const low = props.minMm ?? 1
  const high = props.maxMm ?? 20_000
  if (mm === undefined) wrong.value = t(preferences.unit === 'in' ? 'fields.lengthInches' : 'fields.lengthCentimeters')
  else if (mm < low || mm > high) wrong.value = t('fields.range', { low: preferences.length(low), high: preferences.length(high) })
  else {
    wrong.value = ''
    if (text.value === shown.value) return
    if (props.modelValue === null || Math.abs(mm - props.modelValue) > 0.01) emit('update:modelValue', Math.round(mm * 100) / 100)
    else text.value = shown.value
  }
}
</script>

<template>
  <div :class="bare ? 'bare' : 'field'">
    <label v-if="!bare" :for="id">{{ label }}</label>
    <el-input
      :id="id"
      v-model="text"
      :aria-label="bare ? label : undefined"
      :aria-invalid="wrong !== ''"
      :aria-describedby="wrong ? `${id}-wrong` : undefined"
      @change="take"
      @keydown.enter="take"
    />
    <span v-if="wrong" :id="`${id}-wrong`" class="wrong small" role="alert">{{ wrong }}</span>
  </div>
</template>

<style scoped>
.wrong {
  color: var(--ember);
}
</style>
