<script setup lang="ts">
import { applyEdit, type Edit, type Look } from '@hestiad/core'
import { MoveRight } from '@lucide/vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import MiniTable from '../board/MiniTable.vue'

/** The plan as it is and as a remedy leaves it, small, side by side. */
const props = defineProps<{ look: Look; edit: Edit }>()
const { t } = useI18n()
const after = computed(() => applyEdit(props.look, props.edit))
</script>

<template>
  <span class="preview" role="img" :aria-label="t('findings.beforeAfter')">
    <MiniTable :look="look" close /><MoveRight :size="14" aria-hidden="true" /><MiniTable :look="after" close />
  </span>
</template>

<style scoped>
.preview {
  display: grid;
  grid-template-columns: minmax(0, 130px) 14px minmax(0, 130px);
  gap: 6px;
  align-items: center;
  margin-top: 3px;
}
</style>
