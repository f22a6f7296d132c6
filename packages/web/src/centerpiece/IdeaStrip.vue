<script setup lang="ts">
import type { Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import MiniTable from '../board/MiniTable.vue'
import { percent } from '../findings/findingWords.js'
import type { ComposerState } from './useComposer.js'

/** Small pictures of the ideas; the one picked is laid at once. */
const props = defineProps<{ composer: ComposerState }>()
const { t } = useI18n()
const ideas = computed(() => props.composer.composed.value?.ideas ?? [])
const looks = computed<readonly Look[]>(() => ideas.value.map(props.composer.lookOf))
</script>

<template>
  <ul class="strip" :aria-label="t('compose.ideas')">
    <li v-for="(idea, i) in ideas" :key="i">
      <button
        class="plain"
        :class="{ on: idea === composer.shown.value }"
        :aria-pressed="idea === composer.shown.value"
        :aria-label="t('compose.idea', { pattern: t(`compose.names.${idea.pattern}`), score: percent(idea.score.total) })"
        @click="composer.lay(idea)"
      >
        <MiniTable :look="looks[i]!" />
        <span class="small">{{ t(`compose.names.${idea.pattern}`) }}</span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.strip {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(124px, 1fr));
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}

button {
  display: grid;
  gap: 2px;
  width: 100%;
  padding: 4px;
  border: 1px solid var(--hairline);
  border-radius: var(--radius);
  background: var(--paper);
  text-align: start;
}

button :deep(svg) {
  height: 84px;
}

button:hover,
.on {
  border-color: var(--ember);
}

.on {
  box-shadow: inset 0 0 0 1px var(--ember);
}
</style>
