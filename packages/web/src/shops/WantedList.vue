<script setup lang="ts">
import { buyList, pieceSize, setStates, type CupboardItem, type Look, type Piece } from '@hestiad/core'
import { computed, onMounted, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import { formatDate } from '../shell/dates.js'
import { usePreferences } from '../stores/preferences.js'

/** What is still looked for: gaps of coming looks, and what whole sets lack; with sizes and colors, to carry along and print. */
const { t } = useI18n()
const { length } = usePreferences()
const items = shallowRef<readonly CupboardItem[]>([])
const wantedLooks = shallowRef<readonly Look[]>([])
onMounted(async () => {
  items.value = (await api.getCupboard().catch(() => undefined))?.items ?? []
  const all = (await api.listOccasions().catch(() => undefined))?.occasions ?? []
  const looks = await Promise.all(all.flatMap((occasion) => occasion.looks.slice(0, 1)).map((look) => api.getLook(look.id).catch(() => undefined)))
  wantedLooks.value = looks.flatMap((answer) => (answer ? [answer.look] : []))
})

interface Wanted {
  readonly piece: Piece
  readonly count: number
  readonly why: string
}
const wanted = computed<Wanted[]>(() => {
  const gaps = wantedLooks.value.flatMap((look) =>
    buyList(look)
      .lines.filter((line) => line.gapPieces > 0)
      .map((line) => ({ piece: line.need.piece, count: line.gapPieces, why: `${look.occasion.title}, ${formatDate(look.occasion.date)}` }))
  )
  const byId = new Map(items.value.map((item) => [item.piece.id, item.piece]))
  const sets = setStates(items.value).flatMap((set) =>
    set.pieces.filter((one) => one.missing > 0 && byId.has(one.pieceId)).map((one) => ({ piece: byId.get(one.pieceId)!, count: one.missing, why: set.name }))
  )
  return [...gaps, ...sets]
})
</script>

<template>
  <section v-if="wanted.length > 0" class="wanted">
    <h2>{{ t('shops.wanted') }}</h2>
    <ul>
      <li v-for="(one, i) in wanted" :key="i">
        <span class="swatch" :style="{ background: one.piece.color, borderColor: one.piece.accent }" /><strong>{{ one.count }} × {{ one.piece.name }}</strong>
        <span class="soft small">{{ pieceSize(one.piece, length) }} · {{ one.piece.material }} · {{ one.piece.color }} · {{ one.why }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.wanted {
  margin: 10px 0;
}

h2 {
  margin: 0 0 4px;
  font: 560 17px var(--serif);
}

ul {
  display: grid;
  gap: 3px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.swatch {
  width: 14px;
  height: 14px;
  border: 2px solid;
  border-radius: 50%;
}
</style>
