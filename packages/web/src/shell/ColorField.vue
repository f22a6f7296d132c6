<script setup lang="ts">
/** A color picked, as #rrggbb. */
defineProps<{ label: string; modelValue: string }>()
const emit = defineEmits<{ 'update:modelValue': [color: string] }>()
</script>

<template>
  <div class="field">
    <span class="label">{{ label }}</span>
    <span class="row">
      <el-color-picker
        :model-value="modelValue"
        :persistent="false"
        color-format="hex"
        :aria-label="label"
        @update:model-value="$event && emit('update:modelValue', $event.toLowerCase())"
      />
      <span class="soft small">{{ modelValue }}</span>
    </span>
  </div>
</template>
