<script setup lang="ts">
import { numberedId, type Look, type makeEdit } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import { useLook } from '../stores/lookStore.js'
import WallItem from './WallItem.vue'

/** The wall behind a sideboard, a mantel or a shelf: its pictures and sockets. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
type Draft = Parameters<Parameters<typeof makeEdit>[2]>[0]

/** Pictures and sockets alike: what each is called, its measures, and how one or all of it changes. */
const items = computed(() => {
  const leastMm = { xMm: -5000, bottomMm: 0, widthMm: 20, heightMm: 20 }
  const art = (props.look.room.behind?.art ?? []).map((one, i) => ({
    key: one.id,
    name: `${one.name} ${i + 1}`,
    drop: t('seats.dropPicture', { n: i + 1 }),
    remove: (d: Draft) => void d.room.behind?.art.splice(i, 1),
    sizes: (['xMm', 'widthMm', 'bottomMm', 'heightMm'] as const).map((size) => ({
      label: t(`seats.pictureSizes.${size}`),
      mm: one[size],
      leastMm: leastMm[size],
      set: (d: Draft, mm: number) => void (d.room.behind && (d.room.behind.art[i]![size] = mm))
    }))
  }))
  const sockets = (props.look.room.behind?.sockets ?? []).map((one, i) => ({
    key: `socket-${i}`,
    name: `${t('seats.socket')} ${i + 1}`,
    drop: t('seats.dropSocket', { n: i + 1 }),
    remove: (d: Draft) => void d.room.behind?.sockets.splice(i, 1),
    sizes: (['xMm', 'heightMm'] as const).map((size) => ({
      label: t(size === 'xMm' ? 'seats.pictureSizes.xMm' : 'seats.aboveFloor'),
      mm: one[size],
      leastMm: size === 'xMm' ? -5000 : 0,
      set: (d: Draft, mm: number) => void (d.room.behind && (d.room.behind.sockets[i]![size] = mm))
    }))
  }))
  return [...art, ...sockets]
})

function addArt(): void {
  store.edit('room', (d) => {
    const { behind } = d.room
    behind?.art.push({ id: numberedId('art', behind.art), name: t('seats.picture'), kind: 'picture', xMm: 0, widthMm: 600, bottomMm: 1200, heightMm: 500 })
  })
}

function addSocket(): void {
  store.edit('room', (d) => void d.room.behind?.sockets.push({ xMm: 300, heightMm: d.table.heightMm + 100 }))
}
</script>

<template>
  <CheckField
    :label="t('seats.oneSide')"
    :model-value="look.room.behind !== null"
    @update:model-value="store.edit('room', (d) => void (d.room.behind = $event ? { art: [], sockets: [] } : null))"
  />
  <template v-if="look.room.behind">
    <p class="soft small">{{ t('seats.oneSideHint') }}</p>
    <WallItem
      v-for="item in items"
      :key="item.key"
      :name="item.name"
      :drop="item.drop"
      :sizes="item.sizes"
      @set="(size, mm) => store.edit('room', (d) => item.sizes[size]?.set(d, mm))"
      @remove="store.edit('room', item.remove)"
    />
    <div class="row">
      <button class="plain link small" @click="addArt">{{ t('seats.addPicture') }}</button>
      <button class="plain link small" @click="addSocket">{{ t('seats.addSocket') }}</button>
    </div>
  </template>
</template>

<style scoped>
.row {
  gap: 14px;
}

p {
  margin: 0;
}
</style>
