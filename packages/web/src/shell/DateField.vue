<script setup lang="ts">
import { useId } from 'vue'

/**
 * A day as YYYY-MM-DD, typed as people write it or picked; emptied it leaves the day as it was, or where it is optional says none. No weekday: with
 * one the picker takes nothing that is typed.
 */
defineProps<{ label: string; modelValue: string; optional?: boolean; bare?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [day: string] }>()
const id = useId()
</script>

<template>
  <div :class="bare ? 'bare' : 'field'">
    <label :for="id" :class="{ 'visually-hidden': bare }">{{ label }}</label>
    <el-date-picker
      v-bind="{ id } as object"
      type="date"
      :placeholder="bare ? label : ''"
      format="MMM D, YYYY"
      value-format="YYYY-MM-DD"
      :clearable="optional"
      :model-value="modelValue"
      @update:model-value="($event || optional) && emit('update:modelValue', ($event as string | null) ?? '')"
    />
  </div>
</template>

<style scoped>
div :deep(.el-date-editor) {
  width: 100%;
}
</style>
