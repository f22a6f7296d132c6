<script setup lang="ts">
import SelectField from './SelectField.vue'
import { Moon, Sun } from '@lucide/vue'
import { useI18n } from 'vue-i18n'
import { currencies, usePreferences } from '../stores/preferences.js'

/** The head of a page without a Board. */
defineProps<{ title: string; here: 'occasions' | 'cupboard' | 'shops' | 'ideas' | 'style' }>()
const { t } = useI18n()
const preferences = usePreferences()
</script>

<template>
  <header>
    <router-link to="/" class="brand">{{ t('app.name') }}</router-link>
    <nav>
      <router-link to="/" :class="{ here: here === 'occasions' }">{{ t('nav.occasions') }}</router-link>
      <router-link to="/cupboard" :class="{ here: here === 'cupboard' }">{{ t('nav.cupboard') }}</router-link>
      <router-link to="/shops" :class="{ here: here === 'shops' }">{{ t('nav.shops') }}</router-link>
      <router-link to="/ideas" :class="{ here: here === 'ideas' }">{{ t('ideas.title') }}</router-link>
      <router-link to="/style" :class="{ here: here === 'style' }">{{ t('style.title') }}</router-link>
    </nav>
    <span class="gap" />
    <SelectField
      v-model="preferences.currency"
      class="currency"
      bare
      :label="t('nav.currency')"
      :choices="currencies.map((value) => ({ value, label: value }))"
    />
    <el-button class="plain icon" :aria-label="t('nav.units')" :title="t('nav.units')" @click="preferences.unit = preferences.unit === 'in' ? 'cm' : 'in'">
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
  </header>
  <div class="heading">
    <h1>{{ title }}</h1>
    <div class="row"><slot /></div>
  </div>
</template>

<style scoped>
header {
  display: flex;
  gap: 26px;
  align-items: center;
  height: 58px;
}

.brand {
  font: 650 21px var(--serif);
  color: var(--ember);
  text-decoration: none;
}

nav {
  display: flex;
  gap: 18px;
}

nav a {
  padding: 4px 0;
  color: var(--ink);
  text-decoration: none;
  border-bottom: 2px solid transparent;
}

nav a.here {
  border-bottom-color: var(--ember);
  font-weight: 600;
}

.gap {
  flex: 1;
}

.currency {
  width: 108px;
}

.icon {
  display: grid;
  place-items: center;
  width: 32px;
  height: 32px;
  border: 0;
  border-radius: 50%;
  background: none;
  font-weight: 650;
  cursor: pointer;
}

.icon:hover {
  background: var(--ember-soft);
}

.heading {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  padding: 22px 0 6px;
}

h1 {
  font-size: 30px;
}

/* on a phone the pages stand below the name */
@media (max-width: 620px) {
  header {
    flex-wrap: wrap;
    gap: 4px 10px;
    height: auto;
    padding-top: 10px;
  }

  nav {
    order: 1;
    width: 100%;
  }

  .heading {
    padding-top: 12px;
  }
}
</style>
