<script setup lang="ts">
import { clothFit, formatMoney, orderByDay, pieceSize, seatPlan, type Look, type Offer, type Piece, type PieceKind } from '@hestiad/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import type { Dto } from '../api/client.js'
import { formatDate } from '../shell/dates.js'
import SearchField from '../shell/SearchField.vue'
import { usePreferences } from '../stores/preferences.js'

/** What the shops sell of a kind, with what fits this table first, its price and the day to order by; one is taken into the look and used there. */
const props = defineProps<{ look: Look; kind: PieceKind; suits?: ((piece: Piece) => boolean) | undefined }>()
const emit = defineEmits<{ take: [article: { readonly piece: Piece; readonly offers: readonly Offer[] }] }>()
const { t } = useI18n()
const { length } = usePreferences()
const shown = defineModel<boolean>({ required: true })
const failed = ref(false)
const words = ref('')
const articles = shallowRef<readonly Dto<'Article'>[]>()

async function find(): Promise<void> {
  failed.value = false
  const asked = words.value
  try {
    const answer = await api.listArticles({ kind: props.kind, q: asked, day: props.look.buying.pricesOn ?? '' })
    if (asked === words.value) articles.value = answer.articles
  } catch {
    failed.value = true
  }
}
watch([shown, words], () => shown.value && find(), { immediate: true })

/** The cheapest offer that comes in time. */
function bestOf(offers: readonly Offer[]): Offer | undefined {
  return [...offers].filter((offer) => offer.priceCents !== null && offer.stock > 0).sort((a, b) => a.priceCents! / a.packSize - b.priceCents! / b.packSize)[0]
}

const rows = computed(() => {
  const { outline } = seatPlan(props.look)
  return (articles.value ?? [])
    .map(({ piece, offers }) => ({
      piece: piece as Piece,
      offers: offers as readonly Offer[],
      best: bestOf(offers as readonly Offer[]),
      fit: piece.kind === 'cloth' ? clothFit(props.look, outline, piece as Piece & { kind: 'cloth' }) : undefined
    }))
    .filter((row) => row.best && (props.suits?.(row.piece) ?? true))
    .sort((a, b) => (a.fit?.offMm ?? 0) - (b.fit?.offMm ?? 0) || a.best!.priceCents! - b.best!.priceCents!)
})
const fitWords = (fit: NonNullable<(typeof rows.value)[number]['fit']>) =>
  fit.offMm < 1
    ? t('shops.hangsAsAsked', { hang: length(fit.hang.leastMm) })
    : t('shops.hangs', { least: length(fit.hang.leastMm), most: length(fit.hang.mostMm) })

/** The table gives its rows back wrapped; the article itself goes into the look. */
function take(pieceId: string): void {
  const row = rows.value.find(({ piece }) => piece.id === pieceId)
  if (row) emit('take', { piece: row.piece, offers: row.offers })
  shown.value = false
}
</script>

<template>
  <el-dialog v-model="shown" :title="t('shops.fromShops')" width="720" append-to-body>
    <div class="stack">
      <SearchField v-model="words" :label="t('cupboard.search')" />
      <p v-if="failed" role="alert">
        {{ t('occasions.failed') }} <el-button size="small" @click="find">{{ t('occasions.retry') }}</el-button>
      </p>
      <el-table v-else scrollbar-tabindex="0" :data="rows" max-height="420" :empty-text="articles ? t('shops.noneOfKind') : t('look.loading')">
        <el-table-column width="44">
          <template #default="{ row }"><span class="dot" :style="{ background: row.piece.color, borderColor: row.piece.accent }" /></template>
        </el-table-column>
        <el-table-column :label="t('buy.piece')" min-width="180">
          <template #default="{ row }">
            <span class="what"
              ><span>{{ row.piece.name }}</span
              ><span class="soft small">{{ pieceSize(row.piece, length) }}</span></span
            >
          </template>
        </el-table-column>
        <el-table-column v-if="kind === 'cloth'" :label="t('shops.onThisTable')" min-width="150">
          <template #default="{ row }"
            ><span :class="row.fit.offMm < 1 ? 'fits' : 'soft'">{{ fitWords(row.fit) }}</span></template
          >
        </el-table-column>
        <el-table-column :label="t('buy.linePrice')" min-width="150">
          <template #default="{ row }">
            <span class="what"
              ><strong>{{ formatMoney(row.best.priceCents, look.money.currency) }}</strong
              ><span class="soft small"
                >{{ t('shops.packAt', { size: row.best.packSize, shop: row.best.shop }) }} ·
                {{ t('buy.by', { day: formatDate(orderByDay(row.best, look.occasion.date)) }) }}</span
              ></span
            >
          </template>
        </el-table-column>
        <el-table-column width="96" align="right">
          <template #default="{ row }"
            ><el-button size="small" :aria-label="`${t('shops.take')}: ${row.piece.name}`" @click="take(row.piece.id)">{{
              t('shops.take')
            }}</el-button></template
          >
        </el-table-column>
      </el-table>
    </div>
  </el-dialog>
</template>

<style scoped>
.dot {
  display: block;
  width: 20px;
  height: 20px;
  border: 3px solid;
  border-radius: 50%;
}

.fits {
  color: var(--moss);
  font-weight: 600;
}
</style>
