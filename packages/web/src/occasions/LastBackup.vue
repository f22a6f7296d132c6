<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import type { Dto } from '../api/client.js'
import { formatMoment } from '../shell/dates.js'
import { usePreferences } from '../stores/preferences.js'

/** When everything was last copied, and where to; a copy that could not be made is said aloud. */
const { t } = useI18n()
const preferences = usePreferences()
const last = shallowRef<Dto<'LastBackup'>>()
onMounted(async () => {
  last.value = await api.lastBackup().catch(() => undefined)
})

const told = computed(() => {
  if (!last.value) return ''
  const { atMs, file, problem } = last.value
  if (atMs === null) return problem === '' ? t('occasions.backupNone') : t('occasions.backupFailedNone', { problem })
  const when = formatMoment(atMs, preferences.hours)
  return problem === '' ? t('occasions.backup', { when, file }) : t('occasions.backupFailed', { when, problem })
})
</script>

<template>
  <p v-if="told" :class="['backup', last?.problem ? 'bad' : '']" :role="last?.problem ? 'alert' : undefined">{{ told }}</p>
</template>

<style scoped>
.backup {
  margin: 6px 0 0;
  overflow-wrap: anywhere;
}
</style>
