<script setup lang="ts">
import { X } from '@lucide/vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import PhotoInput from '../shell/PhotoInput.vue'
import TextField from '../shell/TextField.vue'
import type { Idea, IdeaFields } from './useIdeas.js'

/** Something seen: its picture, where it was, what is taken from it. */
defineProps<{ idea: Idea }>()
const emit = defineEmits<{ change: [part: Partial<IdeaFields>]; dropPhoto: []; remove: []; problem: [message: string] }>()
const { t } = useI18n()
const wrong = (text: string) => (text.trim() === '' ? t('ideas.sayWhat') : '')
</script>

<template>
  <article :class="{ done: idea.done }">
    <img v-if="idea.photoId" :src="`/api/photos/${idea.photoId}/large`" :alt="idea.what" loading="lazy" />
    <PhotoInput v-else class="photo" :label="t('ideas.photo')" @kept="emit('change', { photoId: $event })" @problem="$event && emit('problem', $event)" />
    <div class="stack">
      <TextField
        class="what"
        bare
        :rows="2"
        :label="t('ideas.what')"
        :model-value="idea.what"
        :wrong="wrong"
        @update:model-value="emit('change', { what: $event })"
      />
      <TextField
        class="source"
        bare
        :rows="2"
        :label="t('ideas.source')"
        :placeholder="t('ideas.sourceAs')"
        :model-value="idea.source"
        @update:model-value="emit('change', { source: $event })"
      />
      <TextField
        :label="t('ideas.takes')"
        :placeholder="t('ideas.takesAs')"
        :model-value="idea.takes"
        :max="1000"
        :rows="4"
        @update:model-value="emit('change', { takes: $event })"
      />
      <p class="row">
        <CheckField :label="t('ideas.used')" :model-value="idea.done" @update:model-value="emit('change', { done: $event })" />
        <span class="gap" />
        <el-button v-if="idea.photoId" class="plain link small" @click="emit('dropPhoto')">{{ t('cupboard.dropPhoto') }}</el-button>
        <el-button class="plain" :aria-label="t('ideas.remove', { what: idea.what })" @click="emit('remove')"><X :size="16" aria-hidden="true" /></el-button>
      </p>
    </div>
  </article>
</template>

<style scoped>
article {
  display: grid;
  align-content: start;
  overflow: hidden;
  border: 1px solid var(--hairline);
  border-radius: 10px;
  border-top: 3px solid var(--ember-soft);
  background: var(--paper);
}

.done img {
  opacity: 0.55;
}

img {
  width: 100%;
  height: 168px;
  object-fit: cover;
}

.photo {
  padding: 14px 14px 0;
}

.stack {
  gap: 4px;
  padding: 10px 16px 8px;
}

/* a note to read, which can be written on where one points */
.stack :deep(.el-textarea__inner),
.stack :deep(.el-input__wrapper) {
  margin-inline: -8px;
  padding-inline: 8px;
  background: transparent;
  box-shadow: none;
  resize: none;
}

.stack :deep(.el-textarea__inner:hover),
.stack :deep(.el-input__wrapper:hover) {
  box-shadow: 0 0 0 1px var(--hairline) inset;
}

.stack :deep(.el-textarea__inner:focus-visible),
.stack :deep(.el-input__wrapper.is-focus) {
  box-shadow: 0 0 0 1.5px var(--ember) inset;
}

.what :deep(.el-textarea__inner) {
  font: 560 17px/1.3 var(--serif);
  color: var(--ink);
}

.source :deep(.el-textarea__inner) {
  color: var(--soft-ink);
  font-style: italic;
}

p {
  margin: 0;
}

.gap {
  flex: 1;
}
</style>
