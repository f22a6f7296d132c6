<script setup lang="ts">
import { formatMoney, needGroups, orderByDay, pieceIndex, type BuyList, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatDate } from '../shell/dates.js'

/** What is to get, under the days it must be ordered by or under what it is for. */
const props = defineProps<{ look: Look; list: BuyList; by: 'day' | 'group' }>()
const { t } = useI18n()
const money = (cents: number) => formatMoney(cents, props.look.money.currency)
const index = computed(() => pieceIndex(props.look))
const rows = computed(() =>
  props.list.lines.flatMap((line) =>
    line.mix.lines.map(({ offer, packs }) => ({
      id: offer.id,
      name: index.value.get(offer.pieceId)?.name ?? line.need.piece.name,
      packs,
      size: offer.packSize,
      shop: offer.shop,
      cents: packs * (offer.priceCents ?? 0),
      heading: props.by === 'day' ? orderByDay(offer, props.look.occasion.date) : line.need.group
    }))
  )
)
const headings = computed(() =>
  props.by === 'day' ? [...new Set(rows.value.map((row) => row.heading))].sort() : needGroups.filter((group) => rows.value.some((row) => row.heading === group))
)
</script>

<template>
  <section v-for="heading in headings" :key="heading">
    <h3>{{ by === 'day' ? t('buy.by', { day: formatDate(heading) }) : t(`part.${heading}`) }}</h3>
    <ul class="lines">
      <li v-for="row in rows.filter((one) => one.heading === heading)" :key="row.id">
        <span class="what"
          ><span>{{ row.name }}</span
          ><span class="soft small">{{ t('buy.packLine', { packs: row.packs, size: row.size }) }} · {{ row.shop }}</span></span
        ><span class="cost">{{ money(row.cents) }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h3::first-letter {
  text-transform: uppercase;
}
</style>
