<script setup lang="ts">
import { changeBorrowed, pieceIndex, removeBorrowed, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'

/** What is lent for the day: how many of what, whose, and when it goes back. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const index = computed(() => pieceIndex(props.look))
const nameOf = (pieceId: string) => index.value.get(pieceId)?.name ?? pieceId
</script>

<template>
  <section class="borrowed">
    <h3>{{ t('buy.borrowed') }}</h3>
    <div v-for="one in look.buying.borrowed" :key="one.id" class="one">
      <span class="name">{{ one.count }} × {{ nameOf(one.pieceId) }}</span>
      <el-button text size="small" @click="store.run(removeBorrowed, one.id)">{{ t('buy.notBorrowed') }}</el-button>
      <el-input
        :model-value="one.from"
        size="small"
        maxlength="200"
        :placeholder="t('buy.borrowedFrom')"
        :aria-label="`${t('buy.borrowedFrom')}: ${nameOf(one.pieceId)}`"
        @change="store.run(changeBorrowed, one.id, { from: String($event) })"
      />
      <el-date-picker
        :model-value="one.backDay ?? ''"
        value-format="YYYY-MM-DD"
        :placeholder="t('buy.backDay')"
        :aria-label="`${t('buy.backDay')}: ${nameOf(one.pieceId)}`"
        @update:model-value="store.run(changeBorrowed, one.id, { backDay: typeof $event === 'string' && $event !== '' ? $event : null })"
      />
    </div>
  </section>
</template>

<style scoped>
.one {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 8px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}

.one > :nth-child(n + 3) {
  width: 100%;
  grid-column: 1 / -1;
}

.name {
  font-weight: 600;
}
</style>
