<script setup lang="ts">
import { bringIn as bringInEdit, lookHash, type Claim, type Look } from '@hestiad/core'
import { computed, onMounted, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import type { Dto } from '../api/client.js'
import { useLook } from '../stores/lookStore.js'

/** A look carries its own copy of the cupboard; when the cupboard has changed since, this offers to bring the changes in. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const cupboard = shallowRef<Dto<'Cupboard'>>()
const claims = shallowRef<readonly Claim[]>([])

onMounted(async () => {
  cupboard.value = await api.getCupboard().catch(() => undefined)
  claims.value = (await api.lookClaims(store.id).catch(() => undefined))?.claims ?? props.look.claims
})

function differing<T extends { readonly id: string }>(mine: readonly T[], theirs: readonly T[]): T[] {
  const known = new Map(mine.map((item) => [item.id, lookHash(item)]))
  return theirs.filter((item) => known.get(item.id) !== lookHash(item))
}

const pieces = computed(() => props.look.pieces)
const news = computed(() =>
  cupboard.value
    ? differing(
        pieces.value,
        cupboard.value.items.map((item) => item.piece)
      )
    : []
)

const ownClaims = computed(() => lookHash(props.look.claims))
const claimsChanged = computed(() => cupboard.value !== undefined && lookHash(claims.value) !== ownClaims.value)

function bringIn(): void {
  const offers = differing(props.look.offers, cupboard.value?.offers ?? [])
  store.run(bringInEdit, { pieces: news.value, offers, claims: claims.value })
}
</script>

<template>
  <p v-if="news.length > 0 || claimsChanged" class="news row between small">
    <span>{{ news.length > 0 ? t('look.cupboardChanged', { n: news.length }, news.length) : t('look.claimsChanged') }}</span>
    <el-button class="plain link" @click="bringIn">{{ t('look.bringIn') }}</el-button>
  </p>
</template>

<style scoped>
.news {
  margin: 0;
  padding: 6px 10px;
  border-radius: var(--radius);
  background: var(--brass-soft);
}

.link {
  flex: none;
  font-weight: 600;
  text-decoration: underline;
}
</style>
