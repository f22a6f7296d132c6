<script setup lang="ts">
import type { Look } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatMoney } from '@hestiad/core'
import { useLook } from '../stores/lookStore.js'
import BudgetBars from './BudgetBars.vue'
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
const parts = { shop: ShoppingTab, needs: NeedsTab, budget: BudgetTab, spent: SpentTab, compare: CompareTab } as const
const list = computed(() => store.figures?.money)
const money = (cents: number) => formatMoney(cents, props.look.money.currency)
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
    <BudgetBars :look="look" :list="list" />
    <!-- the package’s types do not admit exact optional properties -->
    <el-tabs v-bind="{ modelValue: tab } as object" class="tabs" @update:model-value="tab = $event as typeof tab">
      <el-tab-pane v-for="name in tabs" :key="name" :name="name" :label="t(`buy.tabs.${name}`)" lazy>
        <component :is="parts[name]" v-if="tab === name || name === 'shop'" :look="look" :list="list" />
      </el-tab-pane>
    </el-tabs>
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
  min-width: 0;
}
</style>
