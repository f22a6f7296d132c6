<script setup lang="ts" generic="T extends string">
import { computed, useId } from 'vue'

/** One of many, or none where it may be cleared; filtered as one types. */
const props = defineProps<{
  label: string
  modelValue: T | null
  choices: readonly { readonly value: T; readonly label: string }[]
  /** What is shown where nothing is chosen, and where there is nothing to choose. */
  none: string
  empty: string
  clearable?: boolean
}>()
type Bound = InstanceType<(typeof import('element-plus'))['ElSelectV2']>['$props']
const emit = defineEmits<{ 'update:modelValue': [value: T | null] }>()
const id = useId()
const bound = computed<Record<string, unknown>>(() => ({
  id,
  modelValue: props.modelValue ?? undefined,
  options: props.choices,
  placeholder: props.none,
  noDataText: props.empty,
  clearable: props.clearable,
  filterable: true,
  fitInputWidth: false,
  'onUpdate:modelValue': (value: T | undefined) => emit('update:modelValue', value || null)
}))
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <!-- the package's types do not admit exact optional properties -->
    <el-select-v2 v-bind="bound as object as Bound" />
  </div>
</template>
