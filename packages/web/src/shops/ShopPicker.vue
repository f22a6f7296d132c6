<script setup lang="ts">
import type { Look, Offer, Piece, PieceKind } from '@hestiad/core'
import { defineAsyncComponent, ref } from 'vue'
import { useI18n } from 'vue-i18n'

/** The way from a look to what the shops sell of a kind; the list is loaded when it is first opened. */
defineProps<{ look: Look; kind: PieceKind; suits?: (piece: Piece) => boolean; label?: string }>()
const emit = defineEmits<{ take: [article: { readonly piece: Piece; readonly offers: readonly Offer[] }] }>()
const ShopDialog = defineAsyncComponent(() => import('./ShopDialog.vue'))
const { t } = useI18n()
const shown = ref(false)
const opened = ref(false)

function open(): void {
  opened.value = true
  shown.value = true
}
</script>

<template>
  <el-button class="plain link small" @click="open">{{ label ?? t('shops.fromShops') }}</el-button>
  <ShopDialog v-if="opened" v-model="shown" :look="look" :kind="kind" :suits="suits" @take="emit('take', $event)" />
</template>
