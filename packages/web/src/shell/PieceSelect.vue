<script setup lang="ts">
import type { Piece } from '@hestiad/core'
import { computed } from 'vue'
import SelectField from './SelectField.vue'

/** A piece chosen from those of a kind, or none, with its colors before its name and how many are owned beside it. */
const props = defineProps<{ label: string; modelValue: string | null; pieces: readonly Piece[]; none?: string; bare?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [id: string | null] }>()
const choices = computed(() => props.pieces.map((piece) => ({ value: piece.id, label: `${piece.name} (${piece.owned})` })))
const colors = computed(() => new Map(props.pieces.map((piece) => [piece.id, [piece.color, piece.accent]])))
</script>

<template>
  <SelectField
    :label="label"
    :model-value="modelValue"
    :choices="choices"
    :none="none || undefined"
    :bare="bare"
    @update:model-value="emit('update:modelValue', $event)"
    @none="emit('update:modelValue', null)"
  >
    <template #option="{ value, label: name }">
      <span class="option">
        <span class="swatch" aria-hidden="true"><i v-for="(color, i) in colors.get(value) ?? []" :key="i" :style="{ background: color }" /></span>{{ name }}
      </span>
    </template>
  </SelectField>
</template>

<style scoped>
.option {
  display: flex;
  gap: 8px;
  align-items: center;
}

.swatch {
  display: flex;
  flex: none;
  width: 22px;
  height: 14px;
  overflow: hidden;
  border-radius: 3px;
}

.swatch i {
  flex: 1;
}

.swatch i:last-child {
  flex: 0 0 6px;
}
</style>
