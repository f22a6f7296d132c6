<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { stepOf } from '../findings/findingWords.js'
import { useLook } from '../stores/lookStore.js'
import { isBegun } from './begun.js'
import { steps, type Step } from './steps.js'

defineProps<{ id: string; step: Step }>()
const { t } = useI18n()
const store = useLook()
const counts = computed(() => {
  const open = new Map<Step, number>()
  for (const finding of store.findings) {
    if (finding.severity !== 'note') open.set(stepOf(finding.code), (open.get(stepOf(finding.code)) ?? 0) + 1)
  }
  return open
})
</script>

<template>
  <nav class="rail" aria-label="Steps">
    <router-link
      v-for="s in steps"
      :key="s"
      :to="{ name: 'look', params: { id, step: s } }"
      :class="{ here: s === step }"
      :aria-current="s === step ? 'step' : undefined"
    >
      <span>{{ t(`step.${s}`) }}</span>
      <span v-if="counts.get(s)" class="count">{{ counts.get(s) }}</span>
      <span v-else-if="store.figures && store.look && isBegun(store.look, s)" class="fine" aria-hidden="true">✓</span>
    </router-link>
    <span class="gap" />
    <router-link to="/cupboard" class="other">{{ t('nav.cupboard') }}</router-link>
    <router-link to="/" class="other">{{ t('nav.occasions') }}</router-link>
  </nav>
</template>

<style scoped>
.rail {
  grid-area: rail;
  display: flex;
  flex-direction: column;
  gap: 2px;
  padding: 6px 0 12px;
}

a {
  display: flex;
  gap: 7px;
  align-items: center;
  padding: 7px 6px 7px 16px;
  border-left: 4px solid transparent;
  color: var(--ink);
  text-decoration: none;
}

a:hover {
  background: color-mix(in srgb, var(--ember-soft) 60%, transparent);
}

a.here {
  border-left-color: var(--ember);
  font: 600 14.5px var(--serif);
}

.count {
  min-width: 18px;
  padding: 0 5px;
  border-radius: 9px;
  background: var(--ember-soft);
  color: var(--ember);
  font: 650 11.5px/18px var(--sans);
  text-align: center;
}

.fine {
  color: var(--moss);
  font-size: 12px;
}

.gap {
  flex: 1;
}

.other {
  color: var(--soft-ink);
}

@media (max-width: 1100px) {
  .rail {
    flex-direction: row;
    padding: 0 12px 6px;
    overflow-x: auto;
  }

  a {
    flex: none;
    padding: 6px 10px;
    border-left: 0;
    border-bottom: 3px solid transparent;
    white-space: nowrap;
  }

  a.here {
    border-bottom-color: var(--ember);
  }
}
</style>
