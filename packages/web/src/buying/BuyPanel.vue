<script setup lang="ts">
import { formatAmount, type BuyLine, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import BudgetFields from '../brief/BudgetFields.vue'
import { useLook } from '../stores/lookStore.js'

const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const list = computed(() => store.figures?.money)
const money = (cents: number) => formatAmount(cents, props.look.money.currency)
const csvUrl = computed(() => `/api/looks/${store.id}/buy-list.csv`)

/** Lines under the shop they are bought at; a line no shop covers stands under its own heading. */
const shops = computed(() => {
  const byShop = new Map<string, { line: BuyLine; packs: number; packSize: number; cents: number; leadDays: number }[]>()
  for (const line of list.value?.lines ?? []) {
    for (const { offer, packs } of line.mix.lines) {
      const entry = { line, packs, packSize: offer.packSize, cents: packs * offer.priceCents!, leadDays: offer.leadDays }
      byShop.set(offer.shop, [...(byShop.get(offer.shop) ?? []), entry])
    }
  }
  return [...byShop].sort((a, b) => b[1].length - a[1].length)
})
const gaps = computed(() => list.value?.lines.filter((line) => line.gapPieces > 0) ?? [])

function why(line: BuyLine): string {
  const { perGuest, perLook, spares, needed, owned } = line.need
  const parts = [
    perGuest > 0 ? t('buy.perGuest', { n: perGuest }) : '',
    perLook > 0 ? t('buy.perLook', { n: perLook }) : '',
    spares > 0 ? t('buy.spares', { n: spares }) : ''
  ].filter(Boolean)
  return `${parts.join(', ')}: ${t('buy.need').toLowerCase()} ${needed}, ${t('buy.own').toLowerCase()} ${owned}`
}
</script>

<template>
  <div v-if="list" class="stack">
    <table class="sum">
      <tbody>
        <tr>
          <th>{{ t('buy.working') }}</th>
          <td>{{ money(list.workingCents) }}</td>
        </tr>
        <tr>
          <th>{{ t('buy.total') }}</th>
          <td>{{ money(list.spendCents) }}</td>
        </tr>
        <tr :class="{ bad: list.leftCents < 0 }">
          <th>{{ t('buy.left') }}</th>
          <td>{{ money(list.leftCents) }}</td>
        </tr>
      </tbody>
    </table>
    <BudgetFields :look="look" />
    <p v-if="list.lines.length === 0" class="soft">{{ t('buy.nothing') }}</p>
    <section v-for="[shop, lines] in shops" :key="shop">
      <h3>{{ shop }}</h3>
      <ul>
        <li v-for="entry in lines" :key="entry.line.need.piece.id">
          <span class="what">
            <span>{{ entry.line.need.piece.name }}</span>
            <span class="soft small"
              >{{ t('buy.packLine', { packs: entry.packs, size: entry.packSize }) }} · {{ why(entry.line)
              }}<template v-if="entry.line.leftOver > 0"> · {{ t('buy.leftOver', { n: entry.line.leftOver }) }}</template></span
            >
          </span>
          <span class="cost">{{ money(entry.cents) }}</span>
        </li>
      </ul>
    </section>
    <section v-if="gaps.length > 0">
      <h3 class="bad">{{ t('buy.gap', { n: gaps.length }) }}</h3>
      <ul>
        <li v-for="line in gaps" :key="line.need.piece.id">
          <span class="what"
            ><span>{{ line.need.piece.name }}</span
            ><span class="soft small">{{ why(line) }}</span></span
          >
          <span class="cost bad">{{ line.gapPieces }} ?</span>
        </li>
      </ul>
    </section>
    <a :href="csvUrl" download>{{ t('buy.csv') }}</a>
  </div>
</template>

<style scoped>
.sum {
  width: 100%;
  border-collapse: collapse;
}

.sum th {
  font-weight: 400;
  text-align: start;
  color: var(--soft-ink);
}

.sum td {
  font: 560 16px var(--serif);
  text-align: end;
}

.sum tr:last-child td,
.sum tr:last-child th {
  border-top: 1px solid var(--hairline-strong);
  padding-top: 3px;
}

.bad,
.bad td,
.bad th {
  color: var(--ember) !important;
}

ul {
  margin: 2px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  padding: 5px 0;
  border-bottom: 1px solid var(--hairline);
}

.what {
  display: grid;
  line-height: 1.3;
}

.cost {
  font-weight: 600;
  white-space: nowrap;
}

p {
  margin: 0;
}
</style>
