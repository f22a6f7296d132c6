<script setup lang="ts">
import { api } from '../api/calls.js'

/** Takes a photo by file or camera and keeps it on the server; says its id, or why it was refused. */
defineProps<{ label: string }>()
const emit = defineEmits<{ kept: [photoId: string]; problem: [message: string] }>()

async function add(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  emit('problem', '')
  try {
    emit('kept', (await api.addPhoto(file)).id)
  } catch (error) {
    emit('problem', (error as Error).message)
  }
}
</script>

<template>
  <label class="link"
    >{{ label }}<input type="file" accept="image/jpeg,image/png,image/webp" capture="environment" class="visually-hidden" @change="add"
  /></label>
</template>
