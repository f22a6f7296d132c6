<script setup lang="ts">
import { noFacets, type Facets } from '@hestiad/core'
import { computed, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { same, useKeptSearches, type KeptSearch } from './keptSearches.js'

/** Searches one makes again and again: kept as they are set, made by one press, dropped, and brought back. */
const props = defineProps<{ query: string; facets: Facets; narrowed: boolean }>()
const emit = defineEmits<{ search: [search: KeptSearch] }>()
const { t } = useI18n()
const { kept, has, keep, drop } = useKeptSearches()
const dropped = shallowRef<KeptSearch>()
const now = computed<KeptSearch>(() => ({ query: props.query, facets: props.facets }))

/** By what it asks for. */
function nameOf({ query, facets }: KeptSearch): string {
  const { kinds, materials, seasons, rooms, state, sinceDay } = facets
  const parts = [
    query,
    ...kinds.map((kind) => t(`kind.${kind}`)),
    ...materials,
    ...rooms,
    ...seasons.map((season) => t(`cupboard.values.${season}`)),
    state === noFacets.state ? '' : t(`cupboard.states.${state}`),
    state === 'unused-since' ? sinceDay : ''
  ]
  return parts.filter((part) => part !== '').join(' · ')
}

function takeAway(search: KeptSearch): void {
  drop(search)
  dropped.value = search
}

function bringBack(): void {
  if (dropped.value) keep(dropped.value)
  dropped.value = undefined
}
</script>

<template>
  <p v-if="kept.length > 0 || narrowed || dropped" class="row kept small">
    <span v-if="kept.length > 0" class="soft">{{ t('cupboard.searches.title') }}</span>
    <span v-for="search in kept" :key="nameOf(search)" class="one" :class="{ on: same(search, now) }">
      <el-button class="plain" @click="emit('search', search)">{{ nameOf(search) }}</el-button>
      <el-button class="plain" :aria-label="t('cupboard.searches.drop', { name: nameOf(search) })" @click="takeAway(search)">×</el-button>
    </span>
    <el-button v-if="narrowed && !has(now)" class="plain link" @click="keep(now)">{{ t('cupboard.searches.keep') }}</el-button>
    <el-button v-if="dropped" class="plain link" @click="bringBack">{{ t('cupboard.searches.back', { name: nameOf(dropped) }) }}</el-button>
  </p>
</template>

<style scoped>
.kept {
  flex-wrap: wrap;
  gap: 6px 10px;
  margin: 0 0 8px;
}

.one {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  padding: 2px 8px;
  border: 1px solid var(--hairline);
  border-radius: 12px;
}

.on {
  border-color: var(--ember);
}
</style>
