<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'

/** One of many: a select under its label. `none` offers nothing chosen, as an empty value. */
defineProps<{ label: string; modelValue: T | null; choices: readonly { readonly value: T; readonly label: string }[]; none?: string }>()
const emit = defineEmits<{ 'update:modelValue': [value: T]; none: [] }>()
const id = useId()

function choose(event: Event): void {
  const { value } = event.target as HTMLSelectElement
  if (value === '') emit('none')
  else emit('update:modelValue', value as T)
}
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <select :id="id" class="native" :value="modelValue ?? ''" @change="choose">
      <option v-if="none !== undefined" value="">{{ none }}</option>
      <option v-for="choice in choices" :key="choice.value" :value="choice.value">{{ choice.label }}</option>
    </select>
  </div>
</template>
