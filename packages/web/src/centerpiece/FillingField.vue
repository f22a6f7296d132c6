<script setup lang="ts">
import { addDays, fillingCount, fillingDepthMm, fillings, freshDays, layFilling, takeFilling, type Look, type Standing } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatDate } from '../shell/dates.js'
import LengthField from '../shell/LengthField.vue'
import SelectField from '../shell/SelectField.vue'
import { useLook } from '../stores/lookStore.js'

/** What lies loose in a vessel, a box or a basket: how much of it that takes, how long it keeps, and what to heed. */
const props = defineProps<{ look: Look; standing: Standing }>()
const { t } = useI18n()
const store = useLook()
const filling = computed(() => props.standing.placed.filling)
const depthMm = computed(() => fillingDepthMm(props.standing.piece) ?? 0)
const free = computed(() => fillings(props.look, props.standing.placed.id))
const chosen = computed(() => free.value.find(({ piece }) => piece.id === filling.value?.pieceId))
/** A first third of the depth. */
const heightMm = computed(() => filling.value?.heightMm ?? Math.max(1, Math.round(depthMm.value / 3)))
const lay = (pieceId: string, mm: number) => store.run(layFilling, props.standing.placed.id, pieceId, mm)
const choices = computed(() =>
  free.value
    .filter(({ piece }) => fillingCount(props.standing.piece, piece, heightMm.value) !== null)
    .map(({ piece, free: count }) => ({ value: piece.id, label: t('centerpiece.fillingFree', { name: piece.name, count }) }))
)

const told = computed(() => {
  if (!filling.value || !chosen.value) return []
  const { count } = filling.value
  const { piece, free: has } = chosen.value
  const days = freshDays(piece.material)
  const { toddlers, cats, dogs } = props.look.household
  const grown = piece.material === 'fruit' || piece.material === 'plant' || piece.material === 'dried'
  return [
    piece.kind === 'supply' ? t('centerpiece.fillingCups', { count }, count) : t('centerpiece.fillingCloths', { count }, count),
    ...(count > has ? [t('centerpiece.fillingShort', { count: count - has })] : []),
    ...(days === null ? [] : [t('centerpiece.fillingFresh', { days, day: formatDate(addDays(props.look.occasion.date, -days)) })]),
    ...(piece.kind === 'supply' && toddlers ? [t('centerpiece.fillingToddlers')] : []),
    ...(grown && (cats || dogs) ? [t('centerpiece.fillingPets')] : [])
  ]
})
</script>

<template>
  <div class="stack filling">
    <div class="pair">
      <SelectField
        :class="{ wide: !filling }"
        :label="t('centerpiece.filling')"
        :model-value="filling?.pieceId ?? null"
        :none="t('centerpiece.fillingNone')"
        :choices="choices"
        @update:model-value="lay($event, heightMm)"
        @none="store.run(takeFilling, standing.placed.id)"
      />
      <LengthField
        v-if="filling"
        :label="t('centerpiece.fillingHeight')"
        :model-value="heightMm"
        :min-mm="1"
        :max-mm="depthMm"
        @update:model-value="lay(filling.pieceId, $event)"
      />
    </div>
    <p v-for="line in told" :key="line" class="soft small">{{ line }}</p>
  </div>
</template>

<style scoped>
.filling {
  gap: 4px;
}

.wide {
  grid-column: 1 / -1;
}

p {
  margin: 0;
}
</style>
