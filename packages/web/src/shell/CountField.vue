<script setup lang="ts">
import { useId } from 'vue'

/** A whole number with steps. `bare` leaves the label to screen readers, for a number in a row that names itself. */
const props = withDefaults(
  defineProps<{ label: string; modelValue: number; min?: number; max?: number; step?: number; bare?: boolean; controls?: boolean }>(),
  { min: 0, max: 100, step: 1, controls: true }
)
const emit = defineEmits<{ 'update:modelValue': [count: number] }>()
const id = useId()
</script>

<template>
  <div :class="bare ? 'bare' : 'field'">
    <label v-if="!bare" :for="id">{{ label }}</label>
    <el-input-number
      :id="id"
      :model-value="modelValue"
      :min="min"
      :max="max"
      :step="step"
      :precision="0"
      :controls="controls"
      :controls-position="bare ? '' : 'right'"
      :size="bare ? 'small' : 'default'"
      :aria-label="bare ? label : undefined"
      @update:model-value="emit('update:modelValue', $event ?? props.min)"
    />
  </div>
</template>

<style scoped>
@media (pointer: fine) {
  .bare :deep(.el-input-number) {
    width: 88px;
  }

  .bare :deep(.el-input-number__decrease),
  .bare :deep(.el-input-number__increase) {
    width: 20px;
  }

  .bare :deep(.el-input__wrapper) {
    padding-inline: 24px;
  }
}
</style>
