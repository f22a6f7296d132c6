<script setup lang="ts">
import { alternateUses, noFacts, pieceSize, type AlternateUse, type CupboardItem } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { usePreferences } from '../stores/preferences.js'

/** What else a piece could be, with the sizes that use has and the checks it must pass. Both uses share one count. */
const props = defineProps<{ item: CupboardItem }>()
const emit = defineEmits<{ add: [item: CupboardItem] }>()
const { t } = useI18n()
const { length } = usePreferences()
const uses = computed(() => alternateUses(props.item.piece))
const add = (use: AlternateUse) => emit('add', { piece: use.piece, facts: { ...noFacts, breakable: props.item.facts.breakable } })
</script>

<template>
  <div v-if="uses.length > 0">
    <h3>{{ t('cupboard.otherUses') }}</h3>
    <ul>
      <li v-for="use in uses" :key="use.piece.id">
        <span
          >{{ use.piece.name }} <span class="soft small">{{ pieceSize(use.piece, length) }}</span></span
        >
        <span class="soft small">{{
          use.checks.map((check) => `${t(`cupboard.check.${check.code}`)}: ${t(`cupboard.answer.${check.answer}`)}`).join(' · ')
        }}</span>
        <el-button size="small" :disabled="use.checks.some((check) => check.answer === 'no')" @click="add(use)">{{ t('cupboard.addUse') }}</el-button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
ul {
  display: grid;
  gap: 8px;
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  gap: 3px;
  justify-items: start;
}
</style>
