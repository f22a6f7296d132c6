<script setup lang="ts">
import { pieceIndex, type Figures, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { percent } from '../findings/findingWords.js'

/** Whom this guest sees, whom not, and what is in the way. */
const props = defineProps<{ look: Look; seat: number; sight: Figures['sight'] }>()
const { t } = useI18n()
const row = computed(() => props.sight.hidden[props.seat - 1] ?? [])
const lost = computed(() =>
  row.value.flatMap((hidden, to) => {
    if (to === props.seat - 1 || hidden <= props.sight.limit) return []
    const cost = props.sight.costs.find((one) => one.blames.some((blame) => blame.from === props.seat - 1 && blame.to === to))
    const placed = props.look.centerpiece.find((one) => one.id === cost?.placedId)
    const name = pieceIndex(props.look).get(placed?.pieceId ?? '')?.name ?? ''
    return [t('seatView.lost', { name: props.look.guests[to]?.name ?? '', share: percent(hidden), piece: name })]
  })
)
</script>

<template>
  <div class="seen small" role="status">
    <strong>{{ t('seatView.sees', { seen: sight.seenBy[seat - 1] ?? 0, others: sight.count - 1 }) }}</strong>
    <span v-if="lost.length > 0" class="soft">&nbsp;{{ lost.join('; ') }}</span>
  </div>
</template>

<style scoped>
.seen {
  position: absolute;
  left: 12px;
  right: 12px;
  bottom: 60px;
  padding: 5px 10px;
  border-radius: var(--radius);
  background: color-mix(in srgb, var(--paper) 90%, transparent);
}
</style>
