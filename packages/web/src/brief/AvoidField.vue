<script setup lang="ts">
import { useId } from 'vue'
import { useI18n } from 'vue-i18n'

/** Words for what must not be on the table; each is said once. */
defineProps<{ words: readonly string[]; label: string }>()
const emit = defineEmits<{ change: [words: readonly string[]] }>()
const { t } = useI18n()
const id = useId()
const MOST = 20

const once = (words: readonly string[]) => words.map((word) => word.trim()).filter((word, i, all) => word !== '' && all.indexOf(word) === i)
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <el-input-tag
      :id="id"
      :model-value="[...words]"
      :max="MOST"
      :placeholder="words.length === 0 ? t('meant.avoidAs') : ''"
      save-on-blur
      @update:model-value="emit('change', once(($event as string[] | undefined) ?? []))"
    />
  </div>
</template>
