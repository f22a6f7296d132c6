<script setup lang="ts">
import type { Idea, Look, OnlyPart } from '@hestiad/core'
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
const patterns = computed(() => new Set(ideas.value.map((idea) => idea.pattern)))

const partIds: Readonly<Record<OnlyPart, (cast: Idea['cast']) => readonly (string | null)[]>> = {
  flowers: ({ focalId }) => [focalId],
  lights: ({ lightId }) => [lightId],
  ends: ({ accentId, focalId, lightId }) => [focalId ?? accentId, lightId]
}

/** What tells it from the others: its pattern; within one the flowers and what leads; or what alone was composed. */
function nameOf(idea: Idea): string {
  const { focalId, heroId, baseId } = idea.cast
  if (!only.value && patterns.value.size > 1 && idea.pattern) return t(`compose.names.${idea.pattern}`)
  const ids = only.value ? partIds[only.value](idea.cast) : [focalId, baseId ?? heroId]
  const names = ids.flatMap((id) => looks.value[0]?.pieces.find((piece) => piece.id === id)?.name ?? [])
  return names.join(', ') || (idea.pattern ? t(`compose.names.${idea.pattern}`) : t('compose.asItStands'))
}

const looks = computed<readonly Look[]>(() => ideas.value.map(props.composer.lookOf))
</script>

<template>
  <ul class="strip" :aria-label="t('compose.ideas')">
    <li v-for="(idea, i) in ideas" :key="i">
      <el-button
        class="plain"
        :class="{ on: idea === composer.shown.value }"
        :aria-pressed="idea === composer.shown.value"
        :data-pattern="idea.pattern"
        :aria-label="t('compose.idea', { pattern: nameOf(idea), score: percent(idea.score.total) })"
        @click="composer.lay(idea)"
      >
        <MiniTable :look="looks[i]!" close />
        <span class="small">{{ nameOf(idea) }}</span>
      </el-button>
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

/* the picture over its words */
.strip .plain {
  display: grid;
  gap: 2px;
  width: 100%;
  padding: 4px;
  border: 1px solid var(--hairline);
  border-radius: var(--radius);
  background: var(--paper);
}

.strip .plain :deep(svg) {
  width: 100%;
  height: 64px;
}

.strip .plain:hover,
.strip .on {
  border-color: var(--ember);
}

.strip .on {
  box-shadow: inset 0 0 0 1px var(--ember);
}
</style>
