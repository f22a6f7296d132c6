<script setup lang="ts">
import { formatMoney, type Receipt } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'

/** What an order comes to, part by part; parts that are nothing are left out. */
const props = defineProps<{ receipt: Receipt; currency: string; coupon: string }>()
const { t } = useI18n()
const money = (cents: number) => formatMoney(cents, props.currency)
const parts = computed(() =>
  [
    { name: t('buy.goods'), cents: props.receipt.goodsCents },
    { name: `${t('buy.coupon')} ${props.coupon}`, cents: -props.receipt.couponCents },
    { name: t('buy.deliveryCost'), cents: props.receipt.deliveryCents },
    { name: t('buy.tax'), cents: props.receipt.taxCents }
  ].filter((part) => part.cents !== 0)
)
</script>

<template>
  <dl>
    <template v-if="parts.length > 1">
      <template v-for="part in parts" :key="part.name">
        <dt>{{ part.name }}</dt>
        <dd>{{ money(part.cents) }}</dd>
      </template>
    </template>
    <dt class="sum">{{ t('buy.sum') }}</dt>
    <dd class="sum">{{ money(receipt.totalCents) }}</dd>
  </dl>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  margin: 4px 0 0;
  font-size: 13px;
}

dt {
  color: var(--soft-ink);
}

dd {
  margin: 0;
  text-align: end;
}

.sum {
  font-weight: 650;
  color: var(--ink);
}
</style>
