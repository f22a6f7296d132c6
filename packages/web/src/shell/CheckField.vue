<script setup lang="ts">
/** Yes or no, with its words beside it, or a shorter word `said` there; `bare` leaves the words to screen readers. */
defineProps<{ label: string; modelValue: boolean; bare?: boolean; said?: string }>()
const emit = defineEmits<{ 'update:modelValue': [on: boolean] }>()
</script>

<template>
  <el-checkbox :model-value="modelValue" @update:model-value="emit('update:modelValue', $event === true)">
    <span v-if="said" aria-hidden="true">{{ said }}</span><span :class="{ 'visually-hidden': bare || said }">{{ label }}</span>
  </el-checkbox>
</template>
