<script setup lang="ts">
import { numberedId, type Look } from '@hestiad/core'
import { X } from '@lucide/vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import LengthField from '../shell/LengthField.vue'
import { useLook } from '../stores/lookStore.js'

/** The wall behind a sideboard, a mantel or a shelf: its pictures and sockets. */
defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const sizes = ['xMm', 'widthMm', 'bottomMm', 'heightMm'] as const

function addArt(): void {
  store.edit('room', (d) => {
    const { behind } = d.room
    behind?.art.push({ id: numberedId('art', behind.art), name: t('seats.picture'), xMm: 0, widthMm: 600, bottomMm: 1200, heightMm: 500 })
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
    <div v-for="(art, i) in look.room.behind.art" :key="art.id" class="item">
      <strong class="small">{{ art.name }} {{ i + 1 }}</strong>
      <button class="plain" :aria-label="t('seats.dropPicture', { n: i + 1 })" @click="store.edit('room', (d) => void d.room.behind?.art.splice(i, 1))">
        <X :size="15" />
      </button>
      <LengthField
        v-for="size in sizes"
        :key="size"
        :label="t(`seats.pictureSizes.${size}`)"
        :model-value="art[size]"
        :min-mm="size === 'xMm' ? -5000 : size === 'bottomMm' ? 0 : 20"
        :max-mm="5000"
        @update:model-value="store.edit('room', (d) => void (d.room.behind && (d.room.behind.art[i]![size] = $event)))"
      />
    </div>
    <div v-for="(socket, i) in look.room.behind.sockets" :key="`s${i}`" class="item">
      <strong class="small">{{ t('seats.socket') }} {{ i + 1 }}</strong>
      <button class="plain" :aria-label="t('seats.dropSocket', { n: i + 1 })" @click="store.edit('room', (d) => void d.room.behind?.sockets.splice(i, 1))">
        <X :size="15" />
      </button>
      <LengthField
        v-for="size in ['xMm', 'heightMm'] as const"
        :key="size"
        :label="t(size === 'xMm' ? 'seats.pictureSizes.xMm' : 'seats.aboveFloor')"
        :model-value="socket[size]"
        :min-mm="size === 'xMm' ? -5000 : 0"
        :max-mm="5000"
        @update:model-value="store.edit('room', (d) => void (d.room.behind && (d.room.behind.sockets[i]![size] = $event)))"
      />
    </div>
    <div class="row">
      <button class="plain link small" @click="addArt">{{ t('seats.addPicture') }}</button>
      <button class="plain link small" @click="addSocket">{{ t('seats.addSocket') }}</button>
    </div>
  </template>
</template>

<style scoped>
.item {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 8px;
  align-items: end;
}

.item > button {
  justify-self: end;
}

.row {
  gap: 14px;
}

p {
  margin: 0;
}
</style>
