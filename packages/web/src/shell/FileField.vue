<script setup lang="ts">
/** Takes a file from the disk, the camera, or dropped on it. */
defineProps<{ label: string; accept: string; capture?: boolean; quiet?: boolean }>()
const emit = defineEmits<{ file: [file: File] }>()
</script>

<template>
  <el-upload
    class="file-field"
    :accept="accept"
    :auto-upload="false"
    :show-file-list="false"
    :capture="capture ? 'environment' : undefined"
    @change="$event.raw && emit('file', $event.raw as File)"
  >
    <!-- the upload is the button itself -->
    <span :class="quiet ? 'link' : 'el-button'">{{ label }}</span>
  </el-upload>
</template>

<style scoped>
.file-field {
  display: inline-block;
}
</style>
