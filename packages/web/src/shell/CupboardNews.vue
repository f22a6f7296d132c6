<script setup lang="ts">
import type { Claim, CupboardItem, Look, Offer } from '@hestiad/core'
import { computed, onMounted, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/client.js'
import { useLook } from '../stores/lookStore.js'

/** A look carries its own copy of the cupboard; when the cupboard has changed since, this offers to bring the changes in. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const cupboard = shallowRef<{ items: CupboardItem[]; offers: Offer[] }>()
const claims = shallowRef<readonly Claim[]>([])

onMounted(async () => {
  cupboard.value = await api.cupboard().catch(() => undefined)
  claims.value = (await api.claims(store.id).catch(() => undefined))?.claims ?? props.look.claims
})

/** JSON with keys in one order, so that equal things read the same. */
function canonical(value: unknown): string {
  return JSON.stringify(value, (_, part: unknown) =>
    part && typeof part === 'object' && !Array.isArray(part) ? Object.fromEntries(Object.entries(part).sort()) : part
  )
}

function differing<T extends { readonly id: string }>(mine: readonly T[], theirs: readonly T[]): T[] {
  const known = new Map(mine.map((item) => [item.id, canonical(item)]))
  return theirs.filter((item) => known.get(item.id) !== canonical(item))
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

const ownClaims = computed(() => canonical(props.look.claims))
const claimsChanged = computed(() => cupboard.value !== undefined && canonical(claims.value) !== ownClaims.value)

function bringIn(): void {
  const fresh = new Map(news.value.map((piece) => [piece.id, piece]))
  const offers = differing(props.look.offers, cupboard.value?.offers ?? [])
  store.edit('cupboard', (draft) => {
    draft.pieces = [...draft.pieces.filter((piece) => !fresh.has(piece.id)), ...(structuredClone([...fresh.values()]) as typeof draft.pieces)]
    draft.claims = structuredClone(claims.value) as typeof draft.claims
    draft.offers = [...draft.offers.filter((offer) => !offers.some((o) => o.id === offer.id)), ...offers]
  })
}
</script>

<template>
  <p v-if="news.length > 0 || claimsChanged" class="news row between small">
    <span>{{ news.length > 0 ? t('look.cupboardChanged', { n: news.length }, news.length) : t('look.claimsChanged') }}</span>
    <button class="plain link" @click="bringIn">{{ t('look.bringIn') }}</button>
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
