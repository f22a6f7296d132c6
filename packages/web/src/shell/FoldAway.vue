<script setup lang="ts">
import { ref, watch } from 'vue'

/** A part one opens when it is wanted; what it holds is made when it first opens. */
const props = defineProps<{ title: string; open?: boolean }>()
const emit = defineEmits<{ opened: [open: boolean] }>()
const shown = ref<string[]>(props.open ? ['part'] : [])
const begun = ref(props.open)
watch(shown, (list) => {
  begun.value ||= list.length > 0
  emit('opened', list.length > 0)
})
</script>

<template>
  <el-collapse v-model="shown" class="fold-away">
    <el-collapse-item name="part" :title="title">
      <template v-if="begun"><slot /></template>
    </el-collapse-item>
  </el-collapse>
</template>

<style scoped>
.fold-away {
  border: 0;
}

.fold-away :deep(.el-collapse-item__header) {
  height: auto;
  min-height: 30px;
  gap: 6px;
  padding: 3px 0;
  border: 0;
  background: none;
  color: var(--ink);
  font: 560 14.5px/1.3 var(--serif);
  text-align: start;
}

.fold-away.small :deep(.el-collapse-item__header) {
  min-height: 24px;
  padding: 0;
  color: var(--soft-ink);
  font: 500 12.5px/1.3 var(--sans);
}

.fold-away :deep(.el-collapse-item__wrap) {
  border: 0;
  background: none;
}

.fold-away :deep(.el-collapse-item__content) {
  display: grid;
  gap: 10px;
  padding: 4px 0 8px;
  color: var(--ink);
  font-size: inherit;
}
</style>
