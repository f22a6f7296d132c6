<script setup lang="ts">
import { Search } from '@lucide/vue'
import { useTemplateRef } from 'vue'

/** Words to search by, taken as they are typed. */
defineProps<{ label: string; modelValue: string; id?: string; disabled?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [text: string] }>()
const field = useTemplateRef<{ focus(): void }>('field')
defineExpose({ focus: () => field.value?.focus() })
</script>

<template>
  <el-input
    v-bind="id === undefined ? {} : { id }"
    ref="field"
    type="search"
    clearable
    :prefix-icon="Search"
    :model-value="modelValue"
    :placeholder="label"
    :aria-label="label"
    :disabled="disabled"
    @update:model-value="emit('update:modelValue', $event)"
  />
</template>
