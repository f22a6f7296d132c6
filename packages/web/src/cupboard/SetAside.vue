<script setup lang="ts">
import { onMounted, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import type { Dto } from '../api/client.js'

/** Rows that a newer version found to belong to nothing any more: kept, and shown here so that nobody looks for them in vain. */
const { t, te } = useI18n()
const rows = shallowRef<readonly Dto<'SetAside'>[]>([])
onMounted(async () => {
  rows.value = (await api.listSetAside().catch(() => undefined))?.rows ?? []
})

const why = (row: Dto<'SetAside'>) => (te(`cupboard.asideWhy.${row.why}`) ? t(`cupboard.asideWhy.${row.why}`) : row.why)
</script>

<template>
  <details v-if="rows.length > 0" class="soft small">
    <summary>{{ t('cupboard.aside', rows.length) }}</summary>
    <ul>
      <li v-for="row in rows" :key="row.id">
        {{ why(row) }} <code>{{ row.document }}</code>
      </li>
    </ul>
  </details>
</template>

<style scoped>
code {
  overflow-wrap: anywhere;
}
</style>
