<script setup lang="ts">
import { addLayer, pieceIndex, removeLayer, takeIn, type KindKey, type Look, type Piece } from '@hestiad/core'
import { X } from '@lucide/vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import PieceSelect from '../shell/PieceSelect.vue'
import ShopPicker from '../shops/ShopPicker.vue'
import { useLook } from '../stores/lookStore.js'

/** Plates or glasses of a setting in their order: what is owned of each, taken out or added, from the house or the shops. */
const props = defineProps<{
  look: Look
  kind: KindKey
  of: 'plateIds' | 'glassIds'
  ids: readonly string[]
  pieces: readonly Piece[]
  title: string
  add: string
}>()
const { t } = useI18n()
const store = useLook()
const index = computed(() => pieceIndex(props.look))
const laid = computed(() => props.ids.flatMap((id) => index.value.get(id) ?? []))
const own = (piece: Piece) => t('settings.own', { owned: piece.owned, needed: props.look.guests.length })
</script>

<template>
  <div>
    <h3>{{ title }}</h3>
    <ul>
      <li v-for="(piece, i) in laid" :key="`${piece.id} ${i}`">
        <span class="dot" :style="{ background: piece.color, borderColor: piece.accent }" />
        <span
          >{{ piece.name }} <span class="soft small">{{ own(piece) }}</span></span
        >
        <el-button class="plain" :aria-label="t('settings.remove', { name: piece.name })" @click="store.run(removeLayer, kind, of, i)">
          <X :size="14" />
        </el-button>
      </li>
    </ul>
    <PieceSelect :label="add" :model-value="null" :pieces="pieces" none="…" @update:model-value="$event && store.run(addLayer, kind, of, $event)" />
    <ShopPicker :look="look" :kind="of === 'plateIds' ? 'plate' : 'glass'" @take="store.run(takeIn, $event, (now, id) => addLayer(now, kind, of, id))" />
  </div>
</template>

<style scoped>
ul {
  display: grid;
  gap: 4px;
  margin: 6px 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 16px 1fr 20px;
  gap: 8px;
  align-items: center;
}

.dot {
  width: 14px;
  height: 14px;
  border: 2px solid;
  border-radius: 50%;
}
</style>
