<script setup lang="ts">
/** One value of a facet, or none, which shows everything. */
defineProps<{ label: string; modelValue: string; none?: string; choices: readonly { readonly value: string; readonly label: string }[] }>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
</script>

<template>
  <select class="native" :aria-label="label" :value="modelValue" @change="emit('update:modelValue', ($event.target as HTMLSelectElement).value)">
    <option v-if="none" value="">{{ none }}</option>
    <option v-for="choice in choices" :key="choice.value" :value="choice.value">{{ choice.label }}</option>
  </select>
</template>
