<script setup lang="ts">
import { daysBetween, findPiece, formatMoney, formatDuration, LIFT_GRAMS, pieceIndex, type Figures, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { percent } from '../findings/findingWords.js'
import { usePreferences } from '../stores/preferences.js'
import { formatDate, today } from './dates.js'
import ClearingList from '../centerpiece/ClearingList.vue'
import LedgerFigure from './LedgerFigure.vue'

/** The figures that are always in view; each opens to what it is made of. */
const props = defineProps<{ look: Look; figures: Figures | undefined }>()
const { t } = useI18n()
const { length, clock, weight } = usePreferences()
const money = (cents: number) => formatMoney(cents, props.look.money.currency)
const days = computed(() => daysBetween(today(), props.look.occasion.date))
const bar = computed(() => {
  const m = props.figures?.money
  if (!m || m.totalCents === 0) return undefined
  const share = (cents: number) => `${Math.max(0, Math.min(100, (cents / m.totalCents) * 100))}%`
  return { spent: share(m.spendCents), reserve: share(m.reserveCents) }
})
const clearing = computed(() => props.figures?.stability.clearing)
const candles = computed(() => {
  const index = pieceIndex(props.look)
  const lines = new Map<string, { lifeMin: number; askedMin: number }>()
  for (const evening of props.figures?.light.candles ?? []) {
    const placed = props.look.centerpiece.find((p) => p.id === evening.placedId)
    const name = findPiece(index, placed?.candle?.candleId, 'candle')?.name
    if (name) lines.set(name, { lifeMin: evening.lifeMin, askedMin: Math.max(evening.askedMin, lines.get(name)?.askedMin ?? 0) })
  }
  return [...lines]
})
</script>

<template>
  <footer class="ledger" :aria-busy="!figures">
    <template v-if="figures">
      <LedgerFigure :label="t('ledger.left')" :value="money(figures.money.leftCents)" :alarm="figures.money.leftCents < 0" wide>
        <template #under
          ><span v-if="bar" class="bar"><span class="spent" :style="{ width: bar.spent }" /><span class="reserve" :style="{ width: bar.reserve }" /></span
        ></template>
        <p>
          {{
            t('ledger.leftWhy', {
              total: money(figures.money.totalCents),
              reserve: money(figures.money.reserveCents),
              percent: look.money.reservePercent,
              working: money(figures.money.workingCents),
              spend: money(figures.money.spendCents)
            })
          }}
        </p>
        <p>{{ t('ledger.gaps', { n: figures.money.gaps }, figures.money.gaps) }}.</p>
      </LedgerFigure>
      <LedgerFigure :label="t('ledger.reserve')" :value="money(figures.money.reserveCents)">
        <p>{{ t('ledger.reserveWhy', { percent: look.money.reservePercent, total: money(figures.money.totalCents) }) }}</p>
      </LedgerFigure>
      <LedgerFigure :label="t('ledger.perGuest')" :value="money(figures.money.perGuestCents)">
        <p>{{ t('ledger.perGuestWhy', { spend: money(figures.money.spendCents), guests: look.guests.length }) }}</p>
      </LedgerFigure>
      <LedgerFigure :label="t('ledger.owned')" :value="percent(figures.money.ownedShare)">
        <p>{{ t('ledger.ownedWhy') }}</p>
      </LedgerFigure>
      <LedgerFigure
        :label="t('ledger.fits')"
        :value="figures.seats.narrowestMm === null ? '–' : t('ledger.each', { width: length(figures.seats.narrowestMm) })"
        :alarm="(figures.seats.narrowestMm ?? Infinity) < figures.seats.wantedMm - 1"
      >
        <p>{{ t('ledger.fitsWhy', { wanted: length(figures.seats.wantedMm), ...figures.seats.capacity }) }}</p>
      </LedgerFigure>
      <LedgerFigure
        :label="t('ledger.seen')"
        :value="t('ledger.of', { seen: figures.sight.seen, pairs: figures.sight.pairs })"
        :alarm="figures.sight.seen < figures.sight.pairs"
      >
        <p>{{ t('ledger.seenWhy') }}</p>
        <p v-for="(seen, i) in figures.sight.seenBy" :key="i" class="small">
          {{ t('ledger.seenBy', { name: look.guests[i]?.name ?? '', seen, others: figures.sight.count - 1 }) }}
        </p>
      </LedgerFigure>
      <LedgerFigure
        :label="t('ledger.light')"
        :value="figures.light.shortestMin === null ? t('ledger.none') : formatDuration(figures.light.shortestMin)"
        :alarm="candles.some(([, c]) => c.lifeMin < c.askedMin - 0.5)"
      >
        <p>{{ t('ledger.lightWhy') }}</p>
        <p v-for="[name, c] in candles" :key="name" class="small">
          {{ t('ledger.candle', { name, life: formatDuration(c.lifeMin), asked: formatDuration(c.askedMin) }) }}
        </p>
      </LedgerFigure>
      <LedgerFigure :label="t('ledger.lifts')" :value="clearing && clearing.pieces > 0 ? String(clearing.lifts.length) : t('ledger.none')">
        <p>{{ t('ledger.liftsWhy', { most: weight(LIFT_GRAMS) }) }}</p>
        <ClearingList v-if="clearing && clearing.pieces > 0" class="small" :look="look" :clearing="clearing" />
      </LedgerFigure>
      <LedgerFigure :label="t('ledger.days')" :value="days < 0 ? t('ledger.past') : String(days)">
        <p>{{ t('ledger.daysWhy', { date: `${formatDate(look.occasion.date)}, ${clock(look.occasion.arriveMin)}` }) }}</p>
      </LedgerFigure>
    </template>
  </footer>
</template>

<style scoped>
.ledger {
  grid-area: ledger;
  display: flex;
  border-top: 1px solid var(--hairline);
  background: var(--paper);
  overflow-x: auto;
  overflow-y: hidden;
  scrollbar-width: none;
}

p {
  margin: 0 0 6px;
}

.bar {
  position: relative;
  display: block;
  height: 5px;
  border-radius: 3px;
  background: var(--hairline);
  overflow: hidden;
}

.bar span {
  position: absolute;
  top: 0;
  bottom: 0;
}

.spent {
  left: 0;
  background: var(--moss);
}

.reserve {
  right: 0;
  background: var(--brass);
}
</style>
