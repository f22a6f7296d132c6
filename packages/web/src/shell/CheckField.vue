<script setup lang="ts">
/** Yes or no, with its words beside it. */
defineProps<{ label: string; modelValue: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [on: boolean] }>()
</script>

<template>
  <label><input type="checkbox" :checked="modelValue" @change="emit('update:modelValue', ($event.target as HTMLInputElement).checked)" /> {{ label }}</label>
</template>
