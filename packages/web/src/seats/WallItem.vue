<script setup lang="ts">
import { X } from '@lucide/vue'
import LengthField from '../shell/LengthField.vue'

/** One thing on a wall: what it is called, its measures, and a way to remove it. */
defineProps<{ name: string; drop: string; sizes: readonly { readonly label: string; readonly mm: number; readonly leastMm: number }[] }>()
const emit = defineEmits<{ set: [size: number, mm: number]; remove: [] }>()
</script>

<template>
  <div class="item">
    <strong class="small">{{ name }}</strong>
    <el-button class="plain" :aria-label="drop" @click="emit('remove')"><X :size="15" /></el-button>
    <slot />
    <LengthField
      v-for="(size, i) in sizes"
      :key="size.label"
      :label="size.label"
      :model-value="size.mm"
      :min-mm="size.leastMm"
      :max-mm="5000"
      @update:model-value="emit('set', i, $event)"
    />
  </div>
</template>

<style scoped>
.item {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 8px;
  align-items: end;
}

.item > button {
  justify-self: end;
}
</style>
