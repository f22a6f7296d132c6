<script setup lang="ts">
import {
  buyHints,
  formatMoney,
  goWithout,
  lockPacks,
  markBought,
  orderByDay,
  pieceIndex,
  stemAsks,
  type BuyLine,
  type BuyList,
  type Look,
  type MakingDo,
  type ShopOrder
} from '@hestiad/core'
import { Lock, LockOpen } from '@lucide/vue'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import { formatDate, today } from '../shell/dates.js'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import ChoiceField from '../shell/ChoiceField.vue'
import BlockedLines from './BlockedLines.vue'
import PlainLists from './PlainLists.vue'
import ReceiptLines from './ReceiptLines.vue'
import TakeAlong from './TakeAlong.vue'
import { needReason } from './needReason.js'
import { usePlan } from './usePlan.js'

/** What to get where: the orders of the plan with their receipts, in the order of their last days. */
const props = defineProps<{ look: Look; list: BuyList }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const { job, problem, make, cancel, blocked } = usePlan()
const money = (cents: number) => formatMoney(cents, props.look.money.currency)
const offers = computed(() => new Map(props.look.offers.map((offer) => [offer.id, offer])))
const index = computed(() => pieceIndex(props.look))
const lineOf = computed(() => new Map(props.list.lines.flatMap((line) => line.mix.lines.map(({ offer }) => [offer.id, line] as const))))
const view = ref<'shop' | 'day' | 'group'>('shop')
const running = computed(() => (job.value?.state === 'running' ? job.value : undefined))
const gaps = computed(() => props.list.lines.filter((line) => line.gapPieces > 0))
const asks = computed(() => stemAsks(props.look))
const made = shallowRef<ReadonlyMap<string, MakingDo>>(new Map())
watch(
  () => props.look,
  async (look) => {
    const found = await store.findMakingDo()
    if (look === props.look) made.value = new Map(found.map((one) => [one.pieceId, one]))
  },
  { immediate: true }
)
const doOf = (offerId: string) => made.value.get(lineOf.value.get(offerId)?.need.piece.id ?? '')
const hints = shallowRef<Readonly<Record<string, string>>>({})
onMounted(async () => (hints.value = buyHints((await api.getCupboard().catch(() => undefined))?.items ?? [])))
/** Which kind to buy, as the stylist noted in the cupboard. */
const hintOf = (offerId: string) => hints.value[offers.value.get(offerId)?.pieceId ?? ''] ?? hints.value[lineOf.value.get(offerId)?.need.piece.id ?? ''] ?? ''
const nameById = (id: string) => index.value.get(id)?.name ?? ''

/** How long a stem is bought at least, and what stays on it. */
function askOf(offerId: string): string {
  const ask = asks.value.get(lineOf.value.get(offerId)?.need.piece.id ?? '')
  if (!ask) return ''
  return [t('buy.longAtLeast', { length: length(ask.atLeastMm) }), ...(ask.keep ? [t(`florals.keep.${ask.keep}`)] : [])].join(', ')
}
const skipped = computed(() => props.list.lines.filter((line) => line.skipped))

/** Day by which an order is placed: the earliest of its offers. */
function byDay(order: ShopOrder): string {
  const days = order.lines.flatMap((line) => (offers.value.has(line.offerId) ? [orderByDay(offers.value.get(line.offerId)!, props.look.occasion.date)] : []))
  return days.sort()[0] ?? props.look.occasion.date
}
const orders = computed(() => [...props.list.orders].map((order) => ({ order, by: byDay(order) })).sort((a, b) => a.by.localeCompare(b.by)))

function nameOf(offerId: string): string {
  const offer = offers.value.get(offerId)
  const need = lineOf.value.get(offerId)?.need.piece
  return (offer && index.value.get(offer.pieceId)?.name) ?? need?.name ?? ''
}

function why(line: BuyLine | undefined): string {
  return line ? t('buy.whyLine', { why: needReason(line.need, t), needed: line.need.needed, owned: line.need.owned }) : ''
}

/** Marked bought at the planned price; the price really paid is put right in Spent. */
function buy(order: ShopOrder, offerId: string, packs: number): void {
  const offer = offers.value.get(offerId)
  const line = lineOf.value.get(offerId)
  if (!offer || !line) return
  const bought = {
    pieceId: line.need.piece.id,
    pieces: packs * offer.packSize,
    cents: packs * (offer.priceCents ?? 0),
    day: today(),
    shop: order.shop,
    note: '',
    photoId: null
  }
  store.run(markBought, bought, { shop: order.shop, slot: order.slot, offerId })
}
</script>

<template>
  <div class="stack">
    <div v-if="running" class="working" role="status">
      <span class="bar"><span /></span>
      <p class="small">
        {{ t('buy.planning') }}
        <template v-if="running.progress && running.progress.best !== null && running.progress.bound !== null">{{
          t('buy.bestSoFar', { best: money(Math.round(running.progress.best)), bound: money(Math.max(0, Math.ceil(running.progress.bound))) })
        }}</template>
      </p>
      <el-button size="small" @click="cancel">{{ t('buy.cancel') }}</el-button>
    </div>
    <el-button v-else-if="list.lines.length > 0" type="primary" @click="make">{{ t(look.buying.orders.length > 0 ? 'buy.again' : 'buy.plan') }}</el-button>
    <p v-if="job?.state === 'canceled'" class="soft small" role="status">{{ t('buy.canceled') }}</p>
    <p v-if="problem" class="bad small" role="alert">{{ problem }}</p>
    <p v-if="job?.state === 'done'" class="small verdict" role="status">
      <strong>{{ job.plan.gapCents === 0 ? t('buy.proven') : t('buy.gapLeft', { gap: money(job.plan.gapCents) }) }}</strong><br />
      <span class="soft">{{
        t('buy.asOf', {
          day: formatDate(job.day),
          lines: job.size.lines,
          offers: job.size.offers,
          shops: job.size.shops,
          s: Math.max(1, Math.round(job.elapsedMs / 1000))
        })
      }}</span>
    </p>
    <p v-else-if="list.lines.length > 0 && look.buying.orders.length === 0" class="soft small">{{ t('buy.stale') }}</p>
    <BlockedLines v-if="blocked().length > 0" :look="look" :blocked="blocked()" @skip="store.run(goWithout, $event, true)" />
    <p v-if="list.lines.length === 0" class="soft">{{ t('buy.nothing') }}</p>
    <ChoiceField
      v-if="orders.length > 0"
      :label="t('buy.arranged')"
      :model-value="view"
      :choices="(['shop', 'day', 'group'] as const).map((value) => ({ value, label: t(`buy.views.${value}`) }))"
      @update:model-value="view = $event"
    />
    <PlainLists v-if="view !== 'shop'" :look="look" :list="list" :by="view" />
    <section v-for="{ order, by } in view === 'shop' ? orders : []" :key="`${order.shop} ${order.slot} ${order.way}`">
      <h3>{{ order.shop }}</h3>
      <p class="soft small how">
        {{ t(order.way === 'trip' ? 'buy.trip' : 'buy.delivery') }}<template v-if="order.slot === 'fresh'">, {{ t('buy.fresh') }}</template> ·
        {{ t('buy.by', { day: formatDate(by) }) }}
      </p>
      <el-table scrollbar-tabindex="0" :data="[...order.lines]" row-key="offerId" size="small">
        <el-table-column :label="t('buy.piece')" min-width="190">
          <template #default="{ row }">
            <span class="what"
              ><span>{{ nameOf(row.offerId) }}</span
              ><em v-if="hintOf(row.offerId)" class="small">{{ hintOf(row.offerId) }}</em
              ><span class="soft small"
                >{{ why(lineOf.get(row.offerId)) }}<template v-if="askOf(row.offerId)"> · {{ askOf(row.offerId) }}</template></span
              ></span
            >
          </template>
        </el-table-column>
        <el-table-column :label="t('buy.packs')" min-width="110">
          <template #default="{ row }">
            {{ t('buy.packLine', { packs: row.packs, size: offers.get(row.offerId)?.packSize ?? 1 })
            }}<span v-if="(lineOf.get(row.offerId)?.leftOver ?? 0) > 0" class="soft small">
              · {{ t('buy.leftOver', { n: lineOf.get(row.offerId)!.leftOver }) }}</span
            >
          </template>
        </el-table-column>
        <el-table-column :label="t('buy.linePrice')" align="right" width="92">
          <template #default="{ row }"
            ><strong>{{ money(row.packs * (offers.get(row.offerId)?.priceCents ?? 0)) }}</strong></template
          >
        </el-table-column>
        <el-table-column :label="t('buy.makingDo')" min-width="170">
          <template #default="{ row }">
            <template v-if="doOf(row.offerId)">
              <el-button class="plain link small" @click="store.apply(doOf(row.offerId)!.edit)">{{
                t('buy.makeDo', { piece: nameById(doOf(row.offerId)!.withId), n: doOf(row.offerId)!.owned })
              }}</el-button>
              <span class="soft small">
                {{ t('buy.saves', { cents: money(doOf(row.offerId)!.savesCents) })
                }}<template v-if="doOf(row.offerId)!.brings.length > 0"
                  >; {{ t('buy.butBrings', { n: doOf(row.offerId)!.brings.length }, doOf(row.offerId)!.brings.length) }}</template
                ></span
              >
            </template>
            <span v-else class="soft">–</span>
          </template>
        </el-table-column>
        <el-table-column align="right" width="128">
          <template #default="{ row }">
            <span class="acts">
              <el-button
                v-if="lineOf.get(row.offerId)?.planned"
                class="plain"
                :aria-pressed="row.locked"
                :aria-label="`${t('buy.lock')}: ${nameOf(row.offerId)}`"
                :title="t('buy.lock')"
                @click="store.run(lockPacks, { shop: order.shop, slot: order.slot, offerId: row.offerId })"
              >
                <Lock v-if="row.locked" :size="14" /><LockOpen v-else :size="14" />
              </el-button>
              <el-button size="small" :aria-label="`${t('buy.boughtIt')}: ${nameOf(row.offerId)}`" @click="buy(order, row.offerId, row.packs)">{{
                t('buy.boughtIt')
              }}</el-button>
            </span>
          </template>
        </el-table-column>
      </el-table>
      <ReceiptLines :receipt="order.receipt" :currency="look.money.currency" :coupon="look.shops.find((s) => s.name === order.shop)?.coupon?.code ?? ''" />
    </section>
    <section v-if="gaps.length > 0">
      <h3 class="bad">{{ t('buy.gap', { n: gaps.length }) }}</h3>
      <ul class="lines">
        <li v-for="line in gaps" :key="line.need.piece.id">
          <span class="what"
            ><span>{{ line.need.piece.name }}</span
            ><span class="soft small">{{ why(line) }}</span></span
          >
          <span class="cost bad"
            >{{ line.gapPieces }} ?
            <el-button class="plain link small" @click="store.run(goWithout, line.need.piece.id, true)">{{ t('buy.skip') }}</el-button></span
          >
        </li>
      </ul>
    </section>
    <section v-if="skipped.length > 0">
      <h3>{{ t('buy.skipped') }}</h3>
      <ul class="lines">
        <li v-for="line in skipped" :key="line.need.piece.id">
          <span>{{ line.need.piece.name }}</span>
          <el-button class="plain link small" @click="store.run(goWithout, line.need.piece.id, false)">{{ t('buy.unskip') }}</el-button>
        </li>
      </ul>
    </section>
    <TakeAlong :look="look" :orders="list.orders" />
    <p class="row small files">
      <a :href="`/api/looks/${store.id}/buy-list.csv`" download>{{ t('buy.csv') }}</a>
      <a :href="`/api/looks/${store.id}/buy-list.xlsx`" download>{{ t('buy.sheet') }}</a>
      <a :href="`/api/looks/${store.id}/buy-list.pdf`" download>{{ t('buy.pdf') }}</a>
    </p>
  </div>
</template>

<style scoped>
.working {
  display: grid;
  gap: 6px;
}

.bar {
  height: 4px;
  overflow: hidden;
  border-radius: 2px;
  background: var(--hairline);
}

.bar span {
  display: block;
  width: 35%;
  height: 100%;
  background: var(--ember);
  animation: go 1.1s ease-in-out infinite alternate;
}

@keyframes go {
  to {
    transform: translateX(186%);
  }
}

.verdict {
  padding: 7px 10px;
  border-radius: var(--radius);
  background: var(--moss-soft);
}

.how {
  margin: 0;
}

.cost {
  display: grid;
  justify-items: end;
  font-weight: 600;
  white-space: nowrap;
}

.acts {
  display: flex;
  gap: 4px;
  align-items: center;
  font-weight: 400;
}

.files {
  gap: 14px;
}

p {
  margin: 0;
}
</style>
