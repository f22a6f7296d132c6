<script setup lang="ts">
import SelectField from '../shell/SelectField.vue'

/** One value of a facet, or none, which shows everything. */
defineProps<{ label: string; modelValue: string; none?: string; choices: readonly { readonly value: string; readonly label: string }[] }>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
</script>

<template>
  <SelectField
    class="facet"
    bare
    :label="label"
    :model-value="modelValue || null"
    :none="none"
    :choices="choices"
    @update:model-value="emit('update:modelValue', $event)"
    @none="emit('update:modelValue', '')"
  />
</template>

<style scoped>
.facet {
  width: 150px;
}
</style>
