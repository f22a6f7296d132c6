<script setup lang="ts">
import type { Look } from '@hestiad/core'
import { Download, Keyboard, Minus, Moon, Plus, Redo2, Search, Sun, Undo2 } from '@lucide/vue'
import { computed, defineAsyncComponent } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import { formatDate } from './dates.js'
import { useGuestCount } from './useGuestCount.js'

const props = defineProps<{ look: Look }>()
const emit = defineEmits<{ keys: []; find: [] }>()
const { t } = useI18n()
const store = useLook()
const preferences = usePreferences()
const { count } = useGuestCount(() => props.look)
const when = computed(() => `${props.look.occasion.place} · ${formatDate(props.look.occasion.date)}, ${preferences.clock(props.look.occasion.arriveMin)}`)
// its menu may come after the table
const LooksMenu = defineAsyncComponent(() => import('./LooksMenu.vue'))
const fileUrl = computed(() => `/api/looks/${store.id}/file`)
</script>

<template>
  <header>
    <router-link to="/" class="brand">{{ t('app.name') }}</router-link>
    <div class="title">
      <h1 :title="look.occasion.title">{{ look.occasion.title }}</h1>
      <span class="soft small when">{{ when }}</span>
    </div>
    <span class="guests" :title="t('newOccasion.guests')">
      <el-button class="plain step-by" :aria-label="t('looks.guestLess')" :disabled="count <= 1" @click="count--"><Minus :size="14" /></el-button>
      <span>{{ t('occasions.guests', count) }}</span>
      <el-button class="plain step-by" :aria-label="t('looks.guestMore')" :disabled="count >= 100" @click="count++"><Plus :size="14" /></el-button>
    </span>
    <LooksMenu :look="look" />
    <span class="state small" :class="store.saveState" role="status" :title="store.problem">{{ t(`save.${store.saveState}`) }}</span>
    <nav class="tools" :aria-label="t('nav.tools')">
      <el-button class="plain icon" :aria-label="t('find.title')" :title="`${t('find.title')} (Ctrl K)`" @click="emit('find')"><Search :size="17" /></el-button>
      <el-button class="plain icon" :aria-label="t('nav.undo')" :title="`${t('nav.undo')} (z)`" :disabled="store.past.length === 0" @click="store.undo()">
        <Undo2 :size="17" />
      </el-button>
      <el-button class="plain icon" :aria-label="t('nav.redo')" :title="`${t('nav.redo')} (Z)`" :disabled="store.future.length === 0" @click="store.redo()">
        <Redo2 :size="17" />
      </el-button>
      <el-button
        class="plain icon text"
        :aria-label="t('nav.units')"
        :title="t('nav.units')"
        @click="preferences.unit = preferences.unit === 'in' ? 'cm' : 'in'"
      >
        {{ preferences.unit }}
      </el-button>
      <el-button
        class="plain icon"
        :aria-label="t('nav.theme')"
        :title="t('nav.theme')"
        @click="preferences.theme = preferences.theme === 'day' ? 'evening' : 'day'"
      >
        <Moon v-if="preferences.theme === 'day'" :size="17" /><Sun v-else :size="17" />
      </el-button>
      <a class="icon" :href="fileUrl" download :aria-label="t('nav.export')" :title="t('nav.export')"><Download :size="17" /></a>
      <el-button class="plain icon keys" :aria-label="t('nav.keys')" :title="`${t('nav.keys')} (?)`" @click="emit('keys')"><Keyboard :size="17" /></el-button>
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
  overflow: hidden;
  font-size: 19px;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.when {
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.guests {
  display: flex;
  gap: 6px;
  align-items: center;
  white-space: nowrap;
}

.step-by {
  display: grid !important;
  place-content: center;
  width: 24px;
  height: 24px !important;
  border: 1px solid var(--hairline-strong) !important;
  border-radius: 50%;
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

a.icon,
.tools .icon {
  display: grid !important;
  place-content: center;
  width: 32px;
  height: 32px !important;
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
  .when {
    display: none;
  }
}

@media (max-width: 900px) {
  header {
    gap: 10px;
    padding: 0 10px;
  }

  /* a tablet has no keys */
  .state,
  .tools .keys {
    display: none !important;
  }
}

@media (max-width: 700px) {
  .guests {
    display: none;
  }
}

/* on a phone units, theme and file are among the commands that are searched */
@media (max-width: 620px) {
  .title,
  .tools > :nth-child(n + 4) {
    display: none !important;
  }
}
</style>
