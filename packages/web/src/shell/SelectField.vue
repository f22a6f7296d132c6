<script setup lang="ts" generic="T extends string">
import { computed, useId } from 'vue'

/**
 * One of many under its label, searched as one types. `none` is a choice of its own that stands for nothing chosen; `bare` leaves the label to
 * screen readers; `empty` is shown where there is nothing to choose.
 */
const props = defineProps<{
  label: string
  modelValue: T | null
  choices: readonly { readonly value: T; readonly label: string }[]
  none?: string | undefined
  empty?: string | undefined
  bare?: boolean
  disabled?: boolean
}>()
type Bound = InstanceType<(typeof import('element-plus'))['ElSelectV2']>['$props']
const emit = defineEmits<{ 'update:modelValue': [value: T]; none: [] }>()
defineSlots<{ option?(of: { readonly value: T; readonly label: string }): unknown }>()
const id = useId()
/** So many and more are searched; fewer are seen at once, and no keyboard hides them on a tablet. */
const SEARCHED_FROM = 8
interface Option {
  readonly value: string
  readonly label: string
}
/** The same list for as long as it says the same: the field measures every line of a new one. */
const options = computed<readonly Option[]>((before) => {
  const now = [...(props.none === undefined ? [] : [{ value: '', label: props.none }]), ...props.choices]
  const isSame = before?.length === now.length && before.every((one, i) => one.value === now[i]!.value && one.label === now[i]!.label)
  return isSame ? before : now
})
const bound = computed<Record<string, unknown>>(() => ({
  id,
  modelValue: props.modelValue ?? '',
  options: options.value,
  placeholder: props.none ?? '–',
  noDataText: props.empty,
  filterable: options.value.length >= SEARCHED_FROM,
  disabled: props.disabled,
  fitInputWidth: false,
  // its list is made when it is opened: a panel has a dozen of them
  persistent: false,
  // what stands for nothing chosen is a value like the others
  emptyValues: [null, undefined],
  ariaLabel: props.bare ? props.label : undefined,
  'onUpdate:modelValue': (value: T | '') => (value === '' ? emit('none') : emit('update:modelValue', value))
}))
</script>

<template>
  <div :class="bare ? 'bare' : 'field'">
    <label v-if="!bare" :for="id">{{ label }}</label>
    <!-- the package's types do not admit exact optional properties -->
    <el-select-v2 v-bind="bound as object as Bound">
      <template v-if="$slots.option" #default="{ item }"><slot name="option" :value="item.value as T" :label="item.label as string" /></template>
    </el-select-v2>
  </div>
</template>

<style scoped>
.bare {
  min-width: 0;
}
</style>
