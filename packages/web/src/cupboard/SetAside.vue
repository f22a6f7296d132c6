<script setup lang="ts">
import FoldAway from '../shell/FoldAway.vue'
import { formatMoney, type Offer } from '@hestiad/core'
import { onMounted, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import type { Dto } from '../api/client.js'
import { usePreferences } from '../stores/preferences.js'

/** Rows that a newer version found to belong to nothing any more: kept, and shown here so that nobody looks for them in vain. */
const { t } = useI18n()
const { currency } = usePreferences()
const rows = shallowRef<readonly Dto<'SetAside'>[]>([])
onMounted(async () => {
  rows.value = (await api.listSetAside().catch(() => undefined))?.rows ?? []
})

/** An offer in words; what cannot be read is shown as it is. */
function told({ document, table, why }: Dto<'SetAside'>): string {
  if (table === 'piece') return t('cupboard.asidePiece', { document })
  try {
    if (why === 'unreadable') throw new Error(why)
    const { pieceId, shop, packSize, priceCents } = JSON.parse(document) as Offer
    const price = priceCents === null ? t('cupboard.asidePrice') : formatMoney(priceCents, currency)
    return t('cupboard.asideOffer', { piece: pieceId, shop, n: packSize, price })
  } catch {
    return t('cupboard.asideUnreadable', { document })
  }
}
</script>

<template>
  <FoldAway v-if="rows.length > 0" class="soft small" :title="t('cupboard.aside', rows.length)">
    <ul>
      <li v-for="row in rows" :key="row.id">{{ told(row) }}</li>
    </ul>
  </FoldAway>
</template>

<style scoped>
li {
  overflow-wrap: anywhere;
}
</style>
