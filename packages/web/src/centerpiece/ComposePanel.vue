<script setup lang="ts">
import { patternNames, type CenterpieceProposal, type Look, type PatternName } from '@hestiad/core'
import { computed, onUnmounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { list, percent } from '../findings/findingWords.js'
import { ruleNames } from '../shell/words/findings/ruleNames.js'
import ChoiceField from '../shell/ChoiceField.vue'
import { useLook } from '../stores/lookStore.js'
import type { Composing } from '../workers/composer.js'
import PatternMark from './PatternMark.vue'

/** Has the middle laid out by a pattern; another one, and another, each undone as one step. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const pattern = ref<PatternName>(props.look.school.pattern ?? 'flanked')
const from = ref<'house' | 'placed'>('house')
const seed = ref(0)
const running = shallowRef<Composing>()
const progress = ref({ done: 0, of: 1 })
const found = shallowRef<{ readonly proposal: CenterpieceProposal; readonly look: Look }>()
const told = ref('')
/** The proposal is what the table shows now. */
const isShown = computed(() => found.value !== undefined && store.look === found.value.look)
const unmet = computed(() => list([...new Set(found.value?.proposal.unmet.map((finding) => ruleNames[finding.code]) ?? [])]))

async function propose(): Promise<void> {
  if (isShown.value) store.undo()
  const base = store.look
  if (!base) return
  told.value = ''
  seed.value++
  progress.value = { done: 0, of: 1 }
  // loaded when it is first asked for: its worker carries the core once more
  const { compose } = await import('../workers/composer.js')
  const options = { pattern: pattern.value, seed: seed.value, from: from.value }
  running.value = compose({ look: base, options }, (done, of) => (progress.value = { done, of }))
  try {
    const proposal = await running.value.answer
    if (proposal === undefined) told.value = t('compose.canceled')
    else if (proposal === null) told.value = t('compose.none')
    else if (store.look === base) {
      store.apply(proposal.edit)
      found.value = { proposal, look: store.look }
    }
  } catch (error) {
    told.value = (error as Error).message
  } finally {
    running.value = undefined
  }
}

onUnmounted(() => running.value?.cancel())
</script>

<template>
  <section class="stack compose" :aria-label="t('compose.title')">
    <h3>{{ t('compose.title') }}</h3>
    <div class="patterns" role="radiogroup" :aria-label="t('compose.title')">
      <button
        v-for="name in patternNames"
        :key="name"
        class="plain pattern"
        role="radio"
        :aria-checked="pattern === name"
        :class="{ on: pattern === name }"
        @click="pattern = name"
      >
        <PatternMark :pattern="name" />
        <span class="small">{{ t(`compose.names.${name}`) }}</span>
      </button>
    </div>
    <ChoiceField
      v-model="from"
      :label="t('compose.from')"
      :choices="(['house', 'placed'] as const).map((value) => ({ value, label: t(`compose.${value}`) }))"
    />
    <div v-if="running" class="row between" role="status">
      <el-progress :percentage="Math.round((progress.done / progress.of) * 100)" :show-text="false" :stroke-width="6" class="bar" />
      <el-button size="small" @click="running.cancel()">{{ t('compose.cancel') }}</el-button>
    </div>
    <el-button v-else type="primary" size="small" @click="propose">{{ isShown ? t('compose.another') : t('compose.propose') }}</el-button>
    <p v-if="told" class="soft small" role="status">{{ told }}</p>
    <p v-else-if="isShown && found" class="soft small" role="status">
      {{ t('compose.score', { score: percent(found.proposal.score) }) }}
      <template v-if="unmet">{{ t('compose.unmet', { rules: unmet }) }}</template>
    </p>
  </section>
</template>

<style scoped>
.patterns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(82px, 1fr));
  gap: 6px;
}

.pattern {
  display: grid;
  gap: 2px;
  padding: 4px;
  border: 1px solid transparent;
  border-radius: var(--radius);
  line-height: 1.15;
}

.pattern:hover,
.pattern.on {
  border-color: var(--ember);
  background: var(--ember-soft);
}

.pattern :deep(svg) {
  width: 100%;
  max-width: 92px;
}

.bar {
  flex: 1;
}

h3,
p {
  margin: 0;
}
</style>
