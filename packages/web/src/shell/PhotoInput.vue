<script setup lang="ts">
import { api } from '../api/calls.js'
import FileField from './FileField.vue'

/** Takes a photo by file or camera and keeps it on the server; says its id, or why it was refused. */
defineProps<{ label: string }>()
const emit = defineEmits<{ kept: [photoId: string]; problem: [message: string] }>()

async function add(file: File): Promise<void> {
  emit('problem', '')
  try {
    emit('kept', (await api.addPhoto(file)).id)
  } catch (error) {
    emit('problem', (error as Error).message)
  }
}
</script>

<template>
  <FileField :label="label" accept="image/jpeg,image/png,image/webp" capture quiet @file="add" />
</template>
