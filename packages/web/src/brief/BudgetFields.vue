<script setup lang="ts">
import CountField from '../shell/CountField.vue'
import { changeBudget, type Look } from '@hestiad/core'
import { useI18n } from 'vue-i18n'
import AmountField from '../shell/AmountField.vue'
import { useLook } from '../stores/lookStore.js'

/** The budget and the reserve put aside first. */
defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
</script>

<template>
  <div class="pair">
    <AmountField
      :label="t('newOccasion.budget')"
      :model-value="look.money.totalCents"
      :currency="look.money.currency"
      @update:model-value="store.run(changeBudget, { totalCents: $event })"
    />
    <CountField
      :label="t('newOccasion.reserve')"
      :model-value="look.money.reservePercent"
      @update:model-value="store.run(changeBudget, { reservePercent: $event })"
    />
  </div>
</template>
