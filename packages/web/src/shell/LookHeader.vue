<script setup lang="ts">
import { formatClock, type Look } from '@hestiad/core'
import { Download, Keyboard, Moon, Redo2, Sun, Undo2 } from '@lucide/vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import { formatDate } from './dates.js'

const props = defineProps<{ look: Look }>()
const emit = defineEmits<{ keys: [] }>()
const { t } = useI18n()
const store = useLook()
const preferences = usePreferences()
const when = computed(
  () =>
    `${props.look.occasion.place} · ${formatDate(props.look.occasion.date)}, ${formatClock(props.look.occasion.arriveMin)} · ${t('occasions.guests', props.look.guests.length)}`
)
const fileUrl = computed(() => `/api/looks/${store.id}/file`)
</script>

<template>
  <header>
    <router-link to="/" class="brand">{{ t('app.name') }}</router-link>
    <div class="title">
      <h1>{{ look.occasion.title }}</h1>
      <span class="soft small when">{{ when }}</span>
    </div>
    <span class="name">{{ look.name }}</span>
    <span class="state small" :class="store.saveState" role="status" :title="store.problem">{{ t(`save.${store.saveState}`) }}</span>
    <nav class="tools">
      <button class="icon" :aria-label="t('nav.undo')" :title="`${t('nav.undo')} (z)`" :disabled="store.past.length === 0" @click="store.undo()">
        <Undo2 :size="17" />
      </button>
      <button class="icon" :aria-label="t('nav.redo')" :title="`${t('nav.redo')} (Z)`" :disabled="store.future.length === 0" @click="store.redo()">
        <Redo2 :size="17" />
      </button>
      <button class="icon text" :aria-label="t('nav.units')" :title="t('nav.units')" @click="preferences.unit = preferences.unit === 'in' ? 'cm' : 'in'">
        {{ preferences.unit }}
      </button>
      <button class="icon" :aria-label="t('nav.theme')" :title="t('nav.theme')" @click="preferences.theme = preferences.theme === 'day' ? 'evening' : 'day'">
        <Moon v-if="preferences.theme === 'day'" :size="17" /><Sun v-else :size="17" />
      </button>
      <a class="icon" :href="fileUrl" download :aria-label="t('nav.export')" :title="t('nav.export')"><Download :size="17" /></a>
      <button class="icon" :aria-label="t('nav.keys')" :title="`${t('nav.keys')} (?)`" @click="emit('keys')"><Keyboard :size="17" /></button>
    </nav>
  </header>
</template>

<style scoped>
header {
  grid-area: head;
  display: flex;
  gap: 20px;
  align-items: center;
  min-width: 0;
  padding: 0 18px;
}

.brand {
  width: 82px;
  flex: none;
  font: 650 20px var(--serif);
  color: var(--ember);
  text-decoration: none;
}

.title {
  display: flex;
  gap: 12px;
  align-items: baseline;
  min-width: 0;
  flex: 1;
}

h1 {
  font-size: 19px;
  white-space: nowrap;
}

.when {
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.name {
  font-weight: 600;
  white-space: nowrap;
  border-bottom: 2px solid var(--ember);
}

.state {
  min-width: 64px;
  color: var(--soft-ink);
  white-space: nowrap;
}

.state.offline,
.state.refused,
.state.conflict {
  color: var(--ember);
  font-weight: 600;
}

.tools {
  display: flex;
  gap: 2px;
}

.icon {
  display: grid;
  place-items: center;
  width: 32px;
  height: 32px;
  border: 0;
  border-radius: 50%;
  background: none;
  color: var(--ink);
  cursor: pointer;
}

.icon.text {
  font-weight: 650;
}

.icon:hover:not(:disabled) {
  background: var(--ember-soft);
}

.icon:disabled {
  color: var(--hairline-strong);
  cursor: default;
}

@media (max-width: 1000px) {
  .name {
    display: none;
  }
}

@media (max-width: 820px) {
  .when {
    display: none;
  }
}
</style>
