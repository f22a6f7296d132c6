<script setup lang="ts">
import type { Look } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatAmount } from '@hestiad/core'
import { useLook } from '../stores/lookStore.js'
import BudgetTab from './BudgetTab.vue'
import CompareTab from './CompareTab.vue'
import NeedsTab from './NeedsTab.vue'
import ShoppingTab from './ShoppingTab.vue'
import SpentTab from './SpentTab.vue'

/** Buying: what to get where, why it is needed, the budget, and what was really spent. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const tabs = ['shop', 'needs', 'budget', 'spent', 'compare'] as const
const tab = ref<(typeof tabs)[number]>('shop')
const list = computed(() => store.figures?.money)
const money = (cents: number) => formatAmount(cents, props.look.money.currency)

function step(by: number): void {
  tab.value = tabs[(tabs.indexOf(tab.value) + by + tabs.length) % tabs.length]!
  document.getElementById(`buy-tab-${tab.value}`)?.focus()
}
</script>

<template>
  <div v-if="list" class="stack">
    <dl class="sums" :class="{ over: list.leftCents < 0 }">
      <div>
        <dt>{{ t('buy.working') }}</dt>
        <dd>{{ money(list.workingCents) }}</dd>
      </div>
      <div>
        <dt>{{ t('buy.total') }}</dt>
        <dd>{{ money(list.spendCents) }}</dd>
      </div>
      <div class="left">
        <dt>{{ t('buy.left') }}</dt>
        <dd>{{ money(list.leftCents) }}</dd>
      </div>
    </dl>
    <div class="tabs" role="tablist" @keydown.right.prevent="step(1)" @keydown.left.prevent="step(-1)">
      <button
        v-for="name in tabs"
        :id="`buy-tab-${name}`"
        :key="name"
        role="tab"
        :aria-selected="tab === name"
        aria-controls="buy-tab-panel"
        :tabindex="tab === name ? 0 : -1"
        @click="tab = name"
      >
        {{ t(`buy.tabs.${name}`) }}
      </button>
    </div>
    <div id="buy-tab-panel" role="tabpanel" :aria-labelledby="`buy-tab-${tab}`" class="stack">
      <ShoppingTab v-show="tab === 'shop'" :look="look" :list="list" />
      <NeedsTab v-if="tab === 'needs'" :look="look" />
      <BudgetTab v-else-if="tab === 'budget'" :look="look" :list="list" />
      <SpentTab v-else-if="tab === 'spent'" :look="look" :list="list" />
      <CompareTab v-else-if="tab === 'compare'" :look="look" />
    </div>
  </div>
</template>

<style scoped>
.sums {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  margin: 0;
}

dt {
  font-size: 12.5px;
  color: var(--soft-ink);
}

dd {
  margin: 0;
  font: 560 17px var(--serif);
}

.over .left dd {
  color: var(--ember);
}

.tabs {
  display: flex;
  gap: 11px;
  border-bottom: 1px solid var(--hairline-strong);
}

.tabs button {
  margin-bottom: -1px;
  padding: 5px 0;
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  color: var(--soft-ink);
  font: inherit;
  font-size: 13.5px;
  cursor: pointer;
}

.tabs button[aria-selected='true'] {
  border-bottom-color: var(--ember);
  color: var(--ink);
  font-weight: 600;
}
</style>
