<script setup lang="ts">
import type { Idea, Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import MiniTable from '../board/MiniTable.vue'
import { percent } from '../findings/findingWords.js'
import type { ComposerState } from './useComposer.js'

/** Small pictures of the ideas; the one picked is laid at once. */
const props = defineProps<{ composer: ComposerState }>()
const { t } = useI18n()
const ideas = computed(() => props.composer.composed.value?.ideas ?? [])
const only = computed(() => props.composer.composed.value?.only ?? null)
/** What tells it from the others: its pattern, or the flowers or lights that alone were composed. */
function nameOf(idea: Idea): string {
  const id = only.value === 'flowers' ? idea.cast.focalId : only.value === 'lights' ? idea.cast.lightId : null
  const piece = looks.value[0]?.pieces.find((one) => one.id === id)
  return piece?.name ?? (idea.pattern ? t(`compose.names.${idea.pattern}`) : t('compose.asItStands'))
}
const looks = computed<readonly Look[]>(() => ideas.value.map(props.composer.lookOf))
</script>

<template>
  <ul class="strip" :aria-label="t('compose.ideas')">
    <li v-for="(idea, i) in ideas" :key="i">
      <button
        class="plain"
        :class="{ on: idea === composer.shown.value }"
        :aria-pressed="idea === composer.shown.value"
        :aria-label="t('compose.idea', { pattern: nameOf(idea), score: percent(idea.score.total) })"
        @click="composer.lay(idea)"
      >
        <MiniTable :look="looks[i]!" />
        <span class="small">{{ nameOf(idea) }}</span>
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
