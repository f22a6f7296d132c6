<script setup lang="ts">
import { pieceIndex, type Figures, type Lift, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { list } from '../findings/findingWords.js'
import { usePreferences } from '../stores/preferences.js'

/** What leaves for the meal: the sums, then lift by lift what one carries and where to. */
const props = defineProps<{ look: Look; clearing: Figures['stability']['clearing'] }>()
const { t } = useI18n()
const { length, weight } = usePreferences()
const tray = computed(() => props.look.pieces.find((piece) => piece.id === props.clearing.trayId)?.name)
const sums = computed(() =>
  t('compose.clearing', {
    lifts: t('compose.lifts', { n: props.clearing.lifts.length }, props.clearing.lifts.length),
    s: props.clearing.seconds,
    kg: weight(props.clearing.grams),
    side: length(props.clearing.sideMm)
  })
)
const index = computed(() => pieceIndex(props.look))
const nameOf = (id: string) => index.value.get(props.look.centerpiece.find((placed) => placed.id === id)?.pieceId ?? '')?.name ?? id
/** Names with their counts: what is lifted together may be five alike. */
function names(ids: readonly string[]): string {
  const counts = new Map<string, number>()
  for (const name of ids.map(nameOf)) counts.set(name, (counts.get(name) ?? 0) + 1)
  return list([...counts].map(([name, n]) => (n === 1 ? name : `${n} × ${name}`)))
}
const said = ({ placedIds, by, to }: Lift) => [names(placedIds), t(`compose.liftBy.${by}`), ...(to ? [t(`compose.liftTo.${to}`)] : [])].join(', ')
</script>

<template>
  <p v-if="clearing.pieces === 0">{{ t('compose.nothingToClear') }}</p>
  <template v-else>
    <p>
      {{ sums }}<template v-if="tray"> {{ t('compose.tray', { tray }) }}</template>
    </p>
    <ol>
      <li v-for="lift in clearing.lifts" :key="lift.placedIds[0]">{{ said(lift) }}</li>
    </ol>
    <p v-if="clearing.lifts[0]?.to === null" class="soft">{{ t('compose.liftToUnsaid') }}</p>
  </template>
</template>

<style scoped>
p {
  margin: 0;
}

ol {
  margin: 2px 0;
  padding-left: 18px;
}
</style>
