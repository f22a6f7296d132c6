<script setup lang="ts">
/** A color as #rrggbb; `bare` leaves the label to screen readers and the code away. What it opens is made when it is opened. */
defineProps<{ label: string; modelValue: string; bare?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [color: string] }>()
</script>

<template>
  <div :class="bare ? 'bare' : 'field'">
    <span v-if="!bare" class="label">{{ label }}</span>
    <span class="row">
      <el-color-picker
        :model-value="modelValue"
        :persistent="false"
        color-format="hex"
        :aria-label="label"
        @update:model-value="$event && emit('update:modelValue', $event.toLowerCase())"
      />
      <span v-if="!bare" class="soft small">{{ modelValue }}</span>
    </span>
  </div>
</template>
