<script setup lang="ts">
import { addDays, lookAgain, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatDate, today } from '../shell/dates.js'
import { useLook } from '../stores/lookStore.js'

/** On the day on which a look was to be looked at again, and after it: said once at the top, with what one does then. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const isDue = computed(() => props.look.lookAgainOn !== null && props.look.lookAgainOn <= today())
</script>

<template>
  <p v-if="isDue" class="again row between small" role="status">
    <span>{{ t('looks.again.due', { day: formatDate(look.lookAgainOn!) }) }}</span>
    <span class="row">
      <el-button class="plain link" @click="store.run(lookAgain, addDays(today(), 1))">{{ t('looks.again.tomorrow') }}</el-button>
      <el-button class="plain link" @click="store.run(lookAgain, null)">{{ t('looks.again.done') }}</el-button>
    </span>
  </p>
</template>

<style scoped>
.again {
  margin: 0;
  padding: 6px 10px;
  border-radius: var(--radius);
  background: var(--brass-soft);
}
</style>
