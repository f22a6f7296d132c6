<script setup lang="ts">
import type { Piece } from '@hestiad/core'
import { useId } from 'vue'

/** A piece chosen from those of a kind, or none; owned counts beside the names. */
defineProps<{ label: string; modelValue: string | null; pieces: readonly Piece[]; none?: string }>()
const emit = defineEmits<{ 'update:modelValue': [id: string | null] }>()
const id = useId()
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <select :id="id" class="native" :value="modelValue ?? ''" @change="emit('update:modelValue', ($event.target as HTMLSelectElement).value || null)">
      <option v-if="none" value="">{{ none }}</option>
      <option v-for="piece in pieces" :key="piece.id" :value="piece.id">{{ piece.name }} ({{ piece.owned }})</option>
    </select>
  </div>
</template>
