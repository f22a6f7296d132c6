<script setup lang="ts">
/** One figure of the ledger line; a press opens what it is made of. */
defineProps<{ label: string; value: string; alarm?: boolean; wide?: boolean }>()
defineSlots<{ default(): unknown; under(): unknown }>()
</script>

<template>
  <el-popover trigger="click" placement="top" :width="270" :show-after="0" :persistent="false">
    <template #reference>
      <el-button class="plain figure" :class="{ alarm, wide }">
        <span class="label">{{ label }}</span>
        <span class="value">{{ value }}</span>
        <slot name="under" />
      </el-button>
    </template>
    <div class="made-of"><slot /></div>
  </el-popover>
</template>

<style scoped>
.figure {
  display: grid;
  align-content: center;
  flex: none;
  padding: 0 18px;
  border-right: 1px solid var(--hairline);
}

.figure.wide {
  width: 168px;
}

.figure:hover {
  background: var(--linen);
}

.label {
  font-size: 12px;
  line-height: 1.2;
  color: var(--soft-ink);
}

.value {
  font: 560 18px/1.25 var(--serif);
  white-space: nowrap;
}

.alarm .value {
  color: var(--ember);
}

.made-of {
  color: var(--ink);
  text-align: start;
}
</style>
