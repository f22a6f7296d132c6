<script setup lang="ts">
import PieceSelect from '../shell/PieceSelect.vue'
import ShopPicker from '../shops/ShopPicker.vue'
import { findPiece, formatDuration, lightAll, LIT_BEFORE_MIN, pieceIndex, piecesOf, setCandle, takeIn, type Edit, type Look, type Piece } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import TimeField from '../shell/TimeField.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'

const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { length, clock } = usePreferences()
const index = computed(() => pieceIndex(props.look))
const holders = computed(() =>
  props.look.centerpiece.flatMap((placed) => {
    const holder = findPiece(index.value, placed.pieceId, 'holder')
    return holder ? [{ placed, holder, evening: store.resting?.light.candles.find((c) => c.placedId === placed.id) }] : []
  })
)
const first = computed(() => {
  const times = props.look.centerpiece.flatMap((p) => (p.candle ? [p.candle.lightAtMin] : []))
  return times.length > 0 ? Math.min(...times) : undefined
})
/** A candle from the shops goes to the holder that is chosen, else to the first empty one, else to the first it fits. */
function lit(now: Look, candleId: string): Edit {
  const candle = now.pieces.find((piece) => piece.id === candleId)
  const fits = holders.value.filter(({ holder }) => candle?.kind === 'candle' && holder.takes === candle.form)
  const at = fits.find(({ placed }) => placed.id === store.selected) ?? fits.find(({ placed }) => !placed.candle) ?? fits[0]!
  return setCandle(now, at.placed.id, candleId, LIT_BEFORE_MIN)
}
const suits = (piece: Piece) => piece.kind === 'candle' && holders.value.some(({ holder }) => holder.takes === piece.form)
const candlesFor = (takes: string) => piecesOf(props.look, 'candle').filter((c) => c.form === takes)
</script>

<template>
  <div class="stack">
    <p v-if="holders.length === 0" class="soft">{{ t('light.none') }}</p>
    <TimeField v-if="first !== undefined" :label="t('light.all')" :model-value="first" @update:model-value="store.run(lightAll, $event)" />
    <ul>
      <li v-for="{ placed, holder, evening } in holders" :key="placed.id" :class="{ on: placed.id === store.selected }">
        <el-button class="plain name" @click="store.selected = placed.id">{{ holder.name }}</el-button>
        <PieceSelect
          bare
          :label="`${holder.name}, ${t('light.candle')}`"
          :model-value="placed.candle?.candleId ?? null"
          :pieces="candlesFor(holder.takes)"
          :none="t('light.empty')"
          @update:model-value="store.run(setCandle, placed.id, $event, LIT_BEFORE_MIN)"
        />
        <span v-if="evening && placed.candle" class="small" :class="evening.lifeMin < evening.askedMin - 0.5 ? 'bad' : 'soft'">
          {{ t('light.lit') }} {{ clock(placed.candle.lightAtMin) }} · {{ formatDuration(evening.lifeMin) }},
          {{ t('light.asked', { asked: formatDuration(evening.askedMin) }) }} ·
          <template v-if="evening.lifeMin < evening.askedMin - 0.5">{{ t('light.out', { at: clock(evening.outAtMin) }) }}</template>
          <template v-else-if="evening.flame">{{ t('light.left', { height: length(evening.leftMm) }) }}</template>
          <template v-else>{{ t('light.flameless') }}</template>
        </span>
      </li>
    </ul>
    <ShopPicker v-if="holders.length > 0" :look="look" kind="candle" :suits="suits" @take="store.run(takeIn, $event, lit)" />
    <p class="soft small">{{ t('light.caution') }}</p>
  </div>
</template>

<style scoped>
ul {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  gap: 2px;
  padding-left: 8px;
  border-left: 2px solid transparent;
}

li.on {
  border-left-color: var(--ember);
}

.name {
  font-weight: 600;
}

.bad {
  color: var(--ember);
  font-weight: 600;
}

p {
  margin: 0;
}
</style>
