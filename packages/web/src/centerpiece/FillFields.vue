<script setup lang="ts">
import FoldAway from '../shell/FoldAway.vue'
import { fillSpots, fillWith, isStanding, mixIn, pieceIndex, spareCount, type FillSpot, type Look, type Piece, type Standing } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import CountField from '../shell/CountField.vue'
import PieceSelect from '../shell/PieceSelect.vue'
import { useLook } from '../stores/lookStore.js'

/** Fills a bowl, a tray, a level of a stand or a lantern: with one thing, side by side and heaped, or with up to three by its length. */
const props = defineProps<{ look: Look; standing: Standing }>()
const { t, locale } = useI18n()
const store = useLook()
const open = ref(false)
const MOST_KINDS = 3
const chosen = ref<(string | null)[]>([])
const wished = ref<number | null>(null)
/** What bowls are filled with first comes first. */
const isFruit = (piece: Piece) => piece.kind === 'ornament' && (piece.form === 'fruit' || piece.form === 'pods')
const things = computed(() =>
  props.look.pieces
    .filter(
      (piece) => isStanding(piece) && (piece.kind === 'ornament' || piece.kind === 'holder' || piece.kind === 'vessel') && piece.id !== props.standing.piece.id
    )
    .map((piece) => ({ piece, spare: spareCount(props.look, piece) }))
    .sort((a, b) => Number(b.spare > 0) - Number(a.spare > 0) || Number(isFruit(b.piece)) - Number(isFruit(a.piece)))
    .map(({ piece }) => piece)
)
const kinds = computed(() => {
  const ids = [chosen.value[0] ?? things.value[0]?.id ?? null, ...chosen.value.slice(1)]
  return ids.filter((id): id is string => id !== null)
})
/** The highest level that takes any, the table of a plain tray being its only one. */
const room = computed((): { level: number; spots: readonly FillSpot[] } | null => {
  const first = kinds.value[0]
  if (!open.value || !first) return null
  const levels = props.standing.piece.kind === 'tray' ? props.standing.piece.upper.length : 0
  for (let level = levels; level >= 0; level--) {
    const spots = fillSpots(props.look, props.standing.placed.id, first, level) ?? []
    if (spots.length > 0) return { level, spots }
  }
  return null
})
const spareOf = (id: string) => Math.max(0, spareCount(props.look, pieceIndex(props.look).get(id)!))
const beside = computed(() => room.value?.spots.filter(({ heaped }) => !heaped).length ?? 0)
const count = computed(() => {
  const fits = room.value?.spots.length ?? 0
  const spare = kinds.value[0] ? spareOf(kinds.value[0]) : 0
  return Math.min(wished.value ?? (spare > 0 ? spare : fits), fits)
})
const mixed = computed(() => (room.value && kinds.value.length > 1 ? mixIn(props.look, props.standing.placed.id, kinds.value, room.value.level) : null))
const counts = computed(() => mixed.value?.counts ?? (kinds.value[0] && count.value > 0 ? [{ pieceId: kinds.value[0], count: count.value }] : []))
const told = computed((): string[] => {
  if (!room.value || counts.value.length === 0) return [t('compose.fillNone')]
  const missing = counts.value.reduce((sum, one) => sum + Math.max(0, one.count - spareOf(one.pieceId)), 0)
  const named = counts.value.map((one) => t('compose.fillCount', { count: one.count, name: pieceIndex(props.look).get(one.pieceId)!.name }))
  const heaped = room.value.spots.length - beside.value
  return [
    mixed.value ? t('compose.fillMixed', { list: new Intl.ListFormat(locale.value, { style: 'long', type: 'conjunction' }).format(named) }) : '',
    mixed.value || beside.value === 0 ? '' : t('compose.fillTold', { fits: beside.value }, beside.value),
    mixed.value || heaped === 0 ? '' : t(beside.value === 0 ? 'compose.fillOnTop' : 'compose.fillHeaped', { heaped }, heaped),
    missing === 0 ? '' : t('compose.fillMissing', { missing }, missing)
  ].filter((line) => line !== '')
})

function choose(rank: number, id: string | null): void {
  const next = Array.from({ length: MOST_KINDS }, (_, i) => chosen.value[i] ?? null)
  next[rank] = id
  chosen.value = next
  wished.value = null
}

function put(): void {
  const onId = props.standing.placed.id
  if (!room.value || !kinds.value[0]) return
  store.apply(mixed.value?.edit ?? fillWith(props.look, onId, kinds.value[0], count.value, room.value.level))
  wished.value = null
}
</script>

<template>
  <FoldAway v-if="things.length > 0" class="small" :title="t('compose.fill')" @opened="open = $event">
    <PieceSelect :label="t('compose.garlandOf')" :model-value="kinds[0] ?? null" :pieces="things" @update:model-value="choose(0, $event)" />
    <PieceSelect
      v-for="rank in Math.min(MOST_KINDS - 1, kinds.length)"
      :key="rank"
      :label="t('compose.fillAnd')"
      :none="t('compose.fillOnly')"
      :model-value="chosen[rank] ?? null"
      :pieces="things.filter(({ id }) => id === chosen[rank] || !kinds.includes(id))"
      @update:model-value="choose(rank, $event)"
    />
    <div class="row">
      <CountField
        v-if="!mixed"
        :label="t('compose.fillMany')"
        :model-value="count"
        :min="0"
        :max="room?.spots.length ?? 0"
        @update:model-value="wished = $event"
      />
      <el-button size="small" :disabled="counts.length === 0" @click="put">{{
        t('compose.fillDo', { n: counts.reduce((sum, one) => sum + one.count, 0) })
      }}</el-button>
    </div>
    <p class="soft">{{ told.join(' ') }}</p>
  </FoldAway>
</template>

<style scoped>
.row {
  align-items: end;
  gap: 8px;
}

.row > :first-child {
  flex: 1;
}

p {
  margin: 0;
}
</style>
