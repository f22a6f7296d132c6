<script setup lang="ts">
import { addLayer, kindsByPlace, moveLayer, pieceIndex, removeLayer, seatPlan, settingOf, takeIn, type KindKey, type Look, type Piece } from '@hestiad/core'
import { GripVertical, X } from '@lucide/vue'
import { computed, nextTick, useTemplateRef } from 'vue'
import { VueDraggable } from 'vue-draggable-plus'
import { useI18n } from 'vue-i18n'
import PieceSelect from '../shell/PieceSelect.vue'
import ShopPicker from '../shops/ShopPicker.vue'
import { useLook } from '../stores/lookStore.js'

/** Plates or glasses of a setting: what is owned of each, taken out or added, from the house or the shops; plates in their order, which is changed here. */
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
const rows = computed(() => laid.value.map((piece, i) => ({ piece, key: `${piece.id} ${props.ids.slice(0, i).filter((id) => id === piece.id).length}` })))
/** Glasses stand by what is drunk of them, whatever their order here. */
const movable = computed(() => props.of === 'plateIds' && laid.value.length > 1)
const grips = useTemplateRef<{ readonly $el: HTMLElement }[]>('grips')

/** Moves by the keys, and keeps the key on what is moved. */
async function step(from: number, by: -1 | 1): Promise<void> {
  const to = from + by
  if (to < 0 || to >= laid.value.length) return
  store.run(moveLayer, props.kind, props.of, from, to)
  await nextTick()
  grips.value?.[to]?.$el.focus()
}

/** At how many places each piece of this layer lies, of whatever kind their settings are. */
const needed = computed(() => {
  const counts = new Map<string, number>()
  for (const key of kindsByPlace(props.look, seatPlan(props.look).places))
    for (const id of settingOf(props.look, key)[props.of]) counts.set(id, (counts.get(id) ?? 0) + 1)
  return counts
})
const own = (piece: Piece) => t('settings.own', { owned: piece.owned, needed: needed.value.get(piece.id) ?? 0 })
</script>

<template>
  <div>
    <h3>{{ title }}</h3>
    <VueDraggable
      tag="ul"
      :model-value="rows"
      handle=".grip"
      :animation="140"
      :disabled="!movable"
      @update="store.run(moveLayer, kind, of, $event.oldIndex ?? 0, $event.newIndex ?? 0)"
    >
      <li v-for="({ piece, key }, i) in rows" :key="key" :class="{ movable }">
        <el-button
          v-if="movable"
          ref="grips"
          class="plain grip"
          :aria-label="t('settings.moveLayer', { name: piece.name })"
          :title="t('settings.moveKeys')"
          @keydown.up.prevent.stop="step(i, -1)"
          @keydown.down.prevent.stop="step(i, 1)"
          ><GripVertical :size="15" aria-hidden="true"
        /></el-button>
        <span class="dot" :style="{ background: piece.color, borderColor: piece.accent }" />
        <span
          >{{ piece.name }} <span class="soft small">{{ own(piece) }}</span></span
        >
        <el-button class="plain" :aria-label="t('settings.remove', { name: piece.name })" @click="store.run(removeLayer, kind, of, i)">
          <X :size="14" />
        </el-button>
      </li>
    </VueDraggable>
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

li.movable {
  grid-template-columns: 18px 16px 1fr 20px;
}

.grip {
  color: var(--soft-ink);
  cursor: grab;
  touch-action: none;
}

.dot {
  width: 14px;
  height: 14px;
  border: 2px solid;
  border-radius: 50%;
}
</style>
