<script setup lang="ts">
import { formatClock } from '@hestiad/core'
import { useId } from 'vue'

/** A clock time as minutes after midnight. */
defineProps<{ label: string; modelValue: number }>()
const emit = defineEmits<{ 'update:modelValue': [minute: number] }>()
const id = useId()

function take(event: Event): void {
  const [hours, minutes] = (event.target as HTMLInputElement).value.split(':').map(Number)
  if (Number.isInteger(hours) && Number.isInteger(minutes)) emit('update:modelValue', hours! * 60 + minutes!)
}
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <input :id="id" type="time" :value="formatClock(modelValue)" class="native" @change="take" />
  </div>
</template>
