<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'

/** One of a few: a segmented row under its label. */
defineProps<{ label: string; modelValue: T; choices: readonly { readonly value: T; readonly label: string }[] }>()
const emit = defineEmits<{ 'update:modelValue': [value: T] }>()
const id = useId()
</script>

<template>
  <div class="field">
    <span :id="id" class="label">{{ label }}</span>
    <el-segmented
      :aria-labelledby="id"
      :model-value="modelValue"
      :options="[...choices]"
      size="small"
      @update:model-value="emit('update:modelValue', $event as T)"
    />
  </div>
</template>
