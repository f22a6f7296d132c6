<script setup lang="ts">
import { traits, type TasteChoice, type Trait } from '@hestiad/core'
import { computed, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import FoldAway from '../shell/FoldAway.vue'
import { useTaste } from '../stores/taste.js'

/** What was learned from the looks that were kept and dropped: shown, and forgotten when asked. */
defineProps<{ open?: boolean }>()
const { t } = useI18n()
const store = useTaste()
const MOST_SHOWN = 6
/** A leaning weaker than this is not worth a word. */
const WORD_FROM = 0.15
const leanings = computed(() => {
  const { weights } = store.taste
  const strongest = Math.max(1, ...traits.map((trait) => Math.abs(weights[trait])))
  return traits
    .filter((trait) => Math.abs(weights[trait]) >= WORD_FROM)
    .sort((a, b) => Math.abs(weights[b]) - Math.abs(weights[a]))
    .slice(0, MOST_SHOWN)
    .map((trait) => ({ trait, words: words(trait, weights[trait]), share: Math.abs(weights[trait]) / strongest }))
})
const words = (trait: Trait, weight: number) => t(`looks.taste.${trait}.${weight > 0 ? 'more' : 'less'}`)

const forgotten = shallowRef<readonly TasteChoice[]>()
function restore(): void {
  if (forgotten.value) store.restore(forgotten.value)
  forgotten.value = undefined
}
</script>

<template>
  <FoldAway v-if="store.choices.length > 0" class="small" :open="open" :title="t('looks.taste.title', store.choices.length)">
    <ul v-if="leanings.length > 0">
      <li v-for="one in leanings" :key="one.trait">
        <span>{{ one.words }}</span><span class="bar" aria-hidden="true"><span :style="{ width: `${Math.round(100 * one.share)}%` }" /></span>
      </li>
    </ul>
    <p v-else class="soft">{{ t('looks.taste.nothing') }}</p>
    <p class="soft">{{ t('looks.taste.does') }}</p>
    <el-button class="plain link" @click="forgotten = store.forget()">{{ t('looks.taste.forget') }}</el-button>
  </FoldAway>
  <p v-else-if="forgotten" class="small" role="status">
    {{ t('looks.taste.forgotten') }} <el-button class="plain link" @click="restore">{{ t('looks.taste.restore') }}</el-button>
  </p>
</template>

<style scoped>
ul {
  display: grid;
  gap: 4px;
  margin: 0 0 6px;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 90px;
  gap: 10px;
  align-items: center;
}

.bar {
  height: 6px;
  border-radius: 3px;
  background: var(--hairline);
}

.bar > span {
  display: block;
  height: 100%;
  border-radius: 3px;
  background: var(--ember);
}

p {
  margin: 0 0 6px;
}
</style>
