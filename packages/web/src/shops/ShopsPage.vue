<script setup lang="ts">
import FileField from '../shell/FileField.vue'
import SelectField from '../shell/SelectField.vue'
import SearchField from '../shell/SearchField.vue'
import { formatMoney, noFacts, pieceKinds, pieceSize, type Offer, type Shop } from '@hestiad/core'
import { defineAsyncComponent, onMounted, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import { api } from '../api/calls.js'
import type { Dto } from '../api/client.js'
import PieceTile from '../cupboard/PieceTile.vue'
import { formatDate } from '../shell/dates.js'
import PageHeader from '../shell/PageHeader.vue'
import { readListFile } from '../shell/readListFile.js'
import { usePreferences } from '../stores/preferences.js'
import NoteOffer from './NoteOffer.vue'
import WantedList from './WantedList.vue'

/** The shops of the day: who delivers and gives coupons, what is sold, what is like a piece and costs less. */
const ListImport = defineAsyncComponent(() => import('../shell/ListImport.vue'))
const { t } = useI18n()
const preferences = usePreferences()
const { length } = preferences
const route = useRoute()
const shops = shallowRef<readonly Shop[]>([])
const articles = shallowRef<readonly Dto<'Article'>[]>()
const day = ref('')
const total = ref(0)
const query = ref('')
const kind = ref('')
const shop = ref('')
const like = shallowRef<Dto<'Article'>>()
const failed = ref(false)
const message = ref('')
const noting = shallowRef<Dto<'Article'>>()
const money = (cents: number) => formatMoney(cents, preferences.currency)
let asked = 0

async function find(): Promise<void> {
  const mine = ++asked
  failed.value = false
  try {
    const answer = await api.listArticles({ q: query.value, kind: kind.value, shop: shop.value, ...(like.value ? { like: like.value.piece.id } : {}) })
    if (mine !== asked) return
    articles.value = answer.articles
    total.value = answer.total
    day.value = answer.day
  } catch {
    if (mine === asked) failed.value = true
  }
}
onMounted(async () => {
  if (typeof route.query['find'] === 'string') query.value = route.query['find']
  const asked = route.query['like']
  if (typeof asked === 'string') {
    const item = (await api.getCupboard().catch(() => undefined))?.items.find((one) => one.piece.id === asked)
    if (item) like.value = { piece: item.piece, likeness: null, offers: [] }
  }
  void find()
  shops.value = (await api.listShops().catch(() => undefined))?.shops ?? []
})
watch([query, kind, shop, like], find)

const each = (offer: Offer) => (offer.priceCents === null ? Infinity : offer.priceCents / offer.packSize)
const cheapest = (offers: readonly Offer[]) => Math.min(Infinity, ...offers.filter((offer) => offer.stock > 0).map(each))

/** What a piece like the chosen one saves for each piece, in percent. */
function saving(article: Dto<'Article'>): number {
  const [was, is] = [cheapest(like.value?.offers ?? []), cheapest(article.offers)]
  return Number.isFinite(was) && Number.isFinite(is) && is < was ? Math.round((1 - is / was) * 100) : 0
}

/** Into the cupboard, owned 0 times, so that looks can use it and the plan can buy it. */
async function wish(article: Dto<'Article'>): Promise<void> {
  try {
    await api.putItem(article.piece.id, { piece: { ...article.piece, owned: 0, kept: '' }, facts: noFacts })
    message.value = t('shops.wished', { name: article.piece.name })
  } catch (error) {
    message.value = (error as Error).message
  }
}

async function drop(offer: Offer): Promise<void> {
  await api.removeOffer(offer.id).catch((error: Error) => (message.value = error.message))
  await find()
}

const importing = ref(false)
const text = ref('')
async function importFile(file: File): Promise<void> {
  text.value = await readListFile(file)
  importing.value = true
}

async function imported(n: number): Promise<void> {
  message.value = t('shops.imported', { n }, n)
  await find()
}
document.title = 'Shops · Hestiad'
</script>

<template>
  <div class="page">
    <PageHeader :title="t('shops.title')" here="shops">
      <a href="/api/offers.csv" download class="link">{{ t('shops.export') }}</a>
      <FileField :label="t('shops.import')" accept=".csv,text/csv" @file="importFile" />
    </PageHeader>
    <p class="soft small">{{ t('shops.simulated') }}</p>
    <ul class="shops">
      <li v-for="one in shops" :key="one.name">
        <el-button class="plain" :aria-pressed="shop === one.name" @click="shop = shop === one.name ? '' : one.name">{{ one.name }}</el-button>
        <span class="soft small"
          >{{
            one.delivery
              ? one.delivery.freeFromCents === null
                ? t('shops.delivers', { cents: money(one.delivery.cents) })
                : t('shops.deliversFree', { cents: money(one.delivery.cents), from: money(one.delivery.freeFromCents) })
              : t('shops.visitOnly')
          }}<template v-if="one.coupon">
            ·
            <strong>{{
              t('shops.coupon', {
                code: one.coupon.code,
                off: one.coupon.off.kind === 'percent' ? `${one.coupon.off.percent} %` : money(one.coupon.off.cents),
                from: money(one.coupon.fromCents),
                day: formatDate(one.coupon.untilDay)
              })
            }}</strong></template
          ></span
        >
      </li>
    </ul>
    <WantedList />
    <div class="tools">
      <SearchField v-model="query" class="find" :label="t('cupboard.search')" :disabled="!!like" />
      <SelectField
        bare
        :label="t('cupboard.kind')"
        :model-value="kind || null"
        :none="t('cupboard.allKinds')"
        :choices="pieceKinds.map((value) => ({ value, label: t(`kind.${value}`) }))"
        :disabled="!!like"
        @update:model-value="kind = $event"
        @none="kind = ''"
      />
      <span class="soft" role="status">{{ t('shops.found', { n: total, day: day ? formatDate(day) : '' }, total) }}</span>
    </div>
    <p v-if="message" class="note" role="status">{{ message }}</p>
    <p v-if="like" class="note row between">
      <span>{{ t('shops.like', { name: like.piece.name }) }}</span>
      <el-button class="plain under" @click="like = undefined">{{ t('shops.all') }}</el-button>
    </p>
    <p v-if="failed" role="alert">
      {{ t('occasions.failed') }} <el-button size="small" @click="find">{{ t('occasions.retry') }}</el-button>
    </p>
    <p v-else-if="articles?.length === 0" class="soft">{{ t('shops.none') }}</p>
    <ul class="articles">
      <li v-for="article in articles" :key="article.piece.id">
        <span class="tile"><PieceTile :item="{ piece: article.piece, facts: noFacts }" /></span>
        <span class="what">
          <strong>{{ article.piece.name }}</strong>
          <span class="soft small"
            >{{ t(`kind.${article.piece.kind}`) }} · {{ pieceSize(article.piece, length) }} · {{ article.piece.material
            }}<template v-if="article.likeness !== null"> · {{ t('shops.likeness', { percent: Math.round(article.likeness * 100) }) }}</template
            ><strong v-if="like && saving(article) > 0" class="saves">{{ t('shops.saves', { percent: saving(article) }) }}</strong></span
          >
          <span class="row small acts">
            <el-button class="plain under" @click="like = article">{{ t('shops.showAlike') }}</el-button>
            <el-button class="plain under" @click="wish(article)">{{ t('shops.wish') }}</el-button>
            <el-button class="plain under" @click="noting = article">{{ t('shops.note') }}</el-button>
          </span>
        </span>
        <span class="offers small">
          <span v-for="offer in article.offers" :key="offer.id" :class="{ out: offer.stock === 0 }">
            {{ offer.shop }}: {{ t('shops.pack', { n: offer.packSize }) }}
            <s v-if="offer.listCents !== null" class="soft">{{ money(offer.listCents) }}</s>
            <b>{{ offer.priceCents === null ? '?' : money(offer.priceCents) }}</b>
            <span class="soft aside">
              {{ offer.stock === 0 ? t('shops.soldOut') : t('shops.stock', { n: offer.stock }, offer.stock)
              }}<template v-if="offer.leadDays > 0"> · {{ t('shops.lead', { n: offer.leadDays }, offer.leadDays) }}</template
              ><template v-if="offer.untilDay"> · {{ t('shops.until', { day: formatDate(offer.untilDay) }) }}</template
              ><template v-if="offer.noted"> · {{ t('shops.noted', { day: formatDate(offer.noted.day) }) }} {{ offer.noted.note }}</template>
            </span>
            <a v-if="offer.noted?.photoId" :href="`/api/photos/${offer.noted.photoId}/large`" target="_blank"
              ><img :src="`/api/photos/${offer.noted.photoId}/small`" :alt="t('shops.photoOf', { name: article.piece.name })"
            /></a>
            <el-button v-if="offer.noted" class="plain under" @click="drop(offer)">{{ t('shops.drop') }}</el-button>
          </span>
        </span>
      </li>
    </ul>
    <NoteOffer v-if="noting" :article="noting" :shops="shops" @close="noting = undefined" @kept="find" />
    <ListImport v-if="importing" v-model="importing" :text="text" of="offers" @done="imported" />
  </div>
</template>

<style scoped>
.page {
  max-width: 1200px;
  margin: 0 auto;
  padding: 0 28px 40px;
}

.shops,
.articles {
  margin: 0 0 14px;
  padding: 0;
  list-style: none;
}

.shops {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 10px 24px;
}

.shops li {
  display: grid;
  padding: 6px 0;
  border-top: 1px solid var(--hairline-strong);
}

.shops button {
  font: 560 15px var(--serif);
  text-align: start;
}

.shops button[aria-pressed='true'] {
  color: var(--ember);
  text-decoration: underline;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin: 12px 0;
}

.tools .find {
  flex: 1 1 280px;
}

.articles li {
  display: grid;
  grid-template-columns: 52px minmax(200px, 1fr) minmax(320px, 1.5fr);
  gap: 14px;
  padding: 8px 0;
  border-bottom: 1px solid var(--hairline);
}

.tile {
  width: 52px;
  height: 52px;
}

.what,
.offers {
  display: grid;
  align-content: start;
}

.acts {
  gap: 12px;
}

.aside,
.saves {
  margin-left: 7px;
}

.articles s {
  margin-right: 5px;
}

.offers img {
  height: 34px;
  margin: 0 6px;
  vertical-align: middle;
}

.out {
  color: var(--soft-ink);
}

.saves {
  color: var(--moss);
}

.link {
  font-weight: 600;
  color: var(--ember);
  text-decoration: underline;
  cursor: pointer;
}

.under {
  text-decoration: underline;
}

.note {
  margin: 0 0 8px;
  padding: 6px 10px;
  background: var(--moss-soft);
  border-radius: var(--radius);
}

@media (width <= 800px) {
  .articles li {
    grid-template-columns: 52px 1fr;
  }

  .offers {
    grid-column: 2;
  }
}
</style>
