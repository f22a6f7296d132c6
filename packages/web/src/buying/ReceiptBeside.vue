<script setup lang="ts">
import { formatMoney, type Bought, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatDate } from '../shell/dates.js'

/** A receipt's photo large, and beside it what was bought in that shop on that day: what the offers asked and what was paid, line by line and together. */
const props = defineProps<{ look: Look; bought: readonly Bought[] }>()
const { t } = useI18n()
const money = (cents: number) => formatMoney(cents, props.look.money.currency)
const photoId = computed(() => props.bought.find((one) => one.photoId !== null)?.photoId ?? null)
const lines = computed(() => props.bought.map((one) => ({ one, askedCents: askedFor(one) })))
const paidCents = computed(() => props.bought.reduce((sum, one) => sum + one.cents, 0))
const askedCents = computed(() => lines.value.reduce<number | null>((sum, { askedCents: asked }) => (sum === null || asked === null ? null : sum + asked), 0))

/** What whole packs of that shop's offer come to for so many; null where it has none with a price. */
function askedFor({ pieceId, shop, pieces }: Bought): number | null {
  const offer = props.look.offers.find((one) => one.pieceId === pieceId && one.shop === shop && one.priceCents !== null)
  return offer ? Math.ceil(pieces / offer.packSize) * offer.priceCents! : null
}
const nameOf = (id: string) => props.look.pieces.find((piece) => piece.id === id)?.name ?? id.replace(/^supply-/, '')
</script>

<template>
  <section class="receipt" :class="{ pictured: photoId !== null }" :aria-label="t('buy.receiptOf', { shop: bought[0]!.shop, day: formatDate(bought[0]!.day) })">
    <a v-if="photoId !== null" :href="`/api/photos/${photoId}/large`" target="_blank" rel="noopener">
      <img :src="`/api/photos/${photoId}/large`" :alt="t('buy.receipt')" />
    </a>
    <table>
      <caption>
        {{
          bought[0]!.shop
        }}
        ·
        {{
          formatDate(bought[0]!.day)
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col">{{ t('buy.piece') }}</th>
          <th scope="col">{{ t('buy.pieces') }}</th>
          <th scope="col">{{ t('buy.asked') }}</th>
          <th scope="col">{{ t('buy.paid') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ one, askedCents: asked } in lines" :key="one.id">
          <td>{{ nameOf(one.pieceId) }}</td>
          <td>{{ one.pieces }}</td>
          <td>{{ asked === null ? '–' : money(asked) }}</td>
          <td :class="{ bad: asked !== null && one.cents > asked }">{{ money(one.cents) }}</td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row" colspan="2">{{ t('buy.sum') }}</th>
          <td>{{ askedCents === null ? '–' : money(askedCents) }}</td>
          <td :class="{ bad: askedCents !== null && paidCents > askedCents }">{{ money(paidCents) }}</td>
        </tr>
      </tfoot>
    </table>
  </section>
</template>

<style scoped>
.receipt {
  display: grid;
  gap: 8px 18px;
  align-items: start;
}

.pictured {
  grid-template-columns: repeat(auto-fit, minmax(min(260px, 100%), 1fr));
}

img {
  display: block;
  width: 100%;
  max-height: 420px;
  object-fit: contain;
  object-position: top left;
  border: 1px solid var(--hairline);
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}

caption {
  padding-bottom: 4px;
  font: 560 15px var(--serif);
  text-align: start;
}

th {
  font-weight: 600;
  text-align: start;
}

td,
th {
  padding: 3px 8px 3px 0;
}

td:nth-child(n + 2),
th:nth-child(n + 2) {
  text-align: end;
}

tfoot td,
tfoot th {
  border-top: 1px solid var(--hairline-strong);
  font-weight: 650;
}

tfoot td {
  text-align: end;
}
</style>
